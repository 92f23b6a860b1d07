import type { Picture } from '../core/pictures/index.ts';
import type { SimulatedChild } from '../core/simulation/index.ts';

/** A child of the made-up class and what it really does, so that what Hoppel says about it can be checked. */
export interface DemoChild {
  readonly name: string;
  readonly picture: Picture;
  readonly behaves: SimulatedChild;
}

const knows = (slip = 0.02): SimulatedChild => ({ rule: undefined, faith: 0, slip });
const swaps: SimulatedChild = { rule: 'hands-swapped', faith: 0.8, slip: 0.05 };
const readsNumeral: SimulatedChild = { rule: 'numeral-as-minutes', faith: 0.8, slip: 0.05 };

/** Clover Room at Quillbrook School: 22 made-up children of a first grade with a kitchen garden. */
export const CLOVER_ROOM: readonly DemoChild[] = [
  { name: 'Ada', picture: 'radish', behaves: knows(0) },
  { name: 'Bram', picture: 'snail', behaves: swaps },
  { name: 'Cleo', picture: 'watering-can', behaves: knows() },
  { name: 'Davi', picture: 'bean', behaves: knows() },
  { name: 'Elif', picture: 'wren', behaves: knows(0.1) },
  { name: 'Finn', picture: 'carrot', behaves: knows() },
  { name: 'Goran', picture: 'ladybird', behaves: knows(0.15) },
  { name: 'Hana', picture: 'pumpkin', behaves: knows() },
  { name: 'Ida', picture: 'bee', behaves: readsNumeral },
  { name: 'Juno', picture: 'chestnut', behaves: knows() },
  { name: 'Kofi', picture: 'sunflower', behaves: knows(0) },
  { name: 'Lotte', picture: 'pea-pod', behaves: swaps },
  { name: 'Marek', picture: 'worm', behaves: readsNumeral },
  { name: 'Nia', picture: 'strawberry', behaves: knows() },
  { name: 'Otis', picture: 'boot', behaves: swaps },
  { name: 'Pia', picture: 'butterfly', behaves: knows() },
  { name: 'Quinn', picture: 'leaf', behaves: knows() },
  { name: 'Rosa', picture: 'tomato', behaves: knows() },
  { name: 'Sami', picture: 'mushroom', behaves: knows(0) },
  { name: 'Theo', picture: 'onion', behaves: knows(0.45) },
  { name: 'Uma', picture: 'feather', behaves: knows() },
  { name: 'Vito', picture: 'trowel', behaves: readsNumeral },
];

/** The child who missed the last ticket, the day before today's lesson. */
export const AWAY_AT_TICKET = 'Nia';

/** Place in the unit of the lesson that falls on today: "O'clock: read and set". */
export const TODAYS_LESSON = 8;

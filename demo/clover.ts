import type { Picture } from '../core/pictures/index.ts';
import { following, knowing, type SimulatedChild } from '../core/simulation/index.ts';

/** A child of the made-up class and what it really does, so that what Hoppel says about it can be checked. */
export interface DemoChild {
  readonly name: string;
  readonly picture: Picture;
  readonly behaves: SimulatedChild;
}

const swaps = following('hands-swapped');

/** Clover Room at Quillbrook School: 22 made-up children of a first grade with a kitchen garden. */
export const CLOVER_ROOM: readonly DemoChild[] = [
  { name: 'Ada', picture: 'radish', behaves: knowing(0) },
  { name: 'Bram', picture: 'snail', behaves: swaps },
  { name: 'Cleo', picture: 'watering-can', behaves: knowing() },
  { name: 'Davi', picture: 'bean', behaves: knowing() },
  { name: 'Elif', picture: 'wren', behaves: knowing(0.1) },
  { name: 'Finn', picture: 'carrot', behaves: knowing() },
  { name: 'Goran', picture: 'ladybird', behaves: knowing(0.15) },
  { name: 'Hana', picture: 'pumpkin', behaves: knowing() },
  { name: 'Ida', picture: 'bee', behaves: following('numeral-as-minutes') },
  { name: 'Juno', picture: 'chestnut', behaves: knowing() },
  { name: 'Kofi', picture: 'sunflower', behaves: knowing(0) },
  { name: 'Lotte', picture: 'pea-pod', behaves: swaps },
  { name: 'Marek', picture: 'worm', behaves: following('coming-hour') },
  { name: 'Nia', picture: 'strawberry', behaves: knowing() },
  { name: 'Otis', picture: 'boot', behaves: swaps },
  { name: 'Pia', picture: 'butterfly', behaves: knowing() },
  { name: 'Quinn', picture: 'leaf', behaves: knowing() },
  { name: 'Rosa', picture: 'tomato', behaves: knowing() },
  { name: 'Sami', picture: 'mushroom', behaves: knowing(0) },
  { name: 'Theo', picture: 'onion', behaves: knowing(0.45) },
  { name: 'Uma', picture: 'feather', behaves: knowing() },
  { name: 'Vito', picture: 'trowel', behaves: following('anticlockwise') },
];

/** The child who missed the last ticket, the day before today's lesson. */
export const AWAY_AT_TICKET = 'Nia';

/** Place in the unit of the lesson that falls on today: "O'clock: read and set". */
export const TODAYS_LESSON = 8;

import type { DayEvent } from '../items/index.ts';
import type { Picture } from './pictures.ts';

/** Drawings of what happens in a school day. */
export const EVENT_PICTURES: Readonly<Record<DayEvent, Picture>> = {
  arrive: 'boot',
  'garden-round': 'watering-can',
  'number-time': 'bean',
  snack: 'carrot',
  'outdoor-play': 'butterfly',
  lunch: 'corn',
  story: 'owl',
  'hare-feeding': 'clover',
  tidy: 'basket',
  home: 'leaf',
};

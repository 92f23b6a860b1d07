import type { Deed } from '../items/index.ts';

/** Drawings of things to do that take a second, a minute or an hour; a garden thing where there is one for it. */
export const DEED_PICTURES: Readonly<Record<Deed, string>> = {
  clap: 'clap',
  hop: 'hop',
  sneeze: 'sneeze',
  'wash-hands': 'wash-hands',
  'fill-watering-can': 'watering-can',
  'put-on-boots': 'boot',
  'bake-bread': 'bake-bread',
  'long-walk': 'long-walk',
  'school-concert': 'school-concert',
};

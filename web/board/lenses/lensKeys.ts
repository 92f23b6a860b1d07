import type { Lens } from '../../../core/face/index.ts';

/** The key of each lens on the board. */
export const LENS_KEYS: Readonly<Record<Lens, string>> = {
  'half-turn': 'h',
  'hours-room': 'o',
  'minute-trail': 't',
  'minute-numbers': 'm',
  quarters: 'q',
  'straight-line': 'i',
  'hour-hand-alone': 's',
  'minute-hand-alone': 'l',
  magnifier: 'z',
  'two-clocks': 'w',
  'day-strip': 'd',
  'other-face': 'n',
  'no-colours': 'b',
};

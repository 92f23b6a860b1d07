import { dayTime, type DayTime } from '../clock/index.ts';

/** Lengths of time that children tell apart. */
export const UNITS = ['second', 'minute', 'hour'] as const;
export type Unit = (typeof UNITS)[number];

/** Things to do, by about how long one takes: three of each, none near a border. Their words are in the word files. */
export const HOW_LONG = {
  clap: 'second',
  hop: 'second',
  sneeze: 'second',
  'wash-hands': 'minute',
  'fill-watering-can': 'minute',
  'put-on-boots': 'minute',
  'bake-bread': 'hour',
  'long-walk': 'hour',
  'school-concert': 'hour',
} as const satisfies Record<string, Unit>;
/** Everything whose length is asked about. */
export const DEEDS = Object.keys(HOW_LONG) as readonly (keyof typeof HOW_LONG)[];
export type Deed = keyof typeof HOW_LONG;

/** The school day that children put in order: minutes after midnight. */
export const SCHOOL_DAY = {
  arrive: dayTime(8 * 60),
  'garden-round': dayTime(8 * 60 + 30),
  'number-time': dayTime(9 * 60),
  snack: dayTime(10 * 60 + 30),
  'outdoor-play': dayTime(11 * 60),
  lunch: dayTime(12 * 60),
  story: dayTime(12 * 60 + 30),
  'hare-feeding': dayTime(13 * 60 + 30),
  tidy: dayTime(14 * 60 + 30),
  home: dayTime(15 * 60),
} as const satisfies Record<string, DayTime>;
/** The events of the school day, in order. */
export const DAY_EVENTS = Object.keys(SCHOOL_DAY) as readonly (keyof typeof SCHOOL_DAY)[];
export type DayEvent = keyof typeof SCHOOL_DAY;

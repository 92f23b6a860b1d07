import type { Phrase } from '../wording/index.ts';

/** Lengths of time, shortest first. */
export const SPANS = ['second', 'minute', 'hour', 'day'] as const;
export type Span = (typeof SPANS)[number];

/** How long something takes, and the unit that would be far too short or far too long for it. */
interface Length {
  readonly amount: number;
  readonly span: Span;
  readonly instead: Span;
  /** A drawing that ships with the interface. */
  readonly picture: string;
}
const takes = (amount: number, span: Span, instead: Span, picture: string): Length => ({
  amount,
  span,
  instead,
  picture,
});

/**
 * About how long things of a child's day take, and a length that cannot be meant: the same number of another unit, at least twelve
 * times as long or as short, so that nobody has to measure. The words are in the word files, `clock.deeds`.
 */
export const LENGTHS = {
  clap: takes(1, 'second', 'minute', 'clap'),
  hop: takes(1, 'second', 'hour', 'hop'),
  sneeze: takes(1, 'second', 'minute', 'sneeze'),
  blink: takes(1, 'second', 'minute', 'owl'),
  'bite-carrot': takes(2, 'second', 'hour', 'carrot'),
  'jump-puddle': takes(2, 'second', 'minute', 'frog'),
  'crack-egg': takes(2, 'second', 'hour', 'egg'),
  'pick-strawberry': takes(2, 'second', 'hour', 'strawberry'),
  'drop-bean': takes(1, 'second', 'day', 'bean'),
  'wash-hands': takes(1, 'minute', 'hour', 'wash-hands'),
  'fill-watering-can': takes(2, 'minute', 'hour', 'watering-can'),
  'put-on-boots': takes(2, 'minute', 'hour', 'boot'),
  'brush-teeth': takes(2, 'minute', 'hour', 'pea-pod'),
  'sing-song': takes(2, 'minute', 'day', 'wren'),
  'feed-hare': takes(5, 'minute', 'hour', 'clover'),
  'peel-potato': takes(2, 'minute', 'day', 'potato'),
  'eat-pear': takes(5, 'minute', 'second', 'pear'),
  'tidy-basket': takes(5, 'minute', 'day', 'basket'),
  'get-dressed': takes(5, 'minute', 'second', 'feather'),
  'read-story': takes(10, 'minute', 'second', 'hedgehog'),
  'bake-bread': takes(2, 'hour', 'minute', 'bake-bread'),
  'long-walk': takes(2, 'hour', 'second', 'long-walk'),
  'school-concert': takes(1, 'hour', 'second', 'school-concert'),
  'school-day': takes(7, 'hour', 'minute', 'bucket'),
  'night-sleep': takes(10, 'hour', 'minute', 'leaf'),
  'cook-soup': takes(1, 'hour', 'second', 'pumpkin'),
  'wake-to-wake': takes(1, 'day', 'hour', 'sunflower'),
  weekend: takes(2, 'day', 'hour', 'butterfly'),
  'radish-grows': takes(30, 'day', 'minute', 'radish'),
  'seed-sprouts': takes(7, 'day', 'minute', 'seedling'),
} as const satisfies Readonly<Record<string, Length>>;
export type TimedDeed = keyof typeof LENGTHS;
export const TIMED_DEEDS = Object.keys(LENGTHS) as readonly TimedDeed[];

/** Seconds of a unit. */
export const SECONDS_OF: Readonly<Record<Span, number>> = { second: 1, minute: 60, hour: 3600, day: 86_400 };

/** "2 minutes". @param amount 1 or more */
export const lengthPhrase = (amount: number, span: Span): Phrase => ({
  key: `clock.spans.${amount === 1 ? 'one' : 'many'}.${span}`,
  values: { count: amount },
});

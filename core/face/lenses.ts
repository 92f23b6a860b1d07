import { DIAL_MINUTES, angleOfPoint, gearedAngles, type FacePoint } from '../clock/index.ts';
import { HAND_TIPS, RIM_WIDTH } from './geometry.ts';
import { outlineRadius, type Outline } from './outline.ts';
import { pointAt } from './point.ts';

/** Layers that can be put over a clock to make one thing seen. */
export const LENSES = [
  'half-turn',
  'hours-room',
  'minute-trail',
  'minute-numbers',
  'quarters',
  'straight-line',
  'hour-hand-alone',
  'minute-hand-alone',
  'magnifier',
  'two-clocks',
  'day-strip',
  'other-face',
  'no-colours',
] as const;
export type Lens = (typeof LENSES)[number];

/** Lenses that cannot be looked through together: each hand alone, and what takes the same place on the screen. */
const APART: readonly (readonly Lens[])[] = [
  ['hour-hand-alone', 'minute-hand-alone'],
  ['two-clocks', 'magnifier'],
  ['two-clocks', 'day-strip'],
];

/** The lenses that are on after one was put over the clock or taken away; one that cannot stay beside it goes. */
export const toggleLens = (on: readonly Lens[], lens: Lens): Lens[] => {
  if (on.includes(lens)) return on.filter((other) => other !== lens);
  const kept = on.filter((other) => !APART.some((pair) => pair.includes(lens) && pair.includes(other)));
  // In the order of the list, so that the same lenses are the same state whichever came first.
  return LENSES.filter((other) => other === lens || kept.includes(other));
};

/** A part of the dial between two directions, in degrees clockwise from 12; `to` is larger than `from`, by 360 at most. */
export interface DialSector {
  readonly from: number;
  readonly to: number;
}

/** The room of an hour: the 30 degrees from its numeral to the next, where the hour hand is for the whole hour. */
export const hoursRoom = (hour: number): DialSector => {
  if (!Number.isInteger(hour) || hour < 1 || hour > 12) throw new RangeError(`${hour} is not a numeral 1..12`);
  const from = (hour % 12) * 30;
  return { from, to: from + 30 };
};

/**
 * The room of the hour that a time belongs to, and how much of it the hour hand has left behind, 0..1.
 * @param minutes where the clock stands, unwrapped, whole or not: the hand is in the room until the very end
 */
export const roomAt = (minutes: number): DialSector & { readonly passed: number; readonly hour: number } => {
  const hour = Math.floor((((minutes % DIAL_MINUTES) + DIAL_MINUTES) % DIAL_MINUTES) / 60) || 12;
  return { ...hoursRoom(hour), hour, passed: minutes / 60 - Math.floor(minutes / 60) };
};

/** From straight up to straight down, clockwise: half a turn of the minute hand. */
export const HALF_TURN: DialSector = { from: 0, to: 180 };

/** The way the minute hand has come, and what is counted on it. */
export interface MinuteTrail extends DialSector {
  /** Whole minutes counted, 0..60. */
  readonly count: number;
}

/**
 * What the minute hand has swept since the hour began, at most once round; empty at o'clock.
 * @param minutes where the clock stands, unwrapped, whole or not
 * @param since where the counting began, unwrapped: the hour it is in unless said otherwise
 */
export const minuteTrail = (minutes: number, since = Math.floor(minutes / 60) * 60): MinuteTrail => {
  const passed = Math.min(60, Math.max(0, minutes - since));
  const from = gearedAngles(since).minute;
  return { from, to: from + passed * 6, count: Math.floor(passed + COUNTED_WITHIN) };
};

/** Minutes by which a moving hand may be short of a mark that counts as reached: rounding, nothing an eye could see. */
const COUNTED_WITHIN = 1e-6;

/** The four quarters of a turn, from 12 on, clockwise. */
export const QUARTERS: readonly DialSector[] = [0, 90, 180, 270].map((from) => ({ from, to: from + 90 }));

/**
 * The line that prolongs the hour hand to the rim: from its tip to the minute track, so that an eye sees what it points to.
 * @param minutes where the clock stands, unwrapped, whole or not
 */
export const lineToRim = (
  minutes: number,
  outline: Outline = 'round',
): { readonly from: FacePoint; readonly to: FacePoint } => {
  const { hour } = gearedAngles(minutes);
  return { from: pointAt(hour, HAND_TIPS.full.hour), to: pointAt(hour, outlineRadius(outline, hour) - RIM_WIDTH.full) };
};

/** What the magnifier looks at: a round window on the face. */
export interface TipWindow extends FacePoint {
  readonly radius: number;
}

/**
 * The window of the magnifier: round the tip of the hour hand, wide enough for the creeping of half an hour to be seen
 * (15 degrees at the tip are 15 face units).
 * @param minutes where the clock stands, unwrapped, whole or not
 */
export const tipWindow = (minutes: number, radius = 22): TipWindow => ({
  ...pointAt(gearedAngles(minutes).hour, HAND_TIPS.full.hour),
  radius,
});

/** Rounding of a direction computed from a point, in degrees: a hand on its numeral is in the room that begins there. */
const ROUNDING = 1e-9;

/** Does a point of the face lie in a sector, its edges included? The middle lies in none. */
export const isInSector = ({ x, y }: FacePoint, { from, to }: DialSector): boolean => {
  if (x === 0 && y === 0) return false;
  const beyond = (((angleOfPoint(x, y) - from) % 360) + 360) % 360;
  return beyond <= to - from + ROUNDING || beyond >= 360 - ROUNDING;
};

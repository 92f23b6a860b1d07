import { angleOfPoint, handAngles, hourOf, minuteOf, type DialTime, type FacePoint } from '../clock/index.ts';
import { HAND_TIPS } from './geometry.ts';
import { pointAt } from './point.ts';

/** Layers that can be put over a clock to make one thing seen. */
export const LENSES = [
  'half-turn',
  'hours-room',
  'minute-trail',
  'minute-numbers',
  'hour-hand-alone',
  'minute-hand-alone',
  'magnifier',
  'day-strip',
] as const;
export type Lens = (typeof LENSES)[number];

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

/** The room of the hour that a time belongs to, and how much of it the hour hand has left behind, 0..1. */
export const roomAt = (time: DialTime): DialSector & { readonly passed: number } => ({
  ...hoursRoom(hourOf(time)),
  passed: minuteOf(time) / 60,
});

/** From straight up to straight down, clockwise: half a turn of the minute hand. */
export const HALF_TURN: DialSector = { from: 0, to: 180 };

/** What the minute hand has swept since the hour began; empty at o'clock. */
export const minuteTrail = (time: DialTime): DialSector => ({ from: 0, to: handAngles(time).minute });

/** What the magnifier looks at: a round window on the face. */
export interface TipWindow extends FacePoint {
  readonly radius: number;
}

/**
 * The window of the magnifier: round the tip of the hour hand, wide enough for the creeping of half an hour to be seen
 * (15 degrees at the tip are 15 face units).
 */
export const tipWindow = (time: DialTime, radius = 22): TipWindow => ({
  ...pointAt(handAngles(time).hour, HAND_TIPS.full.hour),
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

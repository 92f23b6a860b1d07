import { angleBetween, handAngles, turnBetween } from './angles.ts';
import { DIAL_MINUTES, wrapToDial, type DialTime } from './time.ts';

/** Which way round: as the hands of a clock go, or against them. */
export const DIRECTIONS = ['clockwise', 'anticlockwise'] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** Hands nearer than this, in degrees, hide each other: a reader of drawings cannot part them with certainty. */
export const OVERLAP_WITHIN = 20;

/** Degrees between the two hands, 0 (12:00) to 180 (6:00). Clean examples have much, hard ones little. */
export const handsApart = (time: DialTime): number => {
  const { hour, minute } = handAngles(time);
  return angleBetween(hour, minute);
};

/** Do the hands lie on each other or nearly, as at 12:00 and 6:30? */
export const isNearOverlap = (time: DialTime, within = OVERLAP_WITHIN): boolean => handsApart(time) < within;

/**
 * The time a clock shows in a mirror, both hands turned the other way from 12: 3:00 becomes 9:00, 11:30 becomes 12:30.
 * Its hands are exact: 360 - t/2 is half of 720 - t, and 360 - 6t is six times it, whole turns aside.
 */
export const mirrored = (time: DialTime): DialTime => wrapToDial(DIAL_MINUTES - time);

/** The shorter way from one direction to another; none when they are equal or opposite. @param from @param to degrees */
export const directionOf = (from: number, to: number): Direction | undefined => {
  const turn = turnBetween(from, to);
  if (turn === 0 || turn === 180) return undefined;
  return turn > 0 ? 'clockwise' : 'anticlockwise';
};

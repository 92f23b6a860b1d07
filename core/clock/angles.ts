import type { DialTime } from './time.ts';

/** Where the two hands point: degrees clockwise from 12, each in [0, 360). */
export interface HandAngles {
  readonly hour: number;
  readonly minute: number;
}

/** The same direction in [0, 360). @param degrees any finite number, clockwise from 12 */
export const normaliseAngle = (degrees: number): number => {
  const rest = degrees % 360;
  // Adding 360 to a tiny negative rest would round to 360 itself, which is 12 again.
  const turned = rest < 0 ? rest + 360 : rest;
  return turned >= 360 || turned === 0 ? 0 : turned;
};

/** The shortest turn from one direction to another, in (-180, 180]; clockwise is positive. */
export const turnBetween = (from: number, to: number): number => {
  const clockwise = normaliseAngle(to - from);
  return clockwise > 180 ? clockwise - 360 : clockwise;
};

/** How far apart two directions are, 0..180 degrees. */
export const angleBetween = (a: number, b: number): number => Math.abs(turnBetween(a, b));

/**
 * Both hands of a geared clock after any number of minutes, whole or not, before or past twelve.
 * The minute hand makes 360 degrees in 60 minutes (6 a minute), the hour hand 30 an hour (a half a minute).
 */
export const gearedAngles = (minutes: number): HandAngles => ({
  hour: normaliseAngle(minutes / 2),
  minute: normaliseAngle(minutes * 6),
});

/** Where the hands of a true clock stand at a time: minute 6m, hour 30h + m/2. */
export const handAngles = (time: DialTime): HandAngles => gearedAngles(time);

/**
 * Direction of a point seen from the middle of the face: degrees clockwise from 12, in [0, 360).
 * @param x face units to the right of the middle
 * @param y face units below the middle (as on a screen)
 */
export const angleOfPoint = (x: number, y: number): number => normaliseAngle((Math.atan2(x, -y) * 180) / Math.PI);

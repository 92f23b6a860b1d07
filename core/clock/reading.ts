import { angleBetween, handAngles, normaliseAngle, type HandAngles } from './angles.ts';
import { wrapToDial, type DialTime } from './time.ts';

/** The time two hands fit best and how well they agree with it. */
export interface HandReading {
  readonly time: DialTime;
  /** Degrees the hour hand stands from its true place at that time, 0..15. */
  readonly hourOffBy: number;
  /** Degrees the minute hand stands from its true place, 0..about 4. */
  readonly minuteOffBy: number;
  /** Both together: the root of the sum of their squares, in degrees. */
  readonly residual: number;
}

/**
 * Degrees an hour hand may stand beside its place on a clock that still can be: half of the 15 that lie between the
 * hour hand on its numeral and half-way to the next, so that half past four with the hand on the 4 is not possible.
 */
export const POSSIBLE_WITHIN = 7.5;

const fit = (angles: HandAngles, time: DialTime): HandReading => {
  const exact = handAngles(time);
  const hourOffBy = angleBetween(angles.hour, exact.hour);
  const minuteOffBy = angleBetween(angles.minute, exact.minute);
  return { time, hourOffBy, minuteOffBy, residual: Math.hypot(hourOffBy, minuteOffBy) };
};

/**
 * The whole minute whose hands lie nearest to a given pair, by the sum of squared angles (least squares). The minute
 * hand is twelve times finer, so it fixes the minute and the hour hand chooses among twelve hours; only the minutes
 * beside that one can fit better still, by less than a degree. At 359.9 degrees the minute hand is on minute 0, so the
 * hour belongs to the turn just finished.
 * @param angles degrees clockwise from 12, any finite numbers
 * @throws RangeError when an angle is not finite
 */
export const readHands = (angles: HandAngles): HandReading => {
  if (!Number.isFinite(angles.hour) || !Number.isFinite(angles.minute))
    throw new RangeError(`hands at ${angles.hour} and ${angles.minute} degrees are not finite`);
  const minute = Math.round(normaliseAngle(angles.minute) / 6) % 60;
  const hour = Math.round((normaliseAngle(angles.hour) - minute / 2) / 30);
  const nearest = hour * 60 + minute;
  const first = fit(angles, wrapToDial(nearest));
  return [nearest - 1, nearest + 1].reduce((best, candidate) => {
    const other = fit(angles, wrapToDial(candidate));
    return other.residual < best.residual ? other : best;
  }, first);
};

/**
 * Could a real clock's hands stand so? Its hour hand creeps with the minute hand, so most pairs of angles never occur.
 * @param within degrees the hour hand may stray
 * @throws RangeError when an angle is not finite
 */
export const isPossible = (angles: HandAngles, within = POSSIBLE_WITHIN): boolean =>
  readHands(angles).hourOffBy <= within;

import { angleBetween, handAngles, normaliseAngle, type HandAngles } from './angles.ts';
import { wrapToDial, type DialTime } from './time.ts';

/** The time two hands show and how well they agree. */
export interface HandReading {
  readonly time: DialTime;
  /** Degrees the hour hand stands from its true place at that time, 0..15. */
  readonly hourOffBy: number;
  /** Degrees the minute hand stands from the whole minute, 0..3. */
  readonly minuteOffBy: number;
}

/**
 * The time that a pair of hands shows. The minute hand fixes the minute (it is twelve times finer); the hour is
 * the one whose true hour-hand place at that minute lies nearest the given one. Near 12 the rounding of the
 * minute decides: a minute hand at 359.9 degrees is on minute 0, so the hour belongs to the turn just finished.
 * @param angles degrees clockwise from 12, any finite numbers
 * @throws RangeError when an angle is not finite
 */
export const readHands = (angles: HandAngles): HandReading => {
  if (!Number.isFinite(angles.hour) || !Number.isFinite(angles.minute))
    throw new RangeError(`hands at ${angles.hour} and ${angles.minute} degrees are not finite`);
  const minute = Math.round(normaliseAngle(angles.minute) / 6) % 60;
  const hour = Math.round((normaliseAngle(angles.hour) - minute / 2) / 30);
  const time = wrapToDial(hour * 60 + minute);
  const exact = handAngles(time);
  return {
    time,
    hourOffBy: angleBetween(angles.hour, exact.hour),
    minuteOffBy: angleBetween(angles.minute, exact.minute),
  };
};

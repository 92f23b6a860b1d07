import { DIAL_MINUTES, hourOf, minuteOf, wrapToDial, type DialTime } from './time.ts';

/** Whole minutes after midnight, 0..1439. */
export type DayTime = number & { readonly unit: 'minutes after midnight' };

/** Minutes in a day: two turns of the hour hand. */
export const DAY_MINUTES = 2 * DIAL_MINUTES;

/** The two turns of the hour hand in a day: midnight to noon, noon to midnight. */
export const HALVES = ['am', 'pm'] as const;
export type HalfOfDay = (typeof HALVES)[number];

/** Is this a whole number of minutes after midnight, 0..1439? */
export const isDayTime = (value: number): value is DayTime =>
  Number.isInteger(value) && value >= 0 && value < DAY_MINUTES;

/**
 * The day time of that many minutes after midnight.
 * @throws RangeError unless it is a whole number 0..1439
 */
export const dayTime = (minutesAfterMidnight: number): DayTime => {
  if (!isDayTime(minutesAfterMidnight))
    throw new RangeError(`${minutesAfterMidnight} is not a whole number of minutes 0..1439`);
  return minutesAfterMidnight;
};

/** What a dial shows at a time of the day; the same twice a day. */
export const onDial = (time: DayTime): DialTime => wrapToDial(time);

/** Which turn of the hour hand it is: noon itself begins the second. */
export const halfOf = (time: DayTime): HalfOfDay => (time < DIAL_MINUTES ? 'am' : 'pm');

/** The moment of the day when a dial shows a time in one of its two turns. */
export const inHalf = (time: DialTime, half: HalfOfDay): DayTime => dayTime(half === 'am' ? time : time + DIAL_MINUTES);

/** A time of the day on a 12-hour clock: hour numeral 1..12, minute 0..59, which half. */
export const twelveHour = (
  time: DayTime,
): { readonly hour: number; readonly minute: number; readonly half: HalfOfDay } => ({
  hour: hourOf(onDial(time)),
  minute: minuteOf(onDial(time)),
  half: halfOf(time),
});

/** Where in the day a clock stands that has been turned and turned: minutes after midnight, 0 to less than 1440, whole or not. */
export const wrapToDay = (minutes: number): number => ((minutes % DAY_MINUTES) + DAY_MINUTES) % DAY_MINUTES;

/** Where a clock stands when it was turned clockwise to a moment of the day, in unwrapped minutes; at most two turns. */
export const turnOnToDay = (minutes: number, at: DayTime): number => minutes + wrapToDay(at - minutes);

/** The earliest that a school day is thought to begin: what a dial shows then and after is the morning. */
const DAY_BEGINS = 7 * 60;

/** The moment of a school day when a dial shows a time: from seven in the morning on until nearly seven in the evening. */
export const inSchoolDay = (time: DialTime): DayTime => inHalf(time, time >= DAY_BEGINS ? 'am' : 'pm');

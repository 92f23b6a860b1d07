/** Whole minutes after twelve on a twelve-hour dial, 0..719. */
export type DialTime = number & { readonly unit: 'minutes after twelve' };

/** Minutes in one turn of the hour hand. */
export const DIAL_MINUTES = 720;

/** All 720 times of a dial, from 12:00 to 11:59. */
export const ALL_DIAL_TIMES: readonly DialTime[] = Array.from({ length: DIAL_MINUTES }, (_, m) => m as DialTime);

/**
 * The dial time of that many minutes after twelve.
 * @throws RangeError unless it is a whole number 0..719
 */
export const dialTime = (minutesAfterTwelve: number): DialTime => {
  if (!isDialTime(minutesAfterTwelve))
    throw new RangeError(`${minutesAfterTwelve} is not a whole number of minutes 0..719`);
  return minutesAfterTwelve;
};

/** Is this a whole number of minutes after twelve, 0..719? */
export const isDialTime = (value: number): value is DialTime =>
  Number.isInteger(value) && value >= 0 && value < DIAL_MINUTES;

/**
 * The time an hour numeral and minutes name: `timeOf(12, 30)` is 30.
 * @param hour numeral 1..12
 * @param minute 0..59
 * @throws RangeError outside these ranges
 */
export const timeOf = (hour: number, minute = 0): DialTime => {
  if (!Number.isInteger(hour) || hour < 1 || hour > 12) throw new RangeError(`${hour} is not a numeral 1..12`);
  if (!Number.isInteger(minute) || minute < 0 || minute > 59) throw new RangeError(`${minute} is not a minute 0..59`);
  return ((hour % 12) * 60 + minute) as DialTime;
};

/** The nearest dial time to any number of minutes, before or past twelve: -1 is 11:59, 720 is 12:00. */
export const wrapToDial = (minutes: number): DialTime => {
  const rest = Math.round(minutes) % DIAL_MINUTES;
  return (rest < 0 ? rest + DIAL_MINUTES : rest === 0 ? 0 : rest) as DialTime;
};

/** The hour's numeral, 1..12: the one last passed, so 12:30 and 12:00 both belong to 12. */
export const hourOf = (time: DialTime): number => Math.floor(time / 60) || 12;

/** Minutes past the hour, 0..59. Twelve says zero, never sixty: the whole turn has just been finished. */
export const minuteOf = (time: DialTime): number => time % 60;

/** Is the minute hand straight up? */
export const isOclock = (time: DialTime): boolean => minuteOf(time) === 0;

/** Is the minute hand straight down? */
export const isHalfPast = (time: DialTime): boolean => minuteOf(time) === 30;

/** The twelve o'clock times in the order of the dial, 12:00 first. */
export const OCLOCK_TIMES: readonly DialTime[] = ALL_DIAL_TIMES.filter(isOclock);

/** The 24 times of the unit: o'clock and half past, in the order of the dial. */
export const TAUGHT_TIMES: readonly DialTime[] = ALL_DIAL_TIMES.filter((time) => time % 30 === 0);

/** Is this o'clock or half past? */
export const isTaught = (time: DialTime): boolean => time % 30 === 0;

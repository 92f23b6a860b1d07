import { Temporal } from 'temporal-polyfill';

/** A calendar day, YYYY-MM-DD. A day has no time zone: 9 o'clock on it is 9 o'clock where the school is. */
export type Day = string;

/** Days of the week as ISO 8601 counts them: 1 Monday .. 7 Sunday. */
export const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;
export type Weekday = (typeof WEEKDAYS)[number];

/** A day off, or several in a row: first and last day, both included. */
export interface DayOff {
  readonly from: Day;
  readonly to: Day;
  /** What the teacher calls it: "fire drill", "spring break". */
  readonly name: string;
}

/** The days a class can be taught on. */
export interface SchoolCalendar {
  readonly weekdays: readonly Weekday[];
  readonly daysOff: readonly DayOff[];
}

/** Every school day, nothing off. */
export const MONDAY_TO_FRIDAY: SchoolCalendar = { weekdays: [1, 2, 3, 4, 5], daysOff: [] };

const plain = (day: Day): Temporal.PlainDate => Temporal.PlainDate.from(day, { overflow: 'reject' });

/** The day so many days later (or earlier, when negative). */
export const addDays = (day: Day, days: number): Day => plain(day).add({ days }).toString();

/** Days from one day to another; negative when that is earlier. */
export const daysBetween = (from: Day, to: Day): number => plain(from).until(plain(to)).days;

/** Is this a real calendar day written YYYY-MM-DD? */
export const isDay = (text: string): boolean => {
  if (!/^\d{4}-\d\d-\d\d$/.test(text)) return false;
  try {
    plain(text);
    return true;
  } catch {
    return false;
  }
};

/** Day of the week, 1 Monday .. 7 Sunday. */
export const weekday = (day: Day): Weekday => plain(day).dayOfWeek as Weekday;

/** The Monday of a day's week. */
export const mondayOf = (day: Day): Day => addDays(day, 1 - weekday(day));

/** The day off a day falls in, if any. */
export const dayOffAt = ({ daysOff }: SchoolCalendar, day: Day): DayOff | undefined =>
  daysOff.find(({ from, to }) => from <= day && day <= to);

/** Can the class be taught on this day? */
export const isTeachingDay = (calendar: SchoolCalendar, day: Day): boolean =>
  calendar.weekdays.includes(weekday(day)) && dayOffAt(calendar, day) === undefined;

/** Days looked through for a teaching day before giving up: no school is closed for two years. */
const LOOK_THROUGH = 730;

/** The next teaching day in a direction, the day itself included. @throws RangeError when there is none within two years */
const nearestTeachingDay = (calendar: SchoolCalendar, day: Day, direction: 1 | -1): Day => {
  let date = plain(day);
  for (let looked = 0; looked < LOOK_THROUGH; looked++) {
    const candidate = date.toString();
    if (isTeachingDay(calendar, candidate)) return candidate;
    date = date.add({ days: direction });
  }
  throw new RangeError(`no teaching day within two years of ${day}`);
};

/** The day itself, or the first teaching day after it. @throws RangeError when there is none within two years */
export const teachingDayFrom = (calendar: SchoolCalendar, day: Day): Day => nearestTeachingDay(calendar, day, 1);

/**
 * The teaching day that lies so many teaching days away; 0 gives the day itself or the next teaching day.
 * @throws RangeError when the calendar has no such day
 */
export const schoolDayFrom = (day: Day, steps: number, calendar: SchoolCalendar = MONDAY_TO_FRIDAY): Day => {
  let current = teachingDayFrom(calendar, day);
  const direction = steps < 0 ? -1 : 1;
  for (let left = Math.abs(steps); left > 0; left--)
    current = nearestTeachingDay(calendar, addDays(current, direction), direction);
  return current;
};

/** So many teaching days in a row, from a day on. @throws RangeError when the calendar has no such days */
export const teachingDays = (calendar: SchoolCalendar, from: Day, count: number): Day[] => {
  const days: Day[] = [];
  for (let at = from; days.length < count; at = addDays(days.at(-1)!, 1)) days.push(teachingDayFrom(calendar, at));
  return days;
};

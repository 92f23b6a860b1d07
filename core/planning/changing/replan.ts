import { addDays, teachingDayFrom, type Day, type SchoolCalendar } from '../calendar/calendar.ts';

/** A lesson with the day it is wished on. */
export interface Wish {
  readonly id: number;
  /** None for a new lesson, which takes the first day after the one before it. */
  readonly day: Day | undefined;
  /** Past or given: it stays on its day, whatever the calendar says. */
  readonly fixed: boolean;
}

/** A lesson that changed its day. `from` is missing for a new one. */
export interface Moved {
  readonly id: number;
  readonly from: Day | undefined;
  readonly to: Day;
}

/**
 * Days for lessons in their order: each on its wished day where it can be, otherwise on the first teaching day after it that
 * comes after the lesson before. No lesson comes earlier than wished, and none could come earlier than this: whatever
 * else keeps the order puts no lesson on an earlier day. So no plan moves fewer lessons or moves them less in all.
 * @param earliest first day that lessons not fixed may have
 * @returns days in the order of the lessons
 * @throws RangeError when the calendar has too few days
 */
export const shiftLater = (wishes: readonly Wish[], calendar: SchoolCalendar, earliest: Day): Day[] => {
  const days: Day[] = [];
  for (const { day, fixed } of wishes) {
    const last = days.at(-1);
    const after = last === undefined ? earliest : later(addDays(last, 1), earliest);
    days.push(
      fixed && day !== undefined ? day : teachingDayFrom(calendar, day === undefined ? after : later(day, after)),
    );
  }
  return days;
};
const later = (a: Day, b: Day): Day => (a > b ? a : b);

/** What changed its day between two lists of lessons. */
export const movedBetween = (
  before: readonly { readonly id: number; readonly day: Day }[],
  after: readonly { readonly id: number; readonly day: Day }[],
): Moved[] => {
  const was = new Map(before.map(({ id, day }) => [id, day]));
  return after.filter(({ id, day }) => was.get(id) !== day).map(({ id, day }) => ({ id, from: was.get(id), to: day }));
};

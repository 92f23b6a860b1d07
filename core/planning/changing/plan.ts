import { addDays, type Day, type DayOff, type SchoolCalendar } from '../calendar/calendar.ts';
import type { UnitChoices } from '../laying/choices.ts';
import { layUnit } from '../laying/layUnit.ts';
import type { PlannedLesson } from '../laying/segment.ts';

/** A lesson of a plan. Its id stays, wherever it moves. */
export interface PlanLesson extends PlannedLesson {
  readonly id: number;
}

/** A unit as it stands: what it was made from, days that fell out since, and its lessons in the order of their days. */
export interface Plan {
  readonly choices: UnitChoices;
  /** Days on which the class could not be taught after all. */
  readonly skipped: readonly DayOff[];
  readonly lessons: readonly PlanLesson[];
}

/** The days that are left to teach on. */
export const calendarOf = ({ choices, skipped }: Pick<Plan, 'choices' | 'skipped'>): SchoolCalendar => ({
  weekdays: choices.weekdays,
  daysOff: [...choices.daysOff, ...skipped],
});

/** A new plan. @param firstId id of its first lesson; the others follow */
export const newPlan = (choices: UnitChoices, firstId: number): Plan => relaidPlan(choices, [], [], firstId);

/** Is this lesson past, so that nothing of it may change? */
export const isPast = ({ day }: Pick<PlanLesson, 'day'>, today: Day): boolean => day < today;

/** Does this lesson keep its day? Past ones do, and those in which children have answered. */
export const isFixed = (
  { id, day }: Pick<PlanLesson, 'id' | 'day'>,
  today: Day,
  taught: ReadonlySet<number>,
): boolean => day < today || taught.has(id);

/**
 * The plan with a unit laid out anew: what is past or given stays and the new lessons follow it.
 * @param firstId id of the first new lesson; the others follow
 */
export const relaidPlan = (
  choices: UnitChoices,
  kept: readonly PlanLesson[],
  skipped: readonly DayOff[],
  firstId: number,
): Plan => {
  const calendar = calendarOf({ choices, skipped });
  const last = kept.at(-1)?.day;
  const from = last !== undefined && last >= choices.firstDay ? addDays(last, 1) : choices.firstDay;
  const laid = layUnit({ ...choices, ...calendar, firstDay: from }, kept);
  return { choices, skipped, lessons: [...kept, ...laid.map((lesson, i) => ({ ...lesson, id: firstId + i }))] };
};

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

/** Was this lesson held? Answers say so, or the teacher does. */
export const isHeld = ({ id, outcome }: Pick<PlanLesson, 'id' | 'outcome'>, taught: ReadonlySet<number>): boolean =>
  taught.has(id) || outcome === 'held';

/** Does this lesson keep its day unless a teacher moves it herself? Past ones do, and those that were held. */
export const isFixed = (
  lesson: Pick<PlanLesson, 'id' | 'day' | 'outcome'>,
  today: Day,
  taught: ReadonlySet<number>,
): boolean => lesson.day < today || isHeld(lesson, taught);

/** The lessons a class has met by one of them, that one among them: those up to it, without what was left out. */
export const lessonsMet = <L extends Pick<PlannedLesson, 'outcome'> & { readonly number: number }>(
  lessons: readonly L[],
  upTo: number,
): L[] => lessons.filter(({ number, outcome }) => number <= upTo && outcome !== 'left-out');

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

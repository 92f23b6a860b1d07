/** Why a change is not made. */
export const PLAN_REFUSALS = [
  'past',
  'held',
  'not-yet',
  'no-such-lesson',
  'no-such-place',
  'not-a-teaching-day',
  'day-taken',
  'too-many-lessons',
  'last-lesson',
  'no-days-left',
] as const;
export type PlanRefusal = (typeof PLAN_REFUSALS)[number];

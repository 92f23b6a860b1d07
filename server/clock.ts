import type { Day } from '../core/planning/index.ts';

/** The time of day as the server takes it; tests and pictures fix it. */
export type Now = () => Date;

/**
 * Milliseconds since some moment, running on evenly whatever the clock on the wall is set to: for how long something has lasted. Tests
 * pass their own.
 */
export type Ticks = () => number;
export const TICKS: Ticks = () => performance.now();

/** The calendar day of a moment where the school is (the machine's time zone). */
export const dayOf = (moment: Date): Day =>
  [moment.getFullYear(), moment.getMonth() + 1, moment.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');

/** The real clock, or one that starts at nine on a given day and runs on from there. */
export const clockFrom = (fixedDay: Day | undefined): Now => {
  if (fixedDay === undefined) return () => new Date();
  const start = new Date(`${fixedDay}T09:00:00`).getTime();
  const began = Date.now();
  return () => new Date(start + Date.now() - began);
};

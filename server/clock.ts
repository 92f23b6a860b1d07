import type { Database } from 'better-sqlite3';
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

/** Days the record can hold, as the contract has them. */
const SENSIBLE = { from: Date.parse('2000-01-01T00:00:00Z'), to: Date.parse('2199-12-31T00:00:00Z') };
/** Where nothing was ever answered: this program is no older. */
const FIRST_SENSIBLE = '2026-01-01T12:00:00.000Z';
const isSensible = (at: Date): boolean => at.getTime() >= SENSIBLE.from && at.getTime() <= SENSIBLE.to;

/**
 * A clock that gives no moment the record cannot hold: a computer with an empty battery starts in 1970, and what was dated so could not be read
 * again. While it says so, the last moment that anything was answered stands in its place, and screens are told.
 */
export const createSensibleClock = (
  db: Database,
  clock: Now,
): { readonly now: Now; readonly isWrong: () => boolean } => {
  let instead: Date | undefined;
  const lastKnown = (): Date => {
    const at = db
      .prepare<[], string | null>("SELECT MAX(stored_at) FROM answer WHERE stored_at BETWEEN '2000' AND '2199'")
      .pluck()
      .get();
    return new Date(at ?? FIRST_SENSIBLE);
  };
  return {
    now: () => {
      const at = clock();
      if (isSensible(at)) {
        instead = undefined;
        return at;
      }
      return (instead ??= lastKnown());
    },
    isWrong: () => !isSensible(clock()),
  };
};

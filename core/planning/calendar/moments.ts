import { Temporal } from 'temporal-polyfill';
import { isTaught, onDial, type DayTime } from '../../clock/index.ts';
import { seedFromText, seededRng, shuffled } from '../../common/index.ts';
import type { Picture } from '../../pictures/index.ts';
import type { Day } from './calendar.ts';

/** An entry of the class's day. */
export interface RoutineEntry {
  readonly id: number;
  readonly name: string;
  readonly picture: Picture;
  /** Minutes after midnight. */
  readonly at: DayTime;
}

/** Moments offered a day. */
const MOMENTS_A_DAY = 3;

/** Entries at o'clock or half past, in the order of the day: moments at which the class can read its own clock. */
export const clockMomentsIn = (routine: readonly RoutineEntry[]): RoutineEntry[] =>
  routine.filter(({ at }) => isTaught(onDial(at))).sort((a, b) => a.at - b.at);

/**
 * Moments to offer on a day, at most three, in the order of the day; other days have others, the same day always the same.
 * @param halfPast may half past come too? Not while the class knows o'clock only.
 */
export const offeredMoments = (routine: readonly RoutineEntry[], day: Day, halfPast = true): RoutineEntry[] => {
  const moments = clockMomentsIn(routine).filter(({ at }) => halfPast || at % 60 === 0);
  return shuffled(seededRng(seedFromText(day)), moments)
    .slice(0, MOMENTS_A_DAY)
    .sort((a, b) => a.at - b.at);
};

/**
 * When a moment of the day comes, as the clock on the wall shows it: on a day when the clock is set forward or back the hours
 * before it are fewer or more.
 * @param day YYYY-MM-DD · @param timeZone IANA name, such as "Europe/Berlin"
 * @returns milliseconds since 1970
 */
export const momentAt = (day: Day, at: DayTime, timeZone: string): number =>
  Temporal.PlainDate.from(day).toZonedDateTime({
    timeZone,
    plainTime: Temporal.PlainTime.from({ hour: Math.floor(at / 60), minute: at % 60 }),
  }).epochMilliseconds;

/** The moment that comes next, and how long until then; none when the last one is over. @param now milliseconds since 1970 */
export const nextMoment = (
  moments: readonly RoutineEntry[],
  day: Day,
  timeZone: string,
  now: number,
): { readonly entry: RoutineEntry; readonly inMs: number } | undefined => {
  const coming = moments
    .map((entry) => ({ entry, inMs: momentAt(day, entry.at, timeZone) - now }))
    .filter(({ inMs }) => inMs > 0)
    .sort((a, b) => a.inMs - b.inMs);
  return coming[0];
};

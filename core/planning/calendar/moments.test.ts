import { describe, expect, it } from '@jest/globals';
import { dayTime } from '../../clock/index.ts';
import { DAY_EVENTS, SCHOOL_DAY } from '../../items/index.ts';
import { clockMomentsIn, momentAt, nextMoment, offeredMoments, type RoutineEntry } from '../index.ts';

const entry = (name: string, at: number, id = at): RoutineEntry => ({ id, name, picture: 'carrot', at: dayTime(at) });
const routine = [...DAY_EVENTS.map((event) => entry(event, SCHOOL_DAY[event])), entry('assembly', 9 * 60 + 20)];
const names = (entries: readonly RoutineEntry[]): string[] => entries.map(({ name }) => name);
const HOUR = 3_600_000;

describe('clock moments', () => {
  it('are the o’clock and half-past moments of the day in order', () => {
    expect(names(clockMomentsIn(routine))).not.toContain('assembly');
    expect(names(clockMomentsIn(routine))).toEqual([...DAY_EVENTS]);
  });
  it('are offered three a day, the same ones all that day, others on other days', () => {
    const days = ['2026-11-23', '2026-11-24', '2026-11-25', '2026-11-26', '2026-11-27'];
    for (const day of days) expect(offeredMoments(routine, day)).toHaveLength(3);
    expect(offeredMoments(routine, days[0]!)).toEqual(offeredMoments(routine, days[0]!));
    expect(new Set(days.map((day) => names(offeredMoments(routine, day)).join())).size).toBeGreaterThan(2);
    const offered = offeredMoments(routine, days[1]!).map(({ at }) => at);
    expect(offered).toEqual([...offered].sort((a, b) => a - b));
  });
  it('leave half past out while only o’clock is known', () =>
    expect(offeredMoments(routine, '2026-11-24', false).every(({ at }) => at % 60 === 0)).toBe(true));
  it('offer what there is when there is little', () => {
    expect(offeredMoments([entry('lunch', 720)], '2026-11-24')).toHaveLength(1);
    expect(offeredMoments([], '2026-11-24')).toEqual([]);
  });
});

describe('the real time of a moment', () => {
  it('is the wall clock’s, where the school is', () => {
    expect(new Date(momentAt('2026-11-24', dayTime(720), 'Europe/Berlin')).toISOString()).toBe(
      '2026-11-24T11:00:00.000Z',
    );
    expect(new Date(momentAt('2026-11-24', dayTime(720), 'America/New_York')).toISOString()).toBe(
      '2026-11-24T17:00:00.000Z',
    );
    expect(new Date(momentAt('2026-11-24', dayTime(30), 'Pacific/Auckland')).toISOString()).toBe(
      '2026-11-23T11:30:00.000Z',
    );
  });
  // The clocks go forward on 29 March and back on 25 October 2026 in Berlin, on 8 March and 1 November in New York.
  it.each([
    ['2026-03-29', 'Europe/Berlin', 11],
    ['2026-03-30', 'Europe/Berlin', 12],
    ['2026-10-25', 'Europe/Berlin', 13],
    ['2026-03-08', 'America/New_York', 11],
    ['2026-11-01', 'America/New_York', 13],
  ])('noon on %s in %s comes %d hours after midnight', (day, zone, hours) =>
    expect(momentAt(day, dayTime(720), zone) - momentAt(day, dayTime(0), zone)).toBe(hours * HOUR),
  );
  it('is said for the next moment of the day, and none after the last', () => {
    const at = (time: string): number => Date.parse(`2026-11-24T${time}Z`);
    const day = [entry('snack', 630), entry('lunch', 720)];
    expect(nextMoment(day, '2026-11-24', 'UTC', at('10:00:00'))).toEqual({ entry: day[0], inMs: HOUR / 2 });
    expect(nextMoment(day, '2026-11-24', 'UTC', at('10:30:00'))).toEqual({ entry: day[1], inMs: 1.5 * HOUR });
    expect(nextMoment(day, '2026-11-24', 'UTC', at('12:00:00'))).toBeUndefined();
  });
});

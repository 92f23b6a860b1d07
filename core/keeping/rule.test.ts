import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { KEPT, keptBackups, type Made } from './index.ts';

/** Backups in the order in which they were made. */
const made = (...days: readonly (string | readonly [day: string, hour: number])[]): Made[] =>
  days.map((one, order) => {
    const [day, hour] = typeof one === 'string' ? [one, 12] : one;
    return { day, at: Date.parse(`${day}T${String(hour).padStart(2, '0')}:00:00Z`), order };
  });
const dayAfter = (start: string, days: number): string =>
  new Date(Date.parse(start) + days * 86_400_000).toISOString().slice(0, 10);
const daysKept = (all: readonly Made[]): string[] => keptBackups(all).map(({ day }) => day);
/** A school that made one each day, and after each made one kept what the rule keeps. */
const keepAsTheyAreMade = (days: readonly string[]): string[] =>
  days
    .reduce<Made[]>((kept, day, order) => keptBackups([...kept, { ...made(day)[0]!, order }]), [])
    .map(({ day }) => day);
const daysFrom = (start: string, count: number): string[] =>
  Array.from({ length: count }, (_, i) => dayAfter(start, i));

describe('backups that are kept', () => {
  it('are seven days, four weeks and twelve months, of one a day for two years', () => {
    const all = made(...daysFrom('2025-01-01', 730));
    const days = daysKept(all);
    expect(days.slice(0, 7)).toEqual(Array.from({ length: 7 }, (_, i) => dayAfter('2026-12-31', -i)));
    // Sundays of the weeks before, the last days of the months before.
    expect(days.slice(7)).toEqual([
      '2026-12-20',
      '2026-12-13',
      '2026-11-30',
      '2026-10-31',
      '2026-09-30',
      '2026-08-31',
      '2026-07-31',
      '2026-06-30',
      '2026-05-31',
      '2026-04-30',
      '2026-03-31',
      '2026-02-28',
      '2026-01-31',
    ]);
  });
  it('of one day are the one made last alone', () =>
    expect(keptBackups(made(['2026-11-24', 8], ['2026-11-24', 11], ['2026-11-24', 15]))).toEqual([
      { ...made(['2026-11-24', 15])[0], order: 2 },
    ]));
  it('are not lost to holidays: days on which none was made do not count', () => {
    const before = daysFrom('2026-06-15', 6);
    expect(daysKept(made(...before, '2026-09-07'))).toEqual(['2026-09-07', ...before.toReversed()]);
  });
  it('are none of more than a year before the seven days made last: what was deleted is gone from them by then', () => {
    const week = daysFrom('2026-11-18', 7);
    expect(daysKept(made('2025-10-31', '2025-11-30', ...week))).toEqual([...week.toReversed(), '2025-11-30']);
  });
  it('have the one made last among them, no more than the rule has, and are the same when the rule is kept twice', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 23 }))), (raw) => {
        const sorted = raw
          .toSorted(([a], [b]) => a - b)
          .map(([day, hour]) => [dayAfter('2025-01-01', day), hour] as const);
        const all = made(...sorted);
        const kept = keptBackups(all);
        expect(kept.length).toBeLessThanOrEqual(2 * KEPT.days + KEPT.weeks + KEPT.months);
        if (all.length > 0) expect(kept[0]!.order).toBe(all.length - 1);
        expect(keptBackups(kept)).toEqual(kept);
      }),
    ));

  describe('with a clock that was wrong', () => {
    const year = daysFrom('2026-01-05', 300);
    it('are all there after one start two years ahead, and after the clock was put right', () => {
      const before = keepAsTheyAreMade(year);
      const ahead = keepAsTheyAreMade([...year, '2028-11-24']);
      // One day more, so the seventh goes as on any day, unless it stands for a week or a month.
      expect(before.filter((day) => !ahead.includes(day)).length).toBeLessThanOrEqual(1);
      const right = keepAsTheyAreMade([...year, '2028-11-24', dayAfter('2026-01-05', 300)]);
      expect(right).toEqual(expect.arrayContaining(ahead));
    });
    it('are thinned out again once seven days say that one was dated ahead, which stays', () => {
      const long = keepAsTheyAreMade([...daysFrom('2026-06-01', 30), '2028-11-24', ...daysFrom('2026-07-01', 60)]);
      expect(long.length).toBeLessThan(KEPT.days + KEPT.weeks + KEPT.months);
      expect(long).toContain('2028-11-24');
      expect(long).toEqual(expect.arrayContaining(['2026-08-29', '2026-08-23', '2026-07-31', '2026-06-30']));
    });
    it('are all there after weeks with an empty battery, in which every start was in 2020', () => {
      const before = keepAsTheyAreMade(year);
      for (const days of [1, 6, 7, 40]) {
        const after = keepAsTheyAreMade([...year, ...daysFrom('2020-01-01', days)]);
        expect(after).toEqual(expect.arrayContaining(before));
        const right = keepAsTheyAreMade([...year, ...daysFrom('2020-01-01', days), dayAfter('2026-01-05', 300)]);
        expect(before.filter((day) => !right.includes(day)).length).toBeLessThanOrEqual(1);
      }
    });
    it('keep the seven days made last, whatever those are dated', () =>
      fc.assert(
        fc.property(fc.array(fc.integer({ min: 0, max: 2000 }), { maxLength: 40 }), (raw) => {
          const days = raw.map((day) => dayAfter('2024-01-01', day));
          const lastSeven = [...new Set(days.toReversed())].slice(0, KEPT.days);
          expect(keepAsTheyAreMade(days)).toEqual(expect.arrayContaining(lastSeven));
        }),
      ));
  });
});

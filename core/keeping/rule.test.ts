import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { KEPT, keptBackups, type Made } from './index.ts';

const on = (day: string, hour = 12): Made => ({
  day,
  at: Date.parse(`${day}T${String(hour).padStart(2, '0')}:00:00Z`),
});
const dayAfter = (start: string, days: number): string =>
  new Date(Date.parse(start) + days * 86_400_000).toISOString().slice(0, 10);
const daysKept = (all: readonly Made[]): string[] => keptBackups(all).map(({ day }) => day);

describe('backups that are kept', () => {
  it('are seven days, four weeks and twelve months, of one a day for two years', () => {
    const all = Array.from({ length: 730 }, (_, i) => on(dayAfter('2025-01-01', i)));
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
  it('of one day are the newest of it alone', () =>
    expect(keptBackups([on('2026-11-24', 8), on('2026-11-24', 15), on('2026-11-24', 11)])).toEqual([
      on('2026-11-24', 15),
    ]));
  it('are not lost to holidays: days on which none was made do not count', () => {
    const before = Array.from({ length: 6 }, (_, i) => on(dayAfter('2026-06-15', i)));
    expect(daysKept([...before, on('2026-09-07')])).toEqual(['2026-09-07', ...before.map(({ day }) => day).reverse()]);
  });
  it('are none of more than a year before the newest: what was taken out of the class is gone from them by then', () =>
    expect(daysKept([on('2025-10-31'), on('2025-11-30'), on('2026-11-24')])).toEqual(['2026-11-24', '2025-11-30']));
  it('have the newest of all among them, are no more than the rule has, and are the same when the rule is kept twice', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 23 }))), (raw) => {
        const all = raw.map(([day, hour]) => on(dayAfter('2025-01-01', day), hour));
        const kept = keptBackups(all);
        expect(kept.length).toBeLessThanOrEqual(KEPT.days + KEPT.weeks + KEPT.months);
        if (all.length > 0) expect(kept[0]!.at).toBe(Math.max(...all.map(({ at }) => at)));
        expect(keptBackups(kept)).toEqual(kept);
      }),
    ));
});

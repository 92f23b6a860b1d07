import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  MONDAY_TO_FRIDAY,
  addDays,
  dayOffAt,
  isDay,
  isTeachingDay,
  mondayOf,
  schoolDayFrom,
  teachingDayFrom,
  teachingDays,
  weekday,
} from '../index.ts';
import { anyDay } from '../unit.test.support.ts';

describe('school days', () => {
  it.each([
    ['2026-11-24', 2],
    ['2026-11-22', 7],
    ['2028-02-29', 2],
  ])('%s is weekday %d of ISO 8601', (day, of) => expect(weekday(day)).toBe(of));
  it('are counted over week-ends and the turn of the year', () => {
    expect(schoolDayFrom('2026-11-24', 4)).toBe('2026-11-30');
    expect(schoolDayFrom('2026-11-23', -1)).toBe('2026-11-20');
    expect(schoolDayFrom('2026-12-31', 1)).toBe('2027-01-01');
    expect(schoolDayFrom('2026-11-21', 0)).toBe('2026-11-23'); // a Saturday
  });
  it('leave out days off, first and last included, and days of the week that are not taught', () => {
    const calendar = {
      weekdays: [1, 2, 4] as const,
      daysOff: [{ from: '2026-11-24', to: '2026-11-30', name: 'harvest break' }],
    };
    expect(teachingDays(calendar, '2026-11-23', 4)).toEqual(['2026-11-23', '2026-12-01', '2026-12-03', '2026-12-07']);
    expect(dayOffAt(calendar, '2026-11-30')?.name).toBe('harvest break');
    expect(dayOffAt(calendar, '2026-12-01')).toBeUndefined();
    expect(isTeachingDay(calendar, '2026-12-02')).toBe(false); // a Wednesday
    expect(teachingDayFrom(calendar, '2026-12-02')).toBe('2026-12-03');
  });
  it('that never come are said to, not searched for ever', () => {
    const closed = { weekdays: [1] as const, daysOff: [{ from: '2026-01-01', to: '2031-01-01', name: 'closed' }] };
    expect(() => teachingDayFrom(closed, '2026-11-24')).toThrow(RangeError);
    expect(() => teachingDayFrom({ weekdays: [], daysOff: [] }, '2026-11-24')).toThrow(RangeError);
  });
  it.each(['2026-02-29', '2026-13-01', '24.11.2026', '2026-1-1', '', '2026-11-24T09:00'])('"%s" is not a day', (text) =>
    expect(isDay(text)).toBe(false),
  );
  // Clocks go forward and back on these Sundays in the US and in Europe: a day is a day all the same.
  it.each([
    ['2026-03-06', '2026-03-09'],
    ['2026-03-27', '2026-03-30'],
    ['2026-10-23', '2026-10-26'],
    ['2026-10-30', '2026-11-02'],
  ])('the school day after Friday %s is Monday %s', (friday, monday) => {
    expect(teachingDays(MONDAY_TO_FRIDAY, friday, 2)).toEqual([friday, monday]);
    expect(addDays(friday, 3)).toBe(monday);
  });
  it('count the same forwards and backwards, and the week begins on its Monday', () =>
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -400, max: 400 }), (day, days) => {
        expect(addDays(addDays(day, days), -days)).toBe(day);
        expect(weekday(mondayOf(day))).toBe(1);
        expect(addDays(mondayOf(day), weekday(day) - 1)).toBe(day);
      }),
    ));
});

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { timeOf } from '../clock/index.ts';
import { hasCountingOrder } from '../sets/index.ts';
import {
  UNIT,
  addDays,
  currentLesson,
  isDay,
  isSchoolDay,
  layUnit,
  lessonContent,
  lessonMinutes,
  schoolDayFrom,
  suggestDecision,
  weekday,
} from './index.ts';

const days = fc.integer({ min: 0, max: 3000 }).map((n) => addDays('2024-01-01', n));

describe('school days', () => {
  it.each([
    ['2026-11-24', 2],
    ['2026-11-22', 0],
    ['2028-02-29', 2],
  ])('%s is weekday %d', (day, of) => expect(weekday(day)).toBe(of));
  it('are counted over week-ends and the turn of the year', () => {
    expect(schoolDayFrom('2026-11-24', 4)).toBe('2026-11-30');
    expect(schoolDayFrom('2026-11-23', -1)).toBe('2026-11-20');
    expect(schoolDayFrom('2026-12-31', 1)).toBe('2027-01-01');
    expect(schoolDayFrom('2026-11-21', 0)).toBe('2026-11-23'); // a Saturday
  });
  it.each(['2026-02-29', '2026-13-01', '24.11.2026', '2026-1-1', ''])('"%s" is not a day', (text) =>
    expect(isDay(text)).toBe(false),
  );
});

describe('the unit around a day', () => {
  it('puts the asked lesson on the day or the next school day, every lesson on a school day, in order', () =>
    fc.assert(
      fc.property(days, fc.integer({ min: 1, max: UNIT.length }), (today, number) => {
        const unit = layUnit(today, number, 'seed');
        expect(unit).toHaveLength(UNIT.length);
        expect(unit[number - 1]!.day).toBe(schoolDayFrom(today, 0));
        unit.forEach(({ day }, i) => {
          expect(isSchoolDay(day)).toBe(true);
          if (i > 0) expect(day > unit[i - 1]!.day).toBe(true);
        });
      }),
      { numRuns: 60 },
    ));
  it('has lessons of 15 to 25 minutes whose segments follow each other', () => {
    for (const { segments } of layUnit('2026-11-24', 7, 'seed')) {
      expect(lessonMinutes(segments)).toBeGreaterThanOrEqual(15);
      expect(lessonMinutes(segments)).toBeLessThanOrEqual(25);
      segments.forEach(({ startsAt }, i) => expect(startsAt).toBe(lessonMinutes(segments.slice(0, i))));
    }
  });
  it('gives today’s lesson a round of six o’clock times out of order, 12 among them, whatever the seed', () =>
    fc.assert(
      fc.property(fc.string(), (seed) => {
        const round = layUnit('2026-11-24', 7, seed)[6]!.segments.find(({ kind }) => kind === 'show-me')!;
        expect(round.times).toHaveLength(6);
        expect(round.times).toContain(timeOf(12));
        expect(hasCountingOrder(round.times)).toBe(false);
      }),
      { numRuns: 50 },
    ));
  it('teaches o’clock before half past, and 12:30 and 6:30 not before the lessons on which hour it is', () => {
    const unit = layUnit('2026-11-24', 7, 'seed');
    const firstAt = (minutes: number): number =>
      unit.findIndex(({ segments }) => segments.some(({ times }) => times.includes(minutes as never)));
    expect(unit.findIndex(({ skills }) => skills.some((skill) => skill.startsWith('half-past')))).toBeGreaterThan(8);
    expect(firstAt(timeOf(12, 30))).toBeGreaterThanOrEqual(11);
    expect(firstAt(timeOf(6, 30))).toBeGreaterThanOrEqual(11);
  });
  it('has words and things to lay out for every lesson', () => {
    for (const { key } of UNIT) expect(lessonContent(key).words.length).toBeGreaterThan(0);
    expect(() => lessonContent('nothing')).toThrow(RangeError);
  });
  it('knows the lesson of today, of a day between, and after the end', () => {
    const unit = layUnit('2026-11-24', 7, 'seed');
    expect(currentLesson(unit, '2026-11-24')?.number).toBe(7);
    expect(currentLesson(unit, '2026-11-21')?.number).toBe(7);
    expect(currentLesson(unit, '2027-06-01')?.number).toBe(UNIT.length);
    expect(currentLesson([], '2026-11-24')).toBeUndefined();
  });
});

describe('the decision after a check', () => {
  const levels = (secure: number, others: number, notSeen = 0) => [
    ...Array<'secure'>(secure).fill('secure'),
    ...Array<'beginning'>(others).fill('beginning'),
    ...Array<'not-seen'>(notSeen).fill('not-seen'),
  ];
  it.each([
    ['16 of 20: go on', levels(16, 4), 'go-on'],
    ['15 of 20: a small group', levels(15, 5), 'go-on-with-group'],
    ['10 of 20: a small group', levels(10, 10), 'go-on-with-group'],
    ['9 of 20: teach it again', levels(9, 11), 'teach-again'],
    ['children who were away do not count', levels(4, 1, 15), 'go-on'],
    ['nobody seen: no suggestion', levels(0, 0, 5), undefined],
  ])('%s', (_, given, decision) => expect(suggestDecision(given)).toBe(decision));
});

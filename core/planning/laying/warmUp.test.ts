import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { timeOf } from '../../clock/index.ts';
import { seededRng } from '../../common/index.ts';
import { recallOf, type RecallAnswer } from '../../recall/index.ts';
import {
  brokenRules,
  daysBetween,
  groupsOf,
  holdsRead,
  layUnit,
  practisedIn,
  standingOf,
  warmUpNow,
} from '../index.ts';
import { CHOICES, anyChoices } from '../unit.test.support.ts';
import { TIMES_OF_GROUP } from '../../sets/index.ts';

const unit = layUnit(CHOICES);
const at = unit.findIndex(({ key }) => key === 'half-past-match-write');
const lesson = unit[at]!;
const before = unit.slice(0, at);
const warmUp = lesson.segments.find(({ kind }) => kind === 'warm-up')!;
const lastDay = before.at(-1)!.day;
/** A class of ten that missed some half pasts badly in the lesson before, and knows all else. */
const missedAt = (hours: readonly number[]): RecallAnswer[] =>
  TIMES_OF_GROUP['half-past'].flatMap((time) =>
    Array.from({ length: 10 }, (_, i): RecallAnswer => ({
      skill: 'half-past-read',
      time,
      verdict: hours.some((hour) => timeOf(hour, 30) === time) && i < 9 ? 'wrong' : 'right',
      guess: 0,
      day: lastDay,
    })),
  );
const recallWith = (answers: readonly RecallAnswer[]) => recallOf(answers, practisedIn(before), lesson.day);

describe('the warm-up of a lesson', () => {
  it('brings back what has faded most by its day of all that was taught, whatever the unit', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        const lessons = layUnit(choices);
        lessons.forEach(({ day, segments }, i) => {
          const planned = segments.find(({ kind, times }) => kind === 'warm-up' && times.length > 0);
          if (planned === undefined) return;
          const met = lessons.slice(0, i);
          const recall = recallOf([], practisedIn(met), day);
          const holds = planned.times.map((time) => holdsRead(recall, time, day));
          const all = groupsOf(met).flatMap((group) => TIMES_OF_GROUP[group]);
          const mean = (some: readonly number[]): number => some.reduce((sum, one) => sum + one, 0) / some.length;
          // The very lowest cannot always follow each other: no counting along, and hard times last.
          expect(mean(holds)).toBeLessThanOrEqual(mean(all.map((time) => holdsRead(recall, time, day))) + 1e-9);
          expect(brokenRules(standingOf(lessons, i, segments.indexOf(planned)))).toEqual([]);
        });
      }),
      { numRuns: 25 },
    ));
  it('is never the warm-up of the day before again: of four times one at most, where that came up for the first time then', () => {
    const daily = unit.filter(({ segments }) =>
      segments.some(({ kind, times }) => kind === 'warm-up' && times.length > 0),
    );
    daily.slice(1).forEach((one, i) => {
      const earlier = daily[i]!;
      if (daysBetween(earlier.day, one.day) > 1) return;
      const times = (of: typeof one) => of.segments.find(({ kind }) => kind === 'warm-up')!.times;
      expect(times(one).filter((time) => times(earlier).includes(time)).length).toBeLessThan(2);
    });
  });
  it('stays as it is planned while answers say nothing against it', () => {
    const now = warmUpNow(lesson, before, recallWith([]), seededRng(1))!;
    expect(now.times.map(({ time }) => time)).toEqual(warmUp.times);
    expect(now.instead).toBeUndefined();
  });
  it('would rather bring back what most of the class missed since, and says of each how it went', () => {
    const hours = [1, 4, 8, 10];
    const { instead } = warmUpNow(lesson, before, recallWith(missedAt(hours)), seededRng(1))!;
    expect(instead!.map(({ time }) => time).sort()).toEqual(hours.map((hour) => timeOf(hour, 30)).sort());
    for (const { last } of instead!)
      expect(last).toEqual(expect.objectContaining({ day: lastDay, asked: 10, missed: 9 }));
  });
  it('counts days off: what was known before a holiday has faded after it', () => {
    const later = { ...lesson, day: '2027-01-11' };
    const soon = recallWith([]);
    for (const time of warmUp.times)
      expect(holdsRead(soon, time, later.day)).toBeLessThan(holdsRead(soon, time, lesson.day));
  });
  it('is nobody’s to choose where a lesson has no times in it, or asks for more than to read them', () => {
    expect(warmUpNow(unit[0]!, [], recallOf([]), seededRng(1))).toBeUndefined();
    const set = { ...warmUp, items: warmUp.times.map((shown) => ({ kind: 'set', shown }) as const) };
    expect(warmUpNow({ ...lesson, segments: [set] }, before, recallWith([]), seededRng(1))).toBeUndefined();
  });
});

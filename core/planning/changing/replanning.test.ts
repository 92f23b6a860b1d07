import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  addDays,
  applyChange,
  calendarOf,
  isTeachingDay,
  keepsThePast,
  ladderOf,
  shiftLater,
  teachingDays,
  MONDAY_TO_FRIDAY,
  type LessonContent,
  type Plan,
  type PlanChange,
  type UnitChoices,
  type Wish,
} from '../index.ts';
import { CHOICES, anyChoices } from '../unit.test.support.ts';

/** A lesson that comes whole. */
const CONTENT: LessonContent = {
  key: 'blank',
  title: 'Hare’s day',
  skills: [],
  segments: [{ kind: 'show', startsAt: 0, minutes: 5, times: [], items: [] }],
};

describe('replanning', () => {
  /** A plan whose lessons have no content, for days do not depend on it. */
  const bare = (choices: UnitChoices): Plan => {
    const ladder = ladderOf(choices);
    const days = teachingDays(choices, choices.firstDay, ladder.length);
    return {
      choices,
      skipped: [],
      lessons: ladder.map(({ key, kind, skills }, i) => ({
        id: i + 1,
        key,
        kind,
        skills,
        day: days[i]!,
        segments: [],
      })),
    };
  };
  const anyChange = fc.oneof<fc.Arbitrary<PlanChange>[]>(
    fc.record({
      kind: fc.constant('move' as const),
      lessonId: fc.integer({ min: 1, max: 15 }),
      to: fc.integer({ min: 1, max: 15 }),
    }),
    fc.record({
      kind: fc.constant('reschedule' as const),
      lessonId: fc.integer({ min: 1, max: 15 }),
      day: fc.integer({ min: 0, max: 60 }).map((n) => addDays(CHOICES.firstDay, n)),
    }),
    fc.record({
      kind: fc.constant('skip' as const),
      day: fc.integer({ min: 0, max: 60 }).map((n) => addDays(CHOICES.firstDay, n)),
      name: fc.constant('fire drill'),
    }),
    fc.record({
      kind: fc.constant('insert' as const),
      after: fc.integer({ min: 1, max: 15 }),
      what: fc.constant('blank' as const),
    }),
    fc.record({
      kind: fc.constant('insert' as const),
      after: fc.integer({ min: 1, max: 15 }),
      what: fc.constant('content' as const),
      lesson: fc.constant(CONTENT),
    }),
    fc.record({
      kind: fc.constant('rewrite' as const),
      lessonId: fc.integer({ min: 1, max: 15 }),
      lesson: fc.constant(CONTENT),
    }),
    fc.record({ kind: fc.constant('remove' as const), lessonId: fc.integer({ min: 1, max: 15 }) }),
  );
  it('keeps the past, the order of days and every day off, whatever is done in a row', () =>
    fc.assert(
      fc.property(
        anyChoices.filter(({ level }) => level !== 'kindergarten'),
        fc.array(anyChange, { maxLength: 8 }),
        fc.integer({ min: 0, max: 14 }),
        (choices, changes, done) => {
          const start = bare(choices);
          const at = { today: start.lessons[Math.min(done, start.lessons.length - 1)]!.day, taught: new Set<number>() };
          let now = start;
          changes.forEach((change, i) => {
            const result = applyChange(now, change, { ...at, nextId: 200 + i });
            if (!result.done) return;
            expect(keepsThePast(now, result.plan, at, true)).toBe(true);
            // What is past stays as it was, but for the one the teacher takes out herself.
            const past = (of: Plan) =>
              of.lessons.filter(({ id, day }) => day < at.today && !('lessonId' in change && change.lessonId === id));
            expect(past(result.plan)).toEqual(past(now));
            for (const { id, from, to } of result.moved) {
              expect(to >= at.today).toBe(true);
              expect(from).toBe(now.lessons.find((lesson) => lesson.id === id)?.day);
            }
            now = result.plan;
            now.lessons.forEach(({ day }, j) => {
              if (j > 0) expect(day > now.lessons[j - 1]!.day).toBe(true);
              if (day >= at.today) expect(isTeachingDay(calendarOf(now), day)).toBe(true);
            });
          });
        },
      ),
      { numRuns: 300 },
    ));

  /** Every way to put lessons on days in order, none earlier than wished; the least moves, then the least days in all. */
  const bruteForce = (wishes: readonly Wish[], days: readonly string[]): readonly [number, number] => {
    let best: [number, number] = [Infinity, Infinity];
    const place = (i: number, from: number, moves: number, shift: number): void => {
      if (i === wishes.length) {
        if (moves < best[0] || (moves === best[0] && shift < best[1])) best = [moves, shift];
        return;
      }
      for (let d = from; d < days.length; d++) {
        const wish = wishes[i]!.day!;
        if (days[d]! < wish) continue;
        place(
          i + 1,
          d + 1,
          moves + (days[d] === wish ? 0 : 1),
          shift + days.filter((day) => day > wish && day <= days[d]!).length,
        );
      }
    };
    place(0, 0, 0, 0);
    return best;
  };
  it('moves as few lessons as a search through all plans, and as little', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 9 }), { minLength: 1, maxLength: 5 }),
        fc.uniqueArray(fc.integer({ min: 0, max: 11 }), { maxLength: 4 }),
        (places, off) => {
          const school = teachingDays(MONDAY_TO_FRIDAY, '2026-11-16', 18);
          const wishes = places
            .sort((a, b) => a - b)
            .map((place, id): Wish => ({ id, day: school[place]!, fixed: false }));
          const daysOff = off.map((place) => ({ from: school[place]!, to: school[place]!, name: 'off' }));
          const calendar = { ...MONDAY_TO_FRIDAY, daysOff };
          const free = school.filter((day) => isTeachingDay(calendar, day));
          const shifted = shiftLater(wishes, calendar, school[0]!);
          const moves = shifted.filter((day, i) => day !== wishes[i]!.day).length;
          const shift = shifted.reduce(
            (sum, day, i) => sum + free.filter((one) => one > wishes[i]!.day! && one <= day).length,
            0,
          );
          expect([moves, shift]).toEqual(bruteForce(wishes, free));
        },
      ),
      { numRuns: 400 },
    ));
});

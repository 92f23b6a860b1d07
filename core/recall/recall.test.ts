import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { timeOf } from '../clock/index.ts';
import { dueOn, gradeOf, holdsAt, recallOf, recallOfTallies, reviewsOf, tallyOf, type RecallAnswer } from './index.ts';

const answer = (day: string, verdict: RecallAnswer['verdict'], hour = 3, guess = 0): RecallAnswer => ({
  skill: 'oclock-read',
  time: timeOf(hour),
  verdict,
  guess,
  day,
});
const many = (day: string, right: number, wrong: number, hour = 3): RecallAnswer[] => [
  ...Array.from({ length: right }, () => answer(day, 'right', hour)),
  ...Array.from({ length: wrong }, () => answer(day, 'wrong', hour)),
];
const holdsTime = (recall: ReturnType<typeof recallOf>, hour: number, day: string): number =>
  holdsAt(recall, 'what-for', timeOf(hour), day) / holdsAt(recall, 'what-for', undefined, day);

describe('what is remembered', () => {
  it('fades from day to day, weekends and holidays too, and holds wholly on the day it came up', () => {
    const recall = recallOf(many('2026-11-20', 10, 0));
    const days = ['2026-11-20', '2026-11-21', '2026-11-22', '2026-11-23', '2026-12-07', '2027-01-11'];
    const holds = days.map((day) => holdsTime(recall, 3, day));
    expect(holds[0]).toBe(1);
    holds.slice(1).forEach((share, i) => expect(share).toBeLessThan(holds[i]!));
    expect(holds.at(-1)).toBeGreaterThan(0);
  });
  it('comes back at growing gaps where it goes well: each time it holds longer', () => {
    let gap = 0;
    const came: string[] = [];
    let day = Date.parse('2026-09-01');
    for (let time = 0; time < 5; time++) {
      came.push(new Date(day).toISOString().slice(0, 10));
      const recall = recallOf(came.flatMap((one) => many(one, 10, 0)));
      let next = 1;
      const at = (days: number): string => new Date(day + days * 86_400_000).toISOString().slice(0, 10);
      while (holdsTime(recall, 3, at(next)) >= 0.9) next += 1;
      expect(next).toBeGreaterThan(gap);
      gap = next;
      day += next * 86_400_000;
    }
    expect(gap).toBeGreaterThan(20);
  });
  it('fades sooner the fewer were right', () => {
    const shares = [
      [10, 0],
      [8, 2],
      [6, 4],
      [2, 8],
    ].map(([right, wrong]) => holdsTime(recallOf(many('2026-11-20', right!, wrong!)), 3, '2026-11-27'));
    shares.slice(1).forEach((share, i) => expect(share).toBeLessThan(shares[i]!));
  });
  it('is the same of a class whether its answers are summed child by child or all at once', () => {
    const children = [many('2026-11-20', 7, 3), many('2026-11-21', 2, 2), many('2026-11-20', 1, 5)];
    expect(recallOfTallies(children.map(tallyOf))).toEqual(recallOf(children.flat()));
  });
  it('takes what guesses bring out of what was known, and nothing from what cannot be read', () => {
    const half = [answer('2026-11-20', 'right', 3, 0.5), answer('2026-11-20', 'wrong', 3, 0.5)];
    const review = reviewsOf([tallyOf([...half, answer('2026-11-20', 'unreadable')])])
      .get(timeOf(3))!
      .get('2026-11-20')!;
    expect(review).toEqual({ day: '2026-11-20', asked: 2, missed: 1, known: 0 });
    expect(gradeOf(review)).toBe('again');
  });
  it('goes by the shares a class has set', () => {
    const [review] = [
      ...reviewsOf([tallyOf(many('2026-11-20', 7, 3))])
        .get(timeOf(3))!
        .values(),
    ];
    expect(gradeOf(review!)).toBe('hard');
    expect(gradeOf(review!, { good: 0.7, hard: 0.5 })).toBe('good');
    expect(gradeOf(review!, { good: 0.9, hard: 0.75 })).toBe('again');
  });
  it('takes what was practised for gone well until an answer of that day says otherwise', () => {
    const practised = [{ day: '2026-11-20', things: [timeOf(3)] }];
    const silent = recallOf([], practised);
    expect(silent.get(timeOf(3))!.last).toEqual({ day: '2026-11-20', asked: 0, missed: 0, known: 1 });
    const told = recallOf(many('2026-11-20', 1, 9), practised);
    expect(told.get(timeOf(3))!.last.missed).toBe(9);
    expect(holdsTime(told, 3, '2026-11-24')).toBeLessThan(holdsTime(silent, 3, '2026-11-24'));
  });
  it('says nothing of the day itself or what comes after it', () => {
    const recall = recallOf([...many('2026-11-20', 3, 0), ...many('2026-11-24', 0, 3)], [], '2026-11-24');
    expect(recall.get(timeOf(3))!.last.day).toBe('2026-11-20');
    expect(recallOf(many('2026-11-24', 3, 0), [], '2026-11-24').size).toBe(0);
  });
  it('is the same in whatever order answers come', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 1, max: 28 }),
            fc.constantFrom('right', 'wrong', 'nearly'),
            fc.integer({ min: 1, max: 12 }),
          ),
        ),
        fc.integer(),
        (raw, turn) => {
          const all = raw.map(([day, verdict, hour]) =>
            answer(`2026-09-${String(day).padStart(2, '0')}`, verdict as 'right', hour),
          );
          const at = all.length === 0 ? 0 : Math.abs(turn) % all.length;
          const other = recallOf([...all.slice(at), ...all.slice(0, at)]);
          const one = recallOf(all);
          expect([...other].sort()).toEqual([...one].sort());
          for (const thing of one.keys())
            if (typeof thing === 'number') {
              const due = dueOn(one, 'oclock-read', thing, '2026-10-05');
              expect(due).toBeGreaterThanOrEqual(0);
              expect(due).toBeLessThanOrEqual(1);
            }
        },
      ),
      { numRuns: 60 },
    ));
});

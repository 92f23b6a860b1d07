import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { OCLOCK_TIMES, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import type { Item } from '../items/index.ts';
import type { Verdict } from '../marking/index.ts';
import { simulateAnswer } from '../simulation/index.ts';
import {
  WEIGHED_RULES,
  chanceAbove,
  childAtCheck,
  clueOf,
  findReason,
  judge,
  mastery,
  oclockOf,
  oclockResults,
  posterior,
  skillsOf,
  summariseCheck,
  type Check,
  type CountedAnswer,
  type MarkedResponse,
} from './index.ts';
import { response } from '../marking/given.test.support.ts';

const evidence = (verdicts: string, days = 2) =>
  [...verdicts].map((letter, i) => ({
    verdict: ({ r: 'right', n: 'nearly', w: 'wrong' } as const)[letter]! satisfies Verdict,
    day: `2026-11-${10 + (i % days)}`,
  }));

describe('the chance that a child is right more often than a cut', () => {
  // For an even start and s successes alone the chance is 1 - cut^(s+1): the integral of (s+1) x^s.
  it.each([1, 2, 6, 20])('after %d successes', (s) =>
    expect(chanceAbove(s, 0, [0.7])[0]).toBeCloseTo(1 - 0.7 ** (s + 1), 6),
  );
  it('is a half above a half when successes and failures are as many', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), (n) => expect(chanceAbove(n, n, [0.5])[0]).toBeCloseTo(0.5, 6)),
    ));
  it('grows with a success and falls with a failure', () => {
    const of = (s: number, f: number): number => chanceAbove(s, f, [0.7])[0]!;
    for (let s = 0; s < 12; s++)
      for (let f = 0; f < 6; f++) {
        expect(of(s + 1, f)).toBeGreaterThan(of(s, f));
        expect(of(s, f + 1)).toBeLessThan(of(s, f));
      }
  });
});

describe('how far a skill has come', () => {
  it.each([
    ['nothing answered', '', 'not-seen'],
    ['one right answer', 'r', 'beginning'],
    ['one wrong answer', 'w', 'beginning'],
    ['two right answers', 'rr', 'getting-there'],
    ['four of five', 'rrrrw', 'getting-there'],
    ['four of six', 'rrrrww', 'beginning'],
    ['five right answers', 'rrrrr', 'getting-there'],
    ['six right answers', 'rrrrrr', 'secure'],
    ['ten right and one slip', 'rrrrrrrrrrw', 'secure'],
    ['six right and one nearly', 'rrrrrrn', 'getting-there'],
  ])('%s', (_, verdicts, level) => expect(mastery(evidence(verdicts)).level).toBe(level));

  it('is not secure on the evidence of one day', () =>
    expect(mastery(evidence('rrrrrrrrrr', 1)).level).toBe('getting-there'));
  it('counts right answers and gives an expected share', () =>
    expect(mastery(evidence('rrnw'))).toMatchObject({ right: 2, answers: 4, share: 3.5 / 6 }));
});

const reads = (...pairs: [number, number, number][]): MarkedResponse[] =>
  pairs.map(([shown, hour, minute]) =>
    response({ kind: 'read', shown: timeOf(shown) }, { kind: 'time', time: timeOf(hour, minute) }),
  );

const reasonOf = (answers: readonly MarkedResponse[]) => findReason(answers.map(clueOf));
const chancesOf = (answers: readonly MarkedResponse[]) => posterior(answers.map(clueOf));

describe('the reason behind wrong answers', () => {
  it('is hands swapped for 3:00 as 12:15 and 7:00 as 12:35', () => {
    const reason = reasonOf(reads([3, 12, 15], [7, 12, 35], [12, 12, 0]));
    expect(reason).toMatchObject({
      rule: 'hands-swapped',
      fitting: [
        { kind: 'read', shown: 180, answered: 15 },
        { kind: 'read', shown: 420, answered: 35 },
      ],
    });
    expect(reason!.posterior).toBeGreaterThan(0.8);
  });
  it('is the number as minutes for 3:00 as 3:12 and 8:00 as 8:12', () =>
    expect(reasonOf(reads([3, 3, 12], [8, 8, 12]))?.rule).toBe('numeral-as-minutes'));
  it('holds for reading and setting alike, and tells which was which', () => {
    const set = response({ kind: 'set', shown: timeOf(3) }, { kind: 'hands', hour: 7.5, minute: 90 });
    expect(reasonOf([set, ...reads([7, 12, 35])])).toMatchObject({
      rule: 'hands-swapped',
      fitting: [
        { kind: 'read', shown: 420, answered: 35 },
        { kind: 'set', shown: 180, answered: 15 },
      ],
    });
  });
  it('is not named on one wrong answer alone', () =>
    expect(reasonOf(reads([3, 12, 15], [7, 7, 0], [9, 9, 0]))).toBeUndefined());
  it('is not named when wrong answers do not fit together', () =>
    expect(reasonOf(reads([3, 4, 0], [7, 6, 0], [9, 2, 0], [5, 8, 30]))).toBeUndefined());
  it('is not named for a child who is right', () =>
    expect(reasonOf(reads([3, 3, 0], [7, 7, 0], [9, 9, 0]))).toBeUndefined());
  it('is not made of taps: they tell that it was missed, not how', () => {
    const missed = OCLOCK_TIMES.map((shown) => response({ kind: 'read', shown }, { kind: 'observed', got: false }));
    expect(reasonOf(missed)).toBeUndefined();
  });
  it('weighs all states to one, whatever was answered', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }), fc.integer({ min: 0, max: 59 })),
          { maxLength: 30 },
        ),
        (pairs) => {
          const chances = Object.values(chancesOf(reads(...pairs)));
          expect(chances.reduce((a, b) => a + b)).toBeCloseTo(1, 9);
          chances.forEach((chance) => expect(chance).toBeGreaterThanOrEqual(0));
        },
      ),
    ));

  it('is found in simulated children who follow one, and in hardly any who do not', () => {
    const items: Item[] = OCLOCK_TIMES.map((shown) => ({ kind: 'read', shown }));
    const share = (rule: (typeof WEIGHED_RULES)[number] | undefined, wanted: string | undefined): number => {
      let found = 0;
      for (let seed = 0; seed < 200; seed++) {
        const rng = seededRng(seed);
        const child = { rule, faith: 0.8, slip: 0.1 };
        const answers = items.slice(0, 8).map((item) => response(item, simulateAnswer(child, item, rng)));
        if (reasonOf(answers)?.rule === wanted) found++;
      }
      return found / 200;
    };
    for (const rule of WEIGHED_RULES) expect(share(rule, rule)).toBeGreaterThan(0.9);
    expect(share(undefined, undefined)).toBeGreaterThan(0.98);
  });
});

describe('the class', () => {
  const answer = (
    childId: number,
    lessonId: number,
    day: string,
    hour: number,
    saidHour: number,
    saidMinute = 0,
  ): CountedAnswer => {
    const item: Item = { kind: 'read', shown: timeOf(hour) };
    const given = { kind: 'time', time: timeOf(saidHour, saidMinute) } as const;
    return { childId, lessonId, day, ...response(item, given) };
  };
  const record = [
    answer(1, 1, '2026-11-10', 3, 3),
    answer(1, 2, '2026-11-12', 4, 4),
    answer(2, 1, '2026-11-10', 3, 12, 15),
    answer(2, 2, '2026-11-12', 4, 12, 20),
    answer(3, 1, '2026-11-10', 3, 4),
    answer(1, 3, '2026-11-20', 3, 2),
  ];

  const judged = (childId: number, answers: readonly CountedAnswer[]) =>
    answers.filter((one) => one.childId === childId).map(judge);
  const timesOf = (answers: readonly CountedAnswer[]) =>
    oclockResults([...new Set(answers.map(({ childId }) => childId))].map((id) => oclockOf(judged(id, answers))));
  const skillsIn = (answers: readonly CountedAnswer[]) => skillsOf(answers.map(judge));
  const summed = (at: Check, childIds: readonly number[], answers: readonly CountedAnswer[]) =>
    summariseCheck(childIds.map((childId) => ({ childId, ...childAtCheck(at, judged(childId, answers)) })));

  it('counts what nobody can read neither for nor against anybody', () => {
    const unreadable: CountedAnswer = {
      ...record[0]!,
      childId: 9,
      ...response({ kind: 'read', shown: timeOf(3) }, { kind: 'text', text: 'hare' }),
    };
    expect(timesOf([...record, unreadable])).toEqual(timesOf(record));
    expect(skillsIn([unreadable])['oclock-read']).toMatchObject({ level: 'not-seen', answers: 0 });
    expect(chancesOf([unreadable])).toEqual(chancesOf([]));
  });
  it('counts each child once a time, by the latest answer', () =>
    expect(timesOf(record)).toEqual([
      { time: 180, children: 3, childrenRight: 0 },
      { time: 240, children: 2, childrenRight: 1 },
    ]));
  it('keeps skills apart', () => {
    const set: CountedAnswer = {
      ...record[0]!,
      ...response({ kind: 'set', shown: timeOf(3) }, { kind: 'hands', hour: 90, minute: 0 }),
    };
    expect(Object.keys(skillsIn([record[0]!, set]))).toEqual(['oclock-read', 'oclock-set']);
  });

  const check = { lessonId: 2, day: '2026-11-12', skill: 'oclock-read' } as const;
  it('is summed up as it was on the day of a check: later answers change nothing', () => {
    const summary = summed(check, [1, 2, 3], record)!;
    expect(summary.levels).toEqual([
      { childId: 1, level: 'getting-there' },
      { childId: 2, level: 'beginning' },
      { childId: 3, level: 'not-seen' },
    ]);
    expect(summary.away).toEqual([3]);
    expect(summary.reasons).toHaveLength(1);
    expect(summary.reasons[0]).toMatchObject({ childIds: [2], reason: { rule: 'hands-swapped' } });
  });
  it('has no summary of a check nobody answered', () =>
    expect(summed({ ...check, lessonId: 9 }, [1, 2, 3], record)).toBeUndefined());
});

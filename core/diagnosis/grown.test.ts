import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES } from '../clock/index.ts';
import { pick, seededRng } from '../common/index.ts';
import type { Item } from '../items/index.ts';
import { WRONG_RULES, type WrongRule } from '../misconceptions/index.ts';
import { simulateAnswer } from '../simulation/index.ts';
import { judgedGiven } from './judged.test.support.ts';
import {
  createAtCheck,
  historyOf,
  judgeChild,
  skillsOf,
  timesOf,
  totalsOf,
  type Check,
  type JudgedAnswer,
} from './index.ts';

const KINDS = ['read', 'write-digital', 'draw', 'set'] as const;
const rng = seededRng(36);
/** An answer of a child that follows a rule, or knows. */
const made = (rule: WrongRule | undefined, day: number): JudgedAnswer => {
  const item: Item = { kind: pick(rng, KINDS), shown: pick(rng, TAUGHT_TIMES) };
  return judgedGiven(item, simulateAnswer({ rule, faith: 0.9, slip: 0.1 }, item, rng), `2026-11-${10 + day}`, 1 + day);
};

const CHECKS: readonly Check[] = [
  { lessonId: 3, day: '2026-11-12', skill: 'oclock-read' },
  { lessonId: 9, day: '2026-11-30', skill: 'half-past-read' },
];
/** All that is said of a child, in one thing. */
const createSaid = () => {
  const atChecks = CHECKS.map(createAtCheck);
  return (answers: readonly JudgedAnswer[]) => {
    const judged = judgeChild(answers, { lessons: ['2026-11-12'], homeLanguage: 'de' });
    return {
      judged,
      skills: skillsOf(answers, judged.shares.rules),
      times: [...timesOf(answers)],
      totals: structuredClone(totalsOf(answers)),
      checks: atChecks.map((atCheck) => atCheck(answers)),
      history: historyOf(answers, ['oclock-read', 'half-past-draw']),
    };
  };
};

describe('what is said of a child as answers are added', () => {
  it.each<[string, WrongRule | undefined]>([
    ['knows', undefined],
    ...(['hands-swapped', 'coming-hour', 'one-zero'] as const).map((rule): [string, WrongRule] => [rule, rule]),
  ])('is what all of them say at once: %s', (_, rule) => {
    const said = createSaid();
    const answers: JudgedAnswer[] = [];
    for (let i = 0; i < 60; i++) {
      // Some come late, and now and then one does not count any more.
      answers.push(
        made(i % 7 === 3 ? pick(rng, WRONG_RULES) : rule, Math.max(0, Math.floor(i / 8) - (i % 11 === 5 ? 2 : 0))),
      );
      if (i % 13 === 12) answers.splice(i % 5, 1);
      if (i % 3 === 0) expect(said(answers)).toEqual(createSaid()(answers.map((answer) => ({ ...answer }))));
    }
  });
  it('changes with the days of the lessons', () => {
    const answers = Array.from({ length: 30 }, (_, i) => made('coming-hour', Math.floor(i / 6)));
    const history = (some: readonly JudgedAnswer[], lessons: readonly string[]) =>
      historyOf(some, ['oclock-read', 'half-past-read'], lessons);
    for (const lessons of [[], ['2026-11-11'], [], ['2026-11-12']])
      expect(history(answers, lessons)).toEqual(history([...answers], lessons));
    expect(history(answers, ['2026-11-11'])).not.toEqual(history(answers, []));
  });
  it('does not change afterwards', () => {
    const said = createSaid();
    const answers = Array.from({ length: 20 }, () => made('hands-swapped', 0));
    const before = said(answers);
    const then = structuredClone(before);
    answers.push(made('hands-swapped', 0), made(undefined, 1));
    said(answers);
    expect(before).toEqual(then);
  });
});

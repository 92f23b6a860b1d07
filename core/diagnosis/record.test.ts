import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, isOclock, timeOf, wrapToDial } from '../clock/index.ts';
import { pick, seededRng, type Rng } from '../common/index.ts';
import type { Item } from '../items/index.ts';
import { simulateAnswer } from '../simulation/index.ts';
import { judgedGiven } from './judged.test.support.ts';
import {
  beliefOf,
  beliefsByDay,
  firstLook,
  historyOf,
  judgeChild,
  skillsOf,
  tellingTasks,
  triedOf,
  wrongAnswers,
  type ConventionChange,
  type JudgedAnswer,
  type LookedFor,
} from './index.ts';

/** A clock that was read. @param shown @param said minutes after twelve */
const read = (shown: number, said: number, day?: string): JudgedAnswer =>
  judgedGiven({ kind: 'read', shown: wrapToDial(shown) }, { kind: 'time', time: wrapToDial(said) }, day);
const HALF_PAST = TAUGHT_TIMES.filter((time) => !isOclock(time));
/** Answers over some days of a child who follows a rule until a day, and then knows. */
const learner = (rng: Rng, days: readonly string[], knowsFrom: string): JudgedAnswer[] =>
  days.flatMap((day) => {
    const child = { rule: day >= knowsFrom ? undefined : 'coming-hour', faith: 1, slip: 0 } as const;
    return Array.from({ length: 5 }, () => {
      const item = { kind: 'read', shown: pick(rng, HALF_PAST) } as const;
      return judgedGiven(item, simulateAnswer(child, item, rng), day);
    });
  });
const DAYS = ['2026-11-09', '2026-11-10', '2026-11-11', '2026-11-16', '2026-11-17', '2026-11-18'];

describe('the days of a child', () => {
  const answers = learner(seededRng(4), DAYS, '2026-11-16');
  it('end with what is said today', () => {
    const history = historyOf(answers, ['half-past-read']);
    expect(history.map(({ day }) => day)).toEqual(DAYS);
    expect(history.at(-1)!.skills).toEqual(skillsOf(answers, judgeChild(answers).shares.rules));
    const beliefs = [...beliefsByDay(answers)];
    expect(beliefs.at(-1)!.belief).toEqual(beliefOf(answers));
  });
  it('say of each day what would have been said then', () => {
    const until = answers.filter(({ day }) => day <= '2026-11-11');
    expect(historyOf(answers, ['half-past-read'])[2]!.skills).toEqual(skillsOf(until, judgeChild(until).shares.rules));
  });
  it('go up for who learns', () => {
    const shares = historyOf(answers, ['half-past-read']).map(({ skills }) => skills['half-past-read']!.share);
    expect(shares[5]!).toBeGreaterThan(shares[2]! + 0.3);
  });
  it('are none without an answer to the skill', () => {
    expect(historyOf(answers, ['oclock-draw'])).toEqual([]);
    expect(historyOf([], ['half-past-read'])).toEqual([]);
  });
});

describe('wrong answers to a skill', () => {
  const rules = judgeChild([]).shares.rules;
  const say = ({ item, read: given }: { item: unknown; read: unknown }): string => JSON.stringify([item, given]);
  it('are counted alike, the most frequent first, with who gave them and the likeliest rule', () => {
    const coming = judgeChild([read(270, 330), read(150, 210), read(390, 450)]).shares.rules;
    const found = wrongAnswers(
      [
        { childId: 1, rules, answers: [read(270, 270), read(180, 60)] },
        { childId: 2, rules: coming, answers: [read(270, 330), read(270, 330)] },
        { childId: 5, rules: coming, answers: [read(270, 330)] },
      ],
      say,
    );
    expect(found.map(({ count, childIds, rule }) => [count, childIds, rule])).toEqual([
      [3, [2, 5], 'coming-hour'],
      [1, [1], undefined],
    ]);
  });
  it('are none where all was right, and of no child', () => {
    expect(wrongAnswers([{ childId: 1, rules, answers: [read(270, 270)] }], say)).toEqual([]);
    expect(wrongAnswers([], say)).toEqual([]);
  });
});

describe('what was tried', () => {
  const need = { need: 'between', rule: 'coming-hour' } as const;
  const lesson = { what: 'lesson', day: '2026-11-11' } as const;
  it('helped where the need shows half as often since', () =>
    expect(triedOf(need, learner(seededRng(4), DAYS, '2026-11-16'), [lesson])).toEqual([
      { ...lesson, before: { shown: 15, of: 15 }, since: { shown: 0, of: 15 }, result: 'helped' },
    ]));
  it('has not where it shows as before', () =>
    expect(triedOf(need, learner(seededRng(4), DAYS, '2027'), [lesson])[0]!.result).toBe('not-yet'));
  it('is too early to say with few answers since, or none', () => {
    const answers = learner(seededRng(4), DAYS, '2026-11-16');
    expect(triedOf(need, answers, [{ what: 'practice', day: '2026-11-18' }])[0]).toMatchObject({
      since: { shown: 0, of: 0 },
      result: 'too-early',
    });
  });
  it('counts only answers it would have shown in, and says the latest first', () => {
    const answers = [read(timeOf(4), timeOf(4), '2026-11-12'), read(270, 330, '2026-11-10')];
    const [practice, taught] = triedOf(need, answers, [lesson, { what: 'practice', day: '2026-11-12' }]);
    expect([practice!.what, taught!.what]).toEqual(['practice', 'lesson']);
    expect(taught!.since.of).toBe(0);
  });
});

describe('who needs a look first', () => {
  const child = (name: string, more: Partial<LookedFor> = {}) => ({
    name,
    reason: null,
    noPattern: false,
    again: [],
    skills: {},
    failed: false,
    ...more,
  });
  const order = (...children: ReturnType<typeof child>[]) => firstLook(children).map(({ name }) => name);
  it('is who has a need, then who has no pattern, then who is at a beginning; otherwise the class list', () => {
    const secure = child('Ada', { skills: { parts: { level: 'secure' } } });
    const beginning = child('Cleo', { skills: { parts: { level: 'beginning' } } });
    const again = child('Davi', { again: ['parts'] });
    const noPattern = child('Theo', { noPattern: true });
    const [bram, ida] = [child('Bram', { reason: {} }), child('Ida', { reason: {} })];
    expect(order(secure, bram, beginning, again, ida, noPattern, child('Uma', { failed: true }))).toEqual([
      'Bram',
      'Ida',
      'Uma',
      'Theo',
      'Cleo',
      'Davi',
      'Ada',
    ]);
  });
});

describe('what the class does otherwise since a day', () => {
  const answers = ['2026-11-10', '2026-11-11'].flatMap((day) => [
    read(timeOf(4), timeOf(12, 20), day),
    read(timeOf(9), timeOf(12, 45), day),
    read(timeOf(2), timeOf(12, 10), day),
  ]);
  const beside = (changes: ConventionChange[]) =>
    judgeChild(answers, { changes }).reasons[0]!.beside.filter(({ kind }) => kind === 'convention');
  it('is said beside a need that may come of it, for some days', () => {
    expect(beside([{ convention: 'handNames', day: '2026-11-09' }])).toEqual([
      { kind: 'convention', convention: 'handNames', day: '2026-11-09' },
    ]);
    expect(beside([{ convention: 'handNames', day: '2026-10-05' }])).toEqual([]);
    expect(beside([{ convention: 'handNames', day: '2026-11-12' }])).toEqual([]);
  });
  it('is not said beside another need', () =>
    expect(beside([{ convention: 'digitalForm', day: '2026-11-09' }])).toEqual([]));
});

describe('a name that waits for one more answer', () => {
  const atHalfPastTwelve = judgedGiven(
    { kind: 'write-digital', shown: wrapToDial(30) },
    { kind: 'text', text: '1:30' },
  );
  // Only at half past twelve the smaller number is the wrong one.
  const answers = [atHalfPastTwelve, read(510, 510), read(270, 270), read(150, 150)];
  const items = ([30, 270, 510] as const).flatMap((shown): Item[] =>
    (['read', 'write-digital', 'draw'] as const).map((kind) => ({ kind, shown: wrapToDial(shown) })),
  );
  it('is not given, and the task comes first that would settle it', () => {
    const { reasons, belief, waiting } = judgeChild(answers);
    expect(reasons).toEqual([]);
    expect(waiting).toBe('smaller-number');
    const asked = new Set(answers.map(({ task }) => task));
    const [first] = tellingTasks(belief, items, 1, { waiting, asked });
    expect(first!.item).toMatchObject({ shown: 30 });
    expect([...asked]).not.toContain(JSON.stringify(first!.item));
    expect(judgeChild([...answers, read(30, 90)]).reasons[0]).toMatchObject({
      need: 'between',
      rule: 'smaller-number',
    });
  });
  it('waits for nothing where nothing is likely, or it is named already', () => {
    expect(judgeChild([]).waiting).toBeUndefined();
    expect(judgeChild([...answers, read(30, 90)]).waiting).toBeUndefined();
  });
});

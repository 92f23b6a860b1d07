import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES } from '../clock/index.ts';
import { seededRng, shuffled, type Rng } from '../common/index.ts';
import { ITEM_KINDS, isAmongOptions, rightAnswers, type Item, type ItemKind } from '../items/index.ts';
import { makeItem, suits } from '../making/index.ts';
import { WRONG_RULES, isInvisible, predict, type WrongRule } from '../misconceptions/index.ts';
import { judgedGiven } from './judged.test.support.ts';
import { NEED_OF_RULE, judgeChild } from './index.ts';

/** Tasks of a kind, each about another time where the kind is about one. */
const tasksOf = (kind: ItemKind, rng: Rng): Item[] => {
  const times = TAUGHT_TIMES.filter((time) => suits(kind, time));
  const asked = times.length > 0 ? shuffled(rng, times) : TAUGHT_TIMES;
  return asked.map((time) => makeItem(kind, rng, [time], TAUGHT_TIMES));
};
const ASKED = 8;
/** Tasks of a kind in which a rule shows by an answer of its own. */
const showing = (rule: WrongRule, kind: ItemKind): Item[] =>
  tasksOf(kind, seededRng(5)).filter((item) => {
    const predicted = predict(rule, item);
    return predicted.kind === 'answers' && !isInvisible(rule, item);
  });

describe('every rule in every kind of task', () => {
  const places = WRONG_RULES.flatMap((rule) =>
    ITEM_KINDS.flatMap((kind) => {
      const items = showing(rule, kind).slice(0, ASKED);
      return new Set(items.map((item) => JSON.stringify(item))).size >= 4 ? [{ rule, kind, items }] : [];
    }),
  );
  it('shows in many of them', () => expect(places.length).toBeGreaterThan(100));
  it.each(places)('$rule, by $kind: no other need is named, and its own where answers are free', ({ rule, items }) => {
    const answers = items.map((item) => {
      const predicted = predict(rule, item);
      return judgedGiven(item, predicted.kind === 'answers' ? predicted.own[0]! : rightAnswers(item)[0]!);
    });
    const named = judgeChild(answers).reasons.map(({ need }) => need);
    expect(named.filter((need) => need !== NEED_OF_RULE[rule])).toEqual([]);
    if (!items.some(isAmongOptions)) expect(named).toEqual([NEED_OF_RULE[rule]]);
    // Who knows is never given a name by the same tasks.
    const right = items.map((item) => judgedGiven(item, rightAnswers(item)[0]!));
    expect(judgeChild(right).reasons).toEqual([]);
  });
});

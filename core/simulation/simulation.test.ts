import { describe, expect, it } from '@jest/globals';
import { OCLOCK_TIMES } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { ITEM_KINDS, answersOf, type Item } from '../items/index.ts';
import { WRONG_RULES } from '../misconceptions/index.ts';
import { makeItem } from '../making/index.ts';
import { answerOnTablet, anyChild, following, knowing, simulateAnswer } from './index.ts';
import { markGiven as mark, explainGiven as explain } from '../marking/given.test.support.ts';

const reads: Item[] = OCLOCK_TIMES.map((shown) => ({ kind: 'read', shown }));
const sets: Item[] = OCLOCK_TIMES.map((shown) => ({ kind: 'set', shown }));

describe('a simulated child', () => {
  it('who knows and never slips is always right, whatever is asked', () => {
    const rng = seededRng(1);
    const knows = knowing(0);
    const others = ITEM_KINDS.flatMap((kind) => Array.from({ length: 30 }, () => makeItem(kind, rng)));
    for (const item of [...reads, ...sets, ...others])
      expect(mark(item, simulateAnswer(knows, item, rng)).verdict).toBe('right');
  });
  it('who follows a rule without fail gives the rule’s own answers wherever it can be seen', () => {
    const rng = seededRng(2);
    for (const rule of ['hands-swapped', 'numeral-as-minutes'] as const)
      for (const item of reads) {
        const answer = simulateAnswer({ rule, faith: 1, slip: 0 }, item, rng);
        const invisible = rule === 'hands-swapped' && 'shown' in item && item.shown === 0;
        if (invisible) expect(explain(item, answer)).toEqual([]);
        else expect(explain(item, answer)).toContain(rule);
      }
  });
  it('who slips is off by one hour', () => {
    const rng = seededRng(3);
    for (const item of reads) {
      const answer = simulateAnswer({ rule: undefined, faith: 0, slip: 1 }, item, rng);
      if (answer.kind !== 'time' || !('shown' in item)) throw new Error('a read item is answered by a time');
      expect([60, 660]).toContain(Math.abs(answer.time - item.shown));
    }
  });
  it('is the same child for the same seed', () => {
    const answers = (seed: number) => {
      const rng = seededRng(seed);
      return [...reads, ...sets].map((item) =>
        simulateAnswer({ rule: 'hands-swapped', faith: 0.5, slip: 0.2 }, item, rng),
      );
    };
    expect(answers(9)).toEqual(answers(9));
    expect(answers(9)).not.toEqual(answers(10));
  });
  it('at a tablet gives what a tablet takes for each kind of task, drawings as strokes', () => {
    const rng = seededRng(4);
    for (const kind of ITEM_KINDS)
      for (let i = 0; i < 20; i++) {
        const given = answerOnTablet(following('hands-swapped'), makeItem(kind, rng), rng);
        expect([kind, answersOf(kind)]).toEqual([kind, expect.arrayContaining([given.kind])]);
        expect(['drawn', 'observed']).not.toContain(given.kind);
      }
  });
  it('is one who knows in six of ten, when it is any child', () => {
    const rng = seededRng(5);
    const children = Array.from({ length: 1000 }, () => anyChild(rng));
    const share = children.filter(({ rule }) => rule === undefined).length / children.length;
    expect(share).toBeGreaterThan(0.55);
    expect(share).toBeLessThan(0.65);
    expect(new Set(children.map(({ rule }) => rule)).size).toBe(WRONG_RULES.length + 1);
  });
});

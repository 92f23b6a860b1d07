import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { rightAnswers } from '../items/index.ts';
import { mark } from '../marking/index.ts';
import { makeItem, withTwin } from './index.ts';

describe('a task of circling clocks with a twin', () => {
  it('is right when both right clocks are circled, and not when one is left out', () => {
    const rng = seededRng(8);
    for (let i = 0; i < 100; i++) {
      const item = withTwin(rng, makeItem('choose-clock', rng));
      const [right] = rightAnswers(item);
      if (item.kind !== 'choose-clock' || right?.kind !== 'choice') throw new Error('it is about clocks');
      expect(item.options).toHaveLength(4);
      expect(right.chosen).toHaveLength(2);
      expect(mark(item, right).verdict).toBe('right');
      expect(mark(item, { kind: 'choice', chosen: right.chosen.slice(0, 1) })).toMatchObject({
        verdict: 'wrong',
        findings: [{ kind: 'choice', leftOut: 1, wronglyTaken: 0 }],
      });
    }
  });
  it('is about nothing else', () => {
    const item = makeItem('read', seededRng(1), [timeOf(3)]);
    expect(withTwin(seededRng(1), item)).toBe(item);
  });
});

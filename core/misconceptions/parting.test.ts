import { describe, expect, it } from '@jest/globals';
import { OCLOCK_TIMES, TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { RULE_HELP, WRONG_RULES, isInvisible, partingPair, predict, type WrongRule } from './index.ts';

const KINDS = ['read', 'write-digital', 'draw', 'set'] as const;

describe('two times side by side', () => {
  it('are those that are kept for a rule where these may be shown', () =>
    expect(partingPair(['coming-hour'], TAUGHT_TIMES)).toEqual(RULE_HELP['coming-hour'].contrast));
  it('are others where these were not met: hands square, and the other far round the clock', () =>
    expect(partingPair(['hands-swapped'], OCLOCK_TIMES)).toEqual([timeOf(3), timeOf(9)]));
  it('are none where nothing is likely, or no time shows it', () => {
    expect(partingPair([], TAUGHT_TIMES)).toBeUndefined();
    expect(partingPair(['names-swapped'], TAUGHT_TIMES)).toBeUndefined();
    expect(partingPair(['hands-swapped'], [])).toBeUndefined();
  });
  const differ = (a: WrongRule, b: WrongRule, shown: (typeof TAUGHT_TIMES)[number]): boolean =>
    KINDS.some(
      (kind) =>
        !isInvisible(a, { kind, shown }) &&
        JSON.stringify(predict(a, { kind, shown })) !== JSON.stringify(predict(b, { kind, shown })),
    );
  it.each(WRONG_RULES)('part %s from any other by at least one of them', (rule) => {
    for (const other of WRONG_RULES) {
      const pair = other === rule ? undefined : partingPair([rule, other], TAUGHT_TIMES);
      if (pair === undefined) continue;
      expect(pair[0]).not.toBe(pair[1]);
      expect(pair.some((time) => differ(rule, other, time))).toBe(true);
    }
  });
});

import { describe, expect, it } from '@jest/globals';
import { ONE_ACT_MS, createOneAct } from './oneAct.ts';

describe('an act that is tapped again', () => {
  it('within a second is one act, and another one after it', () => {
    let now = 0;
    const isFirst = createOneAct(() => now);
    expect(isFirst('hand to all')).toBe(true);
    now = 200;
    expect(isFirst('hand to all')).toBe(false);
    now = ONE_ACT_MS - 1;
    expect(isFirst('hand to all')).toBe(false);
    now = ONE_ACT_MS;
    expect(isFirst('hand to all')).toBe(true);
  });
  it('beside another act is another', () => {
    const isFirst = createOneAct(() => 0);
    expect(['hold lesson 3', 'hold lesson 4', 'hold lesson 3'].map(isFirst)).toEqual([true, true, false]);
  });
});

import { describe, expect, it } from '@jest/globals';
import { versionOf } from './version.ts';

describe('a version', () => {
  it('is the same for the same state, whatever order its fields came in', () =>
    expect(versionOf({ a: 1, b: { c: [2, 3], d: undefined } })).toBe(versionOf({ b: { c: [2, 3] }, a: 1 })));
  it('is another for another state', () => {
    const states = [null, '', 'a', [], [1, 2], [2, 1], { a: 1 }, { a: '1' }, { b: 1 }];
    expect(new Set(states.map(versionOf)).size).toBe(states.length);
  });
});

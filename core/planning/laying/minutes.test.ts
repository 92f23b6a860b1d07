import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { apportion } from './minutes.ts';
import { DEFAULT_PACE, itemCount, roundSeconds } from '../index.ts';

describe('minutes of segments', () => {
  it('add up exactly, each at least one, whatever the shares', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 8, max: 40 }),
        (shares, total) => {
          const minutes = apportion(shares, total);
          expect(minutes.reduce((sum, one) => sum + one, 0)).toBe(total);
          expect(Math.min(...minutes)).toBeGreaterThanOrEqual(1);
        },
      ),
    ));
  it.each([
    [[2, 5, 3, 4, 4, 2], 20, [2, 5, 3, 4, 4, 2]],
    [[2, 5, 3, 4, 4, 2], 25, [3, 6, 4, 5, 5, 2]], // 2.5 6.25 3.75 5 5 2.5: the first half minute and three quarters go up
    [[1, 1, 1], 4, [2, 1, 1]],
    [[12, 1, 1], 3, [1, 1, 1]],
  ])('%j over %d are %j', (shares, total, minutes) => expect(apportion(shares, total)).toEqual(minutes));
  it('cannot be fewer than the segments', () => expect(() => apportion([1, 1, 1], 2)).toThrow(RangeError));
});

describe('how many times fit', () => {
  it.each([
    ['eight of 35 seconds into 5 minutes', 'show-me', ['set'], 5, 8],
    ['six into 4', 'show-me', ['set'], 4, 6],
    ['two at least', 'together', ['read'], 1, 2],
    ['four said aloud, however long the warm-up', 'warm-up', ['read'], 10, 4],
    ['six drawings into six minutes', 'ticket', ['draw'], 6, 6],
    ['five that are read, written and drawn in turn into four', 'ticket', ['read', 'write-digital', 'draw'], 4, 5],
  ] as const)('%s', (_, kind, tasks, minutes, count) => expect(itemCount(kind, tasks, minutes)).toBe(count));
  it('fewer where the teacher gives more time to think', () => {
    const slow = { ...DEFAULT_PACE, think: 30 };
    expect(roundSeconds(slow)).toBe(55);
    expect(itemCount('show-me', ['set'], 5, slow)).toBe(5);
  });
});

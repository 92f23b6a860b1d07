import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { FOLDED, STONE, TODAY_MORE, isShown, stretchOf } from './pathFold.ts';

describe('the path', () => {
  it('shows every lesson where there is room', () =>
    expect(stretchOf(16, 7, 790)).toEqual({ first: 0, count: 16, wide: 47 }));
  it('folds the far ends of a long unit and keeps the stone looked at in the middle', () => {
    const { first, count } = stretchOf(40, 20, 760);
    expect(count).toBeGreaterThanOrEqual(9);
    expect(20 - first).toBe(Math.floor(count / 2));
  });
  it('from 1 to 40 lessons always shows the stone looked at, and fits', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 500, max: 1600 }),
        (count, share, width) => {
          const centre = Math.round(share * (count - 1));
          const stretch = stretchOf(count, centre, width);
          expect(isShown(stretch, centre)).toBe(true);
          expect(stretch.first).toBeGreaterThanOrEqual(0);
          expect(stretch.first + stretch.count).toBeLessThanOrEqual(count);
          expect(stretch.wide).toBeGreaterThanOrEqual(STONE);
          expect(stretch.count * stretch.wide + (count - stretch.count) * FOLDED + TODAY_MORE).toBeLessThanOrEqual(
            width,
          );
        },
      ),
    ));
});

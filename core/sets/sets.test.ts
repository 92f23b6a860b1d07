import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { OCLOCK_TIMES, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { UNIT } from '../planning/index.ts';
import { chooseOclockSet, hasCountingOrder, isCleanExample } from './index.ts';

const seeds = fc.integer({ min: 0, max: 1e6 });

describe('a set of o’clock times', () => {
  it('holds as many different ones as asked, 12 among them in the later half, never in counting order', () =>
    fc.assert(
      fc.property(seeds, fc.integer({ min: 4, max: 8 }), (seed, count) => {
        const times = chooseOclockSet(seededRng(seed), count);
        expect(new Set(times).size).toBe(count);
        expect(times.every((time) => OCLOCK_TIMES.includes(time))).toBe(true);
        expect(times.indexOf(timeOf(12))).toBeGreaterThanOrEqual(count / 2);
        expect(hasCountingOrder(times)).toBe(false);
      }),
    ));
  it('takes the last lesson’s times only when there are no others', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const recent = [1, 4, 7, 10].map((hour) => timeOf(hour));
        expect(chooseOclockSet(seededRng(seed), 6, recent).filter((time) => recent.includes(time))).toEqual([]);
        expect(chooseOclockSet(seededRng(seed), 6, OCLOCK_TIMES)).toHaveLength(6);
      }),
    ));
  it('is the same for the same seed', () =>
    expect(chooseOclockSet(seededRng(7), 6)).toEqual(chooseOclockSet(seededRng(7), 6)));
  it.each([3, 9, 4.5])('cannot be of %d times', (count) =>
    expect(() => chooseOclockSet(seededRng(1), count)).toThrow(RangeError),
  );
  it.each([
    [[3, 4, 9], true],
    [[9, 4, 3], true],
    [[12, 1, 5], true],
    [[1, 12, 5], true],
    [[3, 9, 4], false],
  ])('%j in counting order: %p', (hours, counts) =>
    expect(hasCountingOrder(hours.map((hour) => timeOf(hour)))).toBe(counts),
  );
});

describe('first examples', () => {
  it('are clean: hands apart, not 12 or 6', () => {
    expect(OCLOCK_TIMES.filter(isCleanExample)).toEqual([2, 3, 4, 5, 7, 8, 9, 10].map((hour) => timeOf(hour)));
  });
  it('open every lesson that shows o’clock with two hands', () => {
    for (const key of ['oclock-meet', 'oclock-read-set', 'oclock-match-write', 'oclock-draw']) {
      const show = UNIT.find((lesson) => lesson.key === key)!.segments.find(({ kind }) => kind === 'show')!;
      expect(show.times.from === 'fixed' && isCleanExample(show.times.times[0]!)).toBe(true);
    }
  });
});

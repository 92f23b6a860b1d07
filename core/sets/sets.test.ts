import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ALL_DIAL_TIMES, OCLOCK_TIMES, hourOf, timeOf, type DialTime } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import {
  TIMES_OF_GROUP,
  TIME_GROUPS,
  chooseTimes,
  cleanExamples,
  contrastExamples,
  groupOfTime,
  hasCountingOrder,
  isCleanExample,
  isHardTime,
  type SetWishes,
  type TimeGroup,
} from './index.ts';

const seeds = fc.integer({ min: 0, max: 1e6 });
const anything: Omit<SetWishes, 'count' | 'groups'> = {
  hardLate: true,
  recency: () => 0,
  uses: () => 0,
  suits: () => true,
};
const hours = (...list: number[]): DialTime[] => list.map((hour) => timeOf(hour));

describe('a set of times to practise', () => {
  it('holds as many different ones as asked, hard ones in the later half, never in counting order', () =>
    fc.assert(
      fc.property(
        seeds,
        fc.integer({ min: 2, max: 8 }),
        fc.subarray<TimeGroup>(['oclock', 'half-past', 'quarter-past', 'quarter-to'], { minLength: 1 }),
        (seed, count, groups) => {
          const times = chooseTimes(seededRng(seed), { ...anything, count, groups });
          expect(new Set(times).size).toBe(count);
          expect(times.every((time) => groups.includes(groupOfTime(time)))).toBe(true);
          expect(times.slice(0, Math.ceil(count / 2)).filter(isHardTime)).toEqual([]);
          expect(hasCountingOrder(times)).toBe(false);
        },
      ),
    ));
  it('takes times of the last lessons only when there are no others', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const lately = new Set(hours(1, 4, 7, 10));
        const wishes = {
          ...anything,
          groups: ['oclock'] as const,
          recency: (time: DialTime) => (lately.has(time) ? 1 : 0),
        };
        const fresh = chooseTimes(seededRng(seed), { ...wishes, count: 6 });
        expect(fresh.filter((time) => lately.has(time))).toEqual([]);
        expect(chooseTimes(seededRng(seed), { ...wishes, count: 12 })).toHaveLength(12);
      }),
    ));
  it('gives hours their turn that had none', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const times = chooseTimes(seededRng(seed), {
          ...anything,
          groups: ['oclock'],
          count: 4,
          uses: (time) => (hourOf(time) % 3 === 0 ? 0 : 5),
        });
        expect(times.map(hourOf).sort((a, b) => a - b)).toEqual([3, 6, 9, 12]);
      }),
    ));
  it('takes one more when the first choice can only be counted: 1, 2, 3', () => {
    const times = chooseTimes(seededRng(1), {
      ...anything,
      groups: ['oclock'],
      count: 3,
      suits: (time) => [1, 2, 3, 8].includes(hourOf(time)),
      uses: (time) => (hourOf(time) === 8 ? 1 : 0),
    });
    expect(times).toHaveLength(3);
    expect(times).toContain(timeOf(8));
    expect(hasCountingOrder(times)).toBe(false);
  });
  it('has fewer when no order of so many exists', () => {
    const only = { ...anything, groups: ['oclock'] as const, suits: (time: DialTime) => hourOf(time) < 4 };
    expect(chooseTimes(seededRng(1), { ...only, count: 3 })).toHaveLength(2); // 1 and 3
    expect(chooseTimes(seededRng(1), { ...only, suits: () => false, count: 3 })).toEqual([]);
  });
  it('of two groups has as many of each', () => {
    const times = chooseTimes(seededRng(5), { ...anything, groups: ['oclock', 'half-past'], count: 6 });
    expect(times.filter((time) => groupOfTime(time) === 'oclock')).toHaveLength(3);
  });
  it('is the same for the same seed', () => {
    const wishes = { ...anything, groups: ['oclock'] as const, count: 6 };
    expect(chooseTimes(seededRng(7), wishes)).toEqual(chooseTimes(seededRng(7), wishes));
  });
  it.each([
    [[3, 4, 9], true],
    [[9, 4, 3], true],
    [[12, 1, 5], true],
    [[1, 12, 5], true],
    [[3, 9, 4], false],
  ])('%j in counting order: %p', (list, counts) => expect(hasCountingOrder(hours(...list))).toBe(counts));
  it('counts 4:00 and 4:30 as neighbours, 4:00 and 5:30 not', () => {
    expect(hasCountingOrder([timeOf(4), timeOf(4, 30)])).toBe(true);
    expect(hasCountingOrder([timeOf(4), timeOf(5, 30)])).toBe(false);
  });
});

describe('groups of times', () => {
  it('hold every time of the dial once, twelve of o’clock, half past and each quarter', () => {
    expect(TIME_GROUPS.flatMap((group) => TIMES_OF_GROUP[group])).toHaveLength(ALL_DIAL_TIMES.length);
    expect(TIME_GROUPS.map((group) => TIMES_OF_GROUP[group].length)).toEqual([12, 12, 12, 12, 96, 576]);
  });
  it('have the hard ones among o’clock and half past that are left till last', () =>
    expect([...TIMES_OF_GROUP.oclock, ...TIMES_OF_GROUP['half-past']].filter(isHardTime)).toEqual([
      timeOf(12),
      timeOf(6),
      timeOf(12, 30),
      timeOf(5, 30), // hands 15 degrees apart
      timeOf(6, 30),
      timeOf(11, 30),
    ]));
});

describe('examples to show', () => {
  it('are clean: hands apart, not 12 or 6', () =>
    expect(OCLOCK_TIMES.filter(isCleanExample)).toEqual(hours(2, 3, 4, 5, 7, 8, 9, 10)));
  it('lie far apart, and the ones shown lately wait', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const lately = new Set(hours(3, 9));
        const times = cleanExamples(seededRng(seed), 'oclock', 3, (time) => (lately.has(time) ? 1 : 0));
        expect(times).toHaveLength(3);
        expect(times.filter((time) => lately.has(time))).toEqual([]);
        expect(hasCountingOrder([...times, times[0]!])).toBe(false);
      }),
    ));
  it('in contrast are an hour, its half past and the next hour, all clean', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const [first, second, third] = contrastExamples(seededRng(seed), 3, () => 0);
        expect(second! - first!).toBe(30);
        expect(third! - second!).toBe(30);
        expect([first, second, third].every((time) => isCleanExample(time!))).toBe(true);
      }),
    ));
});

import { describe, expect, it } from '@jest/globals';
import { isOclock, timeOf } from '../../clock/index.ts';
import { seededRng } from '../../common/index.ts';
import { ROUND_TASKS, isRoundItem, timeAsked } from '../../rounds/index.ts';
import { areNeighbours, hasCountingOrder, isHardTime, laterHalf } from '../../sets/index.ts';
import { itemsAt, spareItems, surpriseItems } from '../index.ts';

const NOTHING: never[] = [];
const OCLOCK = [{ skills: ['oclock-read' as const], segments: [] }];
const BOTH = [...OCLOCK, { skills: ['half-past-read' as const], segments: [] }];

describe('a round made on the spot', () => {
  it.each([
    ['nothing', NOTHING],
    ['o’clock', OCLOCK],
  ])('asks o’clock only after %s was met, options and all', (_, taught) => {
    for (let seed = 1; seed <= 60; seed++)
      for (const item of surpriseItems(seededRng(seed), taught, ['read', 'set', 'write-digital']))
        expect(isRoundItem(item) && isOclock(timeAsked(item)!)).toBe(true);
  });
  it('keeps the rules of a planned set: six different times, none in counting order, hard ones late', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const times = surpriseItems(seededRng(seed), BOTH, ['set']).map((item) => isRoundItem(item) && timeAsked(item));
      expect(new Set(times).size).toBe(6);
      const set = times as ReturnType<typeof timeOf>[];
      expect(hasCountingOrder(set)).toBe(false);
      set.forEach((time, i) => {
        if (i > 0) expect(areNeighbours(set[i - 1]!, time)).toBe(false);
        if (isHardTime(time)) expect(i).toBeGreaterThanOrEqual(laterHalf(6));
      });
    }
  });
  it('asks the chosen tasks in turn', () =>
    expect(surpriseItems(seededRng(3), BOTH, ['read', 'choose-clock']).map(({ kind }) => kind)).toEqual([
      'read',
      'choose-clock',
      'read',
      'choose-clock',
      'read',
      'choose-clock',
    ]));
});

describe('items in reserve', () => {
  it('are about the same kind of times and tasks, and about none that is asked', () => {
    for (let seed = 1; seed <= 100; seed++) {
      const items = surpriseItems(seededRng(seed), BOTH, ['set']);
      const spare = spareItems(seededRng(seed + 1000), BOTH, items);
      expect(spare.length).toBeGreaterThanOrEqual(3);
      for (const item of spare) expect(items).not.toContainEqual(item);
      for (const { kind } of spare) expect(kind).toBe('set');
    }
  });
  it('are none where every time is asked', () => {
    const all = Array.from({ length: 12 }, (_, i) => ({ kind: 'set' as const, shown: timeOf(i + 1) }));
    expect(spareItems(seededRng(1), OCLOCK, all)).toEqual([]);
  });
});

describe('times a teacher picked', () => {
  const times = [timeOf(3), timeOf(7, 30), timeOf(12)];
  it.each(ROUND_TASKS)('are asked in that order: %s', (task) => {
    const items = itemsAt(seededRng(1), OCLOCK, [task], times);
    // A clock that is to be judged may show no time at all: it is made from that time.
    if (task !== 'judge-clock')
      expect(items.map((item) => (item.kind === 'yet' ? item.target : isRoundItem(item) && timeAsked(item)))).toEqual(
        times,
      );
    // At 12:00 both hands lie on each other: it is set, not drawn.
    expect(items.map(({ kind }) => kind)).toEqual([task, task, task === 'draw' ? 'set' : task]);
  });
  it('are asked as several kinds of tasks, each in turn', () => {
    const items = itemsAt(seededRng(1), OCLOCK, ['read', 'write-digital'], times);
    expect(items.map(({ kind }) => kind)).toEqual(['read', 'write-digital', 'read']);
  });
});

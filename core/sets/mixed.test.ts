import { describe, expect, it } from '@jest/globals';
import { seededRng } from '../common/index.ts';
import { TIME_GROUPS, groupOfTime, mixedTimes, type TimeGroup } from './index.ts';

describe('times to read quickly', () => {
  it.each([
    [['oclock'], 10],
    [['oclock', 'half-past'], 20],
    [['half-past', 'quarter-past', 'quarter-to'], 40],
    [['five-minutes'], 20],
  ] as [TimeGroup[], number][])('from %j: %i, mixed, none twice in a row', (groups, count) => {
    for (let seed = 1; seed <= 40; seed++) {
      const times = mixedTimes(seededRng(seed), groups, count);
      expect(times).toHaveLength(count);
      expect(new Set(times.map(groupOfTime))).toEqual(new Set(groups));
      times.forEach((time, i) => expect(time).not.toBe(times[i - 1]));
      // Each has its turn before one comes a second time more than the others.
      const turns = [...new Set(times)].map((time) => times.filter((other) => other === time).length);
      expect(Math.max(...turns) - Math.min(...turns)).toBeLessThanOrEqual(2);
      expect(mixedTimes(seededRng(seed), groups, count)).toEqual(times);
    }
  });
  it('are none where nothing is to be mixed', () => {
    expect(mixedTimes(seededRng(1), [], 5)).toEqual([]);
    expect(TIME_GROUPS).toContain('oclock');
  });
});

import { expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import type { Item } from '../items/index.ts';
import { quietSession, stonesOf, taskAfter } from './index.ts';

it('a ticket asks each task once, in order, whether the answers are right or not', () => {
  const items: Item[] = [1, 2, 3, 4].map((hour) => ({ kind: 'read', shown: timeOf(hour) }));
  const session = quietSession(items);
  for (const verdicts of [
    ['right', 'wrong', 'wrong', 'wrong'],
    ['right', 'right', 'right', 'unreadable'],
  ] as const)
    for (let done = 0; done <= items.length; done++) {
      const soFar = verdicts.slice(0, done).map((verdict) => ({ verdict }));
      expect(taskAfter(session, soFar)).toEqual(items[done]);
      expect(stonesOf(session, soFar)).toBe(4);
    }
});

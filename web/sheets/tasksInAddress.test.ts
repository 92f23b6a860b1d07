import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../../core/clock/index.ts';
import type { Item } from '../../core/items/index.ts';
import { addressOfTasks, tasksIn } from './tasksInAddress.ts';

describe('tasks in an address', () => {
  const TASKS: readonly Item[] = [
    { kind: 'read', shown: timeOf(4, 30) },
    { kind: 'draw', shown: timeOf(12) },
  ];
  it('come back as they were', () => expect(tasksIn(addressOfTasks(TASKS))).toEqual(TASKS));
  it('leave out what has more to it than a time', () =>
    expect(tasksIn(addressOfTasks([...TASKS, { kind: 'name-part', part: 'face' }]))).toEqual(TASKS));
  it.each([undefined, '', 'read', 'read.', 'read.720', 'read.-1', 'read.1.5x', 'fly.30', ['read.30'], '_._'])(
    'are none in %j',
    (address) => expect(tasksIn(address)).toEqual([]),
  );
});

import { describe, expect, it } from '@jest/globals';
import { createFairQueue } from './fairQueue.ts';

describe('work of many senders', () => {
  /** Does one work of each name, in this order, and says in which they were done. */
  const order = async (
    atOnce: number,
    ...all: readonly (readonly [sender: string, own?: boolean])[]
  ): Promise<string[]> => {
    const queue = createFairQueue(atOnce);
    const done: string[] = [];
    await Promise.all(
      all.map(([sender, own = false]) =>
        queue({ sender, own }, async () => {
          await new Promise((soon) => setTimeout(soon, 2));
          done.push(sender);
        }),
      ),
    );
    return done;
  };
  it('goes round: who sends many keeps nobody waiting', async () =>
    expect(await order(1, ['a'], ['a'], ['a'], ['b'], ['c'], ['b'])).toEqual(['a', 'a', 'b', 'c', 'a', 'b']));
  it('of this computer comes first', async () =>
    expect(await order(1, ['a'], ['a'], ['b'], ['here', true])).toEqual(['a', 'here', 'a', 'b']));
  it('goes on after work that failed', async () => {
    const queue = createFairQueue(1);
    const who = { sender: 'a', own: false };
    await expect(queue(who, () => Promise.reject(new Error('no')))).rejects.toThrow('no');
    expect(await queue(who, () => Promise.resolve(3))).toBe(3);
  });
});

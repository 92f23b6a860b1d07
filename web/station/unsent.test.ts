import { describe, expect, it } from '@jest/globals';
import type { PostAnswer } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { createUnsentQueue, type Sent, type Unsent } from './unsent.ts';

const answer = (n: number): Unsent => ({
  post: {
    id: `00000000-0000-4000-8000-00000000000${n}`,
    childId: 1,
    answer: { kind: 'hands', hour: 90, minute: 0 },
    to: { setting: 'round', roundId: '00000000-0000-4000-8000-0000000000ff', index: n },
  },
  lessonId: 7,
  item: { kind: 'set', shown: 180 as DialTime },
});

/** A tablet's memory and a network that answers as told. */
const tablet = (replies: Sent[] = []) => {
  const memory = new Map<string, string>();
  const sent: PostAnswer[] = [];
  const again: (() => void)[] = [];
  const open = () =>
    createUnsentQueue({
      storage: { getItem: (key) => memory.get(key) ?? null, setItem: (key, value) => void memory.set(key, value) },
      send: async (post) => {
        sent.push(post);
        return replies.shift() ?? 'stored';
      },
      onChange: () => undefined,
      later: (call) => again.push(call),
    });
  const settle = (): Promise<void> => new Promise((done) => setTimeout(done, 0));
  return { memory, sent, again, open, settle };
};

describe('answers a tablet has not sent yet', () => {
  it('go out in order, once each', async () => {
    const { open, sent, settle } = tablet();
    const queue = open();
    for (const n of [1, 2, 3]) queue.add(answer(n));
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '2', '3']);
    expect(queue.count()).toBe(0);
  });
  it('wait while the network is down and go out with the same id when it is back', async () => {
    const { open, sent, again, settle } = tablet(['later']);
    const queue = open();
    queue.add(answer(1));
    queue.add(answer(2));
    await settle();
    expect([sent.length, queue.count()]).toEqual([1, 2]);
    again[0]!();
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '1', '2']);
    expect(queue.count()).toBe(0);
  });
  it('survive a reload', async () => {
    const { open, sent, settle } = tablet(['later']);
    open().add(answer(1));
    await settle();
    const reloaded = open();
    expect(reloaded.count()).toBe(1);
    await reloaded.flush();
    expect(sent).toHaveLength(2);
    expect(open().count()).toBe(0);
  });
  it('are kept as practice when their round is over by the time they arrive', async () => {
    const { open, sent, settle } = tablet([{ refused: 'round-closed' }]);
    open().add(answer(1));
    await settle();
    expect(sent[1]).toMatchObject({
      id: sent[0]!.id,
      to: { setting: 'alone', lessonId: 7, item: { kind: 'set', shown: 180 }, attempt: 1 },
    });
  });
  it('are let go when they are refused for good, and do not hold up the next', async () => {
    const { open, sent, settle } = tablet([{ refused: 'already-answered' }]);
    const queue = open();
    queue.add(answer(1));
    queue.add(answer(2));
    await settle();
    expect([sent.length, queue.count()]).toEqual([2, 0]);
  });
  it('start afresh when the memory holds something else under our name', () => {
    const { open, memory } = tablet();
    memory.set('hoppel.unsent', 'not ours');
    expect(open().count()).toBe(0);
  });
});

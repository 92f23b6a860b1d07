import { describe, expect, it } from '@jest/globals';
import type { PostAnswer, ProblemCode } from '../../../contract/index.ts';
import { createUnsentQueue, type Sent, type Unsent } from './unsent.ts';
import { unsentAnswer as answer } from './unsent.test.support.ts';

/** A tablet's memory and a network that answers as told. */
const tablet = (replies: Sent[] | ((id: string) => Sent) = []) => {
  let memory: readonly Unsent[] = [];
  const sent: PostAnswer[] = [];
  const refused: [Unsent, ProblemCode][] = [];
  const again: (() => void)[] = [];
  let waiting = 0;
  const open = () =>
    createUnsentQueue({
      read: async () => memory,
      write: async (list) => {
        memory = list;
      },
      send: async (post) => {
        sent.push(post);
        return typeof replies === 'function' ? replies(post.id) : (replies.shift() ?? 'stored');
      },
      refuse: async (one, code) => {
        refused.push([one, code]);
      },
      onChange: (count) => (waiting = count),
      later: (call) => again.push(call),
    });
  const settle = (): Promise<void> => new Promise((done) => setTimeout(done, 0));
  return { sent, refused, again, open, settle, waiting: () => waiting, memory: () => memory };
};

describe('answers a tablet has not sent yet', () => {
  it('go out in order, once each', async () => {
    const { open, sent, settle, waiting } = tablet();
    const queue = open();
    for (const n of [1, 2, 3]) await queue.add(answer(n));
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '2', '3']);
    expect(waiting()).toBe(0);
  });
  it('wait while the network is down and go out with the same id when it is back', async () => {
    const { open, sent, again, settle, waiting } = tablet(['later', 'later']);
    const queue = open();
    await queue.add(answer(1));
    await queue.add(answer(2));
    await settle();
    expect([sent.length, waiting()]).toEqual([2, 2]);
    again.at(-1)!();
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '1', '1', '2']);
    expect(waiting()).toBe(0);
  });
  it('survive a reload, and go out before what is answered after it', async () => {
    const { open, sent, settle, waiting, memory } = tablet(['later']);
    await open().add(answer(1));
    await settle();
    expect(memory()).toHaveLength(1);
    const reloaded = open();
    await reloaded.add(answer(2));
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '1', '2']);
    expect([waiting(), memory()]).toEqual([0, []]);
  });
  it('are kept as practice when their round is over by the time they arrive', async () => {
    const { open, sent, settle } = tablet([{ refused: 'round-closed' }]);
    await open().add(answer(1));
    await settle();
    expect(sent[1]).toMatchObject({
      id: sent[0]!.id,
      to: { setting: 'alone', lessonId: 7, item: { kind: 'set', shown: 180 }, attempt: 1 },
    });
  });
  it('are set aside with the reason when they are refused, and do not hold up the next', async () => {
    const { open, sent, refused, settle, waiting } = tablet([{ refused: 'already-answered' }]);
    const queue = open();
    await queue.add(answer(1));
    await queue.add(answer(2));
    await settle();
    expect([sent.length, waiting()]).toEqual([2, 0]);
    expect(refused).toEqual([[answer(1), 'already-answered']]);
  });
  it('are never lost between being refused and being sent again', async () => {
    const { open, sent, settle, memory } = tablet((id) => (id.endsWith('1') ? { refused: 'unknown-child' } : 'stored'));
    const queue = open();
    await queue.add(answer(1));
    // Sent again while the queue still lets go of it.
    await queue.addAgain([answer(1)]);
    await settle();
    await queue.flush();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '1']);
    expect(memory()).toEqual([]);
  });
  it('keep their order while the server fails now and then', async () => {
    const { open, sent, again, settle, waiting } = tablet(['failed', 'failed']);
    const queue = open();
    await queue.add(answer(1));
    await queue.add(answer(2));
    await settle();
    again.at(-1)!();
    await settle();
    expect(sent.map(({ id }) => id.at(-1))).toEqual(['1', '1', '1', '2']);
    expect(waiting()).toBe(0);
  });
  it('go past one at which the server fails each time; that one stays, and is tried again', async () => {
    let isMended = false;
    const { open, sent, again, settle, memory } = tablet((id) => (id.endsWith('1') && !isMended ? 'failed' : 'stored'));
    const queue = open();
    for (const n of [1, 2, 3]) await queue.add(answer(n));
    for (let i = 0; i < 3; i++) {
      await settle();
      again.at(-1)!();
    }
    await settle();
    expect(memory().map(({ post }) => post.id.at(-1))).toEqual(['1']);
    expect(sent.map(({ id }) => id.at(-1)).filter((id) => id !== '1')).toEqual(['2', '3']);
    isMended = true;
    again.at(-1)!();
    await settle();
    expect(memory()).toEqual([]);
  });
});

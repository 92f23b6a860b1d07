import { describe, expect, it } from '@jest/globals';
import { createRefusedAnswers, type RefusedAnswer } from './setAside.ts';
import { unsentAnswer as answer } from './unsent.test.support.ts';
import type { Unsent } from './unsent.ts';

/** A tablet's memory, slow as a database is, and a teacher who lets go of what she says. */
const tablet = (tell: (one: RefusedAnswer) => Promise<boolean>) => {
  let memory: readonly RefusedAnswer[] = [];
  const pause = (): Promise<void> => new Promise((done) => setTimeout(done, 1));
  const list = createRefusedAnswers({
    read: async () => {
      const now = memory;
      await pause();
      return now;
    },
    write: async (fresh) => {
      await pause();
      memory = fresh;
    },
    tell,
  });
  return { list, kept: () => memory.map(({ answer: { post }, code }) => [post.id.at(-1), code]) };
};
const settle = (): Promise<void> => new Promise((done) => setTimeout(done, 20));

describe('answers the server refused', () => {
  it('stay, each once, with why it was refused last, whether or not the teacher could be told', async () => {
    const { list, kept } = tablet(async () => {
      throw new Error('no network');
    });
    await Promise.all([list.put(answer(1), 'unknown-child'), list.put(answer(2), 'malformed')]);
    await list.put(answer(1), 'other-child');
    await settle();
    expect(kept()).toEqual([
      ['2', 'malformed'],
      ['1', 'other-child'],
    ]);
  });
  it('go when the teacher let go of them', async () => {
    const { list, kept } = tablet(async (one) => !one.answer.post.id.endsWith('1'));
    await list.put(answer(1), 'malformed');
    await list.put(answer(2), 'malformed');
    await settle();
    expect(kept()).toEqual([['2', 'malformed']]);
  });
  it('are sent once more, and stay until they stand among those to be sent', async () => {
    const { list, kept } = tablet(async () => true);
    await list.put(answer(1), 'unknown-child');
    await expect(list.moveTo(async () => Promise.reject(new Error('no room')))).rejects.toThrow('no room');
    expect(kept()).toHaveLength(1);
    const taken: Unsent[] = [];
    await list.moveTo(async (answers) => void taken.push(...answers));
    expect([taken, kept()]).toEqual([[answer(1)], []]);
  });
});

import { describe, expect, it } from '@jest/globals';
import { createNoteOutbox } from './noteOutbox.ts';

/** A browser's store, a server that can be away, and time that passes when it is told to. */
const desk = (stored: Record<string, string> = {}) => {
  const words = new Map(Object.entries(stored));
  const kept = new Map<number, string>();
  let away = false;
  let isReplyLost = false;
  let work: (() => void)[] = [];
  const outbox = createNoteOutbox({
    storage: {
      getItem: (key) => words.get(key) ?? null,
      setItem: (key, value) => void words.set(key, value),
      removeItem: (key) => void words.delete(key),
      key: (i) => [...words.keys()][i] ?? null,
      get length() {
        return words.size;
      },
    },
    send: (id, note, seen) => {
      if (away) return Promise.reject(new Error('away'));
      const now = kept.get(id) ?? '';
      if (seen !== undefined && now !== seen && now !== note) return Promise.resolve(now);
      kept.set(id, note);
      return isReplyLost ? Promise.reject(new Error('lost')) : Promise.resolve(undefined);
    },
    later: (then) => {
      work.push(then);
      return 0 as unknown as ReturnType<typeof setTimeout>;
    },
  });
  return {
    outbox,
    kept,
    words,
    setAway: (is: boolean) => (away = is),
    /** What is sent is kept, and nobody here hears of it. */
    loseReplies: (is: boolean) => (isReplyLost = is),
    /** Another window writes. */
    setTheirs: (id: number, note: string) => kept.set(id, note),
    /** Lets every timer run out, and what they began come to an end. */
    pass: async () => {
      const due = work;
      work = [];
      due.forEach((then) => then());
      await new Promise((done) => setTimeout(done, 0));
    },
  };
};

describe('notes on their way', () => {
  it('are stored as they are typed, sent after a pause, and then forgotten here', async () => {
    const { outbox, kept, words, pass } = desk();
    outbox.type(8, 'Bring the big clock.', '');
    expect(words.get('hoppel-note-8')).toBe('Bring the big clock.');
    expect(outbox.status(8)).toBe('waiting');
    await pass();
    expect(kept.get(8)).toBe('Bring the big clock.');
    expect([outbox.status(8), outbox.draft(8)]).toEqual(['kept', undefined]);
  });
  it('say that they are not kept while the server is away, and are kept once it is back, every word', async () => {
    const { outbox, kept, setAway, pass } = desk();
    setAway(true);
    outbox.type(8, 'Bring', '');
    await pass();
    expect(outbox.status(8)).toBe('failed');
    outbox.type(8, 'Bring the big clock.', '');
    await pass();
    setAway(false);
    await pass();
    expect(kept.get(8)).toBe('Bring the big clock.');
    expect(outbox.status(8)).toBe('kept');
  });
  it('of which the reply was lost are kept once, however often they were tried again with more behind them', async () => {
    const { outbox, kept, loseReplies, setAway, pass } = desk();
    loseReplies(true);
    outbox.type(8, 'Bring the big clock.', '');
    await pass();
    loseReplies(false);
    setAway(true);
    outbox.type(8, 'Bring the big clock. And', '');
    await pass();
    outbox.type(8, 'Bring the big clock. And the sundial.', '');
    await pass();
    setAway(false);
    await pass();
    await pass();
    expect(kept.get(8)).toBe('Bring the big clock. And the sundial.');
    expect([outbox.status(8), outbox.merged.value]).toEqual(['kept', 0]);
  });
  it('of two lessons do not get in each other’s way', async () => {
    const { outbox, kept, pass } = desk();
    outbox.type(8, 'eight', '');
    outbox.type(9, 'nine', '');
    await pass();
    expect([...kept]).toEqual([
      [8, 'eight'],
      [9, 'nine'],
    ]);
  });
  it('that a closed page left behind are sent when Hoppel is opened again', async () => {
    const { outbox, kept, pass } = desk({ 'hoppel-note-8': 'left behind', other: 'x' });
    expect(outbox.draft(8)).toBe('left behind');
    outbox.takeUp();
    await pass();
    expect([...kept]).toEqual([[8, 'left behind']]);
  });
  it('of two windows are both kept: the other one’s first, and nothing is written over unseen', async () => {
    const { outbox, kept, setTheirs, pass } = desk();
    outbox.type(8, 'Mine.', '');
    setTheirs(8, 'Theirs.');
    await pass();
    expect(outbox.draft(8)).toBe('Theirs.\nMine.');
    await pass();
    expect(kept.get(8)).toBe('Theirs.\nMine.');
    expect(outbox.status(8)).toBe('kept');
  });
});

import { describe, expect, it } from '@jest/globals';
import type { PileDeed, PileMark, PileNews } from '../../contract/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { createPileOutbox, pilesLeft, type PileStorage, type Sent } from './pileOutbox.ts';
import { placeKey, stateOf, undoing, withDeed, withNews, type PileState, type Step } from './pileState.ts';

const ITEM = { kind: 'read', shown: timeOf(3) } as const;
const deed = (id: string, childId = 1, task = 0): Extract<PileDeed, { what: 'mark' }> => ({
  ...{ what: 'mark', id, childId, task },
  item: ITEM,
  answer: { kind: 'time', time: timeOf(3) },
});
const NEWS: PileNews = {
  pileId: 'p',
  places: [],
  children: [],
  saidAs: { run: '11111111-1111-4111-8111-111111111111', seq: 1 },
};

/** An outbox whose sends are answered by the test, and which keeps in a map what a browser keeps. */
const storageIn = (kept: Map<string, string>): PileStorage => ({
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, value) => void kept.set(key, value),
  removeItem: (key) => void kept.delete(key),
  key: (i) => [...kept.keys()][i] ?? null,
  get length() {
    return kept.size;
  },
});
const opened = (
  replies: (deeds: readonly PileDeed[]) => Sent,
  kept = new Map<string, string>(),
  { tab = 't', pileId = 'p' } = {},
) => {
  const sent: string[][] = [];
  const again: (() => void)[] = [];
  const refused: string[] = [];
  const outbox = createPileOutbox({
    pileId,
    tab,
    storage: storageIn(kept),
    send: async (deeds) => {
      sent.push(deeds.map(({ id }) => id));
      return replies(deeds);
    },
    onKept: () => undefined,
    onRefused: (code) => refused.push(code),
    later: (work) => again.push(work),
  });
  return { outbox, sent, again, refused, kept };
};
const settled = (): Promise<void> => new Promise((done) => setTimeout(done, 5));

describe('marks on their way', () => {
  it('go out in order, and are let go once they are kept', async () => {
    const { outbox, sent } = opened(() => ({ kept: NEWS }));
    outbox.add([deed('a')]);
    outbox.add([deed('b'), deed('c')]);
    await settled();
    expect(sent.flat()).toEqual(['a', 'b', 'c']);
    expect(outbox.waiting.value).toEqual([]);
  });
  it('wait while the server is away, over a closed page too, and say so', async () => {
    let isThere = false;
    const reply = (): Sent => (isThere ? { kept: NEWS } : 'later');
    const first = opened(reply);
    first.outbox.add([deed('a')], { what: 'child', childId: 1, was: { away: false, form: 0 }, marks: [] });
    await settled();
    expect(first.outbox.isStuck.value).toBe(true);
    const second = opened(reply, first.kept);
    expect(second.outbox.waiting.value.map(({ id }) => id)).toEqual(['a']);
    expect(second.outbox.canUndo()).toBe(true);
    isThere = true;
    await second.outbox.flush();
    expect(second.outbox.waiting.value).toEqual([]);
    expect(second.outbox.isStuck.value).toBe(false);
  });
  it('are tried again later, in the same order', async () => {
    let isThere = false;
    const { outbox, sent, again } = opened(() => (isThere ? { kept: NEWS } : 'later'));
    outbox.add([deed('a')]);
    await settled();
    outbox.add([deed('b')]);
    await settled();
    isThere = true;
    again[0]!();
    await settled();
    expect(sent.at(-1)).toEqual(['a', 'b']);
  });
  it('of which one is refused take no other with it', async () => {
    const { outbox, refused, sent } = opened((deeds) =>
      deeds.some(({ id }) => id === 'b') ? { refused: 'task-changed' } : { kept: NEWS },
    );
    outbox.add([deed('a'), deed('b'), deed('c')]);
    await settled();
    expect(refused).toEqual(['task-changed']);
    expect(sent).toEqual([['a', 'b', 'c'], ['a'], ['b'], ['c']]);
  });
  it('that another page left are taken up and sent, and its place is tidied', async () => {
    const kept = new Map<string, string>();
    opened(() => 'later', kept, { tab: 'closed' }).outbox.add([deed('a')]);
    await settled();
    expect(pilesLeft(storageIn(kept))).toEqual(['p']);
    const { outbox, sent } = opened(() => ({ kept: NEWS }), kept, { tab: 'new' });
    await outbox.flush();
    expect(sent).toEqual([['a']]);
    expect(pilesLeft(storageIn(kept))).toEqual([]);
  });
  it('of two pages at one pile do not write over each other', async () => {
    const kept = new Map<string, string>();
    const [one, two] = ['one', 'two'].map((tab) => opened(() => 'later', kept, { tab }));
    one!.outbox.add([deed('a')]);
    two!.outbox.add([deed('b')]);
    await settled();
    const third = opened(() => ({ kept: NEWS }), kept, { tab: 'three' });
    expect(third.outbox.waiting.value.map(({ id }) => id).sort()).toEqual(['a', 'b']);
  });
  it('leave nothing behind of piles that are done', async () => {
    const kept = new Map<string, string>();
    opened(() => ({ kept: NEWS }), kept, { pileId: 'old' }).outbox.add([deed('a')]);
    await settled();
    opened(() => ({ kept: NEWS }), kept, { pileId: 'new' }).outbox.add([deed('b')]);
    await settled();
    expect([...kept.keys()].filter((key) => key.includes('old'))).toEqual([]);
  });
  it('say when this browser keeps nothing, and are sent all the same', async () => {
    const outbox = createPileOutbox({
      pileId: 'p',
      tab: 't',
      storage: {
        length: 0,
        key: () => null,
        getItem: () => '{ broken',
        setItem: () => {
          throw new Error('full');
        },
        removeItem: () => undefined,
      },
      send: async () => 'later',
      onKept: () => undefined,
      onRefused: () => undefined,
      later: () => undefined,
    });
    outbox.add([deed('a')]);
    await settled();
    expect(outbox.isUnsafe.value).toBe(true);
    expect(outbox.waiting.value).toHaveLength(1);
  });
});

describe('a pile on the screen', () => {
  const CHILD = { childId: 1, copy: 1, form: 0, away: false, suspected: [] };
  const empty: PileState = stateOf({ children: [CHILD], marks: [] });
  const at = (state: PileState): PileMark | undefined => state.marks.get(placeKey(1, 0));
  const marked = withDeed(empty, deed('a'), DEFAULT_CONVENTIONS);
  it('shows a mark at once, judged as it will be where it is kept', () => {
    expect(at(marked)).toMatchObject({ answerId: 'a', verdict: 'right', source: 'paper' });
    const wrong = withDeed(marked, { ...deed('b'), answer: { kind: 'time', time: timeOf(4) } }, DEFAULT_CONVENTIONS);
    expect(at(wrong)).toMatchObject({ answerId: 'b', verdict: 'wrong' });
  });
  it('takes over what the server says, marks and who is here', () => {
    const news: PileNews = {
      ...NEWS,
      places: [{ childId: 1, task: 0, mark: null }],
      children: [{ childId: 1, form: 1, away: true }],
    };
    const after = withNews(marked, news);
    expect(at(after)).toBeUndefined();
    expect(after.children).toEqual([{ ...CHILD, form: 1, away: true }]);
  });
  it('undoes a step: what was there comes back, what was not goes', () => {
    let n = 0;
    const newId = (): string => `new ${(n += 1)}`;
    const step = (was: Extract<Step, { what: 'marks' }>['places'][number]['was']): Step => ({
      what: 'marks',
      places: [{ childId: 1, task: 0, item: ITEM, id: 'a', was }],
    });
    expect(undoing(marked, step(null), newId)).toEqual([
      { what: 'take-back', id: 'new 1', childId: 1, task: 0, answerId: 'a' },
    ]);
    const before = { kind: 'no-answer', why: 'empty' } as const;
    expect(undoing(marked, step(before), newId)).toMatchObject([{ what: 'mark', answer: before }]);
    // Somebody marked it anew since.
    expect(undoing(withDeed(marked, deed('z'), DEFAULT_CONVENTIONS), step(null), newId)).toEqual([]);
    const marks = [{ task: 0, item: ITEM, answer: before }];
    expect(undoing(marked, { what: 'child', childId: 1, was: { away: true, form: 1 }, marks }, newId)).toMatchObject([
      { what: 'child', away: true, form: 1 },
      { what: 'mark', task: 0, answer: before },
    ]);
  });
});

import { ref, shallowRef } from 'vue';
import type { PileDeed, PileNews, ProblemCode } from '../../contract/index.ts';
import type { Step } from './pileState.ts';

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 2000;
/** Deeds that go out together. */
const TOGETHER = 40;
/** Steps that can be undone. */
const MOST_STEPS = 100;
const PREFIX = 'hoppel-pile ';

/** What became of a send: kept, to be tried again, or refused for good. */
export type Sent = { readonly kept: PileNews } | 'later' | { readonly refused: ProblemCode };

/** What is used of a browser's storage. */
export type PileStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

interface Kept {
  readonly waiting: readonly PileDeed[];
  readonly steps: readonly Step[];
}

interface Parts {
  readonly pileId: string;
  /** Which page of this browser it is: another one at the same pile keeps what is its own. */
  readonly tab: string;
  /** Where deeds lie until they are kept: on this computer, over a closed page too. */
  readonly storage: PileStorage;
  readonly send: (deeds: readonly PileDeed[]) => Promise<Sent>;
  /** Called with what the server keeps now. */
  readonly onKept: (news: PileNews) => void;
  /** Called when a deed was refused: it is let go, and why is said. */
  readonly onRefused: (code: ProblemCode) => void;
  readonly later: (work: () => void, ms: number) => unknown;
}

const read = (storage: PileStorage, key: string): Kept => {
  try {
    const { waiting, steps } = JSON.parse(storage.getItem(key) ?? '{}') as Partial<Kept>;
    return { waiting: waiting ?? [], steps: steps ?? [] };
  } catch {
    // Something else lies under this name.
    return { waiting: [], steps: [] };
  }
};

/** A pile's place in the storage of a page. */
const keyOf = (pileId: string, tab: string): string => `${PREFIX}${pileId} ${tab}`;
/** What lies there of any page: whose pile it is, and what is kept of it. */
const allKept = (storage: PileStorage): { readonly key: string; readonly pileId: string; readonly kept: Kept }[] =>
  Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => ({ key, pileId: key.slice(PREFIX.length).split(' ')[0]!, kept: read(storage, key) }));

/** Piles of which a page that is closed by now left something that was not sent. */
export const pilesLeft = (storage: PileStorage): string[] => [
  ...new Set(allKept(storage).flatMap(({ pileId, kept }) => (kept.waiting.length > 0 ? [pileId] : []))),
];

/**
 * What a teacher does in one pile, on its way. It is stored at once and sent in order; while the server does not answer it stays, over a
 * closed page too. What can be undone is stored beside it.
 */
export const createPileOutbox = ({ pileId, tab, storage, send, onKept, onRefused, later }: Parts) => {
  const key = keyOf(pileId, tab);
  const own = read(storage, key);
  // What other pages left is taken up too; each deed is kept once, whoever sends it. What cannot be done any more for a page that is
  // closed is thrown away when nothing of it waits.
  const left = allKept(storage).filter((one) => one.key !== key);
  const ofOthers = left.filter((one) => one.pileId === pileId);
  const before: Kept = {
    waiting: [...own.waiting, ...ofOthers.flatMap(({ kept }) => kept.waiting)],
    steps: own.steps.length > 0 ? own.steps : (ofOthers.at(-1)?.kept.steps ?? []),
  };
  for (const { key: other, pileId: pile, kept } of left)
    if (pile !== pileId && kept.waiting.length === 0) storage.removeItem(other);
  /** Deeds the server does not have yet, in order. */
  const waiting = shallowRef<readonly PileDeed[]>(before.waiting);
  const steps = shallowRef<readonly Step[]>(before.steps);
  /** Is the server not answering while something waits? */
  const isStuck = ref(false);
  /** Could nothing be stored on this computer? Then a closed page loses what waits. */
  const isUnsafe = ref(false);
  let sending = false;

  const store = (): void => {
    try {
      storage.setItem(key, JSON.stringify({ waiting: waiting.value, steps: steps.value } satisfies Kept));
      isUnsafe.value = false;
    } catch {
      isUnsafe.value = true;
    }
  };
  const letGo = (count: number): void => {
    const sent = new Set(waiting.value.slice(0, count).map(({ id }) => id));
    waiting.value = waiting.value.slice(count);
    store();
    for (const { key: other, kept } of ofOthers)
      if (kept.waiting.every(({ id }) => sent.has(id))) storage.removeItem(other);
  };
  /** Those refused together are sent one by one, so that one that is wrong takes no other with it. */
  let most = TOGETHER;
  const flush = async (): Promise<void> => {
    if (sending) return;
    sending = true;
    try {
      while (waiting.value.length > 0) {
        const some = waiting.value.slice(0, most);
        const sent = await send(some);
        if (sent === 'later') {
          isStuck.value = true;
          later(() => void flush(), RETRY_MS);
          return;
        }
        isStuck.value = false;
        if ('kept' in sent) {
          letGo(some.length);
          onKept(sent.kept);
          if (waiting.value.length === 0) most = TOGETHER;
        } else if (some.length > 1) {
          most = 1;
        } else {
          letGo(1);
          onRefused(sent.refused);
        }
      }
    } finally {
      sending = false;
    }
  };
  return {
    waiting,
    isStuck,
    isUnsafe,
    canUndo: (): boolean => steps.value.length > 0,
    /** Takes up deeds, and the step that undoes them. */
    add: (deeds: readonly PileDeed[], step?: Step): void => {
      waiting.value = [...waiting.value, ...deeds];
      if (step !== undefined) steps.value = [...steps.value, step].slice(-MOST_STEPS);
      store();
      void flush();
    },
    /** The last step, which is no more to be undone after it. */
    takeStep: (): Step | undefined => {
      const last = steps.value.at(-1);
      steps.value = steps.value.slice(0, -1);
      store();
      return last;
    },
    flush,
  };
};

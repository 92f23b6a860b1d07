import { ref, shallowRef } from 'vue';
import type { PileDeed, PileNews, ProblemCode } from '../../contract/index.ts';
import type { Step } from './pileState.ts';

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 2000;
/** Deeds that go out together. */
const TOGETHER = 40;
/** Steps that can be undone. */
const MOST_STEPS = 300;
const PREFIX = 'hoppel-pile-';

/** What became of a send: kept, to be tried again, or refused for good. */
export type Sent = { readonly kept: PileNews } | 'later' | { readonly refused: ProblemCode };

interface Kept {
  readonly waiting: readonly PileDeed[];
  readonly steps: readonly Step[];
}

interface Parts {
  readonly pileId: string;
  /** Where deeds lie until they are kept: on this computer, over a closed page too. */
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
  readonly send: (deeds: readonly PileDeed[]) => Promise<Sent>;
  /** Called with what the server keeps now. */
  readonly onKept: (news: PileNews) => void;
  /** Called when a deed was refused: it is let go, and why is said. */
  readonly onRefused: (code: ProblemCode) => void;
  readonly later: (work: () => void, ms: number) => unknown;
}

const read = (storage: Parts['storage'], key: string): Kept => {
  try {
    const { waiting, steps } = JSON.parse(storage.getItem(key) ?? '{}') as Partial<Kept>;
    return { waiting: waiting ?? [], steps: steps ?? [] };
  } catch {
    // Something else lies under this name.
    return { waiting: [], steps: [] };
  }
};

/**
 * What a teacher does in one pile, on its way. It is stored at once and sent in order; while the server does not answer it stays, over a
 * closed page too. What can be undone is stored beside it.
 */
export const createPileOutbox = ({ pileId, storage, send, onKept, onRefused, later }: Parts) => {
  const key = PREFIX + pileId;
  const before = read(storage, key);
  /** Deeds the server does not have yet, in order. */
  const waiting = shallowRef<readonly PileDeed[]>(before.waiting);
  const steps = shallowRef<readonly Step[]>(before.steps);
  /** Is the server not answering while something waits? */
  const isStuck = ref(false);
  /** Could nothing be stored on this computer? Then a closed page loses what waits. */
  const isUnsafe = ref(false);
  let sending = false;
  let ended = false;

  const store = (): void => {
    try {
      storage.setItem(key, JSON.stringify({ waiting: waiting.value, steps: steps.value } satisfies Kept));
      isUnsafe.value = false;
    } catch {
      isUnsafe.value = true;
    }
  };
  const letGo = (count: number): void => {
    waiting.value = waiting.value.slice(count);
    store();
  };
  /** Those refused together are sent one by one, so that one that is wrong takes no other with it. */
  let most = TOGETHER;
  const flush = async (): Promise<void> => {
    if (sending) return;
    sending = true;
    try {
      while (waiting.value.length > 0 && !ended) {
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
    /** Sends no more: the page is left. What waits is taken up when it is opened again. */
    end: (): void => {
      ended = true;
    },
  };
};

import type { PostAnswer, ProblemCode } from '../../../contract/index.ts';
import type { Item } from '../../../core/items/index.ts';

/** An answer on its way, with what is needed to keep it as practice should its round be over when it arrives. */
export interface Unsent {
  readonly post: PostAnswer;
  readonly lessonId: number;
  readonly item: Item;
}

/** What became of a send: stored, to be tried again later, failed at the server itself, or refused with a code. */
export type Sent = 'stored' | 'later' | 'failed' | { readonly refused: ProblemCode };

/** How often an answer may fail at the server before those behind it go out first. */
const PATIENT_TRIES = 3;

interface Options {
  /** Where answers are kept over a reload. */
  readonly read: () => Promise<readonly Unsent[]>;
  readonly write: (waiting: readonly Unsent[]) => Promise<void>;
  readonly send: (post: PostAnswer) => Promise<Sent>;
  /** Keeps one that was refused; it leaves the queue when this is done. */
  readonly refuse: (answer: Unsent, code: ProblemCode) => Promise<void>;
  /** Told how many wait, whenever that changes. */
  readonly onChange: (waiting: number) => void;
  /** Calls again later; a test passes its own. */
  readonly later: (again: () => void) => void;
}

/** An answer to a round that is over still is an answer: it is kept as practice of the same item. */
const asPractice = ({ post, lessonId, item }: Unsent): PostAnswer => ({
  ...post,
  to: { setting: 'alone', lessonId, item, attempt: 1 },
});

/**
 * Answers a tablet has taken and the server has not stored yet. They survive a lost network and a reload, go out in
 * order and once each: their ids are made here, so a send repeated after a lost reply is harmless. One at which the server fails
 * again and again stays, and holds up no other.
 */
export const createUnsentQueue = ({ read, write, send, refuse, onChange, later }: Options) => {
  let waiting: readonly Unsent[] = [];
  let sending = false;
  /** How often the server failed at an answer, by its id. */
  const failures = new Map<string, number>();
  const keep = async (next: readonly Unsent[]): Promise<void> => {
    waiting = next;
    onChange(waiting.length);
    await write(waiting);
  };
  /** What was kept before goes out before what was added since. */
  const ready = read().then((kept) => {
    waiting = [...kept, ...waiting];
    onChange(waiting.length);
  });

  const flush = async (): Promise<void> => {
    await ready;
    if (sending) return;
    sending = true;
    try {
      let at = 0;
      for (let next = waiting[at]; next !== undefined; next = waiting[at]) {
        const { id, to } = next.post;
        const sent = await send(next.post);
        if (sent === 'failed') failures.set(id, (failures.get(id) ?? 0) + 1);
        if (sent === 'failed' && failures.get(id)! >= PATIENT_TRIES) {
          at += 1;
          continue;
        }
        if (sent === 'later' || sent === 'failed') {
          later(() => void flush());
          return;
        }
        const over = typeof sent === 'object' && sent.refused === 'round-closed' && to.setting === 'round';
        if (typeof sent === 'object' && !over) await refuse(next, sent.refused);
        const instead = over ? [{ ...next, post: asPractice(next) }] : [];
        await keep([...waiting.slice(0, at), ...instead, ...waiting.slice(at + 1)]);
      }
      if (at > 0) later(() => void flush());
    } finally {
      sending = false;
    }
  };

  return {
    /** Kept when this is done; sent as soon as may be. */
    add: async (answer: Unsent): Promise<void> => {
      await ready;
      await keep([...waiting, answer]);
      void flush();
    },
    /** Answers that were refused before are among those to be sent when this is done. */
    addAgain: async (answers: readonly Unsent[]): Promise<void> => {
      await ready;
      // One may be leaving the queue just now, so each is added whether it stands there or not: it is stored once all the same.
      await keep([...waiting, ...answers]);
    },
    flush,
  };
};

import type { PostAnswer } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';

/** An answer on its way, with what is needed to keep it as practice should its round be over when it arrives. */
export interface Unsent {
  readonly post: PostAnswer;
  readonly lessonId: number;
  readonly item: Item;
}

/** What became of a send: stored, to be tried again later, or refused with a code. */
export type Sent = 'stored' | 'later' | { readonly refused: string };

interface Options {
  /** Where answers are kept over a reload. */
  readonly read: () => Promise<readonly Unsent[]>;
  readonly write: (waiting: readonly Unsent[]) => Promise<void>;
  readonly send: (post: PostAnswer) => Promise<Sent>;
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
 * order and once each: their ids are made here, so a send repeated after a lost reply is harmless.
 */
export const createUnsentQueue = ({ read, write, send, onChange, later }: Options) => {
  let waiting: readonly Unsent[] = [];
  let sending = false;
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
      while (waiting[0] !== undefined) {
        const first = waiting[0];
        const sent = await send(first.post);
        if (sent === 'later') {
          later(() => void flush());
          return;
        }
        const over = typeof sent === 'object' && sent.refused === 'round-closed' && first.post.to.setting === 'round';
        const [, ...rest] = waiting;
        // Any other refusal would be the same tomorrow: the answer is let go.
        await keep(over ? [{ ...first, post: asPractice(first) }, ...rest] : rest);
      }
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
    flush,
  };
};

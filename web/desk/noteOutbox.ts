import { ref } from 'vue';

/** Milliseconds without a key before what was typed is sent, and between two tries while the server does not answer. */
const PAUSE_MS = 600;
const RETRY_MS = 2000;
const PREFIX = 'hoppel-note-';
/** The note a draft was changed from. */
const SEEN = 'hoppel-noteseen-';

export type NoteStatus = 'kept' | 'waiting' | 'failed';

interface Parts {
  /** Where typed words lie until they are kept: on this computer, over a closed page too. */
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
  /**
   * @param seen the note it was changed from; unknown where an older page left it
   * @returns what another window has written meanwhile, where it was refused for that
   * @throws when it was not kept
   */
  readonly send: (lessonId: number, note: string, seen: string | undefined) => Promise<string | undefined>;
  readonly later: (work: () => void, ms: number) => ReturnType<typeof setTimeout>;
}

/**
 * Notes on their way. What is typed is stored at once and sent after a short pause, lesson by lesson; a failed send is tried again
 * until it is kept, whatever page is open meanwhile.
 */
export const createNoteOutbox = ({ storage, send, later }: Parts) => {
  const failing = ref(new Set<number>());
  const waiting = ref(new Set<number>());
  const merged = ref(0);
  /** All that was sent of each since it was kept last: where a reply was lost any of it may be there, and it is nobody else's. */
  const sentSince = new Map<number, Set<string>>();
  const timers = new Map<number, ReturnType<typeof setTimeout>>();

  const draft = (id: number): string | undefined => storage.getItem(PREFIX + id) ?? undefined;
  const plan = (id: number, ms: number): void => {
    clearTimeout(timers.get(id));
    timers.set(
      id,
      later(() => void flush(id), ms),
    );
  };
  const flush = async (id: number): Promise<void> => {
    const sent = draft(id);
    if (sent === undefined) return;
    let theirs: string | undefined;
    const before = new Set(sentSince.get(id));
    sentSince.set(id, new Set(before).add(sent));
    try {
      theirs = await send(id, sent, storage.getItem(SEEN + id) ?? undefined);
    } catch {
      failing.value = new Set(failing.value).add(id);
      plan(id, RETRY_MS);
      return;
    }
    failing.value = new Set([...failing.value].filter((one) => one !== id));
    if (theirs !== undefined) {
      // Both are kept, the other window's first: whoever comes next sees them.
      const mine = draft(id) ?? sent;
      storage.setItem(SEEN + id, theirs);
      if (!before.has(theirs)) {
        storage.setItem(PREFIX + id, theirs === '' ? mine : `${theirs}\n${mine}`);
        merged.value += 1;
      }
      plan(id, 0);
      return;
    }
    sentSince.delete(id);
    // More may have been typed while it was on its way; then its own timer sends it, as a change of what was sent.
    if (draft(id) !== sent) return storage.setItem(SEEN + id, sent);
    storage.removeItem(PREFIX + id);
    storage.removeItem(SEEN + id);
    waiting.value = new Set([...waiting.value].filter((one) => one !== id));
  };
  return {
    /** What was typed and is not kept yet; none when everything is. */
    draft,
    /** Grows with each note that two windows have written. */
    merged,
    /** @param seen the note as it was before */
    type: (id: number, typed: string, seen: string): void => {
      if (draft(id) === undefined) storage.setItem(SEEN + id, seen);
      storage.setItem(PREFIX + id, typed);
      waiting.value = new Set(waiting.value).add(id);
      plan(id, PAUSE_MS);
    },
    status: (id: number): NoteStatus => (failing.value.has(id) ? 'failed' : waiting.value.has(id) ? 'waiting' : 'kept'),
    /** Sends what a page closed too early left behind. */
    takeUp: (): void => {
      for (let i = 0; i < storage.length; i++) {
        const key = storage.key(i) ?? '';
        const id = Number(key.slice(PREFIX.length));
        if (!key.startsWith(PREFIX) || !Number.isInteger(id)) continue;
        waiting.value = new Set(waiting.value).add(id);
        plan(id, 0);
      }
    },
  };
};

import { ref } from 'vue';

/** Milliseconds without a key before what was typed is sent, and between two tries while the server does not answer. */
const PAUSE_MS = 600;
const RETRY_MS = 2000;
const PREFIX = 'hoppel-note-';

export type NoteStatus = 'kept' | 'waiting' | 'failed';

interface Parts {
  /** Where typed words lie until they are kept: on this computer, over a closed page too. */
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
  /** @throws when it was not kept */
  readonly send: (lessonId: number, note: string) => Promise<void>;
  readonly later: (work: () => void, ms: number) => ReturnType<typeof setTimeout>;
}

/**
 * Notes on their way. What is typed is stored at once and sent after a short pause, lesson by lesson; a failed send is tried again
 * until it is kept, whatever page is open meanwhile.
 */
export const createNoteOutbox = ({ storage, send, later }: Parts) => {
  const failing = ref(new Set<number>());
  const waiting = ref(new Set<number>());
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
    try {
      await send(id, sent);
    } catch {
      failing.value = new Set(failing.value).add(id);
      plan(id, RETRY_MS);
      return;
    }
    failing.value = new Set([...failing.value].filter((one) => one !== id));
    // More may have been typed while it was on its way; then its own timer sends it.
    if (draft(id) !== sent) return;
    storage.removeItem(PREFIX + id);
    waiting.value = new Set([...waiting.value].filter((one) => one !== id));
  };
  return {
    /** What was typed and is not kept yet; none when everything is. */
    draft,
    type: (id: number, typed: string): void => {
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

import { onScopeDispose, ref, watch } from 'vue';
import { Desk } from '../../contract/index.ts';
import { put } from '../api/client.ts';

/** Milliseconds without a key before what was typed is sent, and between two tries while the server does not answer. */
const PAUSE_MS = 600;
const RETRY_MS = 2000;

const draftKey = (lessonId: number): string => `hoppel-note-${lessonId}`;

/**
 * A note that keeps itself. What is typed is on this computer at once and sent after a short pause; a failed send is shown and
 * tried again, and a page closed in between finds its words when it is opened again.
 */
export const useNote = (lessonId: () => number, kept: () => string | undefined) => {
  const text = ref('');
  const status = ref<'kept' | 'waiting' | 'failed'>('kept');
  let timer: ReturnType<typeof setTimeout> | undefined;

  const send = async (id: number): Promise<void> => {
    const sent = localStorage.getItem(draftKey(id));
    if (sent === null) return;
    try {
      await put(Desk, `/lessons/${id}/note`, { note: sent });
    } catch {
      if (id === lessonId()) status.value = 'failed';
      timer = setTimeout(() => void send(id), RETRY_MS);
      return;
    }
    // More may have been typed while it was on its way.
    if (localStorage.getItem(draftKey(id)) === sent) localStorage.removeItem(draftKey(id));
    if (id === lessonId()) status.value = localStorage.getItem(draftKey(id)) === null ? 'kept' : 'waiting';
  };
  const type = (typed: string): void => {
    const id = lessonId();
    text.value = typed;
    localStorage.setItem(draftKey(id), typed);
    status.value = 'waiting';
    clearTimeout(timer);
    timer = setTimeout(() => void send(id), PAUSE_MS);
  };
  watch(
    [lessonId, kept],
    ([id]) => {
      const draft = localStorage.getItem(draftKey(id));
      if (draft === null) {
        text.value = kept() ?? '';
        return;
      }
      text.value = draft;
      clearTimeout(timer);
      timer = setTimeout(() => void send(id), PAUSE_MS);
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    void send(lessonId());
  });
  return { text, status, type };
};

import { computed, ref, watch } from 'vue';
import { Desk } from '../../contract/index.ts';
import { put } from '../api/client.ts';
import { waitingStorage } from '../api/place.ts';
import { createNoteOutbox } from './noteOutbox.ts';

const outbox = createNoteOutbox({
  storage: waitingStorage(),
  send: async (lessonId, note) => {
    await put(Desk, `/lessons/${lessonId}/note`, { note });
  },
  later: (work, ms) => setTimeout(work, ms),
});
outbox.takeUp();

/** The note of a lesson, which keeps itself. @param kept what the server has; undefined while it is not known yet */
export const useNote = (lessonId: () => number, kept: () => string | undefined) => {
  const text = ref('');
  watch([lessonId, kept], ([id]) => (text.value = outbox.draft(id) ?? kept() ?? ''), { immediate: true });
  return {
    text,
    status: computed(() => outbox.status(lessonId())),
    type: (typed: string): void => {
      text.value = typed;
      outbox.type(lessonId(), typed);
    },
  };
};

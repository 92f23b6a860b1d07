import { computed, ref, watch } from 'vue';
import { Desk } from '../../contract/index.ts';
import { Refused, get, put } from '../api/client.ts';
import { waitingStorage } from '../api/place.ts';
import { createNoteOutbox } from './noteOutbox.ts';

const outbox = createNoteOutbox({
  storage: waitingStorage(),
  send: async (lessonId, note, seen) => {
    try {
      await put(Desk, `/lessons/${lessonId}/note`, { note }, { seen });
    } catch (error) {
      if (!(error instanceof Refused) || error.code !== 'changed-elsewhere') throw error;
      return (await get(Desk, `/lessons/${lessonId}/desk`)).note;
    }
    return undefined;
  },
  later: (work, ms) => setTimeout(work, ms),
});
outbox.takeUp();

/** The note of a lesson, which keeps itself. @param kept what the server has; undefined while it is not known yet */
export const useNote = (lessonId: () => number, kept: () => string | undefined) => {
  const text = ref('');
  watch([lessonId, kept, outbox.merged], ([id]) => (text.value = outbox.draft(id) ?? kept() ?? ''), {
    immediate: true,
  });
  return {
    text,
    status: computed(() => outbox.status(lessonId())),
    type: (typed: string): void => {
      outbox.type(lessonId(), typed, kept() ?? '');
      text.value = typed;
    },
  };
};

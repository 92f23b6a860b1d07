import { shallowRef } from 'vue';
import { MaybeRehearsal, type Rehearsal } from '../../contract/index.ts';
import { askOutside } from '../api/client.ts';

/** The rehearsal that runs. */
export const useRehearsal = () => {
  const about = shallowRef<Rehearsal>();
  const take = ({ rehearsal }: MaybeRehearsal): void => {
    about.value = rehearsal ?? undefined;
  };
  return {
    about,
    load: async (): Promise<void> => take(await askOutside(MaybeRehearsal, 'GET', '/rehearsal')),
    /** Everybody hands in the ticket. */
    handIn: async (): Promise<void> => take(await askOutside(MaybeRehearsal, 'POST', '/rehearsal/ticket', {})),
    /** It is over, and the page goes back to the real lesson. */
    end: async (): Promise<void> => {
      const lessonId = about.value?.lessonId;
      await askOutside(MaybeRehearsal, 'DELETE', '/rehearsal');
      location.replace(lessonId === undefined ? '/' : `/lessons/${lessonId}`);
    },
  };
};

import { ref, shallowRef, watch } from 'vue';
import { Desk } from '../../contract/index.ts';
import type { Decision } from '../../core/planning/index.ts';
import { get, put } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';
import { problemKey } from '../stores/problemWords.ts';

/** The desk of one lesson: what is ticked, what the last check said. Fetched again when the record changes. */
export const useDesk = (lessonId: () => number) => {
  const desk = shallowRef<Desk>();
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  const board = useBoardStore();

  const keep = async (reply: Promise<Desk>): Promise<void> => {
    try {
      desk.value = await reply;
      problem.value = undefined;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  const load = (): Promise<void> => keep(get(Desk, `/lessons/${lessonId()}/desk`));
  watch([lessonId, () => board.recordVersion, () => board.connected], load, { immediate: true });

  return {
    desk,
    problem,
    tick: (item: string, ticked: boolean): Promise<void> =>
      keep(put(Desk, `/lessons/${lessonId()}/ready/${item}`, { ticked })),
    decide: (decision: Decision): Promise<void> => keep(put(Desk, `/lessons/${lessonId()}/decision`, { decision })),
  };
};

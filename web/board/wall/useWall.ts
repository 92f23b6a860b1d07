import { computed } from 'vue';
import type { Round } from '../../../contract/index.ts';
import { useBoardStore } from '../../stores/board.ts';

/** What stands on the wall for the task of now: drafts and answers of tablets, and who sits at one. */
export const useWall = (round: () => Round) => {
  const board = useBoardStore();
  const answers = computed(
    () =>
      new Map(
        (board.state?.answers ?? []).flatMap(({ childId, index, answer, source }) =>
          index === round().index && source !== 'teacher' ? [[childId, answer] as const] : [],
        ),
      ),
  );
  return {
    drafts: computed(() => board.drafts),
    answers,
    seated: computed(() => board.state?.stations ?? []),
  };
};

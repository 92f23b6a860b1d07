import type { Ref } from 'vue';
import type { Answer } from '../../../core/items/index.ts';
import { useTiles } from './useTiles.ts';

/** Choosing options by their places. */
export const useChoice = (answer: Ref<Answer | undefined>) =>
  useTiles<number>({
    answer,
    chosenIn: (one) => (one.kind === 'choice' ? one.chosen : []),
    answerOf: (chosen) =>
      chosen.length === 0 ? undefined : { kind: 'choice', chosen: [...chosen].sort((a, b) => a - b) },
  });

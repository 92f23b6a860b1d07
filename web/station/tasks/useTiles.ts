import type { Ref } from 'vue';
import type { Answer } from '../../../core/items/index.ts';

interface Options<T> {
  readonly answer: Ref<Answer | undefined>;
  /** What is chosen in an answer. */
  readonly chosenIn: (answer: Answer) => readonly T[];
  /** The answer that says this was chosen; none when nothing is. */
  readonly answerOf: (chosen: readonly T[]) => Answer | undefined;
}

/** Choosing among tiles as an answer. */
export const useTiles = <T>({ answer, chosenIn, answerOf }: Options<T>) => ({
  chosen: (): readonly T[] => (answer.value === undefined ? [] : chosenIn(answer.value)),
  choose: (chosen: readonly T[]): void => {
    answer.value = answerOf(chosen);
  },
  right: (shown: Answer | undefined): readonly T[] => (shown === undefined ? [] : chosenIn(shown)),
  undo: (): void => {
    answer.value = undefined;
  },
});

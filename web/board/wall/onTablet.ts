import type { ReadAnswer } from '../../../core/answers/index.ts';
import type { Answer } from '../../../core/items/index.ts';
import type { Stroke } from '../../../core/strokes/index.ts';

/** What a child has on its tablet: as it was read, and of a drawing the lines themselves. */
export interface OnTablet {
  readonly read: ReadAnswer;
  readonly ink: readonly Stroke[] | undefined;
}

/** @param answer as it was given; none where it was not fetched */
export const onTablet = (read: ReadAnswer, answer: Answer | undefined): OnTablet => ({
  read,
  ink: answer?.kind === 'strokes' ? answer.strokes : undefined,
});

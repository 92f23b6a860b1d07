import type { DialTime } from '../../../core/clock/index.ts';
import type { Unsent } from './unsent.ts';

/** An answer on its way; its id ends with the number. */
export const unsentAnswer = (n: number): Unsent => ({
  post: {
    id: `00000000-0000-4000-8000-00000000000${n}`,
    childId: 1,
    answer: { kind: 'hands', hour: 90, minute: 0 },
    to: { setting: 'round', roundId: '00000000-0000-4000-8000-0000000000ff', index: n },
  },
  lessonId: 7,
  item: { kind: 'set', shown: 180 as DialTime },
});

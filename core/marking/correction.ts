import type { Answer } from '../items/index.ts';
import type { Verdict } from './findings.ts';

/** What a teacher says of an answer afterwards: the child had it, missed it, or it does not count at all. */
export const CORRECTIONS = ['had', 'missed', 'out'] as const;
export type Correction = (typeof CORRECTIONS)[number];

/** Why an answer does not count: somebody helped, another child gave it, a finger slipped, the child did not try. */
export const OUT_WHYS = ['helped', 'other-child', 'slip', 'not-tried'] as const;
export type OutWhy = (typeof OUT_WHYS)[number];

/** What counts in the place of an answer that was corrected: seen by the teacher, so that nothing is read out of what was given. */
export interface Counted {
  readonly answer: Answer & { readonly kind: 'observed' };
  readonly verdict: Verdict;
}

/** @returns none where the answer does not count */
export const countedInstead = (says: Correction): Counted | undefined => {
  switch (says) {
    case 'had':
      return { answer: { kind: 'observed', got: true }, verdict: 'right' };
    case 'missed':
      return { answer: { kind: 'observed', got: false }, verdict: 'wrong' };
    case 'out':
      return undefined;
  }
};

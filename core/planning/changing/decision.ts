import type { Level } from '../../diagnosis/index.ts';

/** What can follow a check. */
export const DECISIONS = ['go-on', 'go-on-with-group', 'teach-again'] as const;
export type Decision = (typeof DECISIONS)[number];

/** Shares of the class, 0 to 1, that must be secure: to go on, and to go on with a small group beside it. */
export interface Thresholds {
  readonly goOn: number;
  readonly withGroup: number;
}
export const DEFAULT_THRESHOLDS: Thresholds = { goOn: 0.8, withGroup: 0.5 };

/**
 * The decision a check speaks for, from the children who were there; none when nobody has been seen.
 * @param levels one level a child; `not-seen` children do not count
 */
export const suggestDecision = (
  levels: readonly Level[],
  { goOn, withGroup }: Thresholds = DEFAULT_THRESHOLDS,
): Decision | undefined => {
  const seen = levels.filter((level) => level !== 'not-seen');
  if (seen.length === 0) return undefined;
  const share = seen.filter((level) => level === 'secure').length / seen.length;
  if (share >= goOn) return 'go-on';
  return share >= withGroup ? 'go-on-with-group' : 'teach-again';
};

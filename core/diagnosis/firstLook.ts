import type { Skill } from '../skills/index.ts';
import type { Mastery } from './mastery.ts';

/** A child as far as it tells whether it needs a look. */
export interface LookedFor {
  readonly reason: unknown;
  readonly noPattern: boolean;
  readonly again: readonly Skill[];
  readonly skills: Partial<Record<Skill, Pick<Mastery, 'level'>>>;
  readonly failed: boolean;
}

/** Steps from "needs a look now" on. Nobody is put before another of the same step: this is no ranking. */
const stepOf = ({ reason, noPattern, again, skills, failed }: LookedFor): number => {
  if (reason !== null || failed) return 0;
  if (noPattern) return 1;
  return again.length > 0 || Object.values(skills).some(({ level }) => level === 'beginning') ? 2 : 3;
};

/** Who needs a look first: those with a need, then those who were wrong in no way that repeats, then those at the beginning of something. */
export const firstLook = <C extends LookedFor>(children: readonly C[]): C[] =>
  [...children].sort((a, b) => stepOf(a) - stepOf(b));

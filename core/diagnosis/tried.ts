import type { WrongRule } from '../misconceptions/index.ts';
import type { JudgedAnswer } from './judged.ts';
import { speaksFor } from './naming.ts';
import type { NamedNeed } from './needs.ts';

/** Something that was done about a need, on a day (YYYY-MM-DD): a lesson about reasons, a small group, practice by need. */
export interface Deed {
  readonly what: 'lesson' | 'group' | 'practice';
  readonly day: string;
}

/** Of answers in which a need would show: in how many it did. */
export interface ShownIn {
  readonly shown: number;
  readonly of: number;
}

/** What was done about a need, and what came of it. */
export interface Tried extends Deed {
  readonly before: ShownIn;
  readonly since: ShownIn;
  /** Too early to say while too few answers came since. */
  readonly result: 'helped' | 'not-yet' | 'too-early';
}

/** With so many answers since that would show it, it can be said whether something helped; it did where the need shows at most so much as often. */
const SAID_FROM = 3;
const HELPED = 0.5;

/**
 * What was done about a need of one child, the latest first. That it helped is no proof: the child may have learned it otherwise.
 * @param rule the likeliest of the need; none of guessing @param answers of that child alone
 */
export const triedOf = (
  { need, rule }: { readonly need: NamedNeed; readonly rule: WrongRule | undefined },
  answers: readonly JudgedAnswer[],
  deeds: readonly Deed[],
): Tried[] => {
  if (deeds.length === 0) return [];
  const telling = answers.flatMap((answer) => {
    const shown = speaksFor(need, answer);
    const hides = rule === undefined ? answer.verdict !== 'right' : !answer.speaksAgainst.includes(rule);
    return shown || !hides ? [{ day: answer.day, shown }] : [];
  });
  const counted = (some: readonly { readonly shown: boolean }[]): ShownIn => ({
    shown: some.filter(({ shown }) => shown).length,
    of: some.length,
  });
  return deeds
    .map((deed): Tried => {
      const before = counted(telling.filter(({ day }) => day <= deed.day));
      const since = counted(telling.filter(({ day }) => day > deed.day));
      const often = ({ shown, of }: ShownIn): number => (of === 0 ? 1 : shown / of);
      return {
        ...deed,
        before,
        since,
        result: since.of < SAID_FROM ? 'too-early' : often(since) <= HELPED * often(before) ? 'helped' : 'not-yet',
      };
    })
    .sort((a, b) => b.day.localeCompare(a.day));
};

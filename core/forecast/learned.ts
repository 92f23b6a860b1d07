import type { Skill } from '../skills/index.ts';
import {
  LEVELS_OF_CHILD,
  MEANS,
  MEAN_RATES,
  RATES,
  RATE_SPREADS,
  STARTS,
  ratesIn,
  shareOf,
  startsAt,
  levelsIn,
  type ChildSoFar,
  type DayOfSkill,
} from './state.ts';

/** What the answers of one child to one skill say, for each rate (rows) and start (columns): likelihoods, the largest 1. */
interface SkillSaid {
  readonly likely: readonly Float64Array[];
  /** Days of work on it so far: what was answered on the first day was known before any. */
  readonly days: number;
}
/** What a child's answers say. */
export interface ChildSaid {
  readonly skills: ReadonlyMap<Skill, SkillSaid>;
  /** For each level of the child (rows) and each rate: how likely its answers are; the largest is 1. */
  readonly likely: readonly Float64Array[];
}
/** A class as it may be. */
export interface ClassMaybe {
  readonly levels: readonly number[];
  readonly rates: readonly number[];
  /** Probability; all sum to 1. */
  readonly share: number;
}

/** How likely each start is, for each level of a child. */
export const STARTS_AT = LEVELS_OF_CHILD.map(startsAt);
const LEVELS_OF_CLASS = MEANS.map(levelsIn);

const saidOfSkill = (days: readonly DayOfSkill[]): SkillSaid => {
  const inOrder = [...days].sort((a, b) => (a.day < b.day ? -1 : 1));
  const logs = RATES.map((rate) =>
    Float64Array.from(STARTS, (start) =>
      inOrder.reduce((sum, { right, answers, guess }, k) => {
        const known = shareOf(start + rate * k);
        // Nobody is right always: a slip in twenty, however well it is known.
        const chance = 0.95 * (known + (1 - known) * guess) + 0.005;
        return sum + right * Math.log(chance) + (answers - right) * Math.log(1 - chance);
      }, 0),
    ),
  );
  const top = Math.max(...logs.map((row) => Math.max(...row)));
  return { likely: logs.map((row) => row.map((log) => Math.exp(log - top))), days: inOrder.length };
};

/** What the answers of one child say of how it began and how fast it learns. */
export const saidBy = (child: ChildSoFar): ChildSaid => {
  const names = [...new Set(child.map(({ skill }) => skill))];
  const skills = new Map(
    names.map((name) => [name, saidOfSkill(child.filter(({ skill }) => skill === name))] as const),
  );
  const logs = STARTS_AT.map((starts) => {
    const sums = new Float64Array(RATES.length);
    for (const { likely } of skills.values())
      likely.forEach((row, rate) => {
        sums[rate]! += Math.log(row.reduce((sum, one, start) => sum + one * starts[start]!, 0));
      });
    return sums;
  });
  const top = Math.max(...logs.map((row) => Math.max(...row)));
  return { skills, likely: logs.map((row) => row.map((log) => Math.exp(log - top))) };
};

/**
 * What kind of class this may be, from all its children together: each combination of how its children began and how fast they learn, with its
 * probability (a hierarchical model on a grid; children borrow from each other as far as they are alike).
 */
export const classesLike = (children: readonly ChildSaid[]): ClassMaybe[] => {
  const all = MEANS.flatMap((_, mean) =>
    MEAN_RATES.flatMap((meanRate) =>
      RATE_SPREADS.map((spread) => {
        const rates = ratesIn(meanRate, spread);
        const levels = LEVELS_OF_CLASS[mean]!;
        const log = children.reduce((sum, { likely }) => {
          let part = 0;
          for (let level = 0; level < levels.length; level++)
            for (let rate = 0; rate < rates.length; rate++)
              part += levels[level]! * rates[rate]! * likely[level]![rate]!;
          return sum + Math.log(part);
        }, 0);
        return { levels, rates, log };
      }),
    ),
  );
  const top = Math.max(...all.map(({ log }) => log));
  const total = all.reduce((sum, { log }) => sum + Math.exp(log - top), 0);
  return all.map(({ log, ...one }) => ({ ...one, share: Math.exp(log - top) / total }));
};

import type { Verdict } from '../marking/index.ts';

/** How sure we are that a child has a skill. */
export const LEVELS = ['not-seen', 'beginning', 'getting-there', 'secure'] as const;
export type Level = (typeof LEVELS)[number];

/** One marked answer to an item of the skill, and the school day it was given (YYYY-MM-DD). */
export interface Evidence {
  readonly verdict: Verdict;
  readonly day: string;
}

/** What the answers say about one child and one skill. */
export interface Mastery {
  readonly level: Level;
  /** Expected share of right answers, 0..1 (posterior mean); 0 when nothing was seen. */
  readonly share: number;
  readonly right: number;
  readonly answers: number;
}

/** What an answer adds to "has it"; nearly is half of each, and of what cannot be read nothing is said. */
const CREDIT: Record<Exclude<Verdict, 'unreadable'>, number> = { right: 1, nearly: 0.5, wrong: 0 };

/**
 * Probability that the true share of right answers lies above each cut, after so many successes and failures on
 * an even start (Beta(1 + s, 1 + f)). Simpson's rule on 400 strips; the density is taken in logarithms so that
 * hundreds of answers do not underflow.
 * @param cuts each in (0, 1)
 */
export const chanceAbove = (successes: number, failures: number, cuts: readonly number[]): number[] => {
  const strips = 400;
  const peak = successes + failures === 0 ? 0.5 : successes / (successes + failures);
  const log = (x: number): number =>
    (successes === 0 ? 0 : successes * Math.log(x)) + (failures === 0 ? 0 : failures * Math.log(1 - x));
  const density = (x: number): number => Math.exp(log(x) - log(peak));
  const area = (from: number, to: number): number => {
    const width = (to - from) / strips;
    let sum = density(from) + density(to);
    for (let i = 1; i < strips; i++) sum += (i % 2 === 1 ? 4 : 2) * density(from + i * width);
    return (sum * width) / 3;
  };
  return cuts.map((cut) => {
    const above = area(cut, 1);
    return above / (above + area(0, cut));
  });
};

/** Secure: very likely right in more than seven of ten, seen on two days; six right answers without a slip. */
const SECURE = { cut: 0.7, chance: 0.9, days: 2 };
/** Getting there: likely right more often than not; two right answers without a slip, or four of five. */
const GETTING_THERE = { cut: 0.5, chance: 0.85 };

/** How far a child has come in a skill, from all answers that count. */
export const mastery = (all: readonly Evidence[]): Mastery => {
  let [successes, right, answers] = [0, 0, 0];
  const days = new Set<string>();
  // In one walk: a year of answers is looked through at every new one.
  for (const { verdict, day } of all) {
    if (verdict === 'unreadable') continue;
    successes += CREDIT[verdict];
    if (verdict === 'right') right += 1;
    answers += 1;
    days.add(day);
  }
  if (answers === 0) return { level: 'not-seen', share: 0, right: 0, answers: 0 };
  const failures = answers - successes;
  const [secure, gettingThere] = chanceAbove(successes, failures, [SECURE.cut, GETTING_THERE.cut]) as [number, number];
  const level =
    secure > SECURE.chance && days.size >= SECURE.days
      ? 'secure'
      : gettingThere > GETTING_THERE.chance
        ? 'getting-there'
        : 'beginning';
  return { level, share: (1 + successes) / (2 + answers), right, answers };
};

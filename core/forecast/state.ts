import type { Skill } from '../skills/index.ts';

/** What one child answered to items of one skill on one day. */
export interface DayOfSkill {
  readonly skill: Skill;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** Right ones; nearly counts half. */
  readonly right: number;
  readonly answers: number;
  /** Chance of being right without knowing, 0..1, on average. */
  readonly guess: number;
}
/** What one child has answered so far. */
export type ChildSoFar = readonly DayOfSkill[];

/** A day ahead on which something is worked on, and how much: 1 a lesson about it, less where it only comes up again. */
export interface DayAhead {
  readonly day: string;
  readonly skills: readonly { readonly skill: Skill; readonly weight: number }[];
}

/** Fewer days of answers than this say nothing about how a class learns. */
export const FEWEST_DAYS = 3;
/** Secure here is knowing more than this share of what may be asked, as for mastery. */
export const SECURE_SHARE = 0.68;

/** Log-odds of what a child may know of a skill at its first day, in steps; beyond them nothing changes any more. */
export const STARTS: readonly number[] = Array.from({ length: 25 }, (_, i) => -4 + i / 3);
/** What a day of work on a skill may add to the log-odds: a child may learn nothing, or nearly all, in a day. */
export const RATES: readonly number[] = Array.from({ length: 17 }, (_, i) => i / 10);
/** Where a child may stand in all skills together, log-odds. */
export const LEVELS_OF_CHILD: readonly number[] = Array.from({ length: 11 }, (_, i) => -3.5 + 0.7 * i);
/** How children of one class differ, and how far one child's skills are from each other at their start, log-odds. */
const BETWEEN_CHILDREN = 0.9;
const BETWEEN_SKILLS = 0.8;
/** What a class may be like: its children's mean start, their mean rate, and how much their rates differ. Each as likely before any answer. */
export const MEANS: readonly number[] = [-2, -1.25, -0.5, 0.25, 1, 1.75];
export const MEAN_RATES: readonly number[] = [0.05, 0.15, 0.25, 0.35, 0.45, 0.6, 0.75, 0.95];
export const RATE_SPREADS: readonly number[] = [0.08, 0.16, 0.3, 0.5];

export const shareOf = (logOdds: number): number => 1 / (1 + Math.exp(-logOdds));
/** Log-odds above which a child is secure. */
export const SECURE_AT = Math.log(SECURE_SHARE / (1 - SECURE_SHARE));

const bell = (x: number, mean: number, spread: number): number => Math.exp(-0.5 * ((x - mean) / spread) ** 2);
const normalised = (weights: readonly number[]): number[] => {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
};
/** How likely each start is for a child of some level. */
export const startsAt = (level: number): number[] =>
  normalised(STARTS.map((start) => bell(start, level, BETWEEN_SKILLS)));
/** How likely each level of a child is in a class of some mean. */
export const levelsIn = (mean: number): number[] =>
  normalised(LEVELS_OF_CHILD.map((level) => bell(level, mean, BETWEEN_CHILDREN)));
/** How likely each rate is in a class. */
export const ratesIn = (mean: number, spread: number): number[] =>
  normalised(RATES.map((rate) => bell(rate, mean, spread)));

import type { Verdict } from '../marking/index.ts';
import { weightOfAge, schoolDaysBetween } from './over.ts';

/** How sure we are that a child has a skill. */
export const LEVELS = ['not-seen', 'beginning', 'getting-there', 'secure'] as const;
export type Level = (typeof LEVELS)[number];

/** Marked answers of one kind to items of the skill, and the school day they were given (YYYY-MM-DD). */
export interface Evidence {
  readonly verdict: Verdict;
  readonly day: string;
  /** Probability 0..1 that somebody who has no idea is right. */
  readonly guess: number;
  /** How much it can show, 0..1: little where what the child is likely to do wrong would be right. 1 unless said otherwise. */
  readonly shows?: number;
  /** How many answers of this kind there were; 1 unless said otherwise. */
  readonly count?: number;
}

/** What the answers say about one child and one skill. */
export interface Mastery {
  readonly level: Level;
  /** Expected share of items it knows, 0..1 (posterior mean); 0 when nothing was seen. */
  readonly share: number;
  /** Where the share lies with nine chances in ten. */
  readonly band: readonly [from: number, to: number];
  readonly right: number;
  readonly answers: number;
  /** School day it was seen last, YYYY-MM-DD; empty where it was not. */
  readonly last: string;
}

/** What an answer adds to "has it"; nearly is half of each, and of what cannot be read nothing is said. */
const CREDIT: Record<Exclude<Verdict, 'unreadable'>, number> = { right: 1, nearly: 0.5, wrong: 0 };

/** Shares that are weighed: the middles of so many strips of 0..1. */
const STRIPS = 100;
const SHARES = Array.from({ length: STRIPS }, (_, i) => (i + 0.5) / STRIPS);
/** Before any answer a low share is a little likelier than a high one, as if it had been wrong this often: one lucky run is not enough. */
const WRONG_BEFORE = 0.1;

/** Logarithms of being right and of being wrong at each share. */
interface Logs {
  readonly right: Float64Array;
  readonly wrong: Float64Array;
}
/** By the chance of a guess, of which kinds of tasks have a handful. */
const logsOf = new Map<number, Logs>();
const logsWith = (guess: number): Logs => {
  const known = logsOf.get(guess);
  if (known !== undefined) return known;
  const chances = Float64Array.from(SHARES, (share) => share + (1 - share) * guess);
  const logs = { right: chances.map(Math.log), wrong: chances.map((chance) => Math.log(1 - chance)) };
  logsOf.set(guess, logs);
  return logs;
};

/** Answers of one guessing chance, summed. */
interface Count {
  right: number;
  wrong: number;
}

/**
 * Weights of the shares, summing to 1. A child who knows a share of the items is right in these and, in the others, as often as a guess is:
 * the more there is to guess, the less a right answer tells. Where a guess is never right this is the Beta distribution; otherwise it is none
 * that a library has, and is summed over strips.
 */
const weights = (counts: ReadonlyMap<number, Count>): Float64Array => {
  const logs = new Float64Array(STRIPS);
  const unguessed = logsWith(0).wrong;
  for (let i = 0; i < STRIPS; i++) logs[i] = WRONG_BEFORE * unguessed[i]!;
  for (const [guess, { right, wrong }] of counts) {
    const told = logsWith(guess);
    for (let i = 0; i < STRIPS; i++) logs[i]! += right * told.right[i]! + wrong * told.wrong[i]!;
  }
  const top = logs.reduce((most, log) => Math.max(most, log), -Infinity);
  let total = 0;
  for (let i = 0; i < STRIPS; i++) total += logs[i] = Math.exp(logs[i]! - top);
  return logs.map((weight) => weight / total);
};
const above = (all: Float64Array, cut: number): number =>
  all.reduce((sum, weight, i) => (SHARES[i]! > cut ? sum + weight : sum), 0);
const quantile = (all: Float64Array, part: number): number => {
  let sum = 0;
  for (let i = 0; i < STRIPS; i++) {
    sum += all[i]!;
    if (sum >= part) return SHARES[i]!;
  }
  return 1;
};

/**
 * Secure: very likely to be right in more than seven of ten open tasks, guesses left out, shown on two days by two answers each. Getting there:
 * likely to know more than every other one.
 */
const SECURE = { cut: 0.68, chance: 0.9, days: 2, answersOfDay: 2 };
const GETTING_THERE = { cut: 0.5, chance: 0.77 };
const BAND = [0.05, 0.95] as const;

/** How far a child has come in a skill, from all answers that count. What is older counts less, as of the last day it was seen. */
export const mastery = (all: readonly Evidence[]): Mastery => {
  let [right, answers, last] = [0, 0, ''];
  const days = new Map<string, number>();
  for (const { verdict, day, count = 1 } of all) {
    if (verdict === 'unreadable') continue;
    if (verdict === 'right') right += count;
    answers += count;
    days.set(day, (days.get(day) ?? 0) + count);
    if (day > last) last = day;
  }
  if (answers === 0) return { level: 'not-seen', share: 0, band: [0, 0], right: 0, answers: 0, last };
  const ages = new Map([...days.keys()].map((day) => [day, weightOfAge(schoolDaysBetween(day, last))]));
  const counts = new Map<number, Count>();
  for (const { verdict, day, guess, shows = 1, count = 1 } of all) {
    if (verdict === 'unreadable') continue;
    const sums = counts.get(guess) ?? { right: 0, wrong: 0 };
    counts.set(guess, sums);
    const weight = count * ages.get(day)!;
    sums.right += weight * CREDIT[verdict] * (verdict === 'right' ? shows : 1);
    sums.wrong += weight * (1 - CREDIT[verdict]);
  }
  const likely = weights(counts);
  const daysShown = [...days.values()].filter((count) => count >= SECURE.answersOfDay).length;
  const level =
    above(likely, SECURE.cut) > SECURE.chance && daysShown >= SECURE.days
      ? 'secure'
      : above(likely, GETTING_THERE.cut) > GETTING_THERE.chance
        ? 'getting-there'
        : 'beginning';
  return {
    level,
    share: likely.reduce((sum, weight, i) => sum + weight * SHARES[i]!, 0),
    band: [quantile(likely, BAND[0]), quantile(likely, BAND[1])],
    right,
    answers,
    last,
  };
};

/** School days after which what is secure and was not seen since is to be looked at again: three weeks. */
const FADES_AFTER = 15;
/** Was a skill secure, and not seen for so long that it is to be looked at again? @param today YYYY-MM-DD */
export const isFading = ({ level, last }: Pick<Mastery, 'level' | 'last'>, today: string): boolean =>
  level === 'secure' && schoolDaysBetween(last, today) >= FADES_AFTER;

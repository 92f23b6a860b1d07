import type { DialTime } from '../clock/index.ts';
import type { Skill } from '../skills/index.ts';
import { cameUp, holdsOn, TO_COME_BACK, type Memory } from './memory.ts';
import {
  USUAL_SHARES,
  gradeOf,
  reviewsOf,
  tallyOf,
  type RecallAnswer,
  type Review,
  type Shares,
  type Tally,
  type Thing,
} from './reviews.ts';

/** A thing that came up, how it is remembered since, and how it went the last time. */
interface Kept {
  readonly memory: Memory;
  readonly last: Review;
}
/** What is remembered of everything that ever came up. */
export type Recall = ReadonlyMap<Thing, Kept>;

/** Things that were practised on a day, by what the lesson had in it. */
export interface Practised {
  readonly day: string;
  readonly things: readonly Thing[];
}

/**
 * What is remembered after all that came up before a day.
 * @param tallies of one child, or of each child of a class
 * @param practised what lessons had in them; where answers tell how it went, these are gone by
 * @param before YYYY-MM-DD: what came up on that day or later is left out
 */
export const recallOfTallies = (
  tallies: Iterable<Tally>,
  practised: readonly Practised[] = [],
  before = '9999-12-31',
  shares: Shares = USUAL_SHARES,
): Recall => {
  const reviews = reviewsOf(tallies);
  for (const { day, things } of practised)
    for (const thing of things) {
      const days = reviews.get(thing) ?? new Map<string, Review>();
      reviews.set(thing, days);
      if (!days.has(day)) days.set(day, { day, asked: 0, missed: 0, known: 1 });
    }
  const recall = new Map<Thing, Kept>();
  for (const [thing, days] of reviews) {
    let kept: Kept | undefined;
    for (const day of [...days.keys()].filter((one) => one < before).sort()) {
      const last = days.get(day)!;
      kept = { memory: cameUp(kept?.memory, day, gradeOf(last, shares)), last };
    }
    if (kept !== undefined) recall.set(thing, kept);
  }
  return recall;
};

/** The same after all these answers, in any order. */
export const recallOf = (
  answers: readonly RecallAnswer[],
  practised?: readonly Practised[],
  before?: string,
  shares?: Shares,
): Recall => recallOfTallies([tallyOf(answers)], practised, before, shares);

/**
 * The share 0..1 of a thing that holds on a day: what was known of it the last time, as far as that has not faded. On the day itself it
 * has just come up; what never did is as if it were to come back.
 */
const holds = (recall: Recall, thing: Thing, day: string): number => {
  const kept = recall.get(thing);
  if (kept === undefined) return TO_COME_BACK;
  return day <= kept.last.day ? 1 : kept.last.known * holdsOn(kept.memory, day);
};

/** How well a skill at a time holds on a day, 0..1: both have to. @param time none where a task is about none */
export const holdsAt = (recall: Recall, skill: Skill, time: DialTime | undefined, day: string): number =>
  holds(recall, skill, day) * (time === undefined ? 1 : holds(recall, time, day));

/** How much a skill at a time is due on a day: 0 just seen, half of it is to come back or was never seen, 1 both are. */
export const dueOn = (recall: Recall, skill: Skill, time: DialTime | undefined, day: string): number =>
  Math.min(1, (1 - holdsAt(recall, skill, time, day)) / (1 - TO_COME_BACK ** 2));

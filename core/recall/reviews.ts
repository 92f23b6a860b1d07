import type { DialTime } from '../clock/index.ts';
import { createGrowing } from '../common/index.ts';
import type { JudgedAnswer } from '../diagnosis/index.ts';
import type { Skill } from '../skills/index.ts';
import type { Grade } from './memory.ts';

/** What is remembered: a skill, or a time on the dial. */
export type Thing = Skill | DialTime;

/** An answer as far as it shows what is remembered. */
export type RecallAnswer = Pick<JudgedAnswer, 'skill' | 'time' | 'verdict' | 'guess' | 'day'>;

/** The answers about one thing on one day. */
export interface Review {
  readonly day: string;
  /** Answers that could be read; 0 where it was practised and nothing was written down. */
  readonly asked: number;
  /** Answers that were not right. */
  readonly missed: number;
  /** Share 0..1 that was known, what guesses would bring taken out. */
  readonly known: number;
}

const CREDIT = { right: 1, nearly: 0.5, wrong: 0 } as const;

/** Sums of the answers about one thing on one day. */
interface Sums {
  asked: number;
  missed: number;
  /** Answers that were right, a nearly right one half; and right ones that guesses would bring. */
  right: number;
  guess: number;
}
/** Sums of answers by thing and day: those of one child change only with its own answers, and are summed over a class. */
export type Tally = ReadonlyMap<Thing, ReadonlyMap<string, Readonly<Sums>>>;

const sumsAt = (all: Map<Thing, Map<string, Sums>>, thing: Thing, day: string): Sums => {
  let days = all.get(thing);
  if (days === undefined) all.set(thing, (days = new Map()));
  let sums = days.get(day);
  if (sums === undefined) days.set(day, (sums = { asked: 0, missed: 0, right: 0, guess: 0 }));
  return sums;
};

const add = (sums: Sums, verdict: keyof typeof CREDIT, guess: number): void => {
  sums.asked += 1;
  sums.right += CREDIT[verdict];
  sums.guess += guess;
  if (verdict !== 'right') sums.missed += 1;
};

/** Sums the answers about each thing by day; they go on with the list. */
export const tallyOf: (answers: readonly RecallAnswer[]) => Tally = createGrowing<
  RecallAnswer,
  Map<Thing, Map<string, Sums>>
>(
  () => new Map(),
  (all, { skill, time, day, verdict, guess }) => {
    if (verdict === 'unreadable') return;
    add(sumsAt(all, skill, day), verdict, guess);
    if (time !== undefined) add(sumsAt(all, time, day), verdict, guess);
  },
);

/** What was asked about each thing, by day. @param tallies of one child, or of each child of a class */
export const reviewsOf = (tallies: Iterable<Tally>): Map<Thing, Map<string, Review>> => {
  const all = new Map<Thing, Map<string, Sums>>();
  for (const tally of tallies)
    for (const [thing, days] of tally)
      for (const [day, { asked, missed, right, guess }] of days) {
        const sums = sumsAt(all, thing, day);
        sums.asked += asked;
        sums.missed += missed;
        sums.right += right;
        sums.guess += guess;
      }
  return new Map(
    [...all].map(([thing, days]) => [
      thing,
      new Map(
        [...days].map(([day, { asked, missed, right, guess }]) => {
          const open = asked - guess;
          // Of an answer that cannot but be right nothing is learned.
          return [day, { day, asked, missed, known: open > 0 ? Math.max(0, (right - guess) / open) : 1 }];
        }),
      ),
    ]),
  );
};

/** Shares 0..1 of the answers that were known from which on it went well, and so that it was only hard. */
export interface Shares {
  readonly good: number;
  readonly hard: number;
}
/** As a class's thresholds are where it has set none of its own. */
export const USUAL_SHARES: Shares = { good: 0.8, hard: 0.5 };
/** All, but for a slip of the pen. */
const AT_ONCE = 0.98;

/** How a day went. What was practised with nothing written down is taken to have gone well, until an answer says otherwise. */
export const gradeOf = ({ asked, known }: Review, { good, hard }: Shares = USUAL_SHARES): Grade => {
  if (asked === 0) return 'good';
  if (known >= Math.max(good, AT_ONCE)) return 'easy';
  if (known >= good) return 'good';
  return known >= hard ? 'hard' : 'again';
};

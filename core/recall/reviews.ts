import type { DialTime } from '../clock/index.ts';
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

/** What was asked about each thing, by day. */
export const reviewsOf = (answers: Iterable<RecallAnswer>): Map<Thing, Map<string, Review>> => {
  const all = new Map<
    Thing,
    Map<string, { day: string; asked: number; missed: number; right: number; guess: number }>
  >();
  const add = (thing: Thing, { day, verdict, guess }: RecallAnswer): void => {
    if (verdict === 'unreadable') return;
    const days = all.get(thing) ?? new Map<string, never>();
    all.set(thing, days);
    const one = days.get(day) ?? { day, asked: 0, missed: 0, right: 0, guess: 0 };
    days.set(day, one);
    one.asked += 1;
    one.right += CREDIT[verdict];
    one.guess += guess;
    if (verdict !== 'right') one.missed += 1;
  };
  for (const answer of answers) {
    add(answer.skill, answer);
    if (answer.time !== undefined) add(answer.time, answer);
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

import { FSRSAlgorithm, Rating, type Grade as FsrsGrade } from 'ts-fsrs';

/** How it went on a day when something came up: most failed, some did, it was known, all knew it at once. */
export const GRADES = ['again', 'hard', 'good', 'easy'] as const;
export type Grade = (typeof GRADES)[number];

/** How well something is remembered: by a class, or by one child. */
export interface Memory {
  /** Days after which nine in ten would still hold. */
  readonly stability: number;
  /** 1 easy .. 10 hard to keep. */
  readonly difficulty: number;
  /** The day it came up last, YYYY-MM-DD. */
  readonly day: string;
}

/** Below this share of what once was known something is to come back: stability is the number of days until then. */
export const TO_COME_BACK = 0.9;

/**
 * The free spaced-repetition scheduler (FSRS 6) with its published weights, fitted by its authors on hundreds of millions of reviews
 * by other learners of other things. It is used for the order in which things fade, not as a promise of what a class will know.
 */
const fsrs = new FSRSAlgorithm({ enable_short_term: false });
const RATING: Readonly<Record<Grade, FsrsGrade>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
  easy: Rating.Easy,
};

const DAY_MS = 24 * 60 * 60 * 1000;
/** Days of the calendar: weekends and holidays are days on which things fade like on any other. */
const daysFrom = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);

/**
 * What is remembered after something came up.
 * @param before none where it never had @param day YYYY-MM-DD, after the day it came up last
 */
export const cameUp = (before: Memory | undefined, day: string, grade: Grade): Memory => {
  const { stability, difficulty } = fsrs.next_state(
    before === undefined ? null : { stability: before.stability, difficulty: before.difficulty },
    before === undefined ? 0 : Math.max(0, daysFrom(before.day, day)),
    RATING[grade],
  );
  return { stability, difficulty, day };
};

/** The share 0..1 of what was known that still holds on a day: 1 on the day it came up. */
export const holdsOn = ({ stability, day: last }: Memory, day: string): number =>
  fsrs.forgetting_curve(Math.max(0, daysFrom(last, day)), stability);

/** What of a reading tells how far to trust it. */
export interface Signs {
  /** Hands found: one or two. */
  readonly hands: 1 | 2;
  /** Degrees the direction of the less certain hand may be off (standard deviation). */
  readonly unsure: number;
  /** How crooked the more crooked hand is: bow and bend as parts of its reach. */
  readonly crooked: number;
  /** What went past the middle as a part of the hand it belongs to, 0..1; 0 where nothing did. */
  readonly tail: number;
  /** Part of a hand's reach along which nothing is drawn, 0..1; of the hand with the larger gap. */
  readonly gap: number;
  /** The shorter hand's reach as a part of the longer's. */
  readonly ratio: number;
  /** Degrees between the two hands; 180 where there is one. */
  readonly between: number;
  /** Face units the hands' own middle lies beside the clock's. */
  readonly shifted: number;
  /** Lines the hand of more lines is put together from. */
  readonly pieces: number;
  /** Is anything left that belongs to no hand's tip and is no mark that is known? */
  readonly rest: boolean;
}

/** Hands so much alike in reach (the shorter as a part of the longer) may be taken for each other. */
const ALIKE = 0.8;
/** Pieces of hands that lie so near each other, in degrees, may be put to the wrong one. */
const CLOSE = 25;

/** What a sign counts by: 0 where there is nothing to doubt. */
export const DOUBTS = {
  unsure: ({ unsure }) => unsure,
  crooked: ({ crooked }) => crooked,
  tail: ({ tail }) => tail,
  gap: ({ gap }) => gap,
  alike: ({ hands, ratio }) => (hands === 2 ? Math.max(0, ratio - ALIKE) : 0),
  shifted: ({ shifted }) => shifted,
  pieces: ({ pieces }) => pieces - 1,
  close: ({ pieces, between }) => (pieces > 1 ? Math.max(0, 1 - between / CLOSE) : 0),
  // Where one hand alone is found and something else is left, that is likely to be the other.
  missed: ({ hands, rest }) => (hands === 1 && rest ? 1 : 0),
  // A lone hand of several pieces may be two.
  loneInPieces: ({ hands, pieces }) => (hands === 1 ? pieces - 1 : 0),
} as const satisfies Readonly<Record<string, (signs: Signs) => number>>;
export type Doubt = keyof typeof DOUBTS;

/*
 * Weights of a logistic regression on drawings of both made-up kinds (all habits the reader was made with, scribbles, drawings of one hand):
 * was the reading what was drawn, to six degrees? They are printed by tools/fitConfidence.ts, with the share foretold and found on drawings
 * they were not fitted to. A fit anew after lines that cross were read line by line trusts more everywhere,
 * and would take a time that was written in digits for hands in 10.7 % instead of 2.0: the more careful weights stay. They are good for
 * drawings of the kinds they were made with; on children's own the share must be looked at anew.
 */
export const WEIGHTS: Readonly<Record<Doubt | 'all', number>> = {
  all: 8.05,
  unsure: 0.54,
  crooked: 2.67,
  tail: 2.29,
  gap: 0.75,
  alike: 1.68,
  shifted: 0.13,
  pieces: 0.32,
  close: 2.8,
  missed: 3.29,
  loneInPieces: 2.71,
};
const NAMES = Object.keys(DOUBTS) as Doubt[];

/** Of drawings with this confidence, so many are read as they were drawn: 0..1. */
export const confidenceOf = (signs: Signs): number =>
  1 / (1 + Math.exp(NAMES.reduce((sum, name) => sum + WEIGHTS[name] * DOUBTS[name](signs), -WEIGHTS.all)));

/** A reading with less confidence is doubtful: somebody has to look. */
export const DOUBTFUL = 0.8;

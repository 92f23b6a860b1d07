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
  /** Face units the hands' own middle lies beside the clock's. */
  readonly shifted: number;
  /** Lines the hand of more lines is put together from. */
  readonly pieces: number;
  /** Is anything left of which nobody can say what it is? */
  readonly rest: boolean;
}

/*
 * Weights of a logistic regression on some 20,000 drawings of both made-up kinds (all habits the reader was made with, scribbles, drawings of
 * one hand): was the reading what was drawn, to six degrees? On as many others the share was as foretold, to two in a hundred. They are
 * good for drawings of the kinds they were made with; on children's own the share must be looked at anew.
 */
const WEIGHTS = {
  all: 7.61,
  unsure: 0.36,
  crooked: 3.77,
  tail: 3.69,
  gap: 1.82,
  shifted: 0.18,
  pieces: 0.84,
  alike: 1.05,
  // Where one hand alone is found and something else is left, that is likely to be the other.
  missed: 2.74,
} as const;
/** Hands so much alike in reach (the shorter as a part of the longer) may be taken for each other. */
const ALIKE = 0.8;

/** Of drawings with this confidence, so many are read as they were drawn: 0..1. */
export const confidenceOf = ({ hands, unsure, crooked, tail, gap, ratio, shifted, pieces, rest }: Signs): number => {
  const forAll =
    WEIGHTS.all -
    WEIGHTS.unsure * unsure -
    WEIGHTS.crooked * crooked -
    WEIGHTS.tail * tail -
    WEIGHTS.gap * gap -
    WEIGHTS.shifted * shifted -
    WEIGHTS.pieces * (pieces - 1);
  const ofHands = hands === 1 ? (rest ? WEIGHTS.missed : 0) : WEIGHTS.alike * Math.max(0, ratio - ALIKE);
  return 1 / (1 + Math.exp(ofHands - forAll));
};

/** A reading with less confidence is doubtful: somebody has to look. */
export const DOUBTFUL = 0.8;

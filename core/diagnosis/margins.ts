import type { Belief } from './belief.ts';
import type { Besides } from './does.ts';
import { SIZE } from './parts.ts';

const { reading: R, drawing: D, writing: W } = SIZE;

/** What is believed of reading, alone and together with each of the others: weights that sum to 1, numbered as in `Foretold`. */
export type Margins = Readonly<Record<Besides, Float64Array>>;

const known = new WeakMap<Belief, Margins>();
export const marginsOf = (belief: Belief): Margins => {
  const before = known.get(belief);
  if (before !== undefined) return before;
  const margins = { nothing: new Float64Array(R), drawing: new Float64Array(R * D), writing: new Float64Array(R * W) };
  for (let r = 0; r < R; r++)
    for (let d = 0; d < D; d++)
      for (let w = 0; w < W; w++) {
        const weight = belief[(r * D + d) * W + w]!;
        margins.nothing[r]! += weight;
        margins.drawing[r * D + d]! += weight;
        margins.writing[r * W + w]! += weight;
      }
  known.set(belief, margins);
  return margins;
};

/** So many are kept to be written into: a session keeps about twenty beliefs at once. */
const MOST_ASIDE = 64;
const aside: Belief[] = [];
/**
 * Says that nobody looks at a belief any more: the next one is written into its place. A belief is some 35 kB, a session made ready goes
 * through a hundred, and a school that sits down asks for hundreds of sessions at once.
 * @param belief one that was made by whoever lays it aside, and handed to nobody who keeps it
 */
export const layAside = (belief: Belief): void => {
  // What was worked out of it goes with it.
  known.delete(belief);
  if (aside.length < MOST_ASIDE) aside.push(belief);
};
/** A belief to be written into, each of its places. */
export const newBelief = (): Belief => aside.pop() ?? new Float64Array(R * D * W);

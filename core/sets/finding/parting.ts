import type { Item } from '../../items/index.ts';
import { FINDING_STATES, answersTo, type Answers, type Likely } from './states.ts';

const SIZE = FINDING_STATES.length;

/** How alike two states answer, 0..1, for each pair (Bhattacharyya: sum of the roots of the chances' products). */
export type Alike = Float64Array;

const known = new WeakMap<Answers, Alike>();
export const alikeIn = (item: Item): Alike => {
  const answers = answersTo(item);
  const before = known.get(answers);
  if (before !== undefined) return before;
  const { columns, rows } = answers;
  const roots = rows.map(Math.sqrt);
  const alike = new Float64Array(SIZE * SIZE);
  for (let a = 0; a < SIZE; a++)
    for (let b = 0; b <= a; b++) {
      let sum = 0;
      for (let column = 0; column < columns; column++)
        sum += roots[a * columns + column]! * roots[b * columns + column]!;
      alike[a * SIZE + b] = alike[b * SIZE + a] = Math.min(1, sum);
    }
  known.set(answers, alike);
  return alike;
};

/** How alike each pair of states answers two tasks, or two sets of them, together. */
export const together = (one: Alike, other: Alike): Alike => {
  const both = new Float64Array(one.length);
  for (let i = 0; i < both.length; i++) both[i] = one[i]! * other[i]!;
  return both;
};
const NOTHING: Alike = new Float64Array(SIZE * SIZE).fill(1);
/** The same for a set of items; alike in all where there are none. */
export const alikeInAll = (items: readonly Item[]): Alike =>
  items.reduce<Alike>((all, item) => together(all, alikeIn(item)), NOTHING);

/**
 * At least so many bits the answers tell about which state a child is in: -sum w_i log2 sum w_j BC_ij, a lower bound of the mutual
 * information (Kolchinsky and Tracey, Estimating mixture entropy with pairwise distances, 2017, with the Bhattacharyya distance). It is
 * exact where states answer alike or never the same, and takes no time where the information itself would need every answer to every item.
 * @param alike in some items @param and in some more
 */
export const bitsOf = (likely: Likely, alike: Alike, and: Alike = NOTHING): number => {
  let bits = 0;
  for (let a = 0, at = 0; a < SIZE; a++) {
    let sum = 0;
    for (let b = 0; b < SIZE; b++, at++) sum += likely[b]! * alike[at]! * and[at]!;
    if (likely[a]! > 0) bits -= likely[a]! * Math.log2(Math.min(1, sum));
  }
  return bits;
};

/** At least so many bits a set of items tells. */
export const informationOf = (likely: Likely, items: readonly Item[]): number => bitsOf(likely, alikeInAll(items));

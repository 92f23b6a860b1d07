import type { Belief } from './belief.ts';
import type { Foretold } from './foretold.ts';
import { marginsOf, newBelief, type Margins } from './margins.ts';
import { SLIP } from './slip.ts';
import { SIZE } from './parts.ts';

const { reading: R, drawing: D, writing: W } = SIZE;

/** Somebody who knows how it is done is right but for slips. */
const KNOWS = 1 - SLIP;

/** Sums of a belief by which states are alike. Lists, for they are short and thousands: a typed array has memory of its own. */
const summed = new WeakMap<Margins, Map<Uint16Array, readonly number[]>>();
/** Weight of each way to answer an item. */
const weightsOfWays = (belief: Belief, { besides, wayOf, bits }: Foretold): readonly number[] => {
  const margins = marginsOf(belief);
  const ofBelief = summed.get(margins) ?? new Map<Uint16Array, readonly number[]>();
  summed.set(margins, ofBelief);
  const before = ofBelief.get(wayOf);
  if (before !== undefined) return before;
  const margin = margins[besides];
  const weights = new Array<number>(bits.length).fill(0);
  for (let state = 0; state < margin.length; state++) weights[wayOf[state]!]! += margin[state]!;
  ofBelief.set(wayOf, weights);
  return weights;
};
/** What is less likely than this tells nothing worth working out. */
const NEGLIGIBLE = 1e-4;

/** Chance of a right answer in a way; that of who does as who knows goes by how often this child is right. */
const rightIn = ({ chances, own }: Foretold, way: number, knows: number): number =>
  way === 0 ? knows : chances[way * (own.length + 2)]!;

/** Probability 0..1 that the child gives a right answer. @param knows the same when it follows no rule that shows */
export const chanceRight = (belief: Belief, foretold: Foretold, knows: number = KNOWS): number => {
  const weights = weightsOfWays(belief, foretold);
  let sum = 0;
  for (let way = 0; way < weights.length; way++) sum += weights[way]! * rightIn(foretold, way, knows);
  return sum;
};

const bitsOf = (p: number): number => (p > 0 ? -p * Math.log2(p) : 0);

/**
 * How much the answer to an item would tell about what the child does: mutual information in bits, 0 when every state would answer alike.
 * Shannon: the entropy of the answer (right, each answer that some rule leads to, any other) less what is left of it once the state is known.
 * @param knows probability 0..1 that a child who follows no rule that shows is right
 */
export const information = (belief: Belief, foretold: Foretold, knows: number = KNOWS): number => {
  const { own, chances, bits } = foretold;
  const weights = weightsOfWays(belief, foretold);
  const columns = own.length + 2;
  const all = new Array<number>(columns - 1).fill(0);
  // Where no rule shows the child slips as often as it is not right.
  const slips = (1 - knows) / SLIP;
  let left = 0;
  for (let way = 0; way < weights.length; way++) {
    const weight = weights[way]!;
    if (weight < NEGLIGIBLE) continue;
    const scaled = way === 0 ? weight * slips : weight;
    all[0]! += weight * rightIn(foretold, way, knows);
    for (let column = 1; column < columns - 1; column++) all[column]! += scaled * chances[way * columns + column]!;
    left += weight * bits[way]!;
  }
  if (knows !== KNOWS) left += weights[0]! * (bitsOfKnowing(foretold, knows) - bits[0]!);
  let [sum, told] = [0, 0];
  for (const chance of all) {
    sum += chance;
    told += bitsOf(chance);
  }
  return Math.max(0, told + bitsOf(Math.max(0, 1 - sum)) - left);
};
/** Uncertainty about the answer of a child that follows no rule that shows and is right so often, bits: right or not, and what then. */
const bitsOfKnowing = ({ bits }: Foretold, knows: number): number => {
  const either = (p: number): number => bitsOf(p) + bitsOf(1 - p);
  return either(knows) + ((1 - knows) / SLIP) * (bits[0]! - either(KNOWS));
};

/** What is believed after an answer of which only is known whether it was right. */
export const withOutcome = (before: Belief, foretold: Foretold, right: boolean, knows: number = KNOWS): Belief => {
  const { besides, width } = foretold;
  const belief = newBelief();
  let total = 0;
  for (let r = 0; r < R; r++)
    for (let d = 0; d < D; d++)
      for (let w = 0; w < W; w++) {
        const state = r * width + (besides === 'drawing' ? d : besides === 'writing' ? w : 0);
        const chance = rightIn(foretold, foretold.wayOf[state]!, knows);
        const i = (r * D + d) * W + w;
        belief[i] = before[i]! * (right ? chance : 1 - chance);
        total += belief[i]!;
      }
  for (let i = 0; i < belief.length; i++) belief[i]! /= total;
  return belief;
};

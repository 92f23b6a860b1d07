import { WRONG_RULES, type WrongRule } from '../misconceptions/index.ts';
import type { Clue } from './clue.ts';
import type { Besides } from './does.ts';
import { NEEDS, NEED_OF_RULE, type Need } from './needs.ts';
import {
  DRAWING_PRIOR,
  DRAWING_STATES,
  READING_PRIOR,
  READING_STATES,
  SIZE,
  WRITING_PRIOR,
  WRITING_STATES,
  type PartState,
} from './parts.ts';

const { reading: R, drawing: D, writing: W } = SIZE;

/**
 * What is believed of one child: a weight for each state of reading, drawing and writing together, at `(reading * D + drawing) * W + writing`.
 * They sum to 1.
 */
export type Belief = Float64Array<ArrayBuffer>;

/** Before any answer. */
export const begun = (): Belief => {
  const belief = new Float64Array(R * D * W);
  for (let r = 0; r < R; r++)
    for (let d = 0; d < D; d++)
      for (let w = 0; w < W; w++)
        belief[(r * D + d) * W + w] = READING_PRIOR[r]! * DRAWING_PRIOR[r]![d]! * WRITING_PRIOR[r]![w]!;
  return belief;
};

/** Sums of what answers say, by what they ask for besides reading. */
type Sums = Readonly<Record<Besides, Float64Array>>;
const summed = (clues: readonly Pick<Clue, 'besides' | 'logs'>[]): Sums => {
  const sums = { nothing: new Float64Array(R), drawing: new Float64Array(R * D), writing: new Float64Array(R * W) };
  for (const { besides, logs } of clues) {
    if (logs === undefined) continue;
    const sum = sums[besides];
    for (let i = 0; i < logs.length; i++) sum[i]! += logs[i]!;
  }
  return sums;
};
const normalised = (belief: Belief): Belief => {
  let total = 0;
  for (let i = 0; i < belief.length; i++) total += belief[i]!;
  for (let i = 0; i < belief.length; i++) belief[i]! /= total;
  return belief;
};

/** No state is ever ruled out for good, as a part of the likeliest: what a child does may be something that has never been seen. */
const LEAST = 1e-12;

/** The largest of some neighbours in a list. */
const largest = (logs: Float64Array, from: number, count: number): number => {
  let most = -Infinity;
  for (let i = from; i < from + count; i++) if (logs[i]! > most) most = logs[i]!;
  return most;
};

/** A likelihood beside the largest; what is far below `LEAST` is nothing, for numbers near the smallest there are cost a computer much. */
const beside = (log: number): number => (log < -40 ? 0 : Math.exp(log));

/** What is believed after answers of one day; their order says nothing. */
export const withAnswers = (before: Belief, clues: readonly Pick<Clue, 'besides' | 'logs'>[]): Belief => {
  const { nothing, drawing, writing } = summed(clues);
  // The largest of each reading is taken out before anything is made a chance: hundreds of answers do not underflow together.
  const ofReading = new Float64Array(R);
  for (let r = 0; r < R; r++) ofReading[r] = nothing[r]! + largest(drawing, r * D, D) + largest(writing, r * W, W);
  const top = largest(ofReading, 0, R);
  const belief = new Float64Array(before.length);
  const wrote = new Float64Array(W);
  for (let r = 0; r < R; r++) {
    const read = beside(ofReading[r]! - top);
    if (read === 0) continue;
    const [topDrawing, topWriting] = [largest(drawing, r * D, D), largest(writing, r * W, W)];
    for (let w = 0; w < W; w++) wrote[w] = beside(writing[r * W + w]! - topWriting);
    for (let d = 0; d < D; d++) {
      const part = read * beside(drawing[r * D + d]! - topDrawing);
      const at = (r * D + d) * W;
      for (let w = 0; w < W; w++) belief[at + w] = before[at + w]! * part * wrote[w]!;
    }
  }
  const least = LEAST * largest(belief, 0, belief.length);
  for (let i = 0; i < belief.length; i++) if (belief[i]! < least) belief[i] = least;
  return normalised(belief);
};

/**
 * Lets the state of one part change: what was seen of it counts so much less.
 * @param size states of the part @param step places from one to the next @param priorOf weights of its states by the state of reading
 */
const mixed = (
  belief: Belief,
  chance: number,
  size: number,
  step: number,
  priorOf: (reading: number) => readonly number[],
): Belief => {
  const next = new Float64Array(belief.length);
  const block = size * step;
  for (let from = 0; from < belief.length; from += block) {
    const prior = priorOf(Math.floor(from / (D * W)));
    for (let beside = from; beside < from + step; beside++) {
      let sum = 0;
      for (let i = 0; i < size; i++) sum += belief[beside + i * step]!;
      for (let i = 0; i < size; i++) {
        const place = beside + i * step;
        next[place] = (1 - chance) * belief[place]! + chance * prior[i]! * sum;
      }
    }
  }
  return next;
};

/**
 * What is believed some time later, if a child may have changed in each part with a chance.
 * @param chance 0..1 that the state of a part is another now, as likely any as for a child nothing is known of
 */
export const withChange = (before: Belief, chance: number): Belief => {
  if (chance <= 0) return before;
  const read = mixed(before, chance, R, D * W, () => READING_PRIOR);
  const drew = mixed(read, chance, D, W, (r) => DRAWING_PRIOR[r]!);
  return normalised(mixed(drew, chance, W, 1, (r) => WRITING_PRIOR[r]!));
};

/** How sure each need and each rule is. */
export interface Shares {
  /** Of each need the probability that some part of what the child does has it; of none that no part has any. Two may hold at once. */
  readonly needs: Readonly<Record<Need, number>>;
  /** Of each need the probability that it is what comes first: reading before drawing, drawing before writing. These sum to 1. */
  readonly first: Readonly<Record<Need, number>>;
  /** Of each rule the probability that the child follows it. */
  readonly rules: Readonly<Record<WrongRule, number>>;
}

const needOf = (state: PartState): Need =>
  state === 'knows' ? 'none' : state === 'guesses' ? 'guessing' : NEED_OF_RULE[state];

/** Parts of a child that have a state each. */
const PARTS = 3;
/** No place: a part in which nothing is wrong, or what another part says already. */
const NOWHERE = 255;
/** Places of what each state of all parts has, each once: worked out once, for every look at a belief goes through them. */
const placesOf = <T>(all: readonly T[], of: (state: PartState) => T | undefined): Uint8Array => {
  const places = new Uint8Array(R * D * W * PARTS).fill(NOWHERE);
  for (let r = 0; r < R; r++)
    for (let d = 0; d < D; d++)
      for (let w = 0; w < W; w++) {
        const has = [READING_STATES[r]!, DRAWING_STATES[d]!, WRITING_STATES[w]!].map(of);
        const at = ((r * D + d) * W + w) * PARTS;
        has.forEach((one, i) => {
          if (one !== undefined && has.indexOf(one) === i) places[at + i] = all.indexOf(one);
        });
      }
  return places;
};
const NEEDS_OF_STATE = placesOf<Need>(NEEDS, (state) => (state === 'knows' ? undefined : needOf(state)));
const RULES_OF_STATE = placesOf<WrongRule>(WRONG_RULES, (state) =>
  state === 'knows' || state === 'guesses' ? undefined : state,
);
const summedBy = (belief: Belief, places: Uint8Array, count: number): Float64Array => {
  const sums = new Float64Array(count);
  for (let at = 0; at < places.length; at++) {
    const place = places[at]!;
    if (place !== NOWHERE) sums[place]! += belief[Math.floor(at / PARTS)]!;
  }
  return sums;
};

/** What comes first in each state: what is read wrongly is drawn and written wrongly. */
const FIRST_OF_STATE = ((): Uint8Array => {
  const places = new Uint8Array(R * D * W);
  for (let i = 0; i < places.length; i++) {
    const has = [...NEEDS_OF_STATE.slice(i * PARTS, (i + 1) * PARTS)].find((place) => place !== NOWHERE);
    places[i] = has ?? NEEDS.indexOf('none');
  }
  return places;
})();
const byNeed = (sums: Float64Array): Readonly<Record<Need, number>> =>
  Object.fromEntries(NEEDS.map((need, i) => [need, sums[i]!])) as Record<Need, number>;

/** The probability of each need; of none that every part is known. */
export const needsIn = (belief: Belief): Readonly<Record<Need, number>> => {
  const sums = summedBy(belief, NEEDS_OF_STATE, NEEDS.length);
  // Everything is known in the very first state.
  sums[NEEDS.indexOf('none')] = belief[0]!;
  return byNeed(sums);
};
export const sharesOf = (belief: Belief): Shares => {
  const rules = summedBy(belief, RULES_OF_STATE, WRONG_RULES.length);
  const first = new Float64Array(NEEDS.length);
  for (let i = 0; i < belief.length; i++) first[FIRST_OF_STATE[i]!]! += belief[i]!;
  return {
    needs: needsIn(belief),
    first: byNeed(first),
    rules: Object.fromEntries(WRONG_RULES.map((rule, i) => [rule, rules[i]!])) as Record<WrongRule, number>,
  };
};

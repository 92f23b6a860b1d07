import { seededRng, type Rng } from '../../common/index.ts';
import { NAMING, NEEDS, NEED_OF_RULE, begun, sharesOf, type NamedNeed, type Need } from '../../diagnosis/index.ts';
import type { Item } from '../../items/index.ts';
import { WRONG_RULES, type WrongRule } from '../../misconceptions/index.ts';
import { alikeInAll, bitsOf } from './parting.ts';
import { FINDING_STATES, answersTo, likelyOf, type Likely } from './states.ts';

/** What a set of items can find out. */
export interface Finds {
  /** At least so many bits about what a child does. */
  readonly bits: number;
  /** Of each need: the chance that it would be named after the set, for a child who has it. Estimated, to about three in a hundred. */
  readonly named: Readonly<Record<NamedNeed, number>>;
  /** Rules that nothing in it shows. */
  readonly hidden: readonly WrongRule[];
  /** Pairs of rules of different needs that show in it and that it cannot tell apart, the most alike first. */
  readonly alike: readonly (readonly [WrongRule, WrongRule])[];
}

const SIZE = FINDING_STATES.length;
const stateOf = (state: (typeof FINDING_STATES)[number]): number => FINDING_STATES.indexOf(state);
/** Children that are made up of each rule; the same ones every time. */
const SAMPLES = 300;
/** Pairs that answer so much alike cannot be told apart. */
const CANNOT_PART = 0.7;
/** A rule that answers so much like who knows does not show. */
const HIDES = 0.97;

/** A child of whom nothing is known. */
let unknown: Float64Array | undefined;
const begunLogs = (): Float64Array => (unknown ??= likelyOf([sharesOf(begun())]).map(Math.log));
/** The need each state is of. */
const NEED_OF_STATE: readonly Need[] = FINDING_STATES.map((state) =>
  state === 'none' || state === 'guessing' ? state : NEED_OF_RULE[state],
);

/** Would a need be named after answers some child gives? */
const isNamed = (need: NamedNeed, state: number, items: readonly Item[], rng: Rng): boolean => {
  const logs = begunLogs().slice();
  let fitting = 0;
  for (const item of items) {
    const { columns, rows, logs: told, needs } = answersTo(item);
    let [column, left] = [0, rng()];
    while (column < columns - 1 && left >= rows[state * columns + column]!) {
      left -= rows[state * columns + column]!;
      column += 1;
    }
    for (let s = 0; s < SIZE; s++) logs[s]! += told[s * columns + column]!;
    if (needs[column]!.includes(need)) fitting += 1;
  }
  if (fitting < NAMING.fitting) return false;
  const top = logs.reduce((most, log) => Math.max(most, log), -Infinity);
  let [total, own] = [0, 0];
  for (let s = 0; s < SIZE; s++) {
    const weight = Math.exp(logs[s]! - top);
    total += weight;
    if (NEED_OF_STATE[s] === need) own += weight;
  }
  return own / total > NAMING.share;
};

const chanceNamed = (need: NamedNeed, likely: Likely, items: readonly Item[]): number => {
  const states =
    need === 'guessing'
      ? [stateOf('guessing')]
      : WRONG_RULES.filter((rule) => NEED_OF_RULE[rule] === need).map(stateOf);
  // Where nobody has it, each of its rules counts alike.
  const total = states.reduce((sum, state) => sum + likely[state]!, 0);
  return states.reduce((sum, state) => {
    const weight = total > 0 ? likely[state]! / total : 1 / states.length;
    if (weight === 0) return sum;
    const rng = seededRng(1 + state);
    let found = 0;
    for (let i = 0; i < SAMPLES; i++) if (isNamed(need, state, items, rng)) found += 1;
    return sum + (weight * found) / SAMPLES;
  }, 0);
};

/** What a set of items can find out about children. @param likely how likely each state is among them */
export const whatItFinds = (likely: Likely, items: readonly Item[]): Finds => {
  const all = alikeInAll(items);
  const alike = (a: number, b: number): number => all[a * SIZE + b]!;
  const hidden = WRONG_RULES.filter((rule) => alike(stateOf(rule), stateOf('none')) >= HIDES);
  const shown = WRONG_RULES.filter((rule) => !hidden.includes(rule));
  const pairs = shown.flatMap((one, i) =>
    shown.slice(i + 1).flatMap((other) => {
      const share = alike(stateOf(one), stateOf(other));
      return NEED_OF_RULE[one] !== NEED_OF_RULE[other] && share >= CANNOT_PART
        ? [{ pair: [one, other] as const, share }]
        : [];
    }),
  );
  return {
    bits: bitsOf(likely, all),
    named: Object.fromEntries(
      NEEDS.flatMap((need) => (need === 'none' ? [] : [[need, chanceNamed(need, likely, items)]])),
    ) as Record<NamedNeed, number>,
    hidden,
    alike: pairs.sort((a, b) => b.share - a.share).map(({ pair }) => pair),
  };
};

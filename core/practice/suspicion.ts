import { RIGHT_DESPITE_RULE, SLIP, weighed, type AnsweringState, type Response } from '../diagnosis/index.ts';
import { guessChance, type Answer, type Item } from '../items/index.ts';
import { WRONG_RULES, isSame, visibleRules } from '../misconceptions/index.ts';

/** How likely a child is to know, to guess, or to follow each wrong rule; sums to 1. */
export type Suspicion = Readonly<Record<AnsweringState, number>>;

/** Before any answer: seven in ten know, one in ten guesses, and every rule is as likely as another. */
export const UNKNOWN: Suspicion = Object.fromEntries([
  ['none', 0.7],
  ['guessing', 0.1],
  ...WRONG_RULES.map((rule) => [rule, 0.2 / WRONG_RULES.length]),
]) as unknown as Suspicion;

/** What is suspected after some answers more. */
export const suspect = (before: Suspicion, responses: readonly Response[]): Suspicion => weighed(before, responses);

/** Answers a child might give that tell states apart: the right one, each that some rule leads to, any other. */
interface Outlook {
  /** Weight of the states that answer alike. */
  readonly weight: number;
  /** Probability of each outcome: right, any other, then the rules' own answers. */
  readonly outcomes: readonly number[];
}

/**
 * How each group of states would answer an item.
 * @param knows probability 0..1 that a child who follows no rule is right
 */
const outlooks = (suspicion: Suspicion, item: Item, knows: number): Outlook[] => {
  const rules = visibleRules(item);
  const own: Answer[] = [];
  const placeOf = (answer: Answer): number => {
    const known = own.findIndex((one) => isSame(item, one, answer));
    return known >= 0 ? known : own.push(answer) - 1;
  };
  const led = rules.map(({ rule, own: answers }) => ({ weight: suspicion[rule], places: answers.map(placeOf) }));
  const spread = (right: number, weight: number, places: readonly number[] = [], theirs = 0): Outlook => ({
    weight,
    outcomes: [
      right,
      1 - right - theirs,
      ...own.map((_, place) => (places.includes(place) ? theirs / places.length : 0)),
    ],
  });
  const ofRules = led.reduce((sum, { weight }) => sum + weight, 0);
  return [
    spread(knows, 1 - suspicion.guessing - ofRules),
    spread(guessChance(item), suspicion.guessing),
    ...led.map(({ weight, places }) => spread(RIGHT_DESPITE_RULE, weight, places, 1 - SLIP - RIGHT_DESPITE_RULE)),
  ];
};

const mixed = (all: readonly Outlook[]): number[] =>
  all[0]!.outcomes.map((_, i) => all.reduce((sum, { weight, outcomes }) => sum + weight * outcomes[i]!, 0));

/** Probability 0..1 that this child gives a right answer. @param knows when it follows no rule */
export const chanceRight = (suspicion: Suspicion, item: Item, knows: number): number =>
  mixed(outlooks(suspicion, item, knows))[0]!;

const bits = (outcomes: readonly number[]): number =>
  outcomes.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/**
 * How much the answer to an item would tell about what the child does: mutual information in bits, 0 when every state would
 * answer alike. Shannon: the entropy of the answer less what is left of it once the state is known.
 */
export const information = (suspicion: Suspicion, item: Item, knows: number): number => {
  const all = outlooks(suspicion, item, knows);
  return Math.max(0, bits(mixed(all)) - all.reduce((sum, { weight, outcomes }) => sum + weight * bits(outcomes), 0));
};

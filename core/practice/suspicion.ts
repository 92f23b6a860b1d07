import { RIGHT_DESPITE_RULE, SLIP, weighed, type AnsweringState, type Response } from '../diagnosis/index.ts';
import { guessChance, type Answer, type Item } from '../items/index.ts';
import { WRONG_RULES, isSameForetold, visibleRules, type WrongRule } from '../misconceptions/index.ts';

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

/** An item with what can be foretold of its answers whoever the child is: worked out once, weighed many times. */
export interface Prospect {
  readonly item: Item;
  /** Probability that a guess is right. */
  readonly guess: number;
  /** Rules that show in it, each with the answers it leads to, by place among all such answers. */
  readonly led: readonly { readonly rule: WrongRule; readonly places: readonly number[] }[];
  /** How many different answers rules lead to. */
  readonly answers: number;
}

export const prospectOf = (item: Item): Prospect => {
  const own: Answer[] = [];
  const placeOf = (answer: Answer): number => {
    const known = own.findIndex((one) => isSameForetold(item, one, answer));
    return known >= 0 ? known : own.push(answer) - 1;
  };
  const led = visibleRules(item).map(({ rule, own: answers }) => ({ rule, places: answers.map(placeOf) }));
  return { item, guess: guessChance(item), led, answers: own.length };
};

/** Probability that a child who follows a rule gives one of the rule's own answers. */
const AS_THE_RULE_SAYS = 1 - SLIP - RIGHT_DESPITE_RULE;

/** Weight of all rules that show in an item. */
const weightLed = (suspicion: Suspicion, { led }: Prospect): number =>
  led.reduce((sum, { rule }) => sum + suspicion[rule], 0);

/** Probability 0..1 that this child gives a right answer. @param knows the same when it follows no rule that shows */
export const chanceRight = (suspicion: Suspicion, prospect: Prospect, knows: number): number => {
  const ofRules = weightLed(suspicion, prospect);
  const { guessing } = suspicion;
  return knows * (1 - guessing - ofRules) + prospect.guess * guessing + RIGHT_DESPITE_RULE * ofRules;
};

/** What is suspected after an answer of which only is known whether it was right. */
export const suspectFrom = (before: Suspicion, prospect: Prospect, knows: number, right: boolean): Suspicion => {
  const shown = new Set<AnsweringState>(prospect.led.map(({ rule }) => rule));
  const chance = (state: AnsweringState): number => {
    if (state === 'guessing') return prospect.guess;
    return shown.has(state) ? RIGHT_DESPITE_RULE : knows;
  };
  const states = Object.keys(before) as AnsweringState[];
  const weights = states.map((state) => before[state] * (right ? chance(state) : 1 - chance(state)));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return Object.fromEntries(states.map((state, i) => [state, weights[i]! / total])) as Record<AnsweringState, number>;
};

const bitsOf = (p: number): number => (p > 0 ? -p * Math.log2(p) : 0);
/** Uncertainty of right or not, bits. */
const bitsOfEither = (right: number): number => bitsOf(right) + bitsOf(1 - right);
/** Answers one rule can lead to in an item, at most. */
const MOST_LED = 20;
/** Uncertainty about the answer of a child whose rule leads to so many answers, bits. */
const BITS_OF_RULE = Array.from(
  { length: MOST_LED + 1 },
  (_, answers) => bitsOf(RIGHT_DESPITE_RULE) + bitsOf(SLIP) + answers * bitsOf(AS_THE_RULE_SAYS / answers),
);

/**
 * How much the answer to an item would tell about what the child does: mutual information in bits, 0 when every state would
 * answer alike. Shannon: the entropy of the answer (right, each answer that some rule leads to, any other) less what is left of
 * it once the state is known.
 * @param knows probability 0..1 that a child who follows no rule that shows is right
 */
export const information = (suspicion: Suspicion, prospect: Prospect, knows: number): number => {
  const { led, guess, answers } = prospect;
  const { guessing } = suspicion;
  const ofRules = weightLed(suspicion, prospect);
  const knowing = 1 - guessing - ofRules;
  const right = chanceRight(suspicion, prospect, knows);
  const other = (1 - knows) * knowing + (1 - guess) * guessing + SLIP * ofRules;
  const foretold = new Array<number>(answers).fill(0);
  let left = knowing * bitsOfEither(knows) + guessing * bitsOfEither(guess);
  for (const { rule, places } of led) {
    for (const place of places) foretold[place]! += (suspicion[rule] * AS_THE_RULE_SAYS) / places.length;
    left += suspicion[rule] * BITS_OF_RULE[places.length]!;
  }
  const all = foretold.reduce((sum, p) => sum + bitsOf(p), bitsOf(right) + bitsOf(other));
  return Math.max(0, all - left);
};

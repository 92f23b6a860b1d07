/**
 * Simulated children of a model that is not the judgement's own: half of their slips are near misses such as rules lead to, the others any
 * answer. The rules are the sixteen of the first trial.
 */
import { TAUGHT_TIMES } from '../core/clock/index.ts';
import { pick, type Rng } from '../core/common/index.ts';
import { NEED_OF_RULE, type Need } from '../core/diagnosis/index.ts';
import { guessChance, rightAnswers, type Answer, type Item } from '../core/items/index.ts';
import { isInvisible, predict, visibleRules, type WrongRule } from '../core/misconceptions/index.ts';

const anyAnswer = (rng: Rng, item: Item): Answer => {
  if ('options' in item) return { kind: 'choice', chosen: [Math.floor(rng() * item.options.length)] };
  if ('shown' in item) return rightAnswers({ ...item, shown: pick(rng, TAUGHT_TIMES) } as Item)[0]!;
  return rightAnswers(item)[0]!;
};
/** Half of the slips are near misses such as rules lead to. */
const slip = (rng: Rng, item: Item): Answer => {
  const rules = visibleRules(item);
  return rng() < 0.5 && rules.length > 0 ? pick(rng, pick(rng, rules).own) : anyAnswer(rng, item);
};
export type State = 'none' | 'guessing' | WrongRule;
/** @param faith share of answers in which the rule is used @param slips share that slip */
export const answerOf = (rng: Rng, state: State, item: Item, faith: number, slips: number): Answer => {
  if (rng() < slips) return slip(rng, item);
  const right = rightAnswers(item)[0]!;
  if (state === 'none') return right;
  if (state === 'guessing') return rng() < guessChance(item) ? right : anyAnswer(rng, item);
  const predicted = predict(state, item);
  if (rng() >= faith) return right;
  if (predicted.kind === 'guess') return anyAnswer(rng, item);
  if (predicted.kind !== 'answers' || isInvisible(state, item)) return right;
  if (predicted.orRight && rng() < 0.5) return right;
  return rng() < 2 / 3 ? predicted.own[0]! : pick(rng, predicted.own);
};
export const needOf = (state: State): Need => (state === 'none' || state === 'guessing' ? state : NEED_OF_RULE[state]);
export const TRUTHS = [
  'hands-swapped',
  'coming-hour',
  'smaller-number',
  'larger-number',
  'numeral-as-minutes',
  'always-oclock',
  'always-half-past',
  'long-hand-only',
  'long-hand-names-hour',
  'anticlockwise',
  'hour-hand-on-numeral',
  'wrong-side',
  'same-length',
  'parts-reversed',
  'colon-missing',
  'one-zero',
] as const satisfies readonly WrongRule[];

/** A share of slips of a child, from two in a hundred up. */
export const upTo =
  (most: number) =>
  (rng: Rng): number =>
    0.02 + (most - 0.02) * rng();

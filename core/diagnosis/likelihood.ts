import type { ReadAnswer } from '../answers/index.ts';
import type { Item } from '../items/index.ts';
import type { Verdict } from '../marking/index.ts';
import { WRONG_RULES, isInvisible, leadsTo, predict } from '../misconceptions/index.ts';

/** An answer with the item it was given to. */
export interface Response {
  readonly item: Item;
  readonly read: ReadAnswer;
  /** As it was marked by the class's conventions. */
  readonly verdict: Verdict;
}

/** What a child may be doing: knowing it, guessing, or following a wrong rule. */
export const ANSWERING_STATES = ['none', 'guessing', ...WRONG_RULES] as const;
export type AnsweringState = (typeof ANSWERING_STATES)[number];

/** Share of answers that slip, never taken smaller than children's real slips. */
export const SLIP = 0.12;
/** Children use a wrong rule only part of the time: so often they are right all the same. */
export const RIGHT_DESPITE_RULE = 0.2;
/** About as many different answers as a slip or a guess spreads over: one for each hour. */
const SPREAD = 12;

/** Probability of this answer to its item from a child in a state; only compared between states. */
export const answerLikelihood = (state: AnsweringState, { item, read, verdict }: Response): number => {
  // What nobody can read speaks for no state and against none.
  if (verdict === 'unreadable') return 1;
  // Nearly is half right: as likely as the mean of both.
  if (verdict === 'nearly')
    return (likelihoodOf(state, { item, read }, true) + likelihoodOf(state, { item, read }, false)) / 2;
  return likelihoodOf(state, { item, read }, verdict === 'right');
};

const likelihoodOf = (
  state: AnsweringState,
  { item, read }: Pick<Response, 'item' | 'read'>,
  right: boolean,
): number => {
  // Of a tap, and of a place left empty, only whether the child had it is known.
  const observed = read.kind === 'observed' || read.kind === 'no-answer';
  if (state === 'guessing') return observed && !right ? 1 - 1 / SPREAD : 1 / SPREAD;
  if (state === 'none' || isInvisible(state, item)) return right ? 1 - SLIP : observed ? SLIP : SLIP / SPREAD;
  if (right) return RIGHT_DESPITE_RULE;
  if (observed) return 1 - RIGHT_DESPITE_RULE;
  const predicted = predict(state, item);
  if (predicted.kind === 'answers' && leadsTo(state, item, read))
    return (1 - SLIP - RIGHT_DESPITE_RULE) / predicted.own.length;
  return SLIP / SPREAD;
};

/** Logarithm of an answer's likelihood in each of some states. */
export const logLikelihoods = <S extends AnsweringState>(
  states: readonly S[],
  response: Response,
): Readonly<Record<S, number>> =>
  Object.fromEntries(states.map((state) => [state, Math.log(answerLikelihood(state, response))])) as Record<S, number>;

/** Weights after some answers of which the likelihoods are known, from weights before them; they sum to 1. */
export const weighedLogs = <S extends AnsweringState>(
  before: Readonly<Record<S, number>>,
  answers: readonly Readonly<Record<S, number>>[],
): Record<S, number> => {
  const states = Object.keys(before) as S[];
  const logs = states.map((state) => answers.reduce((sum, answer) => sum + answer[state], Math.log(before[state])));
  const top = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - top));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return Object.fromEntries(states.map((state, i) => [state, weights[i]! / total])) as Record<S, number>;
};

/** Weights after some answers, from weights before them; they sum to 1. */
export const weighed = <S extends AnsweringState>(
  before: Readonly<Record<S, number>>,
  responses: readonly Response[],
): Record<S, number> => {
  const states = Object.keys(before) as S[];
  return weighedLogs(
    before,
    responses.map((response) => logLikelihoods(states, response)),
  );
};

import type { DialTime } from '../clock/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { answeredTime, mark, type Verdict } from '../marking/index.ts';
import { isInvisible, leadsTo, predict, type WrongRule } from '../misconceptions/index.ts';

/** An answer with the item it was given to. */
export interface Response {
  readonly item: Item;
  readonly answer: Answer;
  /** As it was marked by the class's conventions; marked by the usual ones where it is not given. */
  readonly verdict?: Verdict;
}

/** A wrong answer that a rule leads to: the time shown to be read, or asked to be set, and the one answered. */
export interface Fitting {
  readonly kind: 'read' | 'set';
  readonly shown: DialTime;
  readonly answered: DialTime;
}

/** A wrong rule that the answers speak for, with the answers that do. */
export interface Reason {
  readonly rule: WrongRule;
  /** Probability 0..1 among knowing, guessing and the wrong rules. */
  readonly posterior: number;
  /** Wrong answers the rule leads to, what was read before what was set, each in the order given. */
  readonly fitting: readonly Fitting[];
}

/** The rules weighed against each other so far: those that answers about o'clock can show. */
export const WEIGHED_RULES = ['hands-swapped', 'numeral-as-minutes'] as const satisfies readonly WrongRule[];
const STATES = ['none', 'guessing', ...WEIGHED_RULES] as const;
type State = (typeof STATES)[number];

/** Weights before any answer. That most children follow no wrong rule matters; the rest hardly does. */
const PRIOR: Record<State, number> = { none: 0.7, guessing: 0.1, 'hands-swapped': 0.1, 'numeral-as-minutes': 0.1 };
/** Share of answers that slip, never taken smaller than children's real slips. */
const SLIP = 0.12;
/** Children use a wrong rule only part of the time: so often they are right all the same. */
const RIGHT_DESPITE_RULE = 0.2;
/** About as many different answers as a slip or a guess spreads over: one for each hour. */
const SPREAD = 12;

const answerLikelihood = (state: State, { item, answer, ...marked }: Response): number => {
  const verdict = marked.verdict ?? mark(item, answer).verdict;
  // What nobody can read speaks for no state and against none.
  if (verdict === 'unreadable') return 1;
  const right = verdict === 'right';
  const observed = answer.kind === 'observed';
  if (state === 'guessing') return observed && !right ? 1 - 1 / SPREAD : 1 / SPREAD;
  if (state === 'none' || isInvisible(state, item)) return right ? 1 - SLIP : observed ? SLIP : SLIP / SPREAD;
  if (right) return RIGHT_DESPITE_RULE;
  if (observed) return 1 - RIGHT_DESPITE_RULE;
  const predicted = predict(state, item);
  if (predicted.kind === 'answers' && leadsTo(state, item, answer))
    return (1 - SLIP - RIGHT_DESPITE_RULE) / predicted.own.length;
  return SLIP / SPREAD;
};

/** Is this a wrong answer that a rule leads to? Uses the marking's findings, so hand tolerances are the same. */
const fits = (rule: WrongRule, { item, answer }: Response): boolean =>
  mark(item, answer).findings.some((finding) => finding.kind === 'rule' && finding.rule === rule);

/** Posterior over knowing, guessing and each wrong rule after all answers; sums to 1. */
export const posterior = (responses: readonly Response[]): Record<State, number> => {
  const logs = STATES.map((state) =>
    responses.reduce((sum, response) => sum + Math.log(answerLikelihood(state, response)), Math.log(PRIOR[state])),
  );
  const top = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - top));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return Object.fromEntries(STATES.map((state, i) => [state, weights[i]! / total])) as Record<State, number>;
};

/** A reason is named only above this probability and with at least two wrong answers that fit. */
const NAMING = { posterior: 0.8, fitting: 2 };

/** The reason behind a child's wrong answers, or none while the answers do not speak clearly enough. */
export const findReason = (responses: readonly Response[]): Reason | undefined => {
  const chances = posterior(responses);
  const rule = WEIGHED_RULES.find((candidate) => chances[candidate] > NAMING.posterior);
  if (rule === undefined) return undefined;
  const fitting = responses
    .flatMap((response): Fitting[] => {
      const { item } = response;
      const answered = answeredTime(response.answer);
      if (answered === undefined || (item.kind !== 'read' && item.kind !== 'set') || !fits(rule, response)) return [];
      return [{ kind: item.kind, shown: item.shown, answered }];
    })
    .sort((a, b) => a.kind.localeCompare(b.kind));
  return fitting.length >= NAMING.fitting ? { rule, posterior: chances[rule], fitting } : undefined;
};

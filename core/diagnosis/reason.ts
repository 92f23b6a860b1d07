import type { DialTime } from '../clock/index.ts';
import { answeredTime, mark } from '../marking/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import { weighed, type Response } from './likelihood.ts';

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
type State = 'none' | 'guessing' | (typeof WEIGHED_RULES)[number];

/** Weights before any answer. That most children follow no wrong rule matters; the rest hardly does. */
const PRIOR: Record<State, number> = { none: 0.7, guessing: 0.1, 'hands-swapped': 0.1, 'numeral-as-minutes': 0.1 };
/** Is this a wrong answer that a rule leads to? Uses the marking's findings, so hand tolerances are the same. */
const fits = (rule: WrongRule, { item, answer }: Response): boolean =>
  mark(item, answer).findings.some((finding) => finding.kind === 'rule' && finding.rule === rule);

/** Posterior over knowing, guessing and each wrong rule after all answers; sums to 1. */
export const posterior = (responses: readonly Response[]): Record<State, number> => weighed(PRIOR, responses);

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

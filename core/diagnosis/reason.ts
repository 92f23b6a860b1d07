import type { DialTime } from '../clock/index.ts';
import { answeredTime } from '../answers/index.ts';
import type { Finding } from '../marking/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import { logLikelihoods, weighedLogs, type Response } from './likelihood.ts';

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
const STATES = Object.keys(PRIOR) as State[];

/** What one answer says about why: worked out once, weighed as often as answers come. */
export interface Clue {
  /** Logarithm of its likelihood in each state. */
  readonly logs: Readonly<Record<State, number>>;
  /** The rules that lead to it, and the wrong answer it is; none where it fits no rule. */
  readonly fits: { readonly rules: readonly WrongRule[]; readonly answer: Fitting } | undefined;
}

/** An answer with what was found in it when it was marked. */
export interface MarkedResponse extends Response {
  readonly findings: readonly Finding[];
}
/** Uses the marking's findings for what fits a rule, so hand tolerances are the same. */
const fitting = ({ item, read, findings }: MarkedResponse): Clue['fits'] => {
  const answered = answeredTime(read);
  if (answered === undefined || (item.kind !== 'read' && item.kind !== 'set')) return undefined;
  const rules = findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : []));
  return rules.length === 0 ? undefined : { rules, answer: { kind: item.kind, shown: item.shown, answered } };
};

export const clueOf = (response: MarkedResponse): Clue => ({
  logs: logLikelihoods(STATES, response),
  fits: fitting(response),
});

/** Posterior over knowing, guessing and each wrong rule after all answers; sums to 1. */
export const posterior = (clues: readonly Clue[]): Record<State, number> =>
  weighedLogs(
    PRIOR,
    clues.map(({ logs }) => logs),
  );

/** A reason is named only above this probability and with at least two wrong answers that fit. */
const NAMING = { posterior: 0.8, fitting: 2 };

/** The reason behind a child's wrong answers, or none while the answers do not speak clearly enough. */
export const findReason = (clues: readonly Clue[]): Reason | undefined => {
  const chances = posterior(clues);
  const rule = WEIGHED_RULES.find((candidate) => chances[candidate] > NAMING.posterior);
  if (rule === undefined) return undefined;
  const fitted = clues
    .flatMap(({ fits }) => (fits?.rules.includes(rule) === true ? [fits.answer] : []))
    .sort((a, b) => a.kind.localeCompare(b.kind));
  return fitted.length >= NAMING.fitting ? { rule, posterior: chances[rule], fitting: fitted } : undefined;
};

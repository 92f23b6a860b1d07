import type { ReadAnswer } from '../answers/index.ts';
import type { Item } from '../items/index.ts';
import { WRONG_RULES, explain, type WrongRule } from '../misconceptions/index.ts';
import { begun, sharesOf, type Shares } from '../diagnosis/index.ts';

/** A rule counts as suspected of a child once it is so many times as likely as before any answer. */
const TIMES_AS_LIKELY = 5;

/** How common rules are taken to be before a class has answered: an assumption of ours, which the class's own answers replace. */
const COMMONEST = [
  'coming-hour',
  'hands-swapped',
  'hour-hand-on-numeral',
  'numeral-as-minutes',
  'colon-missing',
  'lengths-swapped',
  'one-zero',
  'always-oclock',
  'same-length',
  'long-hand-only',
] as const satisfies readonly WrongRule[];
export const USUAL_ORDER: readonly WrongRule[] = [...new Set<WrongRule>([...COMMONEST, ...WRONG_RULES])];

/** Rules in falling order of a weight, those with none left out; equals in the order of the library. */
const byWeight = (weightOf: (rule: WrongRule) => number): WrongRule[] => {
  const weighed = WRONG_RULES.map((rule) => ({ rule, weight: weightOf(rule) }));
  return weighed
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight)
    .map(({ rule }) => rule);
};

/** Before any answer. */
const UNKNOWN = sharesOf(begun()).rules;

/** Rules suspected of one child, the likeliest first. */
export const suspectedRules = ({ rules }: Pick<Shares, 'rules'>): WrongRule[] =>
  byWeight((rule) => (rules[rule] >= TIMES_AS_LIKELY * UNKNOWN[rule] ? rules[rule] : 0));

/** Rules commoner in a class than in one nothing is known of, the commonest first. */
export const commonRules = (children: readonly Pick<Shares, 'rules'>[]): WrongRule[] => {
  const mean = (rule: WrongRule): number =>
    children.reduce((sum, { rules }) => sum + rules[rule], 0) / Math.max(1, children.length);
  return byWeight((rule) => (mean(rule) > UNKNOWN[rule] ? mean(rule) : 0));
};

/**
 * Rules suspected of a child beside whose other answers one more is marked: those that its answers of now fit, as many as fit first,
 * then those suspected before.
 */
export const suspectedWith = (
  before: readonly WrongRule[],
  marked: readonly { readonly item: Item; readonly read: ReadAnswer }[],
): WrongRule[] => {
  const fitting = marked.flatMap(({ item, read }) => explain(item, read));
  const now = byWeight((rule) => fitting.filter((one) => one === rule).length + (before.includes(rule) ? 0.5 : 0));
  const fromNow = now.filter((rule) => fitting.includes(rule));
  return [...fromNow, ...before.filter((rule) => !fromNow.includes(rule))];
};

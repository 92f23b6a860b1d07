import type { WrongRule } from '../misconceptions/index.ts';
import { WRONG_RULES } from '../misconceptions/index.ts';
import type { Shares } from './belief.ts';
import type { Verdict } from '../marking/index.ts';
import type { Clue } from './clue.ts';
import { NEEDS, NEED_OF_RULE, type NamedNeed } from './needs.ts';

/** A need is named only above this probability, with so many wrong answers that fit it, to as many different items. */
export const NAMING = { share: 0.8, fitting: 2 } as const;

/** An answer with its verdict. */
export interface Weighed extends Clue {
  readonly verdict: Verdict;
}

/** Does an answer speak for a need? A guess is spoken for by every wrong answer that fits no rule. */
export const speaksFor = (need: NamedNeed, { logs, fits, verdict }: Weighed): boolean =>
  need === 'guessing'
    ? verdict === 'wrong' && logs !== undefined && fits.length === 0
    : fits.some((rule) => NEED_OF_RULE[rule] === need);

/** Places of the answers for which something holds: of a child with thousands each is looked at a few times. */
export const placesOf = <A>(answers: readonly A[], holds: (answer: A) => boolean): number[] => {
  const places: number[] = [];
  for (let place = 0; place < answers.length; place++) if (holds(answers[place]!)) places.push(place);
  return places;
};

/** The likeliest rule of a need; none of guessing. */
export const likeliestRule = (need: NamedNeed, { rules }: Shares): WrongRule | undefined =>
  WRONG_RULES.filter((rule) => NEED_OF_RULE[rule] === need).reduce<WrongRule | undefined>(
    (most, rule) => (most === undefined || rules[rule] > rules[most] ? rule : most),
    undefined,
  );

/** A rule less likely than this is no second explanation to be parted from the first. */
const SECOND = 0.05;

/** The one or two likeliest rules of all for a child who has a need: of that need first, then of any. */
export const likeliestRules = (need: NamedNeed, shares: Shares): WrongRule[] => {
  const first = likeliestRule(need, shares);
  if (first === undefined) return [];
  const second = WRONG_RULES.filter((rule) => rule !== first).reduce((most, rule) =>
    shares.rules[rule] > shares.rules[most] ? rule : most,
  );
  return shares.rules[second] >= SECOND ? [first, second] : [first];
};

/** Do so many different tasks speak for a need that it can be named? The latest are looked at first: of thousands a few settle it. */
const hasFitting = (need: NamedNeed, answers: readonly Weighed[]): boolean => {
  const tasks = new Set<string>();
  for (let place = answers.length - 1; place >= 0 && tasks.size < NAMING.fitting; place--)
    if (speaksFor(need, answers[place]!)) tasks.add(answers[place]!.task);
  return tasks.size >= NAMING.fitting;
};

/**
 * The rule of a need that is sure enough to be named while too few wrong answers show it: another task in which it shows would settle it.
 * None where nothing waits for that.
 */
export const waitingRule = (shares: Shares, answers: readonly Weighed[]): WrongRule | undefined => {
  for (const need of NEEDS) {
    if (need === 'none' || shares.needs[need] <= NAMING.share) continue;
    if (!hasFitting(need, answers)) return likeliestRule(need, shares);
  }
  return undefined;
};

/** Needs sure enough to be named, the surest first, with the places of the answers that speak for each. */
export const namedNeeds = (
  shares: Shares,
  answers: readonly Weighed[],
): { readonly need: NamedNeed; readonly share: number; readonly fitting: readonly number[] }[] =>
  NEEDS.flatMap((need) => {
    if (need === 'none' || shares.needs[need] <= NAMING.share) return [];
    if (!hasFitting(need, answers)) return [];
    return [{ need, share: shares.needs[need], fitting: placesOf(answers, (answer) => speaksFor(need, answer)) }];
  }).sort((a, b) => b.share - a.share);

import { createGrowing } from '../common/index.ts';
import { WRONG_RULES, type WrongRule } from '../misconceptions/index.ts';
import type { Shares } from './belief.ts';
import type { Verdict } from '../marking/index.ts';
import type { Clue } from './clue.ts';
import { NAMED_NEEDS, NEED_OF_RULE, type NamedNeed } from './needs.ts';

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

/** Places of the answers that speak for each need. */
const placesFor = createGrowing<Weighed, Record<NamedNeed, number[]>>(
  () => Object.fromEntries(NAMED_NEEDS.map((need) => [need, []])) as unknown as Record<NamedNeed, number[]>,
  (places, answer, place) => {
    for (const need of NAMED_NEEDS) if (speaksFor(need, answer)) places[need].push(place);
  },
);
/** Places of the answers in which a rule would have shown, and nothing of its need did. */
const placesAgainst = Object.fromEntries(
  WRONG_RULES.map((rule) => [
    rule,
    createGrowing<Weighed, number[]>(
      () => [],
      (places, answer, place) => {
        if (answer.speaksAgainst.includes(rule) && !speaksFor(NEED_OF_RULE[rule], answer)) places.push(place);
      },
    ),
  ]),
) as Record<WrongRule, (answers: readonly Weighed[]) => number[]>;
const placesRight = createGrowing<Weighed, number[]>(
  () => [],
  (places, { verdict }, place) => {
    if (verdict === 'right') places.push(place);
  },
);
/** Places of the answers that speak against a need. @param rule the likeliest of it; none of guessing, against which speaks what is right */
export const speakingAgainst = (rule: WrongRule | undefined, answers: readonly Weighed[]): number[] =>
  (rule === undefined ? placesRight : placesAgainst[rule])(answers).slice();

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
  const places = placesFor(answers)[need];
  const tasks = new Set<string>();
  for (let i = places.length - 1; i >= 0 && tasks.size < NAMING.fitting; i--) tasks.add(answers[places[i]!]!.task);
  return tasks.size >= NAMING.fitting;
};

/**
 * The rule of a need that is sure enough to be named while too few wrong answers show it: another task in which it shows would settle it.
 * None where nothing waits for that.
 */
export const waitingRule = (shares: Shares, answers: readonly Weighed[]): WrongRule | undefined => {
  const need = NAMED_NEEDS.find((one) => shares.needs[one] > NAMING.share && !hasFitting(one, answers));
  return need && likeliestRule(need, shares);
};

/** Needs sure enough to be named, the surest first, with the places of the answers that speak for each. */
export const namedNeeds = (
  shares: Shares,
  answers: readonly Weighed[],
): { readonly need: NamedNeed; readonly share: number; readonly fitting: readonly number[] }[] =>
  NAMED_NEEDS.filter((need) => shares.needs[need] > NAMING.share && hasFitting(need, answers))
    .map((need) => ({ need, share: shares.needs[need], fitting: placesFor(answers)[need].slice() }))
    .sort((a, b) => b.share - a.share);

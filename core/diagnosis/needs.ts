import type { WrongRule } from '../misconceptions/index.ts';

/**
 * What a child needs next, told from its answers: hands told apart; the hour between two numerals; what the minute hand says; the direction;
 * the written form; to begin with what is no guess; nothing.
 */
export const NEEDS = ['none', 'hands', 'between', 'minute', 'direction', 'writing', 'guessing'] as const;
export type Need = (typeof NEEDS)[number];
/** A need that can be named: all but none. */
export type NamedNeed = Exclude<Need, 'none'>;
export const NAMED_NEEDS = NEEDS.filter((need): need is NamedNeed => need !== 'none');

/** What a child needs who follows a rule. */
export const NEED_OF_RULE: Readonly<Record<WrongRule, NamedNeed>> = {
  'hands-swapped': 'hands',
  'coming-hour': 'between',
  'smaller-number': 'between',
  'larger-number': 'between',
  'numeral-as-minutes': 'minute',
  'always-oclock': 'minute',
  'always-half-past': 'minute',
  'hour-before': 'between',
  anticlockwise: 'direction',
  'long-hand-only': 'hands',
  'long-hand-names-hour': 'hands',
  'colon-missing': 'writing',
  'one-zero': 'writing',
  'parts-reversed': 'writing',
  'sixty-for-zero': 'writing',
  'mixed-forms': 'writing',
  'lengths-swapped': 'hands',
  'same-length': 'hands',
  'hour-hand-on-numeral': 'between',
  'wrong-side': 'between',
  'on-coming-numeral': 'between',
  'half-way-at-oclock': 'between',
  'both-on-hour': 'minute',
  'minute-hand-at-3': 'minute',
  'one-hand': 'hands',
  'off-centre': 'hands',
  'names-swapped': 'hands',
};

import type { DialTime } from '../clock/index.ts';

/*
 * The library of reasons: wrong rules a child may follow, each a procedure whose answers can be foretold. What each
 * looks like, why it makes sense to a child and what helps stand in the word files under `teacher.rules.<rule>`.
 */

/** Rules of reading; they show in writing, choosing, setting and drawing too. */
export const READING_RULES = [
  'hands-swapped',
  'coming-hour',
  'smaller-number',
  'larger-number',
  'numeral-as-minutes',
  'always-oclock',
  'always-half-past',
  'hour-before',
  'anticlockwise',
  'long-hand-only',
  'long-hand-names-hour',
] as const;
/** Rules of writing in digits. */
export const WRITING_RULES = ['colon-missing', 'one-zero', 'parts-reversed', 'sixty-for-zero', 'mixed-forms'] as const;
/** Rules of setting and drawing hands. */
export const DRAWING_RULES = [
  'lengths-swapped',
  'same-length',
  'hour-hand-on-numeral',
  'wrong-side',
  'on-coming-numeral',
  'half-way-at-oclock',
  'both-on-hour',
  'minute-hand-at-3',
  'one-hand',
  'off-centre',
] as const;
/** Rules about the parts of a clock. */
export const PART_RULES = ['names-swapped'] as const;
/** All of them, in the order in which several are named beside one answer. */
export const WRONG_RULES = [...READING_RULES, ...WRITING_RULES, ...DRAWING_RULES, ...PART_RULES] as const;
export type WrongRule = (typeof WRONG_RULES)[number];

/**
 * What a follower of a rule gives, in whatever form is asked for, the likeliest first. `orRight`: this rule leaves the
 * child with the right answer as often as not ("three o'clock" is said for 3:00 by many who read numerals as minutes).
 */
export interface Own<T> {
  readonly own: readonly T[];
  readonly orRight?: true;
}

/** A rule's answer for a time; none where it leads to the right one. */
export type Procedure<T> = (time: DialTime) => Own<T> | undefined;

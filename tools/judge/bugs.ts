import type { ReadAnswer } from '../../core/answers/index.ts';
import type { Item } from '../../core/items/index.ts';
import { consistentRules, type WrongRule } from '../../core/misconceptions/index.ts';

/**
 * Short names of wrong rules as case files use them, with Hoppel's own names. `none` is a child who knows. Rules that are
 * not in this table (hour-before, lengths-swapped ...) are named in `rules` only.
 */
export const BUGS = {
  swap: 'hands-swapped',
  coming: 'coming-hour',
  smaller: 'smaller-number',
  larger: 'larger-number',
  literal: 'numeral-as-minutes',
  oclock: 'always-oclock',
  half: 'always-half-past',
  longonly: 'long-hand-only',
  six: 'long-hand-names-hour',
  mirror: 'anticlockwise',
  onnum: 'hour-hand-on-numeral',
  wrongside: 'wrong-side',
  equal: 'same-length',
  reversed: 'parts-reversed',
  nocolon: 'colon-missing',
  onezero: 'one-zero',
} as const satisfies Record<string, WrongRule>;

const NAMES = Object.keys(BUGS) as (keyof typeof BUGS)[];

/** The short names that an answer does not rule out, and those that would have had to guess. */
export const bugsOf = (
  item: Item,
  answer: ReadAnswer,
  right: boolean,
): { consistent: string[]; cannotRuleOut: string[] } => {
  const { fitting, guessing } = consistentRules(item, answer, right);
  return {
    consistent: [...(right ? ['none'] : []), ...NAMES.filter((name) => fitting.includes(BUGS[name]))],
    cannotRuleOut: NAMES.filter((name) => guessing.includes(BUGS[name])),
  };
};

import { timeOf, type DialTime } from '../clock/index.ts';
import type { Lens } from '../face/index.ts';
import type { WrongRule } from './names.ts';

/** What to do next about a rule: the lens that shows the thing, and two times side by side that part right from wrong. */
export interface RuleHelp {
  readonly lens: Lens;
  readonly contrast: readonly [DialTime, DialTime];
}

const help = (lens: Lens, first: [number, number], second: [number, number]): RuleHelp => ({
  lens,
  contrast: [timeOf(...first), timeOf(...second)],
});

/** What helps with each rule. */
export const RULE_HELP: Readonly<Record<WrongRule, RuleHelp>> = {
  'hands-swapped': help('hour-hand-alone', [3, 0], [12, 15]),
  'coming-hour': help('hours-room', [4, 30], [5, 0]),
  'smaller-number': help('hours-room', [12, 30], [1, 30]),
  'larger-number': help('hours-room', [4, 30], [5, 30]),
  'numeral-as-minutes': help('minute-numbers', [4, 30], [4, 5]),
  'always-oclock': help('half-turn', [4, 0], [4, 30]),
  'always-half-past': help('minute-hand-alone', [4, 0], [4, 30]),
  'hour-before': help('hour-hand-alone', [4, 0], [3, 30]),
  anticlockwise: help('minute-trail', [3, 0], [9, 0]),
  'long-hand-only': help('hour-hand-alone', [3, 0], [9, 0]),
  'long-hand-names-hour': help('hour-hand-alone', [4, 30], [6, 30]),
  'colon-missing': help('minute-hand-alone', [4, 30], [4, 0]),
  'one-zero': help('minute-numbers', [4, 0], [4, 5]),
  'parts-reversed': help('hour-hand-alone', [4, 30], [4, 0]),
  'sixty-for-zero': help('minute-trail', [4, 0], [5, 0]),
  'mixed-forms': help('half-turn', [4, 0], [4, 30]),
  'lengths-swapped': help('hour-hand-alone', [3, 0], [12, 15]),
  'same-length': help('hour-hand-alone', [3, 0], [12, 15]),
  'hour-hand-on-numeral': help('magnifier', [4, 0], [4, 30]),
  'wrong-side': help('hours-room', [4, 30], [3, 30]),
  'on-coming-numeral': help('magnifier', [4, 30], [5, 0]),
  'half-way-at-oclock': help('magnifier', [4, 0], [4, 30]),
  'both-on-hour': help('minute-hand-alone', [4, 0], [4, 20]),
  'minute-hand-at-3': help('half-turn', [4, 30], [4, 15]),
  'one-hand': help('minute-hand-alone', [4, 0], [4, 30]),
  'off-centre': help('hour-hand-alone', [4, 0], [4, 30]),
  'names-swapped': help('hour-hand-alone', [3, 0], [9, 0]),
};

/** Languages (ISO 639) in which half past four is "half five": German, Dutch, Danish, Swedish, Norwegian, Icelandic, Finnish. */
const COUNTS_TO_THE_HOUR = new Set(['de', 'nl', 'da', 'sv', 'no', 'nb', 'nn', 'is', 'fi']);

/**
 * Has a coming-hour answer a second possible reason? Not an error of understanding where the child's home language names
 * half past by the coming hour: ask before naming a need.
 * @param homeLanguage ISO 639 code, with or without a region; undefined when it is not known
 */
export const mayComeFromHomeLanguage = (rule: WrongRule, homeLanguage: string | undefined): boolean =>
  (rule === 'coming-hour' || rule === 'larger-number') &&
  homeLanguage !== undefined &&
  COUNTS_TO_THE_HOUR.has(homeLanguage.toLowerCase().split('-')[0]!);

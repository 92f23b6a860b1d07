import {
  angleBetween,
  handAngles,
  hourOf,
  isHalfPast,
  isOclock,
  minuteOf,
  timeOf,
  type DialTime,
} from '../clock/index.ts';
import type { Item } from '../items/index.ts';

/** Wrong rules a child may follow, each a procedure whose answers can be foretold. */
export const WRONG_RULES = ['hands-swapped', 'numeral-as-minutes'] as const;
export type WrongRule = (typeof WRONG_RULES)[number];

/** Times a rule's follower would answer; empty when the rule says nothing about this item. */
type Procedure = (item: Item) => readonly DialTime[];

const distinct = (times: readonly DialTime[]): DialTime[] => [...new Set(times)];

/** The numeral the minute hand points at, 1..12, when it stands on one. */
const numeralUnderMinuteHand = (time: DialTime): number | undefined =>
  minuteOf(time) % 5 === 0 ? minuteOf(time) / 5 || 12 : undefined;

/**
 * Minutes a child names who takes the short hand for the minute hand: its place in fives (both neighbours when
 * it stands half-way), the bare numeral it is nearest to, or simply o'clock, and half past near the 6.
 */
const minutesFromShortHand = (time: DialTime): number[] => {
  const place = handAngles(time).hour / 30;
  const numerals = [Math.floor(place + 0.5), Math.ceil(place - 0.5)].map((n) => n % 12);
  const straightDown = place >= 6 && place <= 6.5;
  return [...numerals.map((n) => n * 5), ...numerals, straightDown ? 30 : 0];
};

/** Long hand read as the hour hand, short hand as the minute hand. */
const readSwapped = (shown: DialTime): DialTime[] => {
  const hour = numeralUnderMinuteHand(shown);
  return hour === undefined ? [] : distinct(minutesFromShortHand(shown).map((minute) => timeOf(hour, minute)));
};

/**
 * Long hand put on the hour's numeral, and the short hand as near as the gear allows to where the minute hand
 * belongs: on 12 for o'clock, on 6 for half past. Two turns may come equally near.
 */
const setSwapped = (asked: DialTime): DialTime[] => {
  const minute = (hourOf(asked) % 12) * 5;
  const wish = handAngles(asked).minute;
  const turns = Array.from({ length: 12 }, (_, i) => timeOf(i + 1, minute));
  const strays = turns.map((time) => angleBetween(handAngles(time).hour, wish));
  const nearest = Math.min(...strays);
  return turns.filter((_, i) => strays[i]! - nearest < 1e-9);
};

/** The numeral under the long hand said as minutes: 3:00 as 3:12, 4:30 as 4:06. */
const readNumeralAsMinutes = (shown: DialTime): DialTime[] => {
  const numeral = numeralUnderMinuteHand(shown);
  return numeral === undefined ? [] : [timeOf(hourOf(shown), numeral)];
};

const taughtTime = (time: DialTime): boolean => isOclock(time) || isHalfPast(time);

const PROCEDURES: Record<WrongRule, Procedure> = {
  'hands-swapped': (item) => {
    if (item.kind === 'read' && taughtTime(item.shown)) return readSwapped(item.shown);
    if (item.kind === 'set' && taughtTime(item.shown)) return setSwapped(item.shown);
    return [];
  },
  // Setting o'clock gives no numeral to misread; for half past such a child looks for "30" and takes the 3.
  'numeral-as-minutes': (item) => {
    if (item.kind === 'read' && taughtTime(item.shown)) return readNumeralAsMinutes(item.shown);
    if (item.kind === 'set' && isHalfPast(item.shown)) return [timeOf(hourOf(item.shown), 15)];
    return [];
  },
};

/**
 * The times a child who follows a wrong rule would answer to an item, the likeliest first. An empty list means
 * the rule says nothing here. Where the right time is among them the rule is invisible in this item.
 */
export const predict = (rule: WrongRule, item: Item): readonly DialTime[] => PROCEDURES[rule](item);

/** Would following this rule look the same as knowing, for this item? True too where the rule says nothing. */
export const isInvisible = (rule: WrongRule, item: Item): boolean => {
  const predicted = predict(rule, item);
  return predicted.length === 0 || ('shown' in item && predicted.includes(item.shown));
};

/**
 * The wrong rules that lead to an answer. None where the answer is right or the rule is invisible in this item:
 * an item that cannot tell is never used to accuse.
 */
export const explain = (item: Item, answered: DialTime): WrongRule[] =>
  'shown' in item && answered === item.shown
    ? []
    : WRONG_RULES.filter((rule) => !isInvisible(rule, item) && predict(rule, item).includes(answered));

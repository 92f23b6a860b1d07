import {
  handAngles,
  hourOf,
  isHalfPast,
  isOclock,
  minuteOf,
  mirrored,
  timeOf,
  wrapToDial,
  type DialTime,
} from '../clock/index.ts';
import type { Own, Procedure, WrongRule } from './names.ts';

const next = (hour: number): number => (hour % 12) + 1;
const before = (hour: number): number => ((hour + 10) % 12) + 1;
const distinct = (times: readonly DialTime[]): DialTime[] => [...new Set(times)];

const atHalfPast =
  <T>(answer: (hour: number) => Own<T>): Procedure<T> =>
  (time) =>
    isHalfPast(time) ? answer(hourOf(time)) : undefined;
const atOclock =
  <T>(answer: (hour: number) => Own<T>): Procedure<T> =>
  (time) =>
    isOclock(time) ? answer(hourOf(time)) : undefined;
const only = (...own: DialTime[]): Own<DialTime> => ({ own });

/**
 * Minutes a child names who takes the short hand for the minute hand: its place in fives (both neighbours when it
 * stands half-way), the bare numeral it is nearest to, or simply o'clock, and half past near the 6.
 */
const minutesFromShortHand = (time: DialTime): number[] => {
  const place = handAngles(time).hour / 30;
  const numerals = [Math.floor(place + 0.5), Math.ceil(place - 0.5)].map((n) => n % 12);
  const straightDown = place >= 6 && place <= 6.5;
  return [...numerals.map((n) => n * 5), ...numerals, straightDown ? 30 : 0];
};

/** Long hand read as the hour hand, short hand as the minute hand. */
const swapped: Procedure<DialTime> = (time) => {
  const hour = minuteOf(time) / 5 || 12;
  return only(...distinct(minutesFromShortHand(time).map((minute) => timeOf(hour, minute))));
};

/** What is read from a clock with both hands, by rule; a rule that is missing reads as a knowing child does. */
export const READ: Partial<Record<WrongRule, Procedure<DialTime>>> = {
  'hands-swapped': swapped,
  'coming-hour': atHalfPast((hour) => only(timeOf(next(hour), 30))),
  // Between 12 and 1 the smaller number is 1: the one time at which this rule shows.
  'smaller-number': atHalfPast((hour) => only(timeOf(hour === 12 ? 1 : hour, 30))),
  'larger-number': atHalfPast((hour) => only(timeOf(hour === 12 ? 12 : hour + 1, 30))),
  'numeral-as-minutes': (time) =>
    isHalfPast(time) ? only(timeOf(hourOf(time), 6)) : { own: [timeOf(hourOf(time), 12)], orRight: true },
  'always-oclock': atHalfPast((hour) => only(timeOf(hour), timeOf(next(hour)))),
  'always-half-past': atOclock((hour) => only(timeOf(hour, 30))),
  'hour-before': atOclock((hour) => only(timeOf(before(hour)))),
  anticlockwise: (time) => only(mirrored(time)),
  'long-hand-only': (time) => (isOclock(time) ? only(timeOf(12)) : only(timeOf(6), timeOf(6, 30))),
  'long-hand-names-hour': atHalfPast(() => only(timeOf(6, 30))),
};

const hourOnly = (hour: number): Own<number> => ({ own: [hour] });

/** The hour read from a clock with the hour hand alone, by rule. */
export const READ_HOUR: Partial<Record<WrongRule, Procedure<number>>> = {
  'coming-hour': atHalfPast((hour) => hourOnly(next(hour))),
  'smaller-number': atHalfPast((hour) => hourOnly(hour === 12 ? 1 : hour)),
  'larger-number': atHalfPast((hour) => hourOnly(hour === 12 ? 12 : hour + 1)),
  'hour-before': atOclock((hour) => hourOnly(before(hour))),
  anticlockwise: (time) => hourOnly(hourOf(mirrored(time))),
};

/** The half past of the hour before: there the hour hand is on its way to this hour's numeral. */
const halfPastBefore = (hour: number): DialTime => wrapToDial(timeOf(hour, 30) - 60);

/**
 * Long hand put on the hour's numeral, and the short hand as near as the gear allows to where the minute hand belongs:
 * on 12 for o'clock, on 6 for half past. Two turns may come equally near.
 */
const setSwapped: Procedure<DialTime> = (time) => {
  const minute = (hourOf(time) % 12) * 5;
  const wish = handAngles(time).minute;
  const strays = Array.from({ length: 12 }, (_, i) => {
    const turned = timeOf(i + 1, minute);
    const apart = Math.abs(handAngles(turned).hour - wish);
    return { turned, stray: Math.min(apart, 360 - apart) };
  });
  const nearest = Math.min(...strays.map(({ stray }) => stray));
  return only(...strays.filter(({ stray }) => stray - nearest < 1e-9).map(({ turned }) => turned));
};

/** What a geared clock is set to, by rule. Its hour hand cannot be put wrong by itself, so drawing rules stay hidden. */
export const SET: Partial<Record<WrongRule, Procedure<DialTime>>> = {
  'hands-swapped': setSwapped,
  'coming-hour': atHalfPast((hour) => ({ own: [halfPastBefore(hour)], orRight: true })),
  'larger-number': atHalfPast((hour) => ({ own: [halfPastBefore(hour)], orRight: true })),
  'numeral-as-minutes': atHalfPast((hour) => only(timeOf(hour, 15))),
  'minute-hand-at-3': atHalfPast((hour) => only(timeOf(hour, 15))),
  'always-oclock': atHalfPast((hour) => only(timeOf(hour))),
  'always-half-past': atOclock((hour) => only(timeOf(hour, 30))),
  anticlockwise: (time) => only(mirrored(time)),
};

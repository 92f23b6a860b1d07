import { handAngles, hourOf, isHalfPast, isOclock, minuteOf, type DialTime, type Hand } from '../clock/index.ts';
import type { Conventions } from './conventions.ts';

/** A piece of clock language: a key of the word files in `messages/`, and what to fill in. */
export interface Phrase {
  readonly key: string;
  readonly values: Readonly<Record<string, string | number>>;
}

/**
 * A time as it is said: "3 o'clock", "half past 4". Times between these are said by their digits for now:
 * the phrase then has the key `clock.said.digits`.
 */
export const say = (time: DialTime): Phrase => {
  const hour = hourOf(time);
  if (isOclock(time)) return { key: 'clock.said.oclock', values: { hour } };
  if (isHalfPast(time)) return { key: 'clock.said.halfPast', values: { hour } };
  return { key: 'clock.said.digits', values: { hour, minutes: String(minuteOf(time)).padStart(2, '0') } };
};

/** The digits of a time apart, so that each can stand in its own colour or behind its own cover. */
export interface Digits {
  readonly hour: string;
  readonly separator: ':' | '.';
  /** Always two digits. */
  readonly minutes: string;
}

/** A time in digits, in the form the class writes: 4:30, 04:30 or 4.30. */
export const digits = (time: DialTime, conventions: Pick<Conventions, 'digitalForm'>): Digits => ({
  hour: conventions.digitalForm === '04:30' ? String(hourOf(time)).padStart(2, '0') : String(hourOf(time)),
  separator: conventions.digitalForm === '4.30' ? '.' : ':',
  minutes: String(minuteOf(time)).padStart(2, '0'),
});

/** `digits` in one piece. */
export const digital = (time: DialTime, conventions: Pick<Conventions, 'digitalForm'>): string => {
  const { hour, separator, minutes } = digits(time, conventions);
  return hour + separator + minutes;
};

/** The class's name for a hand, as a phrase: "hour hand", "short hand" or "little hand". */
export const handName = (hand: Hand, conventions: Pick<Conventions, 'handNames'>): Phrase => ({
  key: `clock.hands.${conventions.handNames}.${hand}`,
  values: {},
});

/**
 * Where a hand stands, without saying the time: on a numeral, or between two. For a screen reader at a clock
 * whose reading is the task.
 */
export const handPlace = (hand: Hand, time: DialTime): Phrase => {
  const numerals = handAngles(time)[hand] / 30;
  const passed = Math.floor(numerals) || 12;
  return Number.isInteger(numerals)
    ? { key: 'clock.place.on', values: { numeral: passed } }
    : { key: 'clock.place.between', values: { passed, coming: (passed % 12) + 1 } };
};

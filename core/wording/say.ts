import { handAngles, hourOf, minuteOf, type DialTime, type Hand } from '../clock/index.ts';
import type { Conventions, DigitalForm } from '../conventions/index.ts';
import {
  localeOf,
  partsOfPattern,
  patternFilled,
  waysOf,
  wordsOf,
  type NumberForm,
  type SaidPart,
} from '../locales/index.ts';
import { fill, type Phrase } from './phrase.ts';

/** What saying a time depends on. */
export type SayingConventions = Pick<Conventions, 'locale' | 'halfPastPhrase'>;

/** The pattern a class says a time by. */
const usualPattern = (time: DialTime, { locale, halfPastPhrase }: SayingConventions): string =>
  waysOf(localeOf(locale).grammar, time, halfPastPhrase)[0]!.said[0]!;

/**
 * A time as the class says it: "4 o’clock", "half past 4", "quarter to 5"; all 720 times have a phrase.
 * @param form numbers as numerals (for a child's eye) or in words (for the ear)
 */
export const say = (time: DialTime, conventions: SayingConventions, form: NumberForm = 'numerals'): string =>
  patternFilled(usualPattern(time, conventions), localeOf(conventions.locale).grammar, time, form);

/** The same in the pieces a phrase is put together from, blanks taken away: "half past" and "4", "4" and "o’clock". */
export const sayInParts = (time: DialTime, conventions: SayingConventions): SaidPart[] =>
  partsOfPattern(usualPattern(time, conventions), localeOf(conventions.locale).grammar, time, 'tiles')
    .map(({ text, isHour }) => ({ text: text.trim(), isHour }))
    .filter(({ text }) => text !== '');

/** A time in digits where its phrase has the hour: "half past 4:30", "4:00 o’clock", the two forms in one. */
export const sayMixed = (time: DialTime, conventions: SayingConventions & Pick<Conventions, 'digitalForm'>): string =>
  partsOfPattern(usualPattern(time, conventions), localeOf(conventions.locale).grammar, time, 'numerals')
    .map(({ text, isHour }) => (isHour ? digital(time, conventions) : text))
    .join('');

/**
 * Every phrase that Hoppel may say for a time, the class's own first; with "both" in use, the two half-past phrases
 * lead. What is only understood ("half past four o'clock") is never among them.
 */
export const phrases = (time: DialTime, conventions: SayingConventions, form: NumberForm = 'words'): string[] => {
  const { grammar } = localeOf(conventions.locale);
  return waysOf(grammar, time, conventions.halfPastPhrase).flatMap(({ said }) =>
    said.map((pattern) => patternFilled(pattern, grammar, time, form)),
  );
};

/** The digits of a time apart, so that each can stand in its own colour or behind its own cover. */
export interface Digits {
  readonly hour: string;
  readonly separator: ':' | '.';
  /** Always two digits. */
  readonly minutes: string;
}

/** A time in digits, in the form the class writes: 4:30, 04:30 or 4.30. */
export const digits = (time: DialTime, { digitalForm }: { readonly digitalForm: DigitalForm }): Digits => ({
  hour: digitalForm === '04:30' ? String(hourOf(time)).padStart(2, '0') : String(hourOf(time)),
  separator: digitalForm === '4.30' ? '.' : ':',
  minutes: String(minuteOf(time)).padStart(2, '0'),
});

/** `digits` in one piece. */
export const digital = (time: DialTime, form: { readonly digitalForm: DigitalForm }): string => {
  const { hour, separator, minutes } = digits(time, form);
  return hour + separator + minutes;
};

/** What the sentences of the clock need to know of the conventions. */
export type SpeakingConventions = Pick<Conventions, 'locale' | 'handNames'>;

/** The class's name for a hand: "hour hand", "short hand" or "little hand". */
export const handName = (hand: Hand, { locale, handNames }: SpeakingConventions): string =>
  wordsOf(`clock.hands.${handNames}.${hand}`, locale);

/** A phrase as a sentence, with the hands called as the class calls them. */
export const sentence = ({ key, values }: Phrase, conventions: SpeakingConventions): string =>
  fill(wordsOf(key, conventions.locale), {
    hourHand: handName('hour', conventions),
    minuteHand: handName('minute', conventions),
    ...values,
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

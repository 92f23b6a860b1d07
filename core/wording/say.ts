import {
  handAngles,
  hourOf,
  isHalfPast,
  isOclock,
  minuteOf,
  timeOf,
  type DialTime,
  type Hand,
} from '../clock/index.ts';
import type { Conventions, DigitalForm } from '../conventions/index.ts';
import { GRAMMARS, NUMBER_WORDS, fill, wordsOf, type Grammar, type Phrase, type SaidKind } from './words.ts';

/** How numbers are put into a phrase: `half past four` or `half past 4`. */
export const NUMBER_FORMS = ['words', 'numerals'] as const;
export type NumberForm = (typeof NUMBER_FORMS)[number];

/** The kinds of phrase a time has, the preferred first. */
export const saidKinds = (time: DialTime, halfPastPhrase: Conventions['halfPastPhrase']): readonly SaidKind[] => {
  const minute = minuteOf(time);
  if (isOclock(time)) return time === timeOf(12) ? ['oclock', 'noon', 'midnight'] : ['oclock'];
  if (isHalfPast(time))
    return halfPastPhrase === 'thirty' ? ['thirty', 'halfPast', 'minutesPast'] : ['halfPast', 'thirty', 'minutesPast'];
  const [five, minutes, one] =
    minute < 30 ? (['past', 'minutesPast', 'oneMinutePast'] as const) : (['to', 'minutesTo', 'oneMinuteTo'] as const);
  const read: SaidKind = minute < 10 ? 'readOh' : 'read';
  if (minute === 15) return ['quarterPast', 'minutesPast', read];
  if (minute === 45) return ['quarterTo', 'minutesTo', read];
  if (minute % 5 === 0) return [five, minutes, read];
  return minute === 1 || minute === 59 ? [one, read] : [minutes, read];
};

/** Values of a phrase: the hour passed with the minutes past it, or the coming hour with the minutes to go. */
const valuesOf = (time: DialTime, kind: SaidKind, form: NumberForm): Phrase['values'] => {
  const towards = kind === 'to' || kind === 'minutesTo' || kind === 'oneMinuteTo' || kind === 'quarterTo';
  const hour = towards ? (hourOf(time) % 12) + 1 : hourOf(time);
  const minutes = towards ? 60 - minuteOf(time) : minuteOf(time);
  // Only an hour is written as a numeral: "ten past 4". Minutes after an hour numeral would look like its digits.
  return { hour: form === 'words' ? NUMBER_WORDS[hour]! : hour, minutes: NUMBER_WORDS[minutes]! };
};

const patternsOf = (grammar: Grammar, kind: SaidKind): readonly string[] => grammar.said[kind];

/**
 * A time as the class says it: "4 o’clock", "half past 4", "quarter to 5"; all 720 times have a phrase.
 * @param form numbers as numerals (for a child's eye) or in words (for the ear)
 */
export const say = (
  time: DialTime,
  { english, halfPastPhrase }: Pick<Conventions, 'english' | 'halfPastPhrase'>,
  form: NumberForm = 'numerals',
): string => {
  const kind = saidKinds(time, halfPastPhrase)[0]!;
  return fill(patternsOf(GRAMMARS[english], kind)[0]!, valuesOf(time, kind, form));
};

/**
 * Every phrase that Hoppel may say for a time, the class's own first; with "both" in use, the two half-past phrases
 * lead. What is only understood ("half past four o'clock") is never among them.
 */
export const phrases = (
  time: DialTime,
  { english, halfPastPhrase }: Pick<Conventions, 'english' | 'halfPastPhrase'>,
  form: NumberForm = 'words',
): string[] =>
  saidKinds(time, halfPastPhrase).flatMap((kind) =>
    patternsOf(GRAMMARS[english], kind).map((pattern) => fill(pattern, valuesOf(time, kind, form))),
  );

/** Every phrase of a time that is understood in an English, in words: all that are said and some that never are. */
export const understoodPhrases = (
  time: DialTime,
  english: Conventions['english'],
): { kind: SaidKind; text: string }[] => {
  const { said, understood } = GRAMMARS[english];
  return saidKinds(time, 'both').flatMap((kind) =>
    [...said[kind], ...(understood[kind] ?? [])].map((pattern) => ({
      kind,
      text: fill(pattern, valuesOf(time, kind, 'words')),
    })),
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
export type SpeakingConventions = Pick<Conventions, 'english' | 'handNames'>;

/** The class's name for a hand: "hour hand", "short hand" or "little hand". */
export const handName = (hand: Hand, { english, handNames }: SpeakingConventions): string =>
  wordsOf(`clock.hands.${handNames}.${hand}`, english);

/** A phrase as a sentence, with the hands called as the class calls them. */
export const sentence = ({ key, values }: Phrase, conventions: SpeakingConventions): string =>
  fill(wordsOf(key, conventions.english), {
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

import {
  OCLOCK_TIMES,
  TAUGHT_TIMES,
  handAngles,
  hourOf,
  isHalfPast,
  isOclock,
  timeOf,
  type DialTime,
} from '../clock/index.ts';
import { pick, shuffled, type Rng } from '../common/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { faultsOf, pictureOf, type ClockPicture } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import { judgedPhrase } from '../rounds/index.ts';
import { readingSteps, type Phrase } from '../wording/index.ts';
import { digitsToJudge } from './digitsToJudge.ts';
import { LENGTHS, TIMED_DEEDS, lengthPhrase } from './lengths.ts';

/** Questions with two answers, on which a class votes: can a clock be so, can digits be so, six or seven, which of two lengths. */
export const EITHERS = ['possible', 'can-be', 'six-or-seven', 'two-lengths'] as const;
export type EitherKind = (typeof EITHERS)[number];

export const isEither = (kind: string): kind is EitherKind => (EITHERS as readonly string[]).includes(kind);

/** What stands on the board for a question: a clock as it is printed, digits, or a thing to do with its picture. */
export type EitherPicture =
  | { readonly kind: 'clock'; readonly clock: ClockPicture }
  | { readonly kind: 'digits'; readonly text: string }
  | { readonly kind: 'deed'; readonly name: Phrase; readonly picture: string };

/** A question with two answers, the right one's place, and what is said when it is opened. */
export interface Either {
  readonly ask: Phrase;
  readonly picture: EitherPicture;
  readonly choices: readonly [Phrase, Phrase];
  readonly right: 0 | 1;
  readonly because: Phrase;
}

const phrase = (key: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.${key}`, values });
const POSSIBLE = [phrase('either.possible'), phrase('either.not')] as const;
/** In either order. */
const turned = (rng: Rng, right: Phrase, wrong: Phrase): Pick<Either, 'choices' | 'right'> =>
  rng() < 0.5 ? { choices: [right, wrong], right: 0 } : { choices: [wrong, right], right: 1 };

/** Questions of one sort. */
export const HOW_MANY_EITHER = 6;

const possible = (rng: Rng, times: readonly DialTime[]): Either[] =>
  Array.from({ length: HOW_MANY_EITHER }, () => {
    const item = makeItem('judge-clock', rng, times, times);
    if (item.kind !== 'judge-clock') throw new RangeError('another kind was made');
    return {
      ask: phrase('ask.possible'),
      picture: { kind: 'clock', clock: item.clock },
      choices: POSSIBLE,
      right: faultsOf(item.clock).length === 0 ? 0 : 1,
      because: judgedPhrase(item.clock),
    };
  });

const canBe = (rng: Rng, times: readonly DialTime[], conventions: Conventions): Either[] =>
  digitsToJudge(rng, times, conventions, HOW_MANY_EITHER).map(({ text, fault }) => {
    const [hour = '', minutes = ''] = text.split(/[:.]/);
    return {
      ask: phrase('either.canBe'),
      picture: { kind: 'digits', text },
      choices: POSSIBLE,
      right: fault === undefined ? 0 : 1,
      because: phrase(`either.digits.${fault ?? 'right'}`, { hour: Number(hour), minutes }),
    };
  });

/** Is it six or seven? Mostly with the hand between two numerals; now and then on one. */
const sixOrSeven = (rng: Rng, conventions: Conventions): Either[] => {
  // The hard one is always there: 12 or 1.
  const between = [...new Set([timeOf(12, 30), ...shuffled(rng, TAUGHT_TIMES.filter(isHalfPast))])];
  const times = shuffled(rng, between.slice(0, HOW_MANY_EITHER - 1));
  return [...times, pick(rng, OCLOCK_TIMES)].map((time) => {
    const hour = hourOf(time);
    const [first, second] = isOclock(time) && rng() < 0.5 ? [((hour + 10) % 12) + 1, hour] : [hour, (hour % 12) + 1];
    return {
      ask: phrase('ask.hour-hand'),
      picture: { kind: 'clock', clock: { ...pictureOf(handAngles(time)), handsDrawn: 'hour' } },
      choices: [phrase('either.number', { number: first }), phrase('either.number', { number: second })],
      right: first === hour ? 0 : 1,
      because: readingSteps(time, conventions).find(({ part }) => part === 'hour')!.sentence,
    };
  });
};

const twoLengths = (rng: Rng): Either[] =>
  shuffled(rng, TIMED_DEEDS)
    .slice(0, HOW_MANY_EITHER)
    .map((deed) => {
      const { amount, span, instead, picture } = LENGTHS[deed];
      const name = phrase(`deeds.${deed}`);
      return {
        ask: phrase('either.howLong'),
        picture: { kind: 'deed', name, picture },
        ...turned(rng, lengthPhrase(amount, span), lengthPhrase(amount, instead)),
        because: phrase(`either.takes.${amount === 1 ? 'one' : 'many'}.${span}`, { count: amount }),
      };
    });

/**
 * Questions of one sort; the same for the same seed.
 * @param times the class has met; one at least
 */
export const eithersOf = (
  kind: EitherKind,
  rng: Rng,
  times: readonly DialTime[],
  conventions: Conventions,
): readonly Either[] => {
  switch (kind) {
    case 'possible':
      return possible(rng, times);
    case 'can-be':
      return canBe(rng, times, conventions);
    case 'six-or-seven':
      return sixOrSeven(rng, conventions);
    case 'two-lengths':
      return twoLengths(rng);
  }
};

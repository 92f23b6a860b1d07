import { hourOf, isHalfPast, isOclock, minuteOf, timeOf, type DialTime } from '../clock/index.ts';
import type { Lens } from '../face/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { say } from './say.ts';
import type { Phrase } from './phrase.ts';

/** What a reading step is about. */
export const STEP_PARTS = ['hour', 'minute', 'whole'] as const;
export type StepPart = (typeof STEP_PARTS)[number];

/** One step of reading a clock: the part to light up, the sentence to say, and the lens that shows it. */
export interface ReadingStep {
  readonly part: StepPart;
  readonly sentence: Phrase;
  readonly lens?: Lens;
}

/** What the reading steps depend on. */
export type ReadingConventions = Pick<
  Conventions,
  'locale' | 'halfPastPhrase' | 'firstRead' | 'hourFinding' | 'minuteSupport'
>;

const phrase = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.steps.${name}`, values });

/** How the hour is found when the hour hand is between two numerals. */
const betweenNumerals = (time: DialTime, { hourFinding }: ReadingConventions): ReadingStep => {
  const hour = hourOf(time);
  const next = (hour % 12) + 1;
  switch (hourFinding) {
    case 'passed':
      return { part: 'hour', sentence: phrase('hourPassed', { hour }), lens: 'hour-hand-alone' };
    case 'room':
      return { part: 'hour', sentence: phrase('hourRoom', { hour }), lens: 'hours-room' };
    case 'step-back':
      return { part: 'hour', sentence: phrase('hourStepBack', { hour, next }), lens: 'hours-room' };
    case 'smaller':
      // "The smaller number" is wrong between 12 and 1, and is never said there.
      return hour === hourOf(timeOf(12))
        ? { part: 'hour', sentence: phrase('hourSmallerTwelve'), lens: 'hours-room' }
        : { part: 'hour', sentence: phrase('hourSmaller', { hour, passed: hour, next }), lens: 'hours-room' };
  }
};

const hourStep = (time: DialTime, conventions: ReadingConventions): ReadingStep =>
  isOclock(time)
    ? { part: 'hour', sentence: phrase('hourOn', { hour: hourOf(time) }), lens: 'hour-hand-alone' }
    : betweenNumerals(time, conventions);

/** By turns: straight up, half a turn, a quarter; nothing for other minutes. */
const straightStep = (time: DialTime): ReadingStep | undefined => {
  if (isOclock(time)) return { part: 'minute', sentence: phrase('straightUp'), lens: 'minute-hand-alone' };
  if (isHalfPast(time)) return { part: 'minute', sentence: phrase('straightDown'), lens: 'half-turn' };
  if (minuteOf(time) === 15) return { part: 'minute', sentence: phrase('quarterTurn'), lens: 'minute-trail' };
  if (minuteOf(time) === 45) return { part: 'minute', sentence: phrase('quarterToGo'), lens: 'minute-trail' };
  return undefined;
};

/** By minute numbers round the rim. */
const fivesStep = (time: DialTime): ReadingStep => {
  const minutes = minuteOf(time);
  if (minutes === 0) return { part: 'minute', sentence: phrase('onTwelve'), lens: 'minute-numbers' };
  const numeral = Math.floor(minutes / 5);
  const name = numeral === 0 ? 'countOnes' : minutes % 5 === 0 ? 'countFives' : 'countOn';
  return { part: 'minute', sentence: phrase(name, { numeral, minutes }), lens: 'minute-numbers' };
};

const minuteSteps = (time: DialTime, { minuteSupport }: ReadingConventions): ReadingStep[] => {
  const straight = minuteSupport === 'fives' ? undefined : straightStep(time);
  if (straight === undefined) return [fivesStep(time)];
  return minuteSupport === 'both' ? [straight, fivesStep(time)] : [straight];
};

/**
 * The steps of reading a time, two to four, in the order the class reads: one hand, the other, then the whole time. The
 * same steps drive board, hints, answer keys and reasons, so that nobody misspeaks.
 */
export const readingSteps = (time: DialTime, conventions: ReadingConventions): ReadingStep[] => {
  const hour = [hourStep(time, conventions)];
  const minute = minuteSteps(time, conventions);
  const hands = conventions.firstRead === 'hour' ? [...hour, ...minute] : [...minute, ...hour];
  return [...hands, { part: 'whole', sentence: phrase('whole', { said: say(time, conventions) }) }];
};

/** The three parts of a time in the order they are uncovered. */
export const readingOrder = ({ firstRead }: Pick<Conventions, 'firstRead'>): readonly StepPart[] =>
  firstRead === 'hour' ? ['hour', 'minute', 'whole'] : ['minute', 'hour', 'whole'];

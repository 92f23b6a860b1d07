import { isHalfPast, isOclock, hourOf, minuteOf, type DialTime } from '../clock/index.ts';
import type { Conventions } from './conventions.ts';
import { say, type Phrase } from './say.ts';

/** One step of reading a clock: which part it is about and the sentence to say. */
export interface ReadingStep {
  readonly part: 'hour' | 'minute' | 'whole';
  readonly sentence: Phrase;
}

const hourSentence = (time: DialTime): Phrase => ({
  key: isOclock(time) ? 'clock.steps.hourOn' : 'clock.steps.hourPassed',
  values: { hour: hourOf(time) },
});

const minuteSentence = (time: DialTime): Phrase => {
  if (isOclock(time)) return { key: 'clock.steps.straightUp', values: {} };
  if (isHalfPast(time)) return { key: 'clock.steps.straightDown', values: {} };
  return { key: 'clock.steps.minutes', values: { minutes: minuteOf(time) } };
};

/** The three reading steps of a time, in the order the class reads: one hand, the other, then the whole time. */
export const readingSteps = (time: DialTime, conventions: Pick<Conventions, 'firstRead'>): ReadingStep[] => {
  const hour: ReadingStep = { part: 'hour', sentence: hourSentence(time) };
  const minute: ReadingStep = { part: 'minute', sentence: minuteSentence(time) };
  const hands = conventions.firstRead === 'hour' ? [hour, minute] : [minute, hour];
  return [...hands, { part: 'whole', sentence: say(time) }];
};

import type { Conventions } from '../conventions/index.ts';
import type { Phrase } from './phrase.ts';
import { readingOrder, type ReadingConventions, type StepPart } from './steps.ts';

/** A question a child asks itself while it reads a clock, and the step it leads to. */
export interface ReadingQuestion {
  readonly part: StepPart;
  readonly question: Phrase;
}

/**
 * The questions in the order the class reads: which hand first, what it points at or has passed, then the other, then the time. They say
 * nothing of any one time, and go with `readingSteps`, which answers them.
 */
export const readingQuestions = (
  conventions: Pick<ReadingConventions, 'hourFinding' | 'minuteSupport'> & Pick<Conventions, 'firstRead'>,
): ReadingQuestion[] =>
  readingOrder(conventions).map((part) => {
    const name =
      part === 'hour'
        ? `hour.${conventions.hourFinding}`
        : part === 'minute'
          ? `minute.${conventions.minuteSupport}`
          : 'whole';
    return { part, question: { key: `clock.questions.${name}`, values: {} } };
  });

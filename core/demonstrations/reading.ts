import type { DialTime } from '../clock/index.ts';
import { readingSteps, say, type ReadingConventions } from '../wording/index.ts';
import { WAYS, phrase, type Demonstration } from './demonstration.ts';
import { halfPastOf } from './turning.ts';

/** Which hour is it at half past? The reading steps of the class, each with the lens that shows it. */
export const whichHour = (time: DialTime, conventions: ReadingConventions): Demonstration => {
  const shown = halfPastOf(time);
  const steps = readingSteps(shown, conventions);
  return {
    kind: 'which-hour',
    realTime: false,
    steps: steps.map(({ sentence, lens }, at) => ({
      seconds: 5,
      sentence,
      scene: () => ({
        minutes: shown,
        lenses: lens === undefined ? [] : [lens],
        opened: steps.slice(0, at + 1).map(({ part }) => part),
      }),
    })),
  };
};

/** The same time with hands, in digits and in words, one after another. */
export const threeWays = (
  time: DialTime,
  conventions: Pick<ReadingConventions, 'locale' | 'halfPastPhrase'>,
): Demonstration => ({
  kind: 'three-ways',
  realTime: false,
  steps: WAYS.map((way, at) => ({
    seconds: 4,
    sentence: phrase(`way.${way}`, { said: say(time, conventions) }),
    scene: () => ({ minutes: time, ways: WAYS.slice(0, at + 1) }),
  })),
});

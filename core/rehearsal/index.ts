export { answerOf, drawChild, secondsToAnswer, type Believed, type MadeUpChild } from './child.ts';
export { expectedMisses } from './expect.ts';
export { suggestNext, type Suggestion } from './suggest.ts';
export { roundMinutes, secondsBefore, secondsHere } from './timing.ts';

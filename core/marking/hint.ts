import { angleBetween, handAngles, minuteOf, type DialTime, type Hand, type HandAngles } from '../clock/index.ts';
import { answeredTime, type ReadAnswer } from '../answers/index.ts';
import { TOLERANCES, isHourAlone, type Item } from '../items/index.ts';
import { hourTolerance } from '../misconceptions/index.ts';
import { readingSteps, type ReadingConventions, type ReadingStep } from '../wording/index.ts';

/**
 * Which hand to help with when a clock was not set right: the minute hand first, for on a geared clock the hour hand
 * can only be right when the minute hand is. None when both are.
 */
export const handToHelp = (asked: DialTime, hands: HandAngles): Hand | undefined => {
  const wanted = handAngles(asked);
  if (angleBetween(hands.minute, wanted.minute) > TOLERANCES.minuteHand) return 'minute';
  return angleBetween(hands.hour, wanted.hour) > hourTolerance(asked) ? 'hour' : undefined;
};

/** The numeral a hand points to at a time, or has passed last, 1..12: the place to light up. */
export const numeralOf = (hand: Hand, time: DialTime): number => Math.floor(handAngles(time)[hand] / 30) || 12;

/** The hand an answer went wrong with; the one read first where the answer does not tell. */
const missedHand = (shown: DialTime, answer: ReadAnswer, first: Hand): Hand => {
  if (answer.kind === 'hands') return handToHelp(shown, answer) ?? first;
  const time = answeredTime(answer);
  if (time === undefined || time === shown) return first;
  return minuteOf(time) === minuteOf(shown) ? 'hour' : 'minute';
};

/**
 * The reading step a child missed, to be lit up and said; none for tasks that are not about one time. The same steps the
 * board and the answer keys use.
 */
export const hintStep = (item: Item, answer: ReadAnswer, conventions: ReadingConventions): ReadingStep | undefined => {
  if (!('shown' in item)) return undefined;
  const hand = isHourAlone(item.kind) ? 'hour' : missedHand(item.shown, answer, conventions.firstRead);
  return readingSteps(item.shown, conventions).find(({ part }) => part === hand);
};

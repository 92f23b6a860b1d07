import { angleBetween, handAngles, type DialTime, type Hand, type HandAngles } from '../clock/index.ts';
import { TOLERANCES } from './tolerances.ts';

/**
 * Which hand to help with when a clock was not set right: the minute hand first, for on a geared clock the hour hand
 * can only be right when the minute hand is. None when both are.
 */
export const handToHelp = (asked: DialTime, hands: HandAngles): Hand | undefined => {
  const wanted = handAngles(asked);
  if (angleBetween(hands.minute, wanted.minute) > TOLERANCES.minuteHand) return 'minute';
  return angleBetween(hands.hour, wanted.hour) > TOLERANCES.hourHand ? 'hour' : undefined;
};

/** The numeral a hand points to at a time, or has passed last, 1..12: the place to light up. */
export const numeralOf = (hand: Hand, time: DialTime): number => Math.floor(handAngles(time)[hand] / 30) || 12;

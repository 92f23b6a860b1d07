import { gearedAngles, turnBetween } from './angles.ts';
import { DIAL_MINUTES, type DialTime } from './time.ts';

/** The two hands a person can take hold of. */
export const HANDS = ['hour', 'minute'] as const;
export type Hand = (typeof HANDS)[number];

/** Minutes a clock may settle on when a hand is let go. */
export const SNAPS = [1, 5, 15, 30, 60] as const;
export type SnapMinutes = (typeof SNAPS)[number];

/** Minutes that pass while a hand turns one degree: the minute hand 1/6, the hour hand 2 (gear 12:1). */
const MINUTES_PER_DEGREE: Record<Hand, number> = { hour: 2, minute: 1 / 6 };

/**
 * Minutes on a geared clock after one hand was turned the short way to a direction; the other follows 12:1.
 * Turns accumulate: going back past 12 with the minute hand lowers the hour.
 * @param minutes where the clock stands, unwrapped, whole or not
 * @param towards the new direction of that hand, degrees clockwise from 12
 */
export const turnHand = (minutes: number, hand: Hand, towards: number): number =>
  minutes + turnBetween(gearedAngles(minutes)[hand], towards) * MINUTES_PER_DEGREE[hand];

/** The nearest place a clock settles on, in unwrapped minutes; half-way settles forward. */
export const snapMinutes = (minutes: number, snap: SnapMinutes): number => Math.round(minutes / snap) * snap;

/**
 * Where a geared clock shows a time next when it is turned clockwise, in unwrapped minutes; where it stands, when it
 * shows that time already.
 */
export const turnOnTo = (minutes: number, time: DialTime): number =>
  minutes + ((((time - minutes) % DIAL_MINUTES) + DIAL_MINUTES) % DIAL_MINUTES);

/** Where a geared clock shows a time by the shorter way, forwards or back, in unwrapped minutes. */
export const turnNearestTo = (minutes: number, time: DialTime): number => {
  const on = turnOnTo(minutes, time);
  return on - minutes > DIAL_MINUTES / 2 ? on - DIAL_MINUTES : on;
};

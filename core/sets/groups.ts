import { ALL_DIAL_TIMES, hourOf, isNearOverlap, minuteOf, type DialTime } from '../clock/index.ts';

/** Kinds of times in the order they are taught, by where the minute hand is. */
export const TIME_GROUPS = ['oclock', 'half-past', 'quarter-past', 'quarter-to', 'five-minutes', 'minutes'] as const;
export type TimeGroup = (typeof TIME_GROUPS)[number];

/** The group a time belongs to. */
export const groupOfTime = (time: DialTime): TimeGroup => {
  const minute = minuteOf(time);
  if (minute === 0) return 'oclock';
  if (minute === 30) return 'half-past';
  if (minute === 15) return 'quarter-past';
  if (minute === 45) return 'quarter-to';
  return minute % 5 === 0 ? 'five-minutes' : 'minutes';
};

/** All times of each group, in the order of the dial: twelve of o'clock, half past and each quarter. */
export const TIMES_OF_GROUP = Object.fromEntries(
  TIME_GROUPS.map((group) => [group, ALL_DIAL_TIMES.filter((time) => groupOfTime(time) === group)]),
) as unknown as Readonly<Record<TimeGroup, readonly DialTime[]>>;

/**
 * Is this one of the hard times, that come late? Hands on each other or nearly (12:00, 6:30, 3:15), hands in one line
 * (6:00), and half past where the hour wraps (11:30 on the way to 12, 12:30 on the way to 1).
 */
export const isHardTime = (time: DialTime): boolean => {
  const [hour, minute] = [hourOf(time), minuteOf(time)];
  if (minute === 30 && (hour === 11 || hour === 12 || hour === 6)) return true;
  return (minute === 0 && (hour === 6 || hour === 12)) || isNearOverlap(time);
};

import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { Recall, Review } from '../../recall/index.ts';
import type { Day } from '../calendar/calendar.ts';
import { groupsOf } from './history.ts';
import type { PlannedLesson } from './segment.ts';
import { holdsRead, warmUpTimes } from './warmUp.ts';

/** A time of a warm-up, and how it went when it came up last. */
export interface CameBack {
  readonly time: DialTime;
  /** None where it never came up before. */
  readonly last: Pick<Review, 'day' | 'asked' | 'missed'> | undefined;
}
/** The times of a lesson's warm-up, why each is there, and those that would be better by now. */
export interface WarmUpNow {
  /** Place of the segment in the lesson. */
  readonly at: number;
  readonly times: readonly CameBack[];
  /** None where what is planned is as good. */
  readonly instead: readonly CameBack[] | undefined;
}

/** Share 0..1 that other times must have faded more, on average, to be worth changing a plan for. */
const WORTH = 0.05;

const cameBack = (recall: Recall, times: readonly DialTime[]): CameBack[] =>
  times.map((time) => ({ time, last: recall.get(time)?.last }));

/**
 * The warm-up of a lesson as things stand: a plan chose its times when it was laid out, and answers may since have said that others
 * faded more. None where it has no times, or asks for more than to read them.
 * @param before lessons before it, in order @param recall what the class remembers up to its day
 */
export const warmUpNow = (
  lesson: Pick<PlannedLesson, 'segments'> & { readonly day: Day },
  before: readonly Pick<PlannedLesson, 'skills' | 'segments'>[],
  recall: Recall,
  rng: Rng,
): WarmUpNow | undefined => {
  const at = lesson.segments.findIndex(({ kind, times }) => kind === 'warm-up' && times.length > 0);
  const segment = lesson.segments[at];
  if (segment === undefined || !segment.items.every(({ kind }) => kind === 'read')) return undefined;
  const { times } = segment;
  const better = warmUpTimes(rng, {
    recall,
    day: lesson.day,
    groups: groupsOf(before),
    tasks: ['read'],
    count: times.length,
  });
  const faded = (some: readonly DialTime[]): number =>
    some.reduce((sum, time) => sum + 1 - holdsRead(recall, time, lesson.day), 0) / some.length;
  const isWorth = better.length === times.length && faded(better) - faded(times) >= WORTH;
  return { at, times: cameBack(recall, times), instead: isWorth ? cameBack(recall, better) : undefined };
};

import { TAUGHT_TIMES, type DialTime } from '../../clock/index.ts';
import { isHourAlone, type ItemKind } from '../../items/index.ts';
import { groupOfTime, type TimeGroup } from '../../sets/index.ts';
import { groupsTaught } from './ladder.ts';
import type { PlannedLesson, Segment, SegmentKind } from './segment.ts';

/** Segments in which children practise; their times should not come back too soon. Warm-ups bring back on purpose. */
const PRACTICE: ReadonlySet<SegmentKind> = new Set(['together', 'show-me', 'alone', 'ticket']);

/** Does a segment ask children about times? */
export const isPractice = ({ kind }: Pick<Segment, 'kind'>): boolean => PRACTICE.has(kind);

/** Is one hand alone shown, so that no time is hard? */
export const isOneHanded = (tasks: readonly ItemKind[]): boolean => tasks.length > 0 && tasks.every(isHourAlone);

/** Times practised in some segments. */
export const practised = (segments: readonly Segment[]): DialTime[] =>
  segments.filter(isPractice).flatMap(({ times }) => times);

/** Lessons back whose times should not come again. */
export const RECENT_LESSONS = 2;

/**
 * How lately times were practised: 1 two lessons ago, 2 in the lesson before, 3 in an earlier segment of this one. A time that is
 * missing is fresh.
 * @param before lessons before this one, in order
 * @param earlier segments of this lesson already laid out
 */
export const recencies = (
  before: readonly Pick<PlannedLesson, 'segments'>[],
  earlier: readonly Segment[] = [],
): ReadonlyMap<DialTime, number> => {
  const lately = [...before.slice(-RECENT_LESSONS).map(({ segments }) => segments), earlier];
  const first = RECENT_LESSONS + 2 - lately.length;
  return new Map(lately.flatMap((segments, i) => practised(segments).map((time) => [time, first + i])));
};

/** How often each time was practised so far. */
export const usesIn = (before: readonly Pick<PlannedLesson, 'segments'>[]): ReadonlyMap<DialTime, number> => {
  const uses = new Map<DialTime, number>();
  for (const { segments } of before) for (const time of practised(segments)) uses.set(time, (uses.get(time) ?? 0) + 1);
  return uses;
};

/** Groups of times taught in some lessons, in teaching order. */
export const groupsOf = (lessons: readonly Pick<PlannedLesson, 'skills'>[]): TimeGroup[] =>
  groupsTaught(lessons.flatMap(({ skills }) => skills));

/** O'clock and half past of the groups children have met: wrong options are made from these. All of them where nothing was met. */
export const timesMet = (groups: readonly TimeGroup[]): readonly DialTime[] => {
  const met = TAUGHT_TIMES.filter((time) => groups.includes(groupOfTime(time)));
  return met.length > 0 ? met : TAUGHT_TIMES;
};

import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { ItemKind } from '../../items/index.ts';
import { TIMES_OF_GROUP, groupOfTime } from '../../sets/index.ts';
import { suits } from '../../making/index.ts';
import type { UnitChoices } from '../laying/choices.ts';
import { groupsOf, usesIn } from '../laying/history.ts';
import { distinctTasks, tasksAbout } from '../laying/layLesson.ts';
import { itemCount } from '../laying/pace.ts';
import { brokenRules } from '../laying/rules.ts';
import { oneAfterAnother, type PlannedLesson, type Segment } from '../laying/segment.ts';

/** A lesson that is changed, and the lessons before it. */
export interface Editing<L extends PlannedLesson> {
  readonly lesson: L;
  readonly before: readonly PlannedLesson[];
  readonly rng: Rng;
  readonly choices: Pick<UnitChoices, 'pace'>;
}

/** Whole minutes one segment may have. */
export const SEGMENT_MINUTES = { least: 1, most: 30 } as const;

/** The lesson with other segments; it is a check as long as it has a ticket. */
export const withSegments = <L extends Omit<PlannedLesson, 'day'>>(lesson: L, segments: readonly Segment[]): L => ({
  ...lesson,
  kind: segments.some(({ kind }) => kind === 'ticket') ? 'check' : 'lesson',
  segments: oneAfterAnother(segments),
});

/** The segments in another order. @param order places of the segments as they are now; undefined comes back when it is no order of them */
export const reordered = <L extends PlannedLesson>(lesson: L, order: readonly number[]): L | undefined => {
  const isOrder =
    [...order].sort((a, b) => a - b).every((place, i) => place === i) && order.length === lesson.segments.length;
  return isOrder
    ? withSegments(
        lesson,
        order.map((place) => lesson.segments[place]!),
      )
    : undefined;
};

/** The lesson without one of its segments; none when it is the last one left. */
export const withoutSegment = <L extends PlannedLesson>(lesson: L, at: number): L | undefined =>
  lesson.segments.length > 1 && lesson.segments[at] !== undefined
    ? withSegments(
        lesson,
        lesson.segments.filter((_, i) => i !== at),
      )
    : undefined;

/** More times at the end of a set that break no rule, as many as can be found up to a count. */
const lengthened = <L extends PlannedLesson>(
  { lesson, before, rng }: Editing<L>,
  at: number,
  count: number,
  tasks: readonly ItemKind[],
): Segment => {
  let segment = lesson.segments[at]!;
  const uses = usesIn([...before, lesson]);
  const met = groupsOf([...before, lesson]);
  const pool = [...new Set(segment.times.map(groupOfTime))]
    .flatMap((group) => TIMES_OF_GROUP[group])
    .filter((time) => tasks.every((task) => suits(task, time)))
    .sort((a, b) => (uses.get(a) ?? 0) - (uses.get(b) ?? 0));
  const fits = (longer: Segment): boolean => {
    const segments = lesson.segments.map((one, i) => (i === at ? longer : one));
    return brokenRules({ before, lesson: { ...lesson, segments }, at }).length === 0;
  };
  while (segment.times.length < count) {
    const task = tasks[segment.times.length % tasks.length]!;
    const next = pool
      .map((time) => ({
        ...segment,
        times: [...segment.times, time],
        items: [...segment.items, ...tasksAbout(rng, () => task, [time], met, { earlier: segment.items })],
      }))
      .find(fits);
    if (next === undefined) return segment;
    segment = next;
  }
  return segment;
};

/**
 * A segment with another length; it takes as many times as fit into it now, the first ones kept.
 * @returns none when the minutes are out of range or there is no such segment
 */
export const resized = <L extends PlannedLesson>(editing: Editing<L>, at: number, minutes: number): L | undefined => {
  const { lesson, rng, choices } = editing;
  const segment = lesson.segments[at];
  if (segment === undefined || minutes < SEGMENT_MINUTES.least || minutes > SEGMENT_MINUTES.most) return undefined;
  const tasks = [...new Set(segment.items.map(({ kind }) => kind))];
  const count = itemCount(segment.kind, tasks, minutes, choices.pace);
  let content: Pick<Segment, 'times' | 'items'> = segment;
  if (tasks.length > 0 && segment.times.length === 0) {
    const more = distinctTasks(rng, tasks, count, groupsOf([...editing.before, lesson]));
    content = {
      times: [],
      items: [...segment.items, ...more].slice(0, Math.min(count, Math.max(more.length, segment.items.length))),
    };
  } else if (tasks.length > 0)
    content =
      count <= segment.times.length
        ? { times: segment.times.slice(0, count), items: segment.items.slice(0, count) }
        : lengthened(editing, at, count, tasks);
  const changed: Segment = { ...segment, times: content.times, items: content.items, minutes };
  return withSegments(
    lesson,
    lesson.segments.map((one, i) => (i === at ? changed : one)),
  );
};

/**
 * One time of a segment swapped for another, its task with it. A round practised again on their own changes with it.
 * @returns none when there is no such place, or the task cannot be about that time
 */
export const swapped = <L extends PlannedLesson>(
  { lesson, before, rng }: Editing<L>,
  at: number,
  place: number,
  time: DialTime,
): L | undefined => {
  const segment = lesson.segments[at];
  if (segment?.times[place] === undefined) return undefined;
  const task = segment.items[place]?.kind;
  if (task !== undefined && !suits(task, time)) return undefined;
  const around = { earlier: segment.items.slice(0, place), later: segment.items.slice(place + 1) };
  const met = groupsOf([...before, lesson]);
  const item = task === undefined ? undefined : tasksAbout(rng, () => task, [time], met, around)[0]!;
  const whole = segment.times.join();
  return withSegments(
    lesson,
    lesson.segments.map((one, i) => {
      const again = one.kind === 'alone' && segment.kind === 'show-me' && one.times.join() === whole;
      if (i !== at && !again) return one;
      return {
        ...one,
        times: one.times.map((other, j) => (j === place ? time : other)),
        items: item === undefined ? one.items : one.items.map((other, j) => (j === place ? item : other)),
      };
    }),
  );
};

/**
 * A segment with other times, asked about by its kinds of task in turn.
 * @returns none when there is no such segment, it asks about no times, a time comes twice or cannot be asked so
 */
export const retimed = <L extends PlannedLesson>(
  { lesson, before, rng }: Editing<L>,
  at: number,
  times: readonly DialTime[],
): L | undefined => {
  const segment = lesson.segments[at];
  const tasks = [...new Set(segment?.items.map(({ kind }) => kind))];
  const taskAt = (_time: DialTime, place: number): ItemKind => tasks[place % tasks.length]!;
  if (segment === undefined || segment.times.length === 0 || tasks.length === 0 || times.length === 0) return undefined;
  if (new Set(times).size < times.length || !times.every((time, i) => suits(taskAt(time, i), time))) return undefined;
  const items = tasksAbout(rng, taskAt, times, groupsOf([...before, lesson]));
  return withSegments(
    lesson,
    lesson.segments.map((one, i) => (i === at ? { ...one, times, items } : one)),
  );
};

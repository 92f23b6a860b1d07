import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import { timeOfItem, type Item, type ItemKind } from '../../items/index.ts';
import { TIMES_OF_GROUP, groupOfTime, type TimeGroup } from '../../sets/index.ts';
import { suits } from '../../making/index.ts';
import { groupsOf } from './history.ts';
import { practiceSet, tasksAbout } from './layLesson.ts';
import type { PlannedLesson } from './segment.ts';

/** Times of a round made on the spot, and times in reserve of any round. */
const SURPRISE_ITEMS = 6;
const SPARE_ITEMS = 4;

type Taught = readonly Pick<PlannedLesson, 'skills' | 'segments'>[];

/** Items for a class that has met some lessons: chosen by the same rules as a planned set. */
const chosen = (
  rng: Rng,
  taught: Taught,
  groups: readonly TimeGroup[],
  tasks: readonly ItemKind[],
  count: number,
  used: readonly DialTime[] = [],
): readonly Item[] =>
  practiceSet({ rng, before: taught }, [], {
    groups,
    tasks,
    count,
    wanted: (time) => !used.includes(time),
  }).items;

/**
 * A round made on the spot, from everything the class has met so far; o'clock where nothing was met yet.
 * @param taught lessons up to and with the one of now, in order
 * @param tasks asked in turn
 */
export const surpriseItems = (rng: Rng, taught: Taught, tasks: readonly ItemKind[]): readonly Item[] => {
  const known = groupsOf(taught);
  return chosen(rng, taught, known.length > 0 ? known : ['oclock'], tasks, SURPRISE_ITEMS);
};

/** Items in reserve for a round, about the same groups and tasks, at times it does not ask while there are others. */
export const spareItems = (rng: Rng, taught: Taught, items: readonly Item[]): Item[] => {
  const times = items.flatMap((item) => (item.kind === 'yet' ? item.target : (timeOfItem(item) ?? [])));
  const groups = [...new Set(times.map((time) => groupOfTime(time)))];
  const tasks = [...new Set(items.map(({ kind }) => kind))];
  const free = groups.flatMap((group) => TIMES_OF_GROUP[group]).filter((time) => !times.includes(time)).length;
  const spare = chosen(rng, taught, groups, tasks, Math.min(SPARE_ITEMS, free), times);
  // Hard times may be left only; what is asked already is no reserve.
  return spare.filter((item) => !times.includes(item.kind === 'yet' ? item.target : timeOfItem(item)!));
};

/**
 * One task about each of the times a teacher picked, in that order; of several kinds of tasks each in turn. A time that a kind does
 * not suit, as 12:00 with hands to draw, is asked in another of the kinds, or set.
 */
export const itemsAt = (rng: Rng, taught: Taught, tasks: readonly ItemKind[], times: readonly DialTime[]): Item[] => {
  const met = [...new Set([...groupsOf(taught), ...times.map((time) => groupOfTime(time))])];
  const taskAt = (time: DialTime, place: number): ItemKind => {
    const turn = tasks[place % tasks.length]!;
    return [turn, ...tasks].find((kind) => suits(kind, time)) ?? 'set';
  };
  return tasksAbout(rng, taskAt, times, met);
};

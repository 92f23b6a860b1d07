import type { DialTime } from '../../clock/index.ts';
import { seededRng } from '../../common/index.ts';
import {
  breaksOf,
  brokenRules,
  reasonsOf,
  suggestTimes,
  type BrokenRule,
  type Standing,
  type Suggestion,
  type TimeReason,
} from '../../planning/index.ts';
import type { SheetType } from '../content.ts';
import type { PaperItem } from '../kinds/index.ts';
import { suits } from '../../making/index.ts';
import { timeOfTask, type SheetRecipe } from './recipe.ts';
import { taskAt, type TaskWishes } from './tasks.ts';
import type { Before } from './times.ts';

/** Where a sheet stands, as the rules about times want to know it, and which of its tasks each place of them is. */
const standing = (type: SheetType, items: readonly PaperItem[], before: Before): { at: Standing; tasks: number[] } => {
  const tasks = items.flatMap((item, place) => (timeOfTask(item) === undefined ? [] : [place]));
  const timed = tasks.map((place) => items[place]!);
  const segment = {
    kind: type === 'ticket' ? ('ticket' as const) : ('alone' as const),
    startsAt: 0,
    minutes: 0,
    times: timed.map((item) => timeOfTask(item)!),
    items: timed,
  };
  return { at: { before, lesson: { skills: [], segments: [segment] }, at: 0 }, tasks };
};

/** A rule a task's time breaks; `place` is the task's. */
const onTasks = (broken: readonly BrokenRule[], tasks: readonly number[]): BrokenRule[] =>
  broken
    // What was taught before is what a sheet is about; it stands in no lesson that could teach more.
    .filter(({ rule }) => rule !== 'not-taught')
    // Nobody counts on over a task that is about something else.
    .filter(({ rule, place }) => rule !== 'counting-order' || tasks[place]! - tasks[place - 1]! === 1)
    .map((one) => ({ ...one, place: tasks[one.place]! }));

/** Rules for practice that the times of a form break, by the places of its tasks. */
export const rulesBroken = (type: SheetType, items: readonly PaperItem[], before: Before): BrokenRule[] => {
  const { at, tasks } = standing(type, items, before);
  return onTasks(brokenRules(at), tasks);
};

/** Why a form has the times it has, read from the times themselves. */
export const whyTimes = (type: SheetType, items: readonly PaperItem[], before: Before): TimeReason[] => {
  const { at, tasks } = standing(type, items, before);
  return tasks.length === 0 ? [] : reasonsOf(at);
};

/** Rules a time would break in the place of a task's own. */
export const swapBreaks = (
  type: SheetType,
  items: readonly PaperItem[],
  before: Before,
  place: number,
  time: DialTime,
): BrokenRule[] => {
  const { at, tasks } = standing(type, items, before);
  return onTasks(breaksOf(at, tasks.indexOf(place), time), tasks);
};

/** Times that could take the place of a task's own, those that keep all rules first. */
export const swapSuggestions = (
  type: SheetType,
  items: readonly PaperItem[],
  before: Before,
  place: number,
): Suggestion[] => {
  const { at, tasks } = standing(type, items, before);
  const among = tasks.indexOf(place);
  return among < 0 ? [] : suggestTimes(at, among).map((one) => ({ ...one, breaks: onTasks(one.breaks, tasks) }));
};

/** A form with another time in a task: its options are made anew. @param taught times children have met */
export const withTimeAt = (
  items: readonly PaperItem[],
  place: number,
  time: DialTime,
  taught: readonly DialTime[],
  wishes: TaskWishes,
  seed: number,
): PaperItem[] =>
  items.map((item, i) => (i === place ? taskAt(seededRng(seed + time), item.kind, time, taught, wishes, place) : item));

/** A form with a task moved to another place; those between make room. */
export const withTaskMoved = (items: readonly PaperItem[], from: number, to: number): PaperItem[] => {
  const others = items.filter((_, i) => i !== from);
  return [...others.slice(0, to), items[from]!, ...others.slice(to)];
};

/** What a teacher wishes of the times of a form. */
type Wishes = Pick<SheetRecipe, 'type' | 'fixed' | 'banned' | 'clocks' | 'several' | 'seed'>;
/** A form and its wishes after a time was put on it, or left out. */
export interface Wished {
  readonly items: readonly PaperItem[];
  readonly fixed: readonly DialTime[];
  readonly banned: readonly DialTime[];
}

/** A form with a time that must be on it: it takes the place where it breaks the fewest rules; none where all are taken by such times. */
export const withTimeOn = (
  items: readonly PaperItem[],
  time: DialTime,
  recipe: Wishes,
  before: Before,
  taught: readonly DialTime[],
): Wished | undefined => {
  const places = items.flatMap((item, place) => {
    const there = timeOfTask(item);
    if (there === undefined || recipe.fixed.includes(there) || !suits(item.kind, time)) return [];
    return [{ place, breaks: swapBreaks(recipe.type, items, before, place, time).length }];
  });
  const best = places.sort((a, b) => a.breaks - b.breaks)[0];
  const isThere = items.some((item) => timeOfTask(item) === time);
  if (best === undefined && !isThere) return undefined;
  return {
    items: isThere ? items : withTimeAt(items, best!.place, time, taught, recipe, recipe.seed),
    fixed: [...recipe.fixed.filter((one) => one !== time), time],
    banned: recipe.banned.filter((one) => one !== time),
  };
};

/** A form without a time: another that breaks the fewest rules takes its place, where there is one. */
export const withTimeOff = (
  items: readonly PaperItem[],
  time: DialTime,
  recipe: Wishes,
  before: Before,
  taught: readonly DialTime[],
): Wished => {
  const banned = [...recipe.banned.filter((one) => one !== time), time];
  const fixed = recipe.fixed.filter((one) => one !== time);
  const place = items.findIndex((item) => timeOfTask(item) === time);
  if (place < 0) return { items, fixed, banned };
  const used = items.map(timeOfTask);
  const other = swapSuggestions(recipe.type, items, before, place).find(
    (one) => !banned.includes(one.time) && !used.includes(one.time) && suits(items[place]!.kind, one.time),
  );
  return {
    items: other === undefined ? items : withTimeAt(items, place, other.time, taught, recipe, recipe.seed),
    fixed,
    banned,
  };
};

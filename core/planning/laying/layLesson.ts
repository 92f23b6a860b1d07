import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { Item, ItemKind } from '../../items/index.ts';
import {
  TIMES_OF_GROUP,
  chooseTimes,
  cleanExamples,
  contrastExamples,
  groupOfTime,
  isHardTime,
  type TimeGroup,
} from '../../sets/index.ts';
import { makeBothWays, makeItem, suits } from '../../making/index.ts';
import { recallOf } from '../../recall/index.ts';
import type { Day } from '../calendar/calendar.ts';
import type { UnitChoices } from './choices.ts';
import { groupsOf, isOneHanded, recencies, timesMet, usesIn } from './history.ts';
import { apportion } from './minutes.ts';
import { itemCount } from './pace.ts';
import { oneAfterAnother, type PlannedLesson, type Segment } from './segment.ts';
import type { LessonTemplate, SegmentPlan } from './templates.ts';
import { practisedIn, warmUpTimes } from './warmUp.ts';

/** What a lesson is laid out from. */
export interface LayingContext {
  readonly rng: Rng;
  readonly choices: Pick<UnitChoices, 'minutes' | 'pace'>;
  /** The day it is likely to be on. */
  readonly day: Day;
  /** The lessons before it, in order. */
  readonly before: readonly Pick<PlannedLesson, 'skills' | 'segments' | 'day' | 'outcome'>[];
}

/** A lesson before it has a day. */
export type LaidLesson = Omit<PlannedLesson, 'day'>;

type Content = Pick<Segment, 'times' | 'items'>;
const NOTHING: Content = { times: [], items: [] };

/**
 * Tasks about times, one a time.
 * @param taskAt the kind for each
 * @param met groups children have met, for wrong options
 * @param around tasks that come before and after them in their set
 */
export const tasksAbout = (
  rng: Rng,
  taskAt: (time: DialTime, place: number) => ItemKind,
  times: readonly DialTime[],
  met: readonly TimeGroup[],
  { earlier = [], later = [] }: { readonly earlier?: readonly Item[]; readonly later?: readonly Item[] } = {},
): Item[] =>
  times.reduce<Item[]>((made, time, i) => {
    const make = (): Item => makeItem(taskAt(time, i), rng, [time], timesMet(met));
    return [...made, makeBothWays([...earlier, ...made], make, later)];
  }, []);

/** Where a set of times stands and what it is for. */
interface PracticeWishes {
  readonly groups: readonly TimeGroup[];
  readonly tasks: readonly ItemKind[];
  readonly count: number;
  /** Times wanted above others; passed over where they are too few. */
  readonly wanted?: (time: DialTime) => boolean;
}

/** The set of a segment in which children read, set, write or draw. @param earlier segments of the lesson laid out already */
export const practiceSet = (
  { rng, before }: { readonly rng: Rng; readonly before: readonly Pick<PlannedLesson, 'skills' | 'segments'>[] },
  earlier: readonly Segment[],
  { groups, tasks, count, wanted }: PracticeWishes,
): Content => {
  const known = groupsOf(before);
  const lately = recencies(before, earlier);
  const uses = usesIn([...before, { segments: earlier }]);
  const hardLate = !isOneHanded(tasks);
  const mayCome = (time: DialTime): boolean =>
    tasks.every((task) => suits(task, time)) &&
    // Hard times wait until the easy ones of their group have been taught.
    (!hardLate || !isHardTime(time) || known.includes(groupOfTime(time)));
  const all = groups.flatMap((group) => TIMES_OF_GROUP[group]).filter(mayCome);
  const narrowed = wanted !== undefined && all.filter(wanted).length >= count ? wanted : () => true;
  const times = chooseTimes(rng, {
    count,
    groups,
    hardLate,
    recency: (time) => lately.get(time) ?? 0,
    uses: (time) => uses.get(time) ?? 0,
    suits: (time) => mayCome(time) && narrowed(time),
  });
  return { times, items: tasksAbout(rng, (_time, i) => tasks[i % tasks.length]!, times, [...known, ...groups]) };
};

/** What has faded of what was taught before, as far as the plan can tell: lessons are taken to go well until answers say otherwise. */
export const warmUpOf = (
  { rng, before, day }: Pick<LayingContext, 'rng' | 'before' | 'day'>,
  tasks: readonly ItemKind[],
  count: number,
  wanted?: (time: DialTime) => boolean,
): Content => {
  const groups = groupsOf(before);
  const recall = recallOf([], practisedIn(before), day);
  const times = warmUpTimes(rng, { recall, day, groups, tasks, count, wanted });
  return { times, items: tasksAbout(rng, (_time, i) => tasks[i % tasks.length]!, times, groups) };
};

/** Times and tasks of one segment. */
const contentOf = (
  plan: SegmentPlan,
  minutes: number,
  context: LayingContext,
  earlier: readonly Segment[],
): Content => {
  const { rng, choices, before } = context;
  const tasks = 'tasks' in plan.times ? plan.times.tasks : [];
  const count = itemCount(plan.kind, tasks, minutes, choices.pace);
  /** Examples of the last lessons are shown again only when there are no others. */
  const shownLately = (time: DialTime): number =>
    before
      .slice(-3)
      .filter(({ segments }) => segments.some(({ kind, times }) => kind === 'show' && times.includes(time))).length;
  switch (plan.times.pick) {
    case 'none':
      return NOTHING;
    case 'same': {
      const round = earlier.findLast(({ kind }) => kind === 'show-me');
      return round === undefined ? NOTHING : { times: round.times, items: round.items };
    }
    case 'clean':
      return { times: cleanExamples(rng, plan.times.group, count, shownLately), items: [] };
    case 'contrast':
      return { times: contrastExamples(rng, count, shownLately), items: [] };
    case 'taught': {
      return warmUpOf(context, tasks, count);
    }
    case 'set':
      return practiceSet(context, earlier, { groups: plan.times.groups, tasks, count });
    case 'tasks':
      return { times: [], items: distinctTasks(rng, tasks, count, groupsOf(before)) };
  }
};

/** Tasks that are not about a time, no two alike, as many as there are up to a number. @param met groups children have met: clocks to judge show these */
export const distinctTasks = (
  rng: Rng,
  tasks: readonly ItemKind[],
  count: number,
  met: readonly TimeGroup[],
): Item[] => {
  const times = timesMet(met);
  const made = new Map<string, Item>();
  // A kind such as "which way round" has one task only; forty tries find what there is.
  for (let tries = 0; tries < 40 && made.size < count; tries++) {
    const item = makeBothWays([...made.values()], () => makeItem(tasks[tries % tasks.length]!, rng, times, times));
    made.set(JSON.stringify(item), item);
  }
  return [...made.values()];
};

/** Lays out one lesson: minutes that add up, and the exact times of every segment. The same rng gives the same lesson. */
export const layLesson = (template: LessonTemplate, context: LayingContext): LaidLesson => {
  const minutes = apportion(
    template.segments.map(({ share }) => share),
    context.choices.minutes,
  );
  const laid = template.segments.reduce<Segment[]>((earlier, plan, i) => {
    const content = contentOf(plan, minutes[i]!, context, earlier);
    return [...earlier, { kind: plan.kind, startsAt: 0, minutes: minutes[i]!, ...content }];
  }, []);
  const { key, kind, skills } = template;
  return { key, kind, skills, segments: oneAfterAnother(laid) };
};

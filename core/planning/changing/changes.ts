import type { DialTime } from '../../clock/index.ts';
import { seedFromText, seededRng, type Rng } from '../../common/index.ts';
import { addDays, dayOffAt, isTeachingDay, type Day, type DayOff, type Weekday } from '../calendar/calendar.ts';
import { MOST_LESSONS } from '../laying/choices.ts';
import { withException } from './exception.ts';
import { lessonTemplate } from '../laying/ladder.ts';
import { layLesson, type LaidLesson } from '../laying/layLesson.ts';
import type { Outcome } from '../laying/segment.ts';
import { calendarOf, isFixed, isHeld, isPast, type Plan, type PlanLesson } from './plan.ts';
import type { PlanRefusal } from './refusals.ts';
import { movedBetween, shiftLater, type Moved, type Wish } from './replan.ts';
import type { LessonContent } from './ownLesson.ts';
import { reordered, resized, retimed, swapped, withSegments, withoutSegment, type Editing } from './segmentEdits.ts';
import { layAgain, type Again } from './teachAgain.ts';

/**
 * What a teacher can do to a plan.
 * - `move`: to another place of the path; the lessons between give it room and the days stay the same
 * - `reschedule`: to another day; lessons that are in the way come later
 * - `insert`: a lesson after another, `after` none for the first; later ones come later where they must
 * - `rewrite`: another title, sentence, segments, times or tasks for a lesson that keeps its day
 * - `skip`, `unskip`: a day falls out, or does not after all
 * - `calendar`: other teaching days and days off
 * - `order`, `minutes`, `drop`: segments of a lesson in another order, one longer or shorter, one left out
 * - `swap`: one time for another · `times`: other times for a whole segment, its tasks in turn · `title`: the teacher's own title
 * - `outcome`: a lesson whose day has come was held, or left out; none: nothing is known of it again
 * - `exception`: 12:30 into the sets, for a class that goes by "the smaller number"
 */
export type PlanChange =
  | { readonly kind: 'move'; readonly lessonId: number; readonly to: number }
  | { readonly kind: 'reschedule'; readonly lessonId: number; readonly day: Day }
  | { readonly kind: 'insert'; readonly after: number | null; readonly what: 'blank' }
  | ({ readonly kind: 'insert'; readonly after: number | null; readonly what: 'again' } & Again)
  | { readonly kind: 'insert'; readonly after: number | null; readonly what: 'content'; readonly lesson: LessonContent }
  | { readonly kind: 'rewrite'; readonly lessonId: number; readonly lesson: LessonContent }
  | { readonly kind: 'remove'; readonly lessonId: number }
  | { readonly kind: 'skip'; readonly day: Day; readonly name: string }
  | { readonly kind: 'unskip'; readonly day: Day }
  | { readonly kind: 'calendar'; readonly weekdays: readonly Weekday[]; readonly daysOff: readonly DayOff[] }
  | { readonly kind: 'order'; readonly lessonId: number; readonly order: readonly number[] }
  | { readonly kind: 'minutes'; readonly lessonId: number; readonly at: number; readonly minutes: number }
  | { readonly kind: 'drop'; readonly lessonId: number; readonly at: number }
  | {
      readonly kind: 'swap';
      readonly lessonId: number;
      readonly at: number;
      readonly place: number;
      readonly time: DialTime;
    }
  | { readonly kind: 'times'; readonly lessonId: number; readonly at: number; readonly times: readonly DialTime[] }
  | { readonly kind: 'title'; readonly lessonId: number; readonly title: string }
  | { readonly kind: 'outcome'; readonly lessonId: number; readonly outcome: Outcome | null }
  | { readonly kind: 'exception' };
export const PLAN_CHANGES = [
  'move',
  'reschedule',
  'insert',
  'rewrite',
  'remove',
  'skip',
  'unskip',
  'calendar',
  'order',
  'minutes',
  'drop',
  'swap',
  'times',
  'title',
  'outcome',
  'exception',
] as const satisfies readonly PlanChange['kind'][];

/** What is known when a change is made. */
export interface ChangeContext {
  readonly today: Day;
  /** Lessons children have answered in: they were held, and keep their day. */
  readonly taught: ReadonlySet<number>;
  /** Id of a lesson that is inserted. */
  readonly nextId: number;
}

/** A plan after a change and the lessons that changed their day, in the order of the path; or why nothing was done. */
export type ChangeResult =
  | { readonly done: true; readonly plan: Plan; readonly moved: readonly Moved[] }
  | { readonly done: false; readonly refusal: PlanRefusal };

class Refused extends Error {
  readonly refusal: PlanRefusal;
  constructor(refusal: PlanRefusal) {
    super(refusal);
    this.refusal = refusal;
  }
}
const refuse = (refusal: PlanRefusal): never => {
  throw new Refused(refusal);
};
const must = <T>(value: T | undefined, refusal: PlanRefusal): T => value ?? refuse(refusal);

/** The lessons on their days again after something changed; only lessons that are in the way come later. */
const rearranged = (plan: Plan, { today, taught }: ChangeContext, fresh?: number): Plan => {
  const wishes = plan.lessons.map((lesson): Wish => {
    const { id, day } = lesson;
    return id === fresh ? { id, day: undefined, fixed: false } : { id, day, fixed: isFixed(lesson, today, taught) };
  });
  let days: Day[];
  try {
    days = shiftLater(wishes, calendarOf(plan), today);
  } catch (error) {
    if (error instanceof RangeError) return refuse('no-days-left');
    throw error;
  }
  return { ...plan, lessons: plan.lessons.map((lesson, i) => ({ ...lesson, day: days[i]! })) };
};

const moveLesson = (plan: Plan, at: number, to: number, free: (lesson: PlanLesson) => boolean): Plan => {
  const { lessons } = plan;
  if (lessons[to] === undefined) return refuse('no-such-place');
  if (!free(lessons[to])) return refuse('past');
  const order = lessons.filter((_, i) => i !== at);
  order.splice(to, 0, lessons[at]!);
  return { ...plan, lessons: order.map((lesson, i) => ({ ...lesson, day: lessons[i]!.day })) };
};

/** A lesson that came whole: one of a teacher's own, a copy, or one kept for other classes. */
const laidOf = (lesson: LessonContent): LaidLesson =>
  withSegments({ ...lesson, kind: 'lesson' as const }, lesson.segments);

const inserted = (
  plan: Plan,
  change: Extract<PlanChange, { kind: 'insert' }>,
  context: ChangeContext,
  rng: Rng,
): Plan => {
  const { lessons, choices } = plan;
  if (lessons.length >= MOST_LESSONS) return refuse('too-many-lessons');
  const at = change.after === null ? 0 : must(indexOf(plan, change.after), 'no-such-lesson') + 1;
  // What is past stays as it was: nothing comes before it.
  if (lessons.slice(at).some((lesson) => isFixed(lesson, context.today, context.taught))) return refuse('past');
  const previous = lessons[at - 1];
  const day = lessons[at]?.day ?? (previous === undefined ? context.today : addDays(previous.day, 1));
  const laying = { rng, choices, day, before: lessons.slice(0, at).filter(({ outcome }) => outcome !== 'left-out') };
  const laid =
    change.what === 'again'
      ? layAgain(change, laying)
      : change.what === 'content'
        ? laidOf(change.lesson)
        : layLesson(lessonTemplate('blank'), laying);
  const fresh: PlanLesson = { ...laid, id: context.nextId, day: context.today };
  return rearranged({ ...plan, lessons: lessons.toSpliced(at, 0, fresh) }, context, fresh.id);
};

const indexOf = ({ lessons }: Plan, id: number): number | undefined => {
  const at = lessons.findIndex((lesson) => lesson.id === id);
  return at === -1 ? undefined : at;
};

const withoutOutcome = ({ outcome: _, ...lesson }: PlanLesson): PlanLesson => lesson;

/** Has another lesson been held on a day, or been said to have been? Then no lesson can be moved to it. */
export const isDayTaken = (
  lessons: readonly Pick<PlanLesson, 'id' | 'day' | 'outcome'>[],
  lessonId: number,
  day: Day,
  { today, taught }: Pick<ChangeContext, 'today' | 'taught'>,
): boolean => lessons.some((other) => other.id !== lessonId && other.day === day && isFixed(other, today, taught));

const rescheduled = (plan: Plan, at: number, day: Day, context: ChangeContext): Plan => {
  if (day < context.today) return refuse('past');
  if (!isTeachingDay(calendarOf(plan), day)) return refuse('not-a-teaching-day');
  const lesson = plan.lessons[at]!;
  const others = plan.lessons.filter((_, i) => i !== at);
  if (isDayTaken(plan.lessons, lesson.id, day, context)) return refuse('day-taken');
  const place = others.findIndex((other) => other.day >= day);
  const order = others.toSpliced(place === -1 ? others.length : place, 0, { ...withoutOutcome(lesson), day });
  return rearranged({ ...plan, lessons: order }, context);
};

const skipped = (plan: Plan, { day, name }: Extract<PlanChange, { kind: 'skip' }>, context: ChangeContext): Plan => {
  if (day < context.today) return refuse('past');
  if (plan.lessons.some((lesson) => lesson.day === day && isHeld(lesson, context.taught))) return refuse('held');
  if (dayOffAt(calendarOf(plan), day) !== undefined) return plan;
  return rearranged({ ...plan, skipped: [...plan.skipped, { from: day, to: day, name }] }, context);
};

type LessonChange = Extract<PlanChange, { readonly lessonId: number }>['kind'];

/**
 * Why a lesson cannot be changed so; none where it can. One that was held keeps its day, but the rest of today's run can still be changed.
 * Of a day that is past and nothing was answered in it, Hoppel cannot know: the teacher may move it on, take it out, or say what became of it.
 */
export const refusalFor = (
  kind: LessonChange,
  lesson: Pick<PlanLesson, 'id' | 'day' | 'outcome'>,
  { today, taught }: Pick<ChangeContext, 'today' | 'taught'>,
): PlanRefusal | undefined => {
  switch (kind) {
    case 'reschedule':
    case 'remove':
      return isHeld(lesson, taught) ? 'held' : undefined;
    case 'move':
      return isHeld(lesson, taught) ? 'held' : isPast(lesson, today) ? 'past' : undefined;
    case 'outcome':
      return taught.has(lesson.id) ? 'held' : lesson.day > today ? 'not-yet' : undefined;
    default:
      return isPast(lesson, today) ? 'past' : undefined;
  }
};

/** The plan after a change, days not yet compared. */
const changed = (plan: Plan, change: PlanChange, context: ChangeContext): Plan => {
  const free = (lesson: PlanLesson): boolean => !isFixed(lesson, context.today, context.taught);
  const rng = seededRng(seedFromText(`${plan.choices.seed} ${JSON.stringify(change)}`));
  switch (change.kind) {
    case 'insert':
      return inserted(plan, change, context, rng);
    case 'skip':
      return skipped(plan, change, context);
    case 'unskip':
      return { ...plan, skipped: plan.skipped.filter(({ from }) => from !== change.day || from < context.today) };
    case 'exception': {
      const from = plan.lessons.findIndex((lesson) => !isPast(lesson, context.today));
      const lessons = withException(plan.lessons, from === -1 ? plan.lessons.length : from, rng, plan.choices);
      return { ...plan, lessons };
    }
    case 'calendar':
      return rearranged(
        { ...plan, choices: { ...plan.choices, weekdays: change.weekdays, daysOff: change.daysOff } },
        context,
      );
  }
  const at = must(indexOf(plan, change.lessonId), 'no-such-lesson');
  const lesson = plan.lessons[at]!;
  const refusal = refusalFor(change.kind, lesson, context);
  if (refusal !== undefined) return refuse(refusal);
  const edited = (result: PlanLesson | undefined): Plan => {
    const fresh = must(result, 'no-such-place');
    return { ...plan, lessons: plan.lessons.map((one, i) => (i === at ? fresh : one)) };
  };
  const editing: Editing<PlanLesson> = { lesson, before: plan.lessons.slice(0, at), rng, choices: plan.choices };
  switch (change.kind) {
    case 'move':
      return moveLesson(plan, at, change.to - 1, free);
    case 'reschedule':
      return rescheduled(plan, at, change.day, context);
    case 'remove':
      if (plan.lessons.length === 1) return refuse('last-lesson');
      return { ...plan, lessons: plan.lessons.filter((_, i) => i !== at) };
    case 'rewrite':
      return edited({ ...lesson, title: undefined, iCan: undefined, ...laidOf(change.lesson) });
    case 'order':
      return edited(reordered(lesson, change.order));
    case 'minutes':
      return edited(resized(editing, change.at, change.minutes));
    case 'drop':
      return edited(withoutSegment(lesson, change.at));
    case 'swap':
      return edited(swapped(editing, change.at, change.place, change.time));
    case 'times':
      return edited(retimed(editing, change.at, change.times));
    case 'outcome': {
      const rest = withoutOutcome(lesson);
      return edited(change.outcome === null ? rest : { ...rest, outcome: change.outcome });
    }
    case 'title':
      return edited({ ...lesson, title: change.title.trim() === '' ? undefined : change.title.trim() });
  }
};

/** Makes a change to a plan. The past never changes, and later lessons shift as little as possible. */
export const applyChange = (plan: Plan, change: PlanChange, context: ChangeContext): ChangeResult => {
  try {
    const after = changed(plan, change, context);
    return { done: true, plan: after, moved: movedBetween(plan.lessons, after.lessons) };
  } catch (error) {
    if (error instanceof Refused) return { done: false, refusal: error.refusal };
    throw error;
  }
};

/**
 * May one plan take the place of another, as undo and redo do? Not when a past lesson would change or a given one its day.
 * @param ofToday what lies between them was done today: then only lessons that children answered in stand fast, for what was past was so then too
 */
export const keepsThePast = (
  from: Plan,
  to: Plan,
  { today, taught }: Pick<ChangeContext, 'today' | 'taught'>,
  ofToday = false,
): boolean => {
  const past = ({ lessons }: Plan): string =>
    JSON.stringify(
      lessons
        .filter((lesson) => (ofToday ? taught.has(lesson.id) : isFixed(lesson, today, taught)))
        .map((lesson) => (isPast(lesson, today) ? lesson : [lesson.id, lesson.day])),
    );
  return past(from) === past(to);
};

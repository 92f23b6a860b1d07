import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import { ITEM_KINDS, KINDS, timeOfItem, type ItemKind } from '../../items/index.ts';
import { suits } from '../../making/index.ts';
import { skillOfItem, type Skill } from '../../skills/index.ts';
import { TIME_GROUPS, groupOfTime, type TimeGroup } from '../../sets/index.ts';
import { tasksAbout } from '../laying/layLesson.ts';
import { oneAfterAnother, type PlannedLesson, type Segment, type SegmentKind } from '../laying/segment.ts';

/** What a lesson is, apart from its day and what became of it: to be copied, kept for other classes, or written by a teacher. */
export type LessonContent = Pick<PlannedLesson, 'key' | 'skills' | 'segments' | 'title' | 'iCan'>;

/** Kinds of task a part can ask about each of its times. */
export const PART_TASKS: readonly ItemKind[] = ITEM_KINDS.filter(
  (kind) => KINDS[kind].timed && !['pair', 'yet', 'judge-clock', 'mend-clock'].includes(kind),
);

/**
 * A part as a teacher writes it: times, and what is asked about each; `none` where they are only shown. What is laid out of several
 * kinds, or about no times, stays `as-is`.
 */
export interface OwnPart {
  readonly kind: SegmentKind;
  readonly minutes: number;
  readonly task: ItemKind | 'none' | 'as-is';
  readonly times: readonly DialTime[];
  /** Place of the segment it was, in the lesson that is changed. */
  readonly was?: number | undefined;
}

/** A lesson as a teacher writes it; an empty title or sentence is that of its kind. */
export interface OwnLesson {
  readonly title: string;
  readonly iCan: string;
  readonly parts: readonly OwnPart[];
}

/** The content of a lesson, to be copied or kept. */
export const contentOfLesson = ({ key, skills, segments, title, iCan }: LessonContent): LessonContent => ({
  key,
  skills,
  segments,
  ...(title !== undefined && { title }),
  ...(iCan !== undefined && { iCan }),
});

const taskOf = ({ items, times }: Segment): OwnPart['task'] => {
  if (items.length === 0) return 'none';
  const [first] = items;
  const isPlain =
    PART_TASKS.includes(first!.kind) &&
    items.length === times.length &&
    items.every((item, i) => item.kind === first!.kind && timeOfItem(item) === times[i]);
  return isPlain ? first!.kind : 'as-is';
};

/** A lesson as its teacher would have written it. */
export const draftOfLesson = ({ title = '', iCan = '', segments }: LessonContent): OwnLesson => ({
  title,
  iCan,
  parts: segments.map((segment, was) => ({
    kind: segment.kind,
    minutes: segment.minutes,
    task: taskOf(segment),
    times: segment.times,
    was,
  })),
});

/** Times a part can have with its task: hands that lie on each other cannot be told apart. */
export const suitsPart = ({ task }: Pick<OwnPart, 'task'>, time: DialTime): boolean =>
  task === 'none' || task === 'as-is' || suits(task, time);

const contentOfPart = (
  part: OwnPart,
  before: Segment | undefined,
  { rng, met }: { readonly rng: Rng; readonly met: readonly TimeGroup[] },
): Pick<Segment, 'times' | 'items'> => {
  const isSame = before !== undefined && taskOf(before) === part.task && before.times.join() === part.times.join();
  // What was not touched keeps its very tasks.
  if (before !== undefined && (part.task === 'as-is' || isSame)) return before;
  const { task } = part;
  if (task === 'none' || task === 'as-is') return { times: part.times, items: [] };
  const times = part.times.filter((time) => suits(task, time));
  const known = TIME_GROUPS.filter((group) => met.includes(group) || times.some((time) => groupOfTime(time) === group));
  return { times, items: tasksAbout(rng, () => task, times, known) };
};

/** Skills its tasks practise, the first one asked first; a check goes by the first. */
const skillsOfSegments = (segments: readonly Segment[]): Skill[] =>
  [...new Set(segments.filter(({ kind }) => kind !== 'warm-up').flatMap(({ items }) => items.map(skillOfItem)))].slice(
    0,
    10,
  );

/**
 * A lesson as a teacher wrote it, its tasks made.
 * @param base the lesson that is changed; none for a new one
 * @param met groups of times the class has met, for wrong options
 */
export const lessonOfDraft = (
  { title, iCan, parts }: OwnLesson,
  base: LessonContent | undefined,
  context: { readonly rng: Rng; readonly met: readonly TimeGroup[] },
): LessonContent => {
  const segments = oneAfterAnother(
    parts.map((part): Segment => {
      const before = part.was === undefined ? undefined : base?.segments[part.was];
      const { times, items } = contentOfPart(part, before, context);
      return { kind: part.kind, startsAt: 0, minutes: part.minutes, times, items };
    }),
  );
  const practised = skillsOfSegments(segments);
  return contentOfLesson({
    key: base?.key ?? 'blank',
    // A lesson that is changed stays about what it was about.
    skills: base !== undefined && base.skills.length > 0 ? base.skills : practised,
    segments,
    title: title.trim() || undefined,
    iCan: iCan.trim() || undefined,
  });
};

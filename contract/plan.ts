import { z } from 'zod';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import {
  CLASS_LEVELS,
  LESSON_KEYS,
  LESSON_MINUTES,
  MEDIA,
  MOST_LESSONS,
  OUTCOMES,
  SEGMENT_KINDS,
  SEGMENT_MINUTES,
  WEEKDAYS,
  lessonMinutes,
  type PlanChange as CorePlanChange,
  type UnitChoices as CoreUnitChoices,
} from '../core/planning/index.ts';
import { timeOfItem } from '../core/items/index.ts';
import { CHOICES } from '../core/conventions/index.ts';
import { Item } from './item.ts';
import { CalendarDay, SenderId, SkillName, Time } from './values.ts';

const Seconds = z.int().min(0).max(120);
export const DayOff = z
  .strictObject({ from: CalendarDay, to: CalendarDay, name: z.string().trim().max(80) })
  .refine(({ from, to }) => from <= to, { error: 'must not end before it begins', path: ['to'] });
export type DayOff = z.infer<typeof DayOff>;
const Weekdays = z.array(z.literal(WEEKDAYS)).min(1).max(7);
const DaysOff = z.array(DayOff).max(200);

/** What a teacher answers before a unit is laid out. */
export const UnitChoices = z.strictObject({
  firstDay: CalendarDay,
  weekdays: Weekdays,
  daysOff: DaysOff,
  minutes: z.int().min(LESSON_MINUTES.least).max(LESSON_MINUTES.most),
  level: z.enum(CLASS_LEVELS),
  order: z.enum(CHOICES.teachingOrder.choices),
  handFirst: z.boolean(),
  media: z.enum(MEDIA),
  pace: z.strictObject({ ask: Seconds, think: Seconds, show: Seconds, reveal: Seconds.min(1) }),
  seed: z.string().max(200),
}) satisfies z.ZodType<CoreUnitChoices>;
export type UnitChoices = z.infer<typeof UnitChoices>;

export const Segment = z.strictObject({
  kind: z.enum(SEGMENT_KINDS),
  startsAt: z.int().min(0),
  minutes: z.int().min(SEGMENT_MINUTES.least).max(SEGMENT_MINUTES.most),
  times: z.array(Time).max(40),
  items: z.array(Item).max(40),
});
export type Segment = z.infer<typeof Segment>;

const Title = z.string().trim().max(80);
/** A lesson of a plan, without its place. */
export const PlannedLesson = z.strictObject({
  key: z.enum(LESSON_KEYS),
  kind: z.enum(['lesson', 'check']),
  day: CalendarDay,
  skills: z.array(SkillName).max(10),
  segments: z.array(Segment).min(1).max(20),
  title: Title.min(1).optional(),
  iCan: z.string().trim().min(1).max(160).optional(),
  outcome: z.enum(OUTCOMES).optional(),
});

/** A stone on the path. */
export const Lesson = PlannedLesson.extend({ id: z.int(), number: z.int() });
export type Lesson = z.infer<typeof Lesson>;

/** A unit as it is kept. */
export const StoredPlan = z.strictObject({
  choices: UnitChoices,
  skipped: DaysOff,
  lessons: z.array(PlannedLesson.extend({ id: z.int() })).max(MOST_LESSONS),
});

/** What a lesson's parts say must fit together: one after another, tasks about the times beside them. */
export const fitTogether = (
  { segments }: { readonly segments: readonly Segment[] },
  context: { addIssue: (issue: { code: 'custom'; path: (string | number)[]; message: string }) => void },
): void => {
  segments.forEach(({ startsAt, times, items }, at) => {
    if (startsAt !== lessonMinutes(segments.slice(0, at)))
      context.addIssue({
        code: 'custom',
        path: ['segments', at, 'startsAt'],
        message: 'must be the minutes of the segments before it',
      });
    items.forEach((item, i) => {
      const about = timeOfItem(item);
      if (times.length > 0 && about !== undefined && about !== times[i])
        context.addIssue({
          code: 'custom',
          path: ['segments', at, 'items', i],
          message: 'must be about the time at the same place',
        });
    });
  });
};
/** A lesson apart from its day: a copy, a template, one of a teacher's own. */
export const LessonContent = PlannedLesson.omit({ kind: true, day: true, outcome: true }).superRefine(fitTogether);
export type LessonContent = z.infer<typeof LessonContent>;
/** A lesson kept for other classes. */
export const Template = z.strictObject({ id: SenderId, lesson: LessonContent });
export type Template = z.infer<typeof Template>;
export const Templates = z.array(Template);

const LessonId = z.int().positive();
const At = z.int().min(0).max(19);
/** Where the lesson is put in: after another one, or first. */
const After = LessonId.nullable();
export const PlanChange = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('move'), lessonId: LessonId, to: z.int().min(1).max(MOST_LESSONS) }),
  z.strictObject({ kind: z.literal('reschedule'), lessonId: LessonId, day: CalendarDay }),
  z.discriminatedUnion('what', [
    z.strictObject({ kind: z.literal('insert'), after: After, what: z.literal('blank') }),
    z.strictObject({ kind: z.literal('insert'), after: After, what: z.literal('content'), lesson: LessonContent }),
    z.strictObject({
      kind: z.literal('insert'),
      after: After,
      what: z.literal('again'),
      skills: z.array(SkillName).max(10),
      rules: z.array(z.enum(WRONG_RULES)).max(10),
    }),
  ]),
  z.strictObject({ kind: z.literal('rewrite'), lessonId: LessonId, lesson: LessonContent }),
  z.strictObject({ kind: z.literal('remove'), lessonId: LessonId }),
  z.strictObject({ kind: z.literal('skip'), day: CalendarDay, name: z.string().trim().max(80) }),
  z.strictObject({ kind: z.literal('unskip'), day: CalendarDay }),
  z.strictObject({ kind: z.literal('calendar'), weekdays: Weekdays, daysOff: DaysOff }),
  z.strictObject({ kind: z.literal('order'), lessonId: LessonId, order: z.array(At).max(20) }),
  z.strictObject({
    kind: z.literal('minutes'),
    lessonId: LessonId,
    at: At,
    minutes: z.int().min(SEGMENT_MINUTES.least).max(SEGMENT_MINUTES.most),
  }),
  z.strictObject({ kind: z.literal('drop'), lessonId: LessonId, at: At }),
  z.strictObject({
    kind: z.literal('swap'),
    lessonId: LessonId,
    at: At,
    place: z.int().min(0).max(39),
    time: Time,
  }),
  z.strictObject({ kind: z.literal('times'), lessonId: LessonId, at: At, times: z.array(Time).min(1).max(8) }),
  z.strictObject({ kind: z.literal('title'), lessonId: LessonId, title: Title }),
  z.strictObject({ kind: z.literal('outcome'), lessonId: LessonId, outcome: z.enum(OUTCOMES).nullable() }),
  z.strictObject({ kind: z.literal('exception') }),
]) satisfies z.ZodType<CorePlanChange>;
export type PlanChange = z.infer<typeof PlanChange>;

/** What was done to a plan, as undo and redo name it. */
export const PlanDeed = z.union([PlanChange, z.strictObject({ kind: z.enum(['made', 'read-in']) })]);
export type PlanDeed = z.infer<typeof PlanDeed>;

/** Where the plan of a class stands, besides its lessons. */
export const PlanState = z.strictObject({
  /** Another number after every change, undo and redo; a change is made from the one the screen shows. */
  version: z.int(),
  choices: UnitChoices,
  skipped: DaysOff,
  undo: PlanDeed.nullable(),
  redo: PlanDeed.nullable(),
  /** The newest state of the unit cannot be read: this is the one before it. */
  fellBack: z.boolean(),
});
export type PlanState = z.infer<typeof PlanState>;

export const PostUnit = z.strictObject({ id: SenderId, choices: UnitChoices });
export const PostPlanChange = z.strictObject({ id: SenderId, version: z.int(), change: PlanChange });
export type PostPlanChange = z.infer<typeof PostPlanChange>;
export const PostPlanStep = z.strictObject({ version: z.int() });
/** The text of an .ics calendar file, and the days off found in it. */
export const PostCalendarFile = z.strictObject({ text: z.string().max(2_000_000), from: CalendarDay, to: CalendarDay });
export const CalendarFileReply = z.strictObject({ daysOff: DaysOff, passedOver: z.int() });
export type CalendarFileReply = z.infer<typeof CalendarFileReply>;
/** Where the unit can be subscribed to as a calendar; null where nowhere. */
export const CalendarAddress = z.strictObject({ address: z.string().nullable() });
export type CalendarAddress = z.infer<typeof CalendarAddress>;
/** The text of a unit file. */
export const PostUnitFile = z.strictObject({ id: SenderId, text: z.string().max(2_000_000) });

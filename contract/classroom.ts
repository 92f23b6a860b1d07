import { z } from 'zod';
import { LEVELS } from '../core/diagnosis/index.ts';
import { PICTURES } from '../core/pictures/index.ts';
import { DECISIONS } from '../core/planning/index.ts';
import { Child, ChildName, ListedChild, MOST_CHILDREN } from './children.ts';
import { SmallGroup } from './group.ts';
import { Lesson, PlanState } from './plan.ts';
import { Settings } from './settings.ts';
import { Reason } from './reason.ts';
import { SenderId, SkillName, Time, TimeOfDay } from './values.ts';

export const ClassName = z.string().trim().min(1).max(60);
/** When number time starts, HH:MM. */
export const StartTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'must be a time written HH:MM' });

/** An entry of the class's day. */
export const RoutineEntry = z.strictObject({
  id: z.int(),
  name: z.string().trim().min(1).max(40),
  /** One that is in no list any more is another one's. */
  picture: z.enum(PICTURES).catch('leaf'),
  at: TimeOfDay,
});
export type RoutineEntry = z.infer<typeof RoutineEntry>;

/** Shares of the class in per cent that must be secure after a check. */
export const Thresholds = z
  .strictObject({ goOn: z.int().min(1).max(100), withGroup: z.int().min(1).max(100) })
  .refine(({ goOn, withGroup }) => withGroup <= goOn, {
    error: 'must not be more than what it takes to go on',
    path: ['withGroup'],
  });
export type Thresholds = z.infer<typeof Thresholds>;

/** What every teacher's screen needs. `class` is null on a new data file, before a class was set up. */
export const Classroom = z.strictObject({
  today: z.string(),
  demo: z.boolean(),
  classes: z.array(z.strictObject({ id: z.int(), name: z.string() })),
  class: z.strictObject({ id: z.int(), name: z.string(), numberTime: z.string() }).nullable(),
  settings: Settings,
  thresholds: Thresholds,
  children: z.array(ListedChild),
  /** Children who moved away: their answers stay, they are on no list. */
  movedAway: z.array(Child),
  /** Null until a unit was laid out. */
  plan: PlanState.nullable(),
  lessons: z.array(Lesson),
  /** Lessons that keep their day unless the teacher moves them herself: past, or held. */
  fixed: z.array(z.int()),
  /** Lessons that children answered in, and so were held. */
  taught: z.array(z.int()),
  /** The small group the last decision made; null where the class goes on without one. */
  groups: z.array(SmallGroup),
  day: z.strictObject({
    routine: z.array(RoutineEntry),
    /** Entries the board announces today, in the order of the day. */
    moments: z.array(z.int()),
    /** Loudness of the chime in per cent; 0 is off. */
    chime: z.int().min(0).max(100),
  }),
});
export type Classroom = z.infer<typeof Classroom>;

/** A new class: its name and the children's first names in order; the unit is made afterwards. */
export const PostClass = z.strictObject({
  id: SenderId,
  name: ClassName,
  children: z.array(ChildName).max(MOST_CHILDREN),
});
export type PostClass = z.infer<typeof PostClass>;
export const PutClass = z.strictObject({
  name: ClassName.exactOptional(),
  numberTime: StartTime.exactOptional(),
  thresholds: Thresholds.exactOptional(),
});
export type PutClass = z.infer<typeof PutClass>;
export const PutOpenClass = z.strictObject({ classId: z.int().positive() });

/** The whole day, in any order. */
export const PutRoutine = z.strictObject({
  entries: z.array(RoutineEntry.omit({ id: true }).extend({ picture: z.enum(PICTURES) })).max(30),
});
export type PutRoutine = z.infer<typeof PutRoutine>;
export const PutMoments = z.strictObject({ moments: z.array(z.int()).max(30) });
export const PutChime = z.strictObject({ chime: z.int().min(0).max(100) });

export const PutReady = z.strictObject({ ticked: z.boolean() });
export const PutNote = z.strictObject({ note: z.string().max(2000) });
export const PutDecision = z.strictObject({ id: SenderId, decision: z.enum(DECISIONS) });
export type PutDecision = z.infer<typeof PutDecision>;

/** What the last check said, for the lesson desk. */
export const Known = z.strictObject({
  check: z.strictObject({ id: z.int(), number: z.int(), day: z.string(), skill: SkillName, key: z.string() }),
  /** One level a child, in class order. */
  levels: z.array(z.strictObject({ childId: z.int(), level: z.enum(LEVELS) })),
  away: z.array(z.int()),
  reasons: z.array(z.strictObject({ reason: Reason, childIds: z.array(z.int()) })),
  suggestion: z.enum(DECISIONS).nullable(),
  decided: z.enum(DECISIONS).nullable(),
});
export type Known = z.infer<typeof Known>;

/** A time of a warm-up with how it went when it came up last; null where it never did. */
const CameBack = z.strictObject({
  time: Time,
  last: z.strictObject({ day: z.string(), asked: z.int(), missed: z.int() }).nullable(),
});

export const Desk = z.strictObject({
  lessonId: z.int(),
  ticked: z.array(z.string()),
  note: z.string(),
  /** What was noted for this lesson after the one before it. */
  noteBefore: z.string(),
  /** Of the last check that anybody answered, this lesson's own or one before. */
  known: Known.nullable(),
  /** What teaching it once more would cost: lessons that come later, and the unit's last day then; null where it cannot be put in. */
  again: z.strictObject({ pushed: z.int(), ends: z.string() }).nullable(),
  /** Why each time of the warm-up came back, and times that faded more since; null where it has no times to read. */
  warmUp: z.strictObject({ at: z.int(), times: z.array(CameBack), instead: z.array(CameBack).nullable() }).nullable(),
});
export type Desk = z.infer<typeof Desk>;

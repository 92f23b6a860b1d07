import { z } from 'zod';
import { LEVELS } from '../core/diagnosis/index.ts';
import { DECISIONS, SEGMENT_KINDS } from '../core/planning/index.ts';
import { NUMERAL_STYLES, OUTLINES } from '../core/face/index.ts';
import {
  DIGITAL_FORMS,
  ENGLISHES,
  FIRST_READ,
  HALF_PAST_HANDS,
  HALF_PAST_PHRASES,
  HAND_NAMES,
  HOUR_FINDING,
  MINUTE_SUPPORTS,
  OTHER_FORMS,
  TEACHING_ORDERS,
  type Conventions as CoreConventions,
} from '../core/wording/index.ts';
import { AnswerRow } from './answer.ts';
import { CalendarDay, Mastery, Reason, SkillName, Time } from './values.ts';

export const Child = z.strictObject({ id: z.int(), name: z.string(), picture: z.string() });
export type Child = z.infer<typeof Child>;

const Colour = z.string().regex(/^#[0-9a-f]{6}$/, { error: 'must be a colour written #rrggbb' });
const conventions = {
  english: z.enum(ENGLISHES),
  halfPastPhrase: z.enum(HALF_PAST_PHRASES),
  handNames: z.enum(HAND_NAMES),
  firstRead: z.enum(FIRST_READ),
  hourFinding: z.enum(HOUR_FINDING),
  minuteSupport: z.enum(MINUTE_SUPPORTS),
  digitalForm: z.enum(DIGITAL_FORMS),
  otherForms: z.enum(OTHER_FORMS),
  drawnFirst: z.enum(FIRST_READ),
  halfPastHand: z.enum(HALF_PAST_HANDS),
  teachingOrder: z.enum(TEACHING_ORDERS),
  numerals: z.enum(NUMERAL_STYLES),
  outline: z.enum(OUTLINES),
  handColours: z.strictObject({ hour: Colour, minute: Colour }),
} satisfies Record<keyof CoreConventions, z.ZodType>;

/** The class's conventions, and what the board's hands settle on. */
export const Settings = z.strictObject({
  ...conventions,
  /** Minutes the board's hands settle on. */
  snap: z.literal([1, 5, 15, 30, 60]),
});
export type Settings = z.infer<typeof Settings>;

export const Segment = z.strictObject({
  kind: z.enum(SEGMENT_KINDS),
  startsAt: z.int(),
  minutes: z.int(),
  times: z.array(Time),
});
export type Segment = z.infer<typeof Segment>;

/** A stone on the path. */
export const Lesson = z.strictObject({
  id: z.int(),
  number: z.int(),
  key: z.string(),
  kind: z.enum(['lesson', 'check']),
  day: z.string(),
  skills: z.array(SkillName),
  segments: z.array(Segment),
});
export type Lesson = z.infer<typeof Lesson>;

/** What every teacher's screen needs. `class` is null on a new data file, before a class was set up. */
export const Classroom = z.strictObject({
  today: z.string(),
  demo: z.boolean(),
  class: z.strictObject({ name: z.string(), numberTime: z.string() }).nullable(),
  settings: Settings,
  children: z.array(Child),
  lessons: z.array(Lesson),
});
export type Classroom = z.infer<typeof Classroom>;

/** A new class: its name, the children's first names in order, and the first day of the unit. */
export const PostClassroom = z.strictObject({
  name: z.string().trim().min(1).max(60),
  children: z.array(z.string().trim().min(1).max(40)).min(1).max(40),
  startsOn: CalendarDay,
});
export type PostClassroom = z.infer<typeof PostClassroom>;

export const PutReady = z.strictObject({ ticked: z.boolean() });
export const PutDecision = z.strictObject({ decision: z.enum(DECISIONS) });

/** What the last check said, for the lesson desk. */
export const Known = z.strictObject({
  check: z.strictObject({ number: z.int(), day: z.string(), skill: SkillName, key: z.string() }),
  /** One level a child, in class order. */
  levels: z.array(z.strictObject({ childId: z.int(), level: z.enum(LEVELS) })),
  away: z.array(z.int()),
  reasons: z.array(z.strictObject({ reason: Reason, childIds: z.array(z.int()) })),
  suggestion: z.enum(DECISIONS).nullable(),
  decided: z.enum(DECISIONS).nullable(),
});
export type Known = z.infer<typeof Known>;

export const Desk = z.strictObject({ lessonId: z.int(), ticked: z.array(z.string()), known: Known.nullable() });
export type Desk = z.infer<typeof Desk>;

/** The class by skills, and how each time went. */
export const ClassView = z.strictObject({
  children: z.array(
    z.strictObject({
      childId: z.int(),
      skills: z.partialRecord(SkillName, Mastery),
      reason: Reason.nullable(),
    }),
  ),
  times: z.array(z.strictObject({ time: Time, children: z.int(), childrenRight: z.int() })),
});
export type ClassView = z.infer<typeof ClassView>;

export const ChildAnswers = z.strictObject({
  child: Child,
  reason: Reason.nullable(),
  skills: z.partialRecord(SkillName, Mastery),
  answers: z.array(AnswerRow),
});
export type ChildAnswers = z.infer<typeof ChildAnswers>;

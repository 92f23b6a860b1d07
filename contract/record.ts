import { z } from 'zod';

import { FINDING_STATES } from '../core/sets/finding/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { LookedAtAnswer } from './answer.ts';
import { Child } from './children.ts';
import { Item, ReadAnswer } from './item.ts';
import { ChildReason, Reason } from './reason.ts';
import { Mastery, SenderId, SkillName, Time } from './values.ts';

const Skills = z.partialRecord(SkillName, Mastery);

/** How one time went: children who were asked it, and those whose latest answer to it was right. */
const TimeResult = z.strictObject({ time: Time, children: z.int(), childrenRight: z.int() });

/** A child of the class by its skills. */
export const ClassChild = z.strictObject({
  childId: z.int(),
  skills: Skills,
  /** Skills that were secure and not seen for so long that they are to be looked at again. */
  again: z.array(SkillName),
  reason: Reason.nullable(),
  /** Has it been wrong more than once, and no need is sure enough to be named? */
  noPattern: z.boolean(),
  /** The task to ask it next: the one that would tell most about it; null where nothing was taught yet. */
  next: Item.nullable(),
  /** School day of its latest answer that counts; empty where there is none. */
  last: z.string(),
  /** Its answers could not be judged: nothing is said of it. */
  failed: z.boolean(),
});
export type ClassChild = z.infer<typeof ClassChild>;

/** The class by skills, and how each time on a clock went. */
export const ClassView = z.strictObject({ children: z.array(ClassChild), times: z.array(TimeResult) });
export type ClassView = z.infer<typeof ClassView>;

/** One skill in the class: how each time went, which wrong answers came, and how far the class was at the end of each day. */
export const SkillView = z.strictObject({
  skill: SkillName,
  times: z.array(TimeResult),
  /** The most frequent first. */
  wrong: z.array(
    z.strictObject({
      item: Item,
      read: ReadAnswer,
      count: z.int(),
      childIds: z.array(z.int()),
      rule: z.enum(WRONG_RULES).nullable(),
    }),
  ),
  /** Oldest first: children at each level at the end of a day on which somebody answered. */
  history: z.array(
    z.strictObject({
      day: z.string(),
      secure: z.int(),
      gettingThere: z.int(),
      beginning: z.int(),
      /** Numbers of the lessons of that day. */
      lessons: z.array(z.int()),
    }),
  ),
});
export type SkillView = z.infer<typeof SkillView>;

/** How likely each state is among some children, by what is thought of them; they sum to 1. */
export const LikelyStates = z.strictObject({ states: z.record(z.enum(FINDING_STATES), z.number().min(0).max(1)) });
export type LikelyStates = z.infer<typeof LikelyStates>;
/** What a forecast is made from: nobody's name, only days. */
export const ForecastBase = z.strictObject({
  /** One list a child. */
  children: z.array(
    z.array(
      z.strictObject({
        skill: SkillName,
        day: z.string(),
        right: z.number().min(0),
        answers: z.int().min(1),
        guess: z.number().min(0).max(1),
      }),
    ),
  ),
  /** Lessons ahead, up to the last one. */
  ahead: z.array(
    z.strictObject({ day: z.string(), skills: z.array(z.strictObject({ skill: SkillName, weight: z.number() })) }),
  ),
  /** Skills of the unit, in teaching order. */
  skills: z.array(SkillName),
  taught: z.array(SkillName),
  /** What the last check that was answered asked for; none before one was. */
  checked: SkillName.nullable(),
});
export type ForecastBase = z.infer<typeof ForecastBase>;
/** Whose: children by their ids, with commas; all of the class where none are named. */
export const OfChildren = z.strictObject({
  children: z
    .string()
    .regex(/^\d{1,9}(,\d{1,9}){0,59}$/, { error: 'must be ids with commas' })
    .transform((text) => text.split(',').map(Number))
    .optional(),
});

/** What a teacher has seen of a child, in her own words. */
export const Note = z.strictObject({
  id: SenderId,
  /** The day it was seen, YYYY-MM-DD. */
  day: z.string(),
  text: z.string(),
});
export type Note = z.infer<typeof Note>;
/** Kept once for its id. */
export const PostNote = z.strictObject({ id: SenderId, text: z.string().trim().min(1).max(500) });
export type PostNote = z.infer<typeof PostNote>;
export const Notes = z.strictObject({ notes: z.array(Note) });
export type Notes = z.infer<typeof Notes>;

/** Answers of a child that a page shows at once, or adds when somebody looks further back. */
export const ANSWERS_AT_ONCE = 100;
/** Which of a child's answers are looked at: so many of the latest, of one skill, or these by their ids, with commas. */
export const AnswersWished = z.strictObject({
  count: z.coerce.number().int().min(1).max(100_000).default(ANSWERS_AT_ONCE),
  skill: SkillName.optional(),
  only: z
    .string()
    .transform((text) => text.split(','))
    .pipe(z.array(SenderId).max(ANSWERS_AT_ONCE))
    .optional(),
});
export type AnswersWished = z.infer<typeof AnswersWished>;

export const ChildAnswers = z.strictObject({
  child: Child,
  /** What its answers speak for, the surest first. */
  reasons: z.array(ChildReason),
  /** Tasks that would tell most about why it missed some; none where it missed none, or nothing was taught yet. */
  next: z.array(Item),
  skills: Skills,
  again: z.array(SkillName),
  /** Its answers could not be judged: nothing is said of it. */
  failed: z.boolean(),
  /** What there is to do at home next. */
  home: SkillName,
  /** The latest first: as many as were wished. */
  answers: z.array(LookedAtAnswer),
  /** Are there older ones of those that were wished? */
  more: z.boolean(),
  /** The latest first. */
  notes: z.array(Note),
});
export type ChildAnswers = z.infer<typeof ChildAnswers>;

/** How far a child had come at the end of each day it answered, oldest first. */
export const ChildHistory = z.strictObject({ days: z.array(z.strictObject({ day: z.string(), skills: Skills })) });
export type ChildHistory = z.infer<typeof ChildHistory>;

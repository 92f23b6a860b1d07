import { z } from 'zod';
import { LENSES } from '../core/face/index.ts';
import { MOST_GROUPS, TOPICS } from '../core/grouping/index.ts';
import { HANDED_KINDS } from '../core/items/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { MOST_CHILDREN } from './children.ts';
import { CalendarDay, SkillName, Time } from './values.ts';

/** The most children a teacher can put into a small group by hand. */
export const MOST_IN_GROUP = 8;
const ChildId = z.int().positive();
const GroupName = z.string().trim().min(1).max(30).nullable();
/** Another for each group of a check. */
const GroupId = z.int().min(1).max(99);

/** Children who sit together for a few minutes after a check, what they are shown, and the times they work on. */
export const SmallGroup = z.strictObject({
  id: GroupId,
  /** The check it came of. */
  checkId: z.int(),
  topic: z.enum(TOPICS),
  /** The teacher's own; without one its topic says what it is. */
  name: GroupName,
  /** Its number among the groups without a name that are about the same topic, from 1; null where it is the only one. */
  ordinal: z.int().min(1).max(MOST_GROUPS).nullable().default(null),
  childIds: z.array(ChildId).min(1).max(MOST_IN_GROUP),
  /** Children the teacher put there: they stay when groups are made again. */
  held: z.array(ChildId).max(MOST_IN_GROUP),
  /** Nobody comes and nobody goes when groups are made again. */
  isLocked: z.boolean(),
  minutes: z.int().min(1).max(30),
  /** Null where no reason was found. */
  rule: z.enum(WRONG_RULES).nullable(),
  lens: z.enum(LENSES),
  contrast: z.tuple([Time, Time]),
  task: z.enum(HANDED_KINDS),
  times: z.array(Time).min(1).max(12),
  /** One more, to do without help. */
  takeAway: Time,
});
export type SmallGroup = z.infer<typeof SmallGroup>;

/** Groups of a check as they are kept. */
export const KeptGroups = z.strictObject({
  groups: z.array(SmallGroup).max(MOST_GROUPS),
  /** Who is away on the day the groups are for. */
  absent: z.array(ChildId).max(MOST_CHILDREN),
  day: CalendarDay,
});
export type KeptGroups = z.infer<typeof KeptGroups>;

/** Groups as the teacher put them: who sits where, by the id of a group; one with a new id is made. */
export const PutGroups = z.strictObject({
  checkId: z.int().positive(),
  groups: z
    .array(
      z.strictObject({
        id: GroupId,
        name: GroupName,
        childIds: z.array(ChildId).max(MOST_IN_GROUP),
        held: z.array(ChildId).max(MOST_IN_GROUP),
        isLocked: z.boolean(),
      }),
    )
    .max(MOST_GROUPS),
  absent: z.array(ChildId).max(MOST_CHILDREN),
});
export type PutGroups = z.infer<typeof PutGroups>;
/** Groups are made, or made again around what is locked and held. */
export const PostGroups = z.strictObject({ checkId: z.int().positive() });
export type PostGroups = z.infer<typeof PostGroups>;

export const SITS = ['together', 'apart'] as const;
/** Two children who sit together, or never do; null takes it back. */
export const PutPair = z
  .strictObject({ childIds: z.tuple([ChildId, ChildId]), sits: z.enum(SITS).nullable() })
  .refine(({ childIds: [one, other] }) => one !== other, { error: 'takes two children', path: ['childIds'] });
export type PutPair = z.infer<typeof PutPair>;

/** Who sits with whom after the last check that was answered. */
export const GroupsView = z.strictObject({
  check: z.strictObject({ id: z.int(), number: z.int(), day: CalendarDay, skill: SkillName }),
  /** None were made yet: null. */
  kept: KeptGroups.nullable(),
  /** Children by how they stood, in class order. */
  stood: z.array(z.strictObject({ childId: ChildId, isSecure: z.boolean(), wasAway: z.boolean() })),
  pairs: z.array(z.strictObject({ childIds: z.tuple([ChildId, ChildId]), sits: z.enum(SITS) })),
  /** What everybody else does meanwhile. */
  own: z.strictObject({ task: z.enum(HANDED_KINDS), times: z.array(Time) }),
  /** Of each group: how many have answered since the check, and how many of these are secure by now. */
  since: z.array(z.strictObject({ groupId: GroupId, answered: z.int(), secure: z.int() })),
});
export type GroupsView = z.infer<typeof GroupsView>;
export const MaybeGroups = z.strictObject({ view: GroupsView.nullable() });
export type MaybeGroups = z.infer<typeof MaybeGroups>;

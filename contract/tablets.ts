import { z } from 'zod';
import { MOST_PICKED_TIMES } from '../core/rounds/index.ts';
import { ITEM_KINDS } from '../core/items/index.ts';
import { Answer, Item, ReadAnswer } from './item.ts';
import { ProblemCode } from './problem.ts';
import { ClassCode } from './station.ts';
import { SenderId, Time } from './values.ts';

/** A child at a tablet. */
export const Seat = z.strictObject({
  childId: z.int(),
  tabletId: z.int(),
  /** Is the tablet listening now? */
  connected: z.boolean(),
  /** A stand-in of the demo, not a child. */
  simulated: z.boolean(),
});
export type Seat = z.infer<typeof Seat>;

/** A tablet that was let in to the class; stand-ins are not told here. */
export const Pass = z.strictObject({
  tabletId: z.int(),
  /** ISO 8601, UTC. */
  letInAt: z.string(),
  /** Who sits there; null at the pictures. */
  childId: z.int().nullable(),
  /** Is it there now? */
  listens: z.boolean(),
});
export type Pass = z.infer<typeof Pass>;

/** So many tasks can be handed one by one. */
export const MOST_TASKS_HANDED = 12;

/** Where the tasks of a handed set come from: the lesson's own (its ticket on a check's day), what each child needs, or times the teacher picked. */
export const SetSource = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('lesson') }),
  z.strictObject({ what: z.literal('needs') }),
  /** A check's ticket, done quietly; that of the last check there was unless another is named. */
  z.strictObject({ what: z.literal('ticket'), lessonId: z.int().positive().exactOptional() }),
  z.strictObject({
    what: z.literal('times'),
    kinds: z.array(z.enum(ITEM_KINDS)).min(1).max(ITEM_KINDS.length),
    times: z.array(Time).min(1).max(MOST_PICKED_TIMES),
  }),
  /** These very tasks. */
  z.strictObject({ what: z.literal('tasks'), items: z.array(Item).min(1).max(MOST_TASKS_HANDED) }),
]);
export type SetSource = z.infer<typeof SetSource>;

/** Hands a set to some children, or to all. */
export const PostSet = z.strictObject({
  id: SenderId,
  /** Null: to all. */
  childIds: z.array(z.int().positive()).min(1).max(60).nullable(),
  source: SetSource,
});
export type PostSet = z.infer<typeof PostSet>;

/** A set that was handed today. */
export const HandedSet = z.strictObject({
  id: SenderId,
  childIds: z.array(z.int()).nullable(),
  what: z.enum(['lesson', 'needs', 'times', 'ticket']),
  lessonId: z.int(),
  /** Tasks in it; null where each child gets what it needs. */
  count: z.int().nullable(),
  /** Of a ticket: tasks each child has handed in, for those who have begun; null for other sets. */
  done: z.array(z.strictObject({ childId: z.int(), count: z.int() })).nullable(),
});
export type HandedSet = z.infer<typeof HandedSet>;

/**
 * An answer the server refused, told of by the tablet that keeps it on: what it is, as it stands there, for what cannot be read is told
 * too.
 */
export const PutSetAside = z.strictObject({
  childId: z.int().nullable(),
  /** Why it was refused. */
  code: ProblemCode,
  answer: z.record(z.string(), z.unknown()),
});
export type PutSetAside = z.infer<typeof PutSetAside>;

/** Is the tablet to keep it on? Not once the teacher let it go. */
export const SetAsideReply = z.strictObject({ keep: z.boolean() });
export type SetAsideReply = z.infer<typeof SetAsideReply>;

/** An answer that could not be taken; it stands on its tablet still. */
export const SetAside = z.strictObject({
  id: SenderId,
  tabletId: z.int(),
  /** Null where the answer does not say. */
  childId: z.int().nullable(),
  code: ProblemCode,
  /** When the server heard of it first, ISO 8601 in UTC. */
  since: z.string(),
});
export type SetAside = z.infer<typeof SetAside>;

/** Answers the teacher lets go: those that were looked at, and no other that came meanwhile. */
export const PostLetGo = z.strictObject({ ids: z.array(SenderId).min(1).max(1000) });
export type PostLetGo = z.infer<typeof PostLetGo>;

/** A remote that was let in: a second device of the teacher's. */
export const RemoteDevice = z.strictObject({
  id: z.string(),
  /** ISO 8601, UTC. */
  letInAt: z.string(),
  /** Is it there now? */
  listens: z.boolean(),
});
export type RemoteDevice = z.infer<typeof RemoteDevice>;

/** What of the tablets a teacher should look at, wherever she is. */
export const RoomNews = z.strictObject({
  /** Answers that could not be taken. */
  setAside: z.int().min(0),
  /** Wrong tries at the pictures or the remote's code by devices that try one after the other, of the last quarter of an hour. */
  tries: z.int().min(0),
  /** Remotes that listen now. */
  remotes: z.int().min(0),
  /** Was the data file moved or deleted while Hoppel runs? Nothing is kept then. */
  fileGone: z.boolean(),
  /** Does this computer's clock say a year that cannot be? What is answered is dated by the last day there was. */
  clockWrong: z.boolean(),
});
export type RoomNews = z.infer<typeof RoomNews>;

/** How fast stand-ins answer: 1 as children do, 20 for those who cannot wait. */
export const PostRoom = z.strictObject({ pace: z.number().min(0.5).max(100) });
export type PostRoom = z.infer<typeof PostRoom>;

/** The tablets of the room, for the teacher's own screens. */
export const Tablets = z.strictObject({
  code: ClassCode,
  /** Addresses of the station; the first is the one to show. */
  addresses: z.array(z.string()),
  /** Can other devices reach this computer? */
  lan: z.boolean(),
  seats: z.array(Seat),
  passes: z.array(Pass),
  /** Other devices of the teacher's that are let in. */
  remotes: z.array(RemoteDevice),
  /** Wrong tries, as the room's news tell. */
  tries: z.int().min(0),
  sets: z.array(HandedSet),
  /** Answers that could not be taken, the oldest first. */
  setAside: z.array(SetAside),
  /** Stand-ins at work; null where the class is a real one. */
  standIns: z.strictObject({ running: z.int(), answers: z.int() }).nullable(),
});
export type Tablets = z.infer<typeof Tablets>;
/** May other devices of the network come in? */
export const PutLan = z.strictObject({ lan: z.boolean() });
export type PutLan = z.infer<typeof PutLan>;

/** What a child is setting or drawing at its tablet in a round. */
export const Draft = z.strictObject({ childId: z.int(), answer: Answer, read: ReadAnswer });
export type Draft = z.infer<typeof Draft>;
/** Drafts of the task of now. */
export const Drafts = z.strictObject({ roundId: SenderId, index: z.int(), drafts: z.array(Draft) });
export type Drafts = z.infer<typeof Drafts>;

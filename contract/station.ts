import { z } from 'zod';
import { PROMPTS } from '../core/asking/index.ts';
import { CODE_LENGTH, CODE_PICTURES } from '../core/pictures/index.ts';
import { ROUND_PHASES } from '../core/rounds/index.ts';
import { Child } from './children.ts';
import { Answer, Item } from './item.ts';
import { RoundItem } from './round.ts';
import { Settings } from './settings.ts';
import { SenderId, Verdict } from './values.ts';

export const ClassCode = z.array(z.enum(CODE_PICTURES)).length(CODE_LENGTH);
export type ClassCode = z.infer<typeof ClassCode>;

/** A tablet shows that it is in the classroom: the pictures on the board. Stand-ins of the demo say what they are. */
export const PostDoor = z.strictObject({ code: ClassCode, simulated: z.literal(true).exactOptional() });
export type PostDoor = z.infer<typeof PostDoor>;

/** What a tablet may know of the round: the task, never another child's answer. */
export const StationRound = z.strictObject({
  id: SenderId,
  index: z.int(),
  count: z.int(),
  phase: z.enum(ROUND_PHASES),
  lessonId: z.int(),
  item: RoundItem,
  prompt: z.enum(PROMPTS),
  closed: z.boolean(),
  /** Has the board shown the answer to this item? */
  revealed: z.boolean(),
});
export type StationRound = z.infer<typeof StationRound>;

/** All a tablet needs before a child sits down: names and pictures, and the wording. The round comes by the live stream. */
export const StationState = z.strictObject({
  className: z.string(),
  settings: Settings,
  children: z.array(Child),
});
export type StationState = z.infer<typeof StationState>;

const StepPlace = z.int().min(0).nullable();
/** Tasks made ready, and which comes after which: nothing of why. */
export const Session = z.strictObject({
  tasks: z.array(Item),
  steps: z.array(
    z.strictObject({
      /** Place among the tasks. */
      task: z.int().min(0),
      eases: z.boolean(),
      /** Place of the step after a right answer, and after any other; null where the session ends. */
      right: StepPlace,
      otherwise: StepPlace,
    }),
  ),
  fewest: z.int().min(0),
});
export type Session = z.infer<typeof Session>;

/** What this child practises alone, enough to go on without a network. */
export const Practice = z.strictObject({
  lessonId: z.int(),
  /** Another one when something else is there to be done. */
  key: z.string(),
  /** Handed out by the teacher: it comes by itself. */
  handed: z.boolean(),
  /** A ticket: no help, no second try, and nothing tells how it went. */
  quiet: z.boolean(),
  /** It goes by what the child needs: after an answer the rest may be made again. */
  follows: z.boolean(),
  session: Session,
  /** What comes after it where the network is gone. */
  next: z.strictObject({ key: z.string(), session: Session }),
});
export type Practice = z.infer<typeof Practice>;

/** A tablet asks what comes next in its session, after what was asked in it so far. */
export const PostRest = z.strictObject({
  seat: SenderId,
  asked: z
    .array(z.strictObject({ item: Item, verdict: Verdict }))
    .min(1)
    .max(20),
});
export type PostRest = z.infer<typeof PostRest>;
export const Rest = z.strictObject({ session: Session });
export type Rest = z.infer<typeof Rest>;

/** Milliseconds between two signs of life of a tablet. */
export const HERE_MS = 7000;

/** A child sits down at a tablet. The tablet makes the seat, so that asking again changes nothing. */
export const PostSeat = z.strictObject({ childId: z.int().positive(), seat: SenderId });
export type PostSeat = z.infer<typeof PostSeat>;

/** What a tablet knows of the one child that sits there: what it has answered in the round, and what it practises. */
export const StationChild = z.strictObject({
  childId: z.int(),
  roundId: SenderId.nullable(),
  answered: z.array(z.strictObject({ index: z.int(), answer: Answer })),
  practice: Practice.nullable(),
});
export type StationChild = z.infer<typeof StationChild>;

/** What a child is setting or drawing now, before it is done; the board's wall shows it. */
export const PutDraft = z.strictObject({
  seat: SenderId,
  roundId: SenderId,
  index: z.int().min(0),
  answer: Answer,
});
export type PutDraft = z.infer<typeof PutDraft>;

import { z } from 'zod';
import { DEMONSTRATIONS, SPEEDS } from '../core/demonstrations/index.ts';
import { LENSES } from '../core/face/index.ts';
import { ROUND_PHASES, TAP_STATES } from '../core/rounds/index.ts';
import { STEP_PARTS } from '../core/wording/index.ts';
import { SenderId } from './values.ts';

/** What a board can be doing. */
export const BOARD_MODES = ['clock', 'demonstration', 'sorting', 'voting', 'parts', 'round'] as const;

/** What a board shows, as its remote needs it. The board alone decides; the server only passes it on. */
export const BoardView = z.strictObject({
  boardId: SenderId,
  /** Grows with each view of this board. */
  seq: z.int().min(0),
  /** The wish it did last, so that a remote knows whether the board answers. */
  done: SenderId.nullable(),
  mode: z.enum(BOARD_MODES),
  /** Where its clock stands: minutes after twelve, unwrapped, whole or not. */
  minutes: z.number(),
  lenses: z.array(z.enum(LENSES)),
  opened: z.array(z.enum(STEP_PARTS)),
  /** What it is about, in a few words. */
  title: z.string().max(120),
  /** Which of how many times or tasks; null where there is no list. */
  place: z.strictObject({ index: z.int().min(0), count: z.int().min(0) }).nullable(),
  /** What the teacher says now; empty where there is nothing to say. */
  say: z.string().max(300),
  /** Is that sentence on the board too? */
  sayOnBoard: z.boolean(),
  /** Of a round; null outside one. */
  phase: z.enum(ROUND_PHASES).nullable(),
  /** How each child stands while the teacher taps who missed it; empty otherwise. */
  children: z.array(z.strictObject({ childId: z.int(), state: z.enum(TAP_STATES) })).max(60),
  demonstration: z
    .strictObject({
      kind: z.enum(DEMONSTRATIONS),
      step: z.int().min(0),
      steps: z.int().min(1),
      playing: z.boolean(),
      speed: z.literal(SPEEDS),
    })
    .nullable(),
});
export type BoardView = z.infer<typeof BoardView>;

/** What a remote asks of a board. */
export const RemoteWish = z.discriminatedUnion('do', [
  z.strictObject({ do: z.enum(['next', 'back', 'cover', 'to-twelve', 'play', 'stop', 'all-right', 'replay']) }),
  z.strictObject({ do: z.literal('step'), by: z.literal([1, -1]) }),
  z.strictObject({ do: z.literal('lens'), lens: z.enum(LENSES) }),
  z.strictObject({ do: z.literal('demonstrate'), kind: z.enum(DEMONSTRATIONS) }),
  z.strictObject({ do: z.literal('missed'), childId: z.int().positive() }),
  z.strictObject({ do: z.literal('say-on-board'), on: z.boolean() }),
]);
export type RemoteWish = z.infer<typeof RemoteWish>;

/** A wish on its way to one board. */
export const BoardCommand = z.strictObject({ id: SenderId, boardId: SenderId, wish: RemoteWish });
export type BoardCommand = z.infer<typeof BoardCommand>;

/** The code a remote gives to come in. */
export const PostRemote = z.strictObject({ code: z.string().trim().max(20) });
/** How a second device reaches the board. */
export const RemoteAccess = z.strictObject({
  code: z.string(),
  /** Addresses to open on it; the first is the one to show. */
  addresses: z.array(z.string()),
  /** Can other devices reach this computer? */
  lan: z.boolean(),
});
export type RemoteAccess = z.infer<typeof RemoteAccess>;

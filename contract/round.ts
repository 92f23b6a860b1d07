import { z } from 'zod';
import { ROUND_MOVES, ROUND_PHASES } from '../core/rounds/index.ts';
import { Answer } from './item.ts';
import { SenderId, Time, Verdict } from './values.ts';

/** A round on the board. `version` grows by one with every move, so that two boards never move it twice. */
export const Round = z.strictObject({
  id: SenderId,
  lessonId: z.int(),
  times: z.array(Time).min(1),
  index: z.int().min(0),
  phase: z.enum(ROUND_PHASES),
  revealed: z.int().min(0),
  replays: z.int().min(0),
  version: z.int().min(0),
  /** Children who are not here today; the teacher taps them. */
  away: z.array(z.int()),
  /** When the phase began, milliseconds on the server's clock. */
  phaseSince: z.number(),
  closed: z.boolean(),
});
export type Round = z.infer<typeof Round>;

export const PostRound = z.strictObject({ id: SenderId, lessonId: z.int().positive() });
export type PostRound = z.infer<typeof PostRound>;

/** A move made from the version the board shows. */
export const PostMove = z.strictObject({ move: z.enum(ROUND_MOVES), version: z.int().min(0) });
export type PostMove = z.infer<typeof PostMove>;

/** What the teacher saw for one item: who missed it and who had it, one row a child. */
export const PostTaps = z.strictObject({
  index: z.int().min(0).max(99),
  taps: z.array(z.strictObject({ id: SenderId, childId: z.int().positive(), got: z.boolean() })).max(60),
});
export type PostTaps = z.infer<typeof PostTaps>;

export const PutAway = z.strictObject({ away: z.array(z.int().positive()).max(60) });
export type PutAway = z.infer<typeof PutAway>;

/** The answer that counts for one child and one item of a round: the latest row. */
export const RoundAnswer = z.strictObject({
  childId: z.int(),
  index: z.int(),
  answer: Answer,
  verdict: Verdict,
  source: z.enum(['tablet', 'teacher', 'simulated']),
});
export type RoundAnswer = z.infer<typeof RoundAnswer>;

/** The board's state: the open round, if any, its answers, and the children whose tablets are listening. */
export const BoardState = z.strictObject({
  round: Round.nullable(),
  answers: z.array(RoundAnswer),
  stations: z.array(z.int()),
  /** The server's clock when this was made, in milliseconds. */
  serverNow: z.number(),
});
export type BoardState = z.infer<typeof BoardState>;

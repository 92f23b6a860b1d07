import { z } from 'zod';
import { CORRECTIONS, OUT_WHYS } from '../core/marking/index.ts';
import { Answer, Finding, Item, ReadAnswer } from './item.ts';
import { SenderId, Verdict } from './values.ts';

/**
 * How an answer was seen: the child gave it on a tablet, the teacher saw it done, or found it on paper, or read it from a file made
 * elsewhere; or a simulated child of the demo class gave it.
 */
export const Source = z.enum(['tablet', 'teacher', 'simulated', 'paper', 'file']);
export type Source = z.infer<typeof Source>;

/** A tablet sends an answer: to an item of the round on the board, or of the lesson's set practised alone. */
export const PostAnswer = z.strictObject({
  id: SenderId,
  childId: z.int().positive(),
  answer: Answer,
  to: z.discriminatedUnion('setting', [
    z.strictObject({ setting: z.literal('round'), roundId: SenderId, index: z.int().min(0).max(99) }),
    z.strictObject({
      setting: z.literal('alone'),
      lessonId: z.int().positive(),
      item: Item,
      /** 1 for the first answer to the item, which counts; 2 after help. */
      attempt: z.int().min(1).max(2),
    }),
  ]),
});
export type PostAnswer = z.infer<typeof PostAnswer>;

/** One row of the record, as it was stored. */
export const AnswerRow = z.strictObject({
  id: SenderId,
  childId: z.int(),
  lessonId: z.int(),
  roundId: SenderId.nullable(),
  roundIndex: z.int().nullable(),
  /** The pile of paper it was marked in, and its place on the paper. */
  pileId: SenderId.nullable(),
  task: z.int().nullable(),
  attempt: z.int(),
  item: Item,
  answer: Answer,
  /** What was read of it. */
  read: ReadAnswer,
  verdict: Verdict,
  findings: z.array(Finding),
  source: Source,
  /** When the server stored it, ISO 8601 in UTC. */
  storedAt: z.string(),
  /** School day it belongs to, YYYY-MM-DD. */
  day: z.string(),
});
export type AnswerRow = z.infer<typeof AnswerRow>;

/** It is kept. */
export const AnswerReply = z.strictObject({ id: SenderId });
export type AnswerReply = z.infer<typeof AnswerReply>;

/** A teacher says otherwise of an answer that counts, or lets it stand as it was given. Sent again with its id, it is kept once. */
export const PostCorrection = z
  .strictObject({
    id: SenderId,
    answerId: SenderId,
    says: z.enum([...CORRECTIONS, 'as-given']),
    /** Why it does not count. */
    why: z.enum(OUT_WHYS).exactOptional(),
  })
  .refine(({ says, why }) => why === undefined || says === 'out', {
    error: 'is said only of an answer that does not count',
    path: ['why'],
  });
export type PostCorrection = z.infer<typeof PostCorrection>;
export const CorrectionReply = z.strictObject({ id: SenderId });
export type CorrectionReply = z.infer<typeof CorrectionReply>;

/** An answer that counts as it was given, and what the teacher says of it. */
export const LookedAtAnswer = AnswerRow.extend({
  says: z.enum(CORRECTIONS).nullable(),
  /** Why it does not count, where that was said. */
  why: z.enum(OUT_WHYS).nullable(),
});
export type LookedAtAnswer = z.infer<typeof LookedAtAnswer>;

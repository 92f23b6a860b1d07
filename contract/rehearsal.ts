import { z } from 'zod';
import { RoundItem, RoundSource } from './round.ts';
import { SenderId } from './values.ts';

/** Begins a rehearsal of a lesson; the same id again is the same class. */
export const PostRehearsal = z.strictObject({ id: SenderId, lessonId: z.int().positive() });
export type PostRehearsal = z.infer<typeof PostRehearsal>;

/** A rehearsal that runs: a made-up class in a school of its own, held in memory, of which nothing is kept. */
export const Rehearsal = z.strictObject({
  id: SenderId,
  /** The real lesson it rehearses. */
  lessonId: z.int().positive(),
  /** Place of the lesson in the unit, from 1. */
  number: z.int().positive(),
  /** Made-up children, and how many real ones have answered anything they could be drawn from. */
  children: z.int().positive(),
  seen: z.int().min(0),
  /** Minutes its round takes, if nothing is asked again. */
  minutes: z.number().positive(),
  /** Where the round comes from; null for the lesson's show-me round. */
  source: RoundSource.nullable(),
  /** What the round asks, and how many are likely to miss each. */
  tasks: z.array(z.strictObject({ item: RoundItem, missed: z.number().min(0) })),
  /** The lesson on whose desk it will stand what the next ticket said; null where no ticket comes, or none after it. */
  ticketAt: z.int().positive().nullable(),
});
export type Rehearsal = z.infer<typeof Rehearsal>;
export const MaybeRehearsal = z.strictObject({ rehearsal: Rehearsal.nullable() });
export type MaybeRehearsal = z.infer<typeof MaybeRehearsal>;

/** Lets those answer the task of now who have by so many seconds after it was asked. */
export const PostRehearsed = z.strictObject({
  roundId: SenderId,
  index: z.int().min(0).max(99),
  seconds: z.number().min(0).max(3600),
});
export type PostRehearsed = z.infer<typeof PostRehearsed>;
/** How many have answered. */
export const Rehearsed = z.strictObject({ answered: z.int().min(0) });

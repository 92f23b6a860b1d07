import { z } from 'zod';
import { ListedChild } from './children.ts';

/** How much of a child is stored, by what it is. */
export const ChildStored = z.strictObject({
  child: ListedChild.extend({ movedAway: z.boolean() }),
  answers: z.int().min(0),
  /** Of these, drawings with their lines. */
  drawings: z.int().min(0),
  /** First and last day of an answer; null where there is none. */
  days: z.tuple([z.string(), z.string()]).nullable(),
  corrections: z.int().min(0),
  notes: z.int().min(0),
  /** Papers printed with its name. */
  papers: z.int().min(0),
  /** Whom it sits with, or does not. */
  pairs: z.int().min(0),
  /** Tablets it has sat at. */
  tablets: z.int().min(0),
  /** Days after which nothing of it is in any backup any more, once it is deleted; null where no backups are made. */
  backupDays: z.int().nullable(),
});
export type ChildStored = z.infer<typeof ChildStored>;

/** Deletes the open class: its name has to be said. */
export const PostErase = z.strictObject({ name: z.string() });

/** All that is stored of a child, as a file to take along. */
export const CHILD_DATA = { format: 'hoppel-child', version: 1 } as const;

import { z } from 'zod';
import { LENSES } from '../core/face/index.ts';
import { HANDED_KINDS } from '../core/items/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { Time } from './values.ts';

/** The most children a teacher can put into a small group by hand. */
export const MOST_IN_GROUP = 8;
const ChildIds = z.array(z.int().positive()).min(1).max(MOST_IN_GROUP);

/** Children who sit together for a few minutes after a check, what they are shown, and the times they work on. */
export const SmallGroup = z.strictObject({
  /** The check it came of. */
  checkId: z.int(),
  childIds: ChildIds,
  minutes: z.int().min(1).max(30),
  /** Null where no reason was found. */
  rule: z.enum(WRONG_RULES).nullable(),
  lens: z.enum(LENSES),
  contrast: z.tuple([Time, Time]),
  task: z.enum(HANDED_KINDS),
  times: z.array(Time).min(1).max(12),
});
export type SmallGroup = z.infer<typeof SmallGroup>;
/** Who sits in it. */
export const PutGroup = z.strictObject({ childIds: ChildIds });
export type PutGroup = z.infer<typeof PutGroup>;

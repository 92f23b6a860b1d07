import { z } from 'zod';
import { DEFAULT_CONVENTIONS, type Conventions } from '../core/conventions/index.ts';
import { NAMED_NEEDS } from '../core/diagnosis/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { Item, ReadAnswer } from './item.ts';
import { Time } from './values.ts';

const CONVENTIONS = Object.keys(DEFAULT_CONVENTIONS) as (keyof Conventions)[];
const Share = z.number().min(0).max(1);

/** A need that a child's answers speak for. */
export const Reason = z.strictObject({
  need: z.enum(NAMED_NEEDS),
  /** Probability that the child has it. */
  share: Share,
  /** The likeliest rule of it, by which help is chosen; null for guessing. */
  rule: z.enum(WRONG_RULES).nullable(),
  /** Is that rule by itself sure enough to be said? */
  fitsWithRule: z.boolean(),
  /** Two times that part the likeliest rules from each other and from right, and these rules; null where no two times the class has met do. */
  parting: z
    .strictObject({ times: z.tuple([Time, Time]), rules: z.array(z.enum(WRONG_RULES)).min(1).max(2) })
    .nullable(),
  /** Some wrong answers that speak for it, each of another task, the latest first. */
  fitting: z.array(z.strictObject({ item: Item, read: ReadAnswer })),
  /** How many answers speak for it, and against it. */
  for: z.int(),
  against: z.int(),
  /** What else may lie behind the same answers. */
  beside: z.array(
    z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('need'), need: z.enum(NAMED_NEEDS), share: Share }),
      z.strictObject({ kind: z.literal('convention'), convention: z.enum(CONVENTIONS), day: z.string() }),
      z.strictObject({ kind: z.literal('home-language') }),
      z.strictObject({ kind: z.literal('one-length') }),
      z.strictObject({ kind: z.literal('hidden'), answers: z.int() }),
    ]),
  ),
  /** Is how the child draws hidden behind it? */
  masksDrawing: z.boolean(),
});
export type Reason = z.infer<typeof Reason>;

const ShownIn = z.strictObject({ shown: z.int(), of: z.int() });
/** The same with its answers, by the id of each in the record, oldest first and no more than a page shows, and what was done about it, the latest first. */
export const ChildReason = Reason.extend({
  forIds: z.array(z.string()),
  againstIds: z.array(z.string()),
  tried: z.array(
    z.strictObject({
      what: z.enum(['lesson', 'group', 'practice']),
      day: z.string(),
      before: ShownIn,
      since: ShownIn,
      result: z.enum(['helped', 'not-yet', 'too-early']),
    }),
  ),
});
export type ChildReason = z.infer<typeof ChildReason>;

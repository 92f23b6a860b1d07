import { z } from 'zod';
import { PLAN_REFUSALS } from '../core/planning/index.ts';

/** Every way a request can be refused. The interface chooses its words by this code. */
export const PROBLEM_CODES = [
  'malformed',
  'too-large',
  'not-found',
  'unknown-child',
  'unknown-answer',
  'unknown-lesson',
  'unknown-round',
  'unknown-sheet',
  'sheet-moved-on',
  'nothing-to-print',
  'unknown-code',
  'code-of-another-class',
  'unknown-pile',
  'no-round',
  'nothing-to-mark',
  'task-changed',
  'not-in-pile',
  'round-closed',
  'round-moved-on',
  'not-asked-yet',
  'already-answered',
  'id-taken',
  'no-class',
  'unknown-class',
  'no-unit',
  'picture-taken',
  'class-full',
  'plan-moved-on',
  'nothing-to-undo',
  'too-late',
  'bad-file',
  'unit-begun',
  ...PLAN_REFUSALS,
  'teacher-only',
  'other-name',
  'foreign-page',
  'wrong-code',
  'too-many-tries',
  'nothing-to-ask',
  'code-needed',
  'child-taken',
  'seat-lost',
  'other-child',
  'no-stand-ins',
  'no-children',
  'no-network',
  'unreadable-stored',
  'cannot-be-kept',
  'busy',
  'disk-full',
  'failed',
] as const;
export const ProblemCode = z.enum(PROBLEM_CODES);
export type ProblemCode = z.infer<typeof ProblemCode>;

/** The body of every refusal: a code for the program, a plain English sentence for a person. */
export const Problem = z.strictObject({ code: ProblemCode, message: z.string() });
export type Problem = z.infer<typeof Problem>;

import type { DialTime } from '../clock/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { WritingFault } from '../wording/index.ts';

/**
 * What an answer is worth. `nearly`: the idea is there, a hand was let go a little too early or late, or a drawing is
 * right but beside the middle. `unreadable`: nobody can tell what was meant; a teacher looks at it.
 */
export const VERDICTS = ['right', 'nearly', 'wrong', 'unreadable'] as const;
export type Verdict = (typeof VERDICTS)[number];

/**
 * What can be odd about a drawing as such. `hands-coincide`: one line where both hands lie on each other, so that nobody
 * can tell whether both were drawn. `doubtful`: read, but not surely enough to say anything of it.
 */
export const DRAWING_PROBLEMS = [
  'same-length',
  'one-hand',
  'off-centre',
  'hands-coincide',
  'nothing',
  'scribble',
  'too-many-lines',
  'doubtful',
] as const;
export type DrawingProblem = (typeof DRAWING_PROBLEMS)[number];

/**
 * What was seen in an answer that is not right.
 * - `rule`: a wrong rule leads to exactly this answer
 * - `minute-hand-off`: the minute hand strays by so many whole minutes (positive: past its place)
 * - `hour-hand-off`: the hour hand strays by so many whole degrees (positive: past its place)
 * - `hour-off`: another hour was named or set
 * - `writing`: a fault of the writing itself
 * - `drawing`: something odd about the drawing itself
 * - `choice`: so many right options were left out, and so many wrong ones taken
 */
export type Finding =
  | { readonly kind: 'rule'; readonly rule: WrongRule }
  | { readonly kind: 'minute-hand-off'; readonly minutes: number }
  | { readonly kind: 'hour-hand-off'; readonly degrees: number }
  | { readonly kind: 'hour-off'; readonly askedHour: number; readonly answeredHour: number }
  | { readonly kind: 'writing'; readonly fault: WritingFault }
  | { readonly kind: 'drawing'; readonly problem: DrawingProblem }
  | { readonly kind: 'choice'; readonly leftOut: number; readonly wronglyTaken: number };

/** The facts a marking rests on: angles in degrees clockwise from 12, reaches in face units, characters as written. */
export interface Seen {
  readonly hourAngle?: number;
  readonly minuteAngle?: number;
  readonly hourReach?: number;
  readonly minuteReach?: number;
  /** The time the answer amounts to, where it amounts to one. */
  readonly time?: DialTime;
  readonly text?: string;
}

/** An answer judged. Findings are empty when it is right, or wrong with nothing to be seen in it. */
export interface Marking {
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
  readonly seen: Seen;
}

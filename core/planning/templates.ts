import { timeOf, type DialTime } from '../clock/index.ts';
import type { Skill } from '../skills/index.ts';

/** What happens in a stretch of a lesson. */
export const SEGMENT_KINDS = ['warm-up', 'purpose', 'show', 'together', 'show-me', 'alone', 'ticket', 'close'] as const;
export type SegmentKind = (typeof SEGMENT_KINDS)[number];

/** Where a segment's times come from: none, these, clean examples, or a chosen set of that many. */
export type TimesPlan =
  | { readonly from: 'none' }
  | { readonly from: 'fixed'; readonly times: readonly DialTime[] }
  | { readonly from: 'chosen'; readonly count: number };

/** A stretch of a lesson before its times are chosen. */
export interface SegmentPlan {
  readonly kind: SegmentKind;
  /** Whole minutes. */
  readonly minutes: number;
  readonly times: TimesPlan;
}

/** One lesson of the unit before it has a date. Its words stand in the message files under its key. */
export interface LessonTemplate {
  readonly key: string;
  /** A check ends with a ticket that is marked; its skill is what the ticket is about. */
  readonly kind: 'lesson' | 'check';
  readonly skills: readonly Skill[];
  readonly segments: readonly SegmentPlan[];
}

const none = (kind: SegmentKind, minutes: number): SegmentPlan => ({ kind, minutes, times: { from: 'none' } });
const fixed = (kind: SegmentKind, minutes: number, ...times: DialTime[]): SegmentPlan => ({
  kind,
  minutes,
  times: { from: 'fixed', times },
});
const chosen = (kind: SegmentKind, minutes: number, count: number): SegmentPlan => ({
  kind,
  minutes,
  times: { from: 'chosen', count },
});

const lesson = (key: string, skills: readonly Skill[], ...segments: SegmentPlan[]): LessonTemplate => ({
  key,
  kind: 'lesson',
  skills,
  segments,
});
const check = (key: string, skills: readonly Skill[], ...segments: SegmentPlan[]): LessonTemplate => ({
  key,
  kind: 'check',
  skills,
  segments,
});
const half = (hour: number): DialTime => timeOf(hour, 30);

/**
 * The unit in the order "hour hand alone, o'clock, half past in a later week". Examples in `show` are clean first;
 * contrast pairs and the hard times (12:30, 6:30, 11:30) come after.
 */
export const UNIT: readonly LessonTemplate[] = [
  lesson('why-clocks', ['what-for'], none('purpose', 6), none('together', 8), none('close', 4)),
  lesson('parts', ['parts'], none('warm-up', 3), none('show', 7), none('together', 6), none('close', 2)),
  lesson(
    'hour-hand-on',
    ['hour-hand-on'],
    none('warm-up', 2),
    fixed('show', 6, timeOf(3), timeOf(9), timeOf(4)),
    chosen('together', 7, 4),
    none('close', 3),
  ),
  lesson(
    'hour-hand-between',
    ['hour-hand-between'],
    chosen('warm-up', 3, 4),
    fixed('show', 6, timeOf(4), half(4), timeOf(5)),
    fixed('together', 6, half(2), half(9), half(7)),
    none('close', 3),
  ),
  lesson(
    'oclock-meet',
    ['oclock-read'],
    none('warm-up', 2),
    fixed('show', 6, timeOf(2), timeOf(3), timeOf(8)),
    chosen('together', 6, 4),
    none('alone', 3),
    none('close', 3),
  ),
  check(
    'oclock-first-ticket',
    ['oclock-read'],
    none('warm-up', 3),
    chosen('together', 5, 4),
    chosen('ticket', 8, 6),
    none('close', 2),
  ),
  lesson(
    'oclock-read-set',
    ['oclock-read', 'oclock-set'],
    fixed('warm-up', 2, timeOf(10), timeOf(2), timeOf(7)),
    fixed('show', 4, timeOf(3), timeOf(9), timeOf(4)),
    fixed('together', 3, timeOf(8), timeOf(5)),
    chosen('show-me', 6, 6),
    none('alone', 3),
    none('close', 2),
  ),
  lesson(
    'oclock-match-write',
    ['oclock-match', 'oclock-write'],
    chosen('warm-up', 3, 4),
    fixed('show', 5, timeOf(2), timeOf(11)),
    chosen('together', 6, 4),
    none('alone', 4),
    none('close', 2),
  ),
  lesson(
    'oclock-draw',
    ['oclock-draw'],
    chosen('warm-up', 3, 4),
    fixed('show', 5, timeOf(4), timeOf(10)),
    chosen('alone', 9, 4),
    none('close', 2),
  ),
  check(
    'oclock-ticket',
    ['oclock-read', 'oclock-write', 'oclock-draw'],
    chosen('warm-up', 4, 4),
    chosen('ticket', 12, 6),
    none('close', 2),
  ),
  lesson(
    'half-turn',
    ['half-past-read'],
    chosen('warm-up', 2, 4),
    fixed('show', 7, timeOf(4), half(4), timeOf(5)),
    fixed('together', 7, half(2), half(8)),
    none('close', 3),
  ),
  lesson(
    'half-past-which-hour',
    ['half-past-read'],
    fixed('warm-up', 2, half(4), half(2)),
    fixed('show', 5, half(9), timeOf(10), half(10)),
    fixed('show-me', 8, half(3), half(8), half(1), half(10), half(6), half(12)),
    none('close', 3),
  ),
  lesson(
    'half-past-write-draw',
    ['half-past-write', 'half-past-draw'],
    fixed('warm-up', 3, half(7), half(11)),
    fixed('show', 6, half(4), half(9)),
    fixed('alone', 9, half(2), half(5), half(10), half(12)),
    none('close', 2),
  ),
  check(
    'half-past-ticket',
    ['half-past-read', 'half-past-draw'],
    none('warm-up', 3),
    fixed('ticket', 12, half(4), half(9), half(1), half(7), half(12), half(10)),
    none('close', 3),
  ),
  lesson(
    'mixed',
    ['mixed'],
    fixed('warm-up', 3, timeOf(12), half(12), timeOf(6)),
    fixed('show-me', 9, half(5), timeOf(11), half(11), timeOf(6), half(6), timeOf(12)),
    none('alone', 6),
    none('close', 2),
  ),
];

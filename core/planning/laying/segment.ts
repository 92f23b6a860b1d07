import type { DialTime } from '../../clock/index.ts';
import type { Item } from '../../items/index.ts';
import type { Skill } from '../../skills/index.ts';
import type { Day } from '../calendar/calendar.ts';

/** What happens in a stretch of a lesson. */
export const SEGMENT_KINDS = ['warm-up', 'purpose', 'show', 'together', 'show-me', 'alone', 'ticket', 'close'] as const;
export type SegmentKind = (typeof SEGMENT_KINDS)[number];

/** A stretch of a lesson with its exact times. */
export interface Segment {
  readonly kind: SegmentKind;
  /** Minutes after the lesson's start. */
  readonly startsAt: number;
  /** Whole minutes. */
  readonly minutes: number;
  /** In the order shown or asked. Where there are tasks about times, these are the times of the tasks. */
  readonly times: readonly DialTime[];
  /** What the children are asked; none where times are only shown, or nothing is asked. */
  readonly items: readonly Item[];
}

/** What a teacher says became of a lesson whose day has come. Answers say it where there are any. */
export const OUTCOMES = ['held', 'left-out'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** A lesson of the unit with its day. */
export interface PlannedLesson {
  /** Its words stand in the word files under this key. */
  readonly key: string;
  /** A check has a ticket that is marked; its first skill is what "What we know" goes by. */
  readonly kind: 'lesson' | 'check';
  readonly skills: readonly Skill[];
  readonly day: Day;
  readonly segments: readonly Segment[];
  /** The teacher's own title; without one, the title of the key. */
  readonly title?: string | undefined;
  /** The teacher's own I-can sentence; without one, that of the key. */
  readonly iCan?: string | undefined;
  readonly outcome?: Outcome | undefined;
}

/** Whole minutes of all segments. */
export const lessonMinutes = (segments: readonly { readonly minutes: number }[]): number =>
  segments.reduce((sum, { minutes }) => sum + minutes, 0);

/** The same segments, each starting where the one before ends. */
export const oneAfterAnother = <S extends { readonly minutes: number }>(
  segments: readonly S[],
): (S & { readonly startsAt: number })[] =>
  segments.map((segment, i) => ({ ...segment, startsAt: lessonMinutes(segments.slice(0, i)) }));

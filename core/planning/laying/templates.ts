import type { ItemKind } from '../../items/index.ts';
import type { TimeGroup } from '../../sets/index.ts';
import type { ClockWord, Skill } from '../../skills/index.ts';
import type { SegmentKind } from './segment.ts';

/**
 * Where a segment's times come from.
 * - `clean`: clean examples of a group; `contrast`: an hour, its half past and the next hour
 * - `set`: a set chosen by the rules for practice, with these tasks in turn
 * - `taught`: the same, from the groups taught in the lessons before
 * - `same`: the times of the lesson's show-me round again
 * - `tasks`: tasks that are not about a time
 */
export type TimesPlan =
  | { readonly pick: 'none' | 'same' }
  | { readonly pick: 'clean'; readonly group: TimeGroup }
  | { readonly pick: 'contrast' }
  | { readonly pick: 'set'; readonly groups: readonly TimeGroup[]; readonly tasks: readonly ItemKind[] }
  | { readonly pick: 'taught'; readonly tasks: readonly ItemKind[] }
  | { readonly pick: 'tasks'; readonly tasks: readonly ItemKind[] };

/** A stretch of a lesson before its minutes and times are fixed. */
export interface SegmentPlan {
  readonly kind: SegmentKind;
  /** Minutes it takes of a lesson of about 20; the real ones keep the proportion. */
  readonly share: number;
  readonly times: TimesPlan;
}

/** One lesson of a unit before it has a day. */
export interface LessonTemplate {
  readonly key: string;
  readonly kind: 'lesson' | 'check';
  readonly skills: readonly Skill[];
  readonly segments: readonly SegmentPlan[];
  /** Words beside those of its skills. */
  readonly words?: readonly ClockWord[];
}

const plain = (kind: SegmentKind, share: number): SegmentPlan => ({ kind, share, times: { pick: 'none' } });
const same = (kind: SegmentKind, share: number): SegmentPlan => ({ kind, share, times: { pick: 'same' } });
const clean = (share: number, group: TimeGroup): SegmentPlan => ({
  kind: 'show',
  share,
  times: { pick: 'clean', group },
});
const contrast = (share: number): SegmentPlan => ({ kind: 'show', share, times: { pick: 'contrast' } });
const warmUp = (share: number): SegmentPlan => ({ kind: 'warm-up', share, times: { pick: 'taught', tasks: ['read'] } });
const set = (kind: SegmentKind, share: number, groups: readonly TimeGroup[], ...tasks: ItemKind[]): SegmentPlan => ({
  kind,
  share,
  times: { pick: 'set', groups, tasks },
});
const tasks = (kind: SegmentKind, share: number, ...kinds: ItemKind[]): SegmentPlan => ({
  kind,
  share,
  times: { pick: 'tasks', tasks: kinds },
});
const lesson = (key: string, skills: readonly Skill[], ...segments: SegmentPlan[]): LessonTemplate => ({
  key,
  kind: segments.some(({ kind }) => kind === 'ticket') ? 'check' : 'lesson',
  skills,
  segments,
});

const O: readonly TimeGroup[] = ['oclock'];
const H: readonly TimeGroup[] = ['half-past'];
const BOTH: readonly TimeGroup[] = ['oclock', 'half-past'];

/** What comes before any time is read. */
export const FIRST_LESSONS = {
  whyClocks: lesson(
    'why-clocks',
    ['what-for'],
    plain('purpose', 6),
    tasks('together', 10, 'day-order'),
    plain('close', 4),
  ),
  howLong: lesson(
    'how-long',
    ['how-long'],
    plain('warm-up', 2),
    plain('purpose', 5),
    plain('show', 5),
    tasks('together', 5, 'how-long'),
    plain('close', 3),
  ),
  parts: {
    ...lesson(
      'parts',
      ['parts'],
      plain('warm-up', 3),
      plain('show', 6),
      tasks('together', 5, 'name-part'),
      tasks('ticket', 4, 'name-part'),
      plain('close', 2),
    ),
    words: ['analog', 'digital'],
  },
  clockwise: lesson(
    'clockwise',
    ['clockwise'],
    plain('warm-up', 2),
    plain('show', 8),
    tasks('together', 6, 'direction'),
    plain('close', 4),
  ),
} as const satisfies Record<string, LessonTemplate>;

/** The hour hand alone: on numerals only, or between them too. */
export const HAND_LESSONS = {
  onNumerals: lesson(
    'hour-hand-on',
    ['hour-hand-on'],
    plain('warm-up', 2),
    clean(6, 'oclock'),
    set('together', 5, O, 'hour-hand'),
    set('ticket', 5, O, 'hour-hand'),
    plain('close', 2),
  ),
  both: lesson(
    'hour-hand',
    ['hour-hand-on', 'hour-hand-between'],
    plain('warm-up', 2),
    contrast(6),
    set('together', 5, BOTH, 'hour-hand'),
    set('ticket', 5, BOTH, 'hour-hand'),
    plain('close', 2),
  ),
};

/** O'clock: the five ways of showing it. */
export const OCLOCK_LESSONS: readonly LessonTemplate[] = [
  lesson(
    'oclock-meet',
    ['oclock-read'],
    plain('warm-up', 2),
    clean(7, 'oclock'),
    set('together', 5, O, 'read'),
    set('alone', 3, O, 'choose-words'),
    plain('close', 3),
  ),
  lesson(
    'oclock-read',
    ['oclock-read'],
    warmUp(2),
    clean(5, 'oclock'),
    set('together', 5, O, 'read'),
    set('ticket', 6, O, 'read', 'choose-words'),
    plain('close', 2),
  ),
  lesson(
    'oclock-read-set',
    ['oclock-read', 'oclock-set'],
    warmUp(2),
    clean(5, 'oclock'),
    set('together', 3, O, 'read'),
    set('show-me', 4, O, 'set'),
    same('alone', 4),
    plain('close', 2),
  ),
  lesson(
    'oclock-match-write',
    ['oclock-match', 'oclock-write'],
    warmUp(2),
    clean(4, 'oclock'),
    set('together', 5, O, 'choose-clock'),
    set('alone', 6, O, 'write-digital'),
    plain('close', 3),
  ),
  lesson(
    'oclock-draw',
    ['oclock-draw'],
    warmUp(2),
    clean(5, 'oclock'),
    set('alone', 5, O, 'draw'),
    set('ticket', 6, O, 'draw', 'read', 'write-digital'),
    plain('close', 2),
  ),
];

/** Other faces and clocks that cannot be right, for children who know o'clock only. */
export const OCLOCK_LAST: readonly LessonTemplate[] = [
  lesson(
    'oclock-faces',
    ['other-faces'],
    warmUp(3),
    plain('show', 5),
    set('show-me', 5, O, 'set'),
    set('together', 4, O, 'choose-clock'),
    plain('close', 3),
  ),
  lesson(
    'oclock-judge',
    ['judge-clock'],
    warmUp(2),
    plain('show', 5),
    tasks('together', 5, 'judge-clock'),
    set('ticket', 6, O, 'judge-clock', 'read', 'draw'),
    plain('close', 2),
  ),
];

/** Half past in a later week. */
export const HALF_PAST_LESSONS: readonly LessonTemplate[] = [
  lesson(
    'half-turn',
    ['half-past-read'],
    warmUp(2),
    contrast(7),
    set('together', 6, H, 'read'),
    set('alone', 3, H, 'choose-words'),
    plain('close', 2),
  ),
  lesson(
    'half-past-which-hour',
    ['half-past-read', 'half-past-set'],
    warmUp(2),
    contrast(5),
    set('together', 2, H, 'read'),
    set('show-me', 5, H, 'set'),
    set('ticket', 4, H, 'read', 'set'),
    plain('close', 2),
  ),
  lesson(
    'half-past-match-write',
    ['half-past-match', 'half-past-write'],
    warmUp(2),
    contrast(4),
    set('together', 5, H, 'choose-clock'),
    set('alone', 6, H, 'write-digital'),
    plain('close', 3),
  ),
  lesson(
    'half-past-draw',
    ['half-past-draw'],
    warmUp(2),
    contrast(5),
    set('alone', 5, H, 'draw'),
    set('ticket', 6, H, 'draw', 'read', 'write-digital'),
    plain('close', 2),
  ),
];

/** O'clock and half past taught together from the first day on. */
export const TOGETHER_LESSONS: readonly LessonTemplate[] = [
  lesson(
    'both-meet',
    ['oclock-read', 'half-past-read'],
    plain('warm-up', 2),
    contrast(7),
    set('together', 5, BOTH, 'read'),
    set('alone', 3, BOTH, 'choose-words'),
    plain('close', 3),
  ),
  lesson(
    'both-set',
    ['oclock-read', 'half-past-read', 'oclock-set', 'half-past-set'],
    warmUp(2),
    contrast(4),
    set('together', 3, BOTH, 'read'),
    set('show-me', 5, BOTH, 'set'),
    set('ticket', 4, BOTH, 'read', 'set'),
    plain('close', 2),
  ),
  lesson(
    'both-match-write',
    ['oclock-match', 'half-past-match', 'oclock-write', 'half-past-write'],
    warmUp(2),
    contrast(4),
    set('together', 5, BOTH, 'choose-clock'),
    set('alone', 6, BOTH, 'write-digital'),
    plain('close', 3),
  ),
  lesson(
    'both-draw',
    ['oclock-draw', 'half-past-draw'],
    warmUp(2),
    contrast(5),
    set('alone', 5, BOTH, 'draw'),
    set('ticket', 6, BOTH, 'draw', 'read', 'write-digital'),
    plain('close', 2),
  ),
];

/** Mixed, on other faces, and clocks that cannot be right. */
export const MIXED_LESSONS: readonly LessonTemplate[] = [
  lesson(
    'mixed',
    ['mixed', 'other-faces'],
    warmUp(2),
    plain('show', 4),
    set('show-me', 5, BOTH, 'set'),
    set('together', 6, BOTH, 'pair'),
    plain('close', 3),
  ),
  lesson(
    'judge-clock',
    ['judge-clock'],
    warmUp(2),
    plain('show', 5),
    tasks('together', 5, 'judge-clock'),
    set('ticket', 6, BOTH, 'judge-clock', 'read', 'draw'),
    plain('close', 2),
  ),
];

const QUARTERS: readonly TimeGroup[] = ['quarter-past', 'quarter-to'];

/** Beyond o'clock and half past. */
export const ONWARD_LESSONS: readonly LessonTemplate[] = [
  lesson(
    'quarter-past',
    ['quarter-past'],
    warmUp(2),
    clean(6, 'quarter-past'),
    set('together', 4, ['quarter-past'], 'read'),
    set('show-me', 5, ['quarter-past'], 'set'),
    plain('close', 3),
  ),
  lesson(
    'quarter-to',
    ['quarter-to'],
    warmUp(2),
    clean(5, 'quarter-to'),
    set('show-me', 5, ['quarter-to'], 'set'),
    set('ticket', 6, QUARTERS, 'read', 'write-digital'),
    plain('close', 2),
  ),
  lesson(
    'five-minutes',
    ['five-minutes'],
    warmUp(2),
    clean(7, 'five-minutes'),
    set('together', 6, ['five-minutes'], 'read'),
    plain('close', 5),
  ),
  lesson(
    'five-minutes-set',
    ['five-minutes'],
    warmUp(2),
    clean(4, 'five-minutes'),
    set('show-me', 6, ['five-minutes'], 'set'),
    set('ticket', 6, ['five-minutes'], 'read', 'write-digital'),
    plain('close', 2),
  ),
];

/** A lesson taught again, aimed at what was found; and one the teacher fills alone. */
export const EXTRA_LESSONS = {
  again: lesson('again', [], plain('warm-up', 2)),
  blank: lesson('blank', [], plain('warm-up', 3), plain('show', 6), plain('together', 8), plain('close', 3)),
} as const;

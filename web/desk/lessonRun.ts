import type { Lesson } from '../../contract/index.ts';

/** Place of a lesson's round; -1 where it has none. */
export const roundOf = ({ segments }: Pick<Lesson, 'segments'>): number =>
  segments.findIndex(({ kind }) => kind === 'show-me');

/** The part a lesson starts with at the board: the first with times, or its round where that is under way. */
export const startOf = (lesson: Pick<Lesson, 'segments'>, isRunning: boolean): number =>
  Math.max(0, isRunning ? roundOf(lesson) : lesson.segments.findIndex(({ times }) => times.length > 0));

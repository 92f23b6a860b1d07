import type { Lesson } from '../../contract/index.ts';

/** The lesson of today; on a day without one, the next; after the last, the last. None in an empty unit. */
export const currentLesson = (lessons: readonly Lesson[], today: string): Lesson | undefined =>
  lessons.find(({ day }) => day >= today) ?? lessons.at(-1);

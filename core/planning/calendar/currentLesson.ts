import type { Day } from './calendar.ts';

/**
 * The lesson of today; on a day without one, the next; after the last, the last. None in an empty unit.
 * @param lessons in the order of their days
 */
export const currentLesson = <L extends { readonly day: Day }>(lessons: readonly L[], today: Day): L | undefined =>
  lessons.find(({ day }) => day >= today) ?? lessons.at(-1);

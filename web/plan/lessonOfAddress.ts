import type { Lesson } from '../../contract/index.ts';

/** The lesson an address names by its id, or undefined if that lesson is not in the unit. */
export const lessonOfAddress = (
  params: Readonly<Record<string, string | string[] | undefined>>,
  lessons: readonly Lesson[],
): Lesson | undefined => {
  const id = Number(params['lesson']);
  return lessons.find((lesson) => lesson.id === id);
};

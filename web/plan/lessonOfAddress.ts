import type { Lesson } from '../../contract/index.ts';

/** The lesson an address names by its id; none where it names none, or one that is in the unit no more. */
export const lessonOfAddress = (
  params: Readonly<Record<string, string | string[] | undefined>>,
  lessons: readonly Lesson[],
): Lesson | undefined => {
  const id = Number(params['lesson']);
  return lessons.find((lesson) => lesson.id === id);
};

import type { Lesson, Pile } from '../../contract/index.ts';
import type { usePlanWords } from '../words/usePlanWords.ts';

type Say = (key: string, values?: Record<string, unknown>) => string;

/** What a pile is called: its sheet, or what was asked in which lesson. */
export const pileTitle = (
  { kind, lessonId, title }: Pick<Pile, 'kind' | 'lessonId'> & { readonly title: string },
  lessons: readonly Lesson[],
  words: ReturnType<typeof usePlanWords>,
  t: Say,
): string => {
  const lesson = lessons.find(({ id }) => id === lessonId);
  const named = title !== '' ? title : lesson === undefined ? '' : words.title(lesson);
  return t(`check.kind.${kind}`, { title: named });
};

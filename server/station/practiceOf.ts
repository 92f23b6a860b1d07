import type { AnswerRow, Practice } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson, groupsOf, timesMet, type Day } from '../../core/planning/index.ts';
import { needsOf, type PracticeNeeds } from '../../core/practice/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { HandedSets } from './handedSets.ts';

interface Parts {
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly answers: Pick<AnswerRepository, 'countedOfChild'>;
  readonly sets: HandedSets;
  readonly now: Now;
}

/** The lesson of today with the lessons up to it; none before a unit was laid out. */
const upToNow = (all: ReturnType<LessonRepository['all']>, today: Day) => {
  const current = currentLesson(all, today);
  return current && { current, taught: all.filter(({ number }) => number <= current.number) };
};

/** The tasks of a lesson that a child can do alone: those of its quiet part, otherwise those of its round. */
export const lessonSet = (
  all: ReturnType<LessonRepository['all']>,
  today: Day,
): { readonly lessonId: number; readonly items: readonly Item[] } | undefined => {
  const found = upToNow(all, today);
  const withTasks = found?.taught.findLast(({ segments }) =>
    segments.some(({ kind, items }) => (kind === 'alone' || kind === 'show-me') && items.length > 0),
  );
  if (withTasks === undefined) return undefined;
  const part = (wanted: string): readonly Item[] =>
    withTasks.segments.find(({ kind, items }) => kind === wanted && items.length > 0)?.items ?? [];
  const alone = part('alone');
  return { lessonId: withTasks.id, items: alone.length > 0 ? alone : part('show-me') };
};

/** Has a child answered every task of a set alone since then? */
const isThrough = (items: readonly Item[], rows: readonly AnswerRow[], since: string): boolean => {
  const asked = new Set(
    rows.flatMap(({ roundId, storedAt, item }) =>
      roundId === null && storedAt >= since ? [JSON.stringify(item)] : [],
    ),
  );
  return items.every((item) => asked.has(JSON.stringify(item)));
};

/** What a child practises alone: the set handed to it, then the lesson's, then what it needs. */
export const createPracticeOf =
  ({ lessons, answers, sets, now }: Parts) =>
  (childId: number): Practice | null => {
    const today = dayOf(now());
    const all = lessons.all();
    const found = upToNow(all, today);
    if (found === undefined) return null;
    const rows = answers.countedOfChild(childId);
    const needs = toMutable(
      needsOf(
        rows,
        found.taught.flatMap(({ skills }) => skills),
        timesMet(groupsOf(found.taught)),
        today,
      ),
    );
    const handed = sets.latestFor(childId, today);
    if (handed !== undefined && (handed.items === null || !isThrough(handed.items, rows, handed.handedAt)))
      return { lessonId: handed.lessonId, key: handed.id, handed: true, set: handed.items && [...handed.items], needs };
    const own = lessonSet(all, today);
    if (own !== undefined && !isThrough(own.items, rows, startOf(today)))
      return {
        lessonId: own.lessonId,
        key: `lesson ${own.lessonId} ${today}`,
        handed: false,
        set: [...own.items],
        needs,
      };
    return { lessonId: found.current.id, key: 'needs', handed: false, set: null, needs };
  };
export type PracticeOf = ReturnType<typeof createPracticeOf>;

/** The beginning of a day on this computer's clock, ISO 8601 in UTC. */
const startOf = (day: Day): string => new Date(`${day}T00:00:00`).toISOString();

const toMutable = ({ skills, times, suspicion }: PracticeNeeds): Practice['needs'] => ({
  skills: [...skills],
  times: [...times],
  suspicion,
});

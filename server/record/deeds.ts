import type { Deed } from '../../core/diagnosis/index.ts';
import type { Day } from '../../core/planning/index.ts';
import type { GroupRepository } from '../groups/groupRepository.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { HandedSets } from '../station/handedSets.ts';
import { taughtAgain } from './taughtAgain.ts';

interface Parts {
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly groups: Pick<GroupRepository, 'maybe'>;
  readonly sets: Pick<HandedSets, 'practiceOf'>;
}

/** What was done about the needs of one child up to a day, each once a day. */
export const deedsFor = ({ lessons, groups, sets }: Parts, childId: number, until: Day): Deed[] => {
  const all = lessons.all();
  const inGroup = all.flatMap(({ id, number, kind }) => {
    if (kind !== 'check' || !groups.maybe(id)?.groups.some(({ childIds }) => childIds.includes(childId))) return [];
    // A small group meets in the lesson after its check.
    const met = all.find((lesson) => lesson.number === number + 1);
    return met === undefined || met.day > until ? [] : [met.day];
  });
  const of = (what: Deed['what'], days: readonly Day[]): Deed[] => [...new Set(days)].map((day) => ({ what, day }));
  return [
    ...of('lesson', taughtAgain(lessons, until)),
    ...of('group', inGroup),
    ...of('practice', sets.practiceOf(childId)),
  ];
};

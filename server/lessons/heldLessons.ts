import type { Lesson } from '../../contract/index.ts';
import type { Day } from '../../core/planning/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';

/** What answers say of one lesson: the last day one was given on, and whether a round of the class asked for any. */
interface Said {
  readonly lastDay: Day;
  readonly inRound: boolean;
}

/**
 * Which lessons a class has held: those it had a round in, and those a child answered in on their day or later. A tablet that practises
 * ahead, or says it does, fixes nothing. Each answer is looked at once.
 */
export const createHeldLessons = (answers: Pick<AnswerRepository, 'heldAfter' | 'removals'>) => {
  let said = new Map<number, Said>();
  let after = 0;
  let removals = answers.removals();
  return (lessons: readonly Pick<Lesson, 'id' | 'day'>[]): ReadonlySet<number> => {
    if (removals !== answers.removals()) {
      removals = answers.removals();
      said = new Map();
      after = 0;
    }
    for (const { seq, lessonId, day, inRound } of answers.heldAfter(after)) {
      const before = said.get(lessonId) ?? { lastDay: day, inRound: false };
      said.set(lessonId, {
        lastDay: day > before.lastDay ? day : before.lastDay,
        inRound: before.inRound || inRound === 1,
      });
      after = seq;
    }
    return new Set(
      lessons.flatMap(({ id, day }) => {
        const found = said.get(id);
        return found !== undefined && (found.inRound || found.lastDay >= day) ? [id] : [];
      }),
    );
  };
};

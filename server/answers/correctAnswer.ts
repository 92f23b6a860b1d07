import type { PostCorrection } from '../../contract/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import type { AnswerRepository } from './answerRepository.ts';

interface Parts {
  readonly answers: AnswerRepository;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly now: Now;
}

/** A teacher says otherwise of an answer: the answer stays in the record, and what she says counts. */
export const createCorrecting = ({ answers, children, judged, now }: Parts) => {
  /**
   * Keeps it without a look at what it changes: for whoever keeps more in one transaction, and judges the child anew once all is kept.
   * @throws HoppelError unknown-answer, unknown-child of another class, id-taken
   */
  const keep = (posted: PostCorrection): { childId: number; lessonId: number; fresh: boolean } => {
    const { id, answerId, says, why = null } = posted;
    const answer = answers.maybe(answerId);
    if (answer === undefined) throw new HoppelError('unknown-answer');
    const { childId, lessonId } = answer;
    children.one(childId);
    const before = answers.maybeCorrection(id);
    if (before !== undefined) {
      if (before.answerId !== answerId || before.says !== says || before.why !== why) throw new HoppelError('id-taken');
      return { childId, lessonId, fresh: false };
    }
    answers.correct({ ...posted, saidAt: now().toISOString() });
    return { childId, lessonId, fresh: true };
  };
  return {
    keep,
    /**
     * @returns the lesson it was answered in; not fresh where the same was sent before
     * @throws HoppelError as `keep`
     */
    correct: (posted: PostCorrection): { lessonId: number; fresh: boolean } => {
      const { childId, lessonId, fresh } = keep(posted);
      if (fresh) judged.judgeAnew(childId);
      return { lessonId, fresh };
    },
  };
};

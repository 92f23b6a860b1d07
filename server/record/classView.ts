import type { AnswerRow, ChildAnswers, ClassView } from '../../contract/index.ts';
import { findReason, oclockResults, skillsOf } from '../../core/diagnosis/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { rememberLast } from '../common/rememberLast.ts';
import { sendableReason } from './sendable.ts';

interface Parts {
  readonly answers: AnswerRepository;
  readonly children: ChildRepository;
}
type Judged = Pick<ChildAnswers, 'skills' | 'reason'>;

/** What the record says of the class and of one child. An answer makes only its own child be judged again. */
export const createClassView = ({ answers, children }: Parts) => {
  const judged = new Map<number, { readonly stamp: string; readonly made: Judged }>();
  const judge = (childId: number, own: readonly AnswerRow[]): Judged => {
    const stamp = `${own.length} ${own.at(-1)?.id ?? ''}`;
    const before = judged.get(childId);
    if (before?.stamp === stamp) return before.made;
    const reason = findReason(own);
    const made: Judged = { skills: skillsOf(own), reason: reason === undefined ? null : sendableReason(reason) };
    judged.set(childId, { stamp, made });
    return made;
  };
  const ofClass = rememberLast(
    () => JSON.stringify([answers.stamp(), children.all().map(({ id }) => id)]),
    (): ClassView => {
      const counted = answers.counted();
      const own = new Map(children.all().map(({ id }): [number, AnswerRow[]] => [id, []]));
      for (const row of counted) own.get(row.childId)?.push(row);
      return {
        children: [...own].map(([childId, rows]) => ({ childId, ...judge(childId, rows) })),
        times: oclockResults(counted),
      };
    },
  );
  return {
    ofClass,
    /** @throws HoppelError unknown-child */
    ofChild: (childId: number): ChildAnswers => {
      const child = children.one(childId);
      const own = answers.countedOfChild(child.id);
      return { child, ...judge(child.id, own), answers: [...own].reverse() };
    },
  };
};
export type ClassViewService = ReturnType<typeof createClassView>;

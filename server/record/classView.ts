import type { ChildAnswers, ClassView } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { judgeChild, oclockOf, oclockResults, skillsOf } from '../../core/diagnosis/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { rememberLast } from '../common/rememberLast.ts';
import type { JudgedAnswers } from './judgedAnswers.ts';
import { sendableReason } from './sendable.ts';

interface Parts {
  readonly answers: Pick<AnswerRepository, 'lookedAtOfChild'>;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
}
interface OfChild extends Pick<ChildAnswers, 'skills' | 'reason'> {
  readonly oclock: ReadonlyMap<DialTime, boolean>;
}

/** What the record says of the class and of one child. An answer makes only its own child be looked at again. */
export const createClassView = ({ answers, children, judged }: Parts) => {
  const known = new Map<number, { readonly version: number; readonly made: OfChild }>();
  const ofOne = (childId: number): OfChild => {
    const { answers: own, version } = judged.ofChild(childId);
    const before = known.get(childId);
    if (before?.version === version) return before.made;
    const { shares, reasons } = judgeChild(own);
    const [reason] = reasons;
    const made: OfChild = {
      skills: skillsOf(own, shares.rules),
      reason: reason === undefined ? null : sendableReason(reason),
      oclock: oclockOf(own),
    };
    known.set(childId, { version, made });
    return made;
  };
  const ofClass = rememberLast(
    () => JSON.stringify([judged.version(), children.all().map(({ id }) => id)]),
    (): ClassView => {
      const all = children.all().map(({ id }) => ({ childId: id, ...ofOne(id) }));
      return {
        children: all.map(({ childId, skills, reason }) => ({ childId, skills, reason })),
        times: oclockResults(all.map(({ oclock }) => oclock)),
      };
    },
  );
  return {
    ofClass,
    /** Looks at a child at each step. */
    *warm(): Generator<void> {
      for (const { id } of children.all()) yield void ofOne(id);
    },
    /** @throws HoppelError unknown-child */
    ofChild: (childId: number): ChildAnswers => {
      const child = children.one(childId);
      const { skills, reason } = ofOne(child.id);
      return { child, skills, reason, answers: answers.lookedAtOfChild(child.id).reverse() };
    },
  };
};
export type ClassViewService = ReturnType<typeof createClassView>;

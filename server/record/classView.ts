import { Reason, type ChildAnswers, type ChildReason, type ClassView } from '../../contract/index.ts';
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
interface OfChild extends Pick<ChildAnswers, 'skills' | 'reasons'> {
  readonly oclock: ReadonlyMap<DialTime, boolean>;
}

/** As the class is told: which answers it were belongs to the child's own page. */
const withoutIds = (one: ChildReason): Reason => Reason.strip().parse(one);

/** What the record says of the class and of one child. An answer makes only its own child be looked at again. */
export const createClassView = ({ answers, children, judged }: Parts) => {
  const known = new Map<number, { readonly version: string; readonly made: OfChild }>();
  const ofOne = (childId: number): OfChild => {
    const { answers: own, version: ofAnswers } = judged.ofChild(childId);
    const homeLanguage = children.homeLanguageOf(childId);
    const version = `${ofAnswers} ${homeLanguage}`;
    const before = known.get(childId);
    if (before?.version === version) return before.made;
    const { shares, reasons } = judgeChild(own, { homeLanguage });
    const idsOf = (places: readonly number[]): string[] => places.map((place) => own[place]!.id);
    const made: OfChild = {
      skills: skillsOf(own, shares.rules),
      reasons: reasons.map((reason) => ({
        ...sendableReason(reason),
        forIds: idsOf(reason.for),
        againstIds: idsOf(reason.against),
      })),
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
        children: all.map(({ childId, skills, reasons: [first] }) => ({
          childId,
          skills,
          reason: first === undefined ? null : withoutIds(first),
        })),
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
      const { skills, reasons } = ofOne(child.id);
      return { child, skills, reasons, answers: answers.lookedAtOfChild(child.id).reverse() };
    },
  };
};
export type ClassViewService = ReturnType<typeof createClassView>;

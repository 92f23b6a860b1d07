import { Reason, type ChildAnswers, type ChildReason, type ClassView } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import {
  askable,
  beliefOf,
  judgeChild,
  oclockOf,
  oclockResults,
  skillsOf,
  tellingTasks,
} from '../../core/diagnosis/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson, groupsOf, lessonsMet, timesMet } from '../../core/planning/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { rememberLast } from '../common/rememberLast.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { JudgedAnswers } from './judgedAnswers.ts';
import { sendableReason } from './sendable.ts';
import { taughtAgain } from './taughtAgain.ts';

interface Parts {
  readonly answers: Pick<AnswerRepository, 'lookedAtOfChild'>;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly now: Now;
}
interface OfChild extends Pick<ChildAnswers, 'skills' | 'reasons'> {
  readonly oclock: ReadonlyMap<DialTime, boolean>;
}

/** As the class is told: which answers it were belongs to the child's own page. */
const withoutIds = (one: ChildReason): Reason => Reason.strip().parse(one);

/** What the record says of the class and of one child. An answer makes only its own child be looked at again. */
export const createClassView = ({ answers, children, judged, lessons, now }: Parts) => {
  const again = (): string[] => taughtAgain(lessons, dayOf(now()));
  const toAsk = (): Item[] => {
    const all = lessons.all();
    const current = currentLesson(all, dayOf(now()));
    if (current === undefined) return [];
    const met = lessonsMet(all, current.number);
    return askable(
      timesMet(groupsOf(met)),
      met.flatMap(({ skills }) => skills),
    );
  };
  const known = new Map<number, { readonly version: string; readonly made: OfChild }>();
  const ofOne = (childId: number, lessonsAgain = again()): OfChild => {
    const { answers: own, version: ofAnswers } = judged.ofChild(childId);
    const homeLanguage = children.homeLanguageOf(childId);
    const version = `${ofAnswers} ${homeLanguage} ${lessonsAgain.join()}`;
    const before = known.get(childId);
    if (before?.version === version) return before.made;
    const { shares, reasons } = judgeChild(own, { homeLanguage, lessons: lessonsAgain });
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
    () =>
      JSON.stringify([judged.version(), children.all().map(({ id }) => [id, children.homeLanguageOf(id)]), again()]),
    (): ClassView => {
      const lessonsAgain = again();
      const all = children.all().map(({ id }) => ({ childId: id, ...ofOne(id, lessonsAgain) }));
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
      const { answers: own } = judged.ofChild(child.id);
      // Who has only been right has nothing to be told.
      const hasMissed = own.some(({ verdict }) => verdict === 'wrong');
      const next = hasMissed ? tellingTasks(beliefOf(own, again()), toAsk()) : [];
      return {
        child,
        skills,
        reasons,
        next: next.map(({ item }) => item),
        answers: answers.lookedAtOfChild(child.id).reverse(),
      };
    },
  };
};
export type ClassViewService = ReturnType<typeof createClassView>;

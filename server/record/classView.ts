import type {
  ChildAnswers,
  ChildHistory,
  ChildReason,
  ClassChild,
  ClassView,
  LikelyStates,
  SkillView,
} from '../../contract/index.ts';
import { ANSWERS_AT_ONCE, AnswersWished, Reason } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { NAMING, historyOf, tellingTasks, timeResults, totalsOf, triedOf } from '../../core/diagnosis/index.ts';
import { FINDING_STATES, likelyOf } from '../../core/sets/finding/index.ts';
import { familyWords } from '../../core/sheets/index.ts';
import { SKILLS, type Skill } from '../../core/skills/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { rememberLast } from '../common/rememberLast.ts';
import { dayOf, type Now } from '../clock.ts';
import type { GroupRepository } from '../groups/groupRepository.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { NoteRepository } from '../notes/noteRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { HandedSets } from '../station/handedSets.ts';
import { createChildView, type OfChild } from './childView.ts';
import { deedsFor } from './deeds.ts';
import type { JudgedAnswers } from './judgedAnswers.ts';
import { sendableReason } from './sendable.ts';
import { skillView } from './skillView.ts';
import { taughtAgain } from './taughtAgain.ts';
import { wishedAnswers } from './wishedAnswers.ts';

interface Parts {
  readonly answers: Pick<AnswerRepository, 'latestOfChild' | 'someOfChild'>;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly groups: Pick<GroupRepository, 'maybe'>;
  readonly sets: Pick<HandedSets, 'practiceOf'>;
  readonly notes: Pick<NoteRepository, 'ofChild'>;
  readonly settings: SettingsRepository;
  readonly now: Now;
}

/** As the class is told: which answers it were belongs to the child's own page. */
const inClass = (childId: number, { reasons: [first], ...rest }: OfChild, met: readonly DialTime[]): ClassChild => ({
  childId,
  skills: rest.skills,
  again: [...rest.again],
  reason: first === undefined ? null : Reason.parse(sendableReason(first, met)),
  noPattern: first === undefined && rest.missed >= NAMING.fitting,
  next: rest.next ?? null,
  last: rest.last,
  failed: rest.failed,
});

/** What the record says of the class, of one skill in it and of one child. */
export const createClassView = (parts: Parts) => {
  const { answers, children, judged, lessons, notes, settings, now } = parts;
  const childView = createChildView(parts);
  const version = (): string =>
    JSON.stringify([
      judged.version(),
      children.all().map(({ id }) => [id, children.homeLanguageOf(id)]),
      childView.version(),
    ]);
  const ofClass = rememberLast(version, (): ClassView => {
    const all = childView.ofSome(children.all().map(({ id }) => id));
    const met = childView.timesMet();
    return {
      children: all.map(({ childId, made }) => inClass(childId, made, met)),
      times: timeResults(all.map(({ made }) => made.times)),
    };
  });
  const ofSkills = rememberLast(
    () => JSON.stringify([version(), settings.one()]),
    () => new Map<Skill, SkillView>(),
  );
  return {
    ofClass,
    /** @throws HoppelError unknown-child */
    likely: (childIds: readonly number[] = children.all().map(({ id }) => id)): LikelyStates => {
      const all = childView.ofSome(childIds.map((id) => children.one(id).id));
      const likely = likelyOf(all.map(({ made }) => made.shares));
      return {
        states: Object.fromEntries(FINDING_STATES.map((state, i) => [state, likely[i]!])) as LikelyStates['states'],
      };
    },
    ofSkill: (skill: Skill): SkillView => {
      const known = ofSkills();
      const made =
        known.get(skill) ??
        skillView(
          skill,
          childView.ofSome(children.all().map(({ id }) => id)).map(({ childId, made: { shares, failed } }) => {
            const all = failed ? [] : judged.ofChild(childId).answers;
            return { childId, answers: all.filter((answer) => answer.skill === skill), all, rules: shares.rules };
          }),
          { lessons: lessons.all(), again: taughtAgain(lessons, dayOf(now())), conventions: settings.one() },
        );
      known.set(skill, made);
      return made;
    },
    /** @throws HoppelError unknown-child */
    historyOf: (childId: number): ChildHistory => {
      const { id } = children.one(childId);
      const own = childView.of(id).failed ? [] : judged.ofChild(id).answers;
      return { days: [...historyOf(own, SKILLS, taughtAgain(lessons, dayOf(now())))] };
    },
    /** @throws HoppelError unknown-child */
    ofChild: (childId: number, wished: AnswersWished = AnswersWished.parse({})): ChildAnswers => {
      const child = children.one(childId);
      const { skills, again, reasons, belief, missed, waiting, failed } = childView.of(child.id);
      const { answers: own } = judged.ofChild(child.id);
      const idsOf = (places: readonly number[]): string[] =>
        places.slice(-ANSWERS_AT_ONCE).map((place) => own[place]!.id);
      const met = childView.timesMet();
      const deeds = deedsFor(parts, child.id, dayOf(now()));
      // Who has only been right has nothing to be told.
      const next =
        missed > 0 ? tellingTasks(belief, childView.toAsk(), undefined, { waiting, asked: totalsOf(own).tasks }) : [];
      return {
        child,
        skills,
        again: [...again],
        reasons: reasons.map((reason): ChildReason => ({
          ...sendableReason(reason, met),
          forIds: idsOf(reason.for),
          againstIds: idsOf(reason.against),
          tried: triedOf(reason, own, deeds),
        })),
        next: next.map(({ item }) => item),
        failed,
        home: familyWords({ skills, taught: childView.taught() }).home,
        ...wishedAnswers(answers, child.id, wished),
        notes: notes.ofChild(child.id),
      };
    },
  };
};
export type ClassViewService = ReturnType<typeof createClassView>;

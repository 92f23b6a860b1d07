import type { DialTime } from '../../core/clock/index.ts';
import {
  askable,
  begun,
  isFading,
  judgeChild,
  sharesOf,
  skillsOf,
  tellingTasks,
  timesOf,
  totalsOf,
  type Belief,
  type Judged,
  type JudgedAnswer,
  type Mastery,
  type Reason,
  type Shares,
} from '../../core/diagnosis/index.ts';
import { isInvisible, type WrongRule } from '../../core/misconceptions/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson, groupsOf, lessonsMet, timesMet } from '../../core/planning/index.ts';
import { SKILLS, type Skill } from '../../core/skills/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { safely } from '../common/safely.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { JudgedAnswers } from './judgedAnswers.ts';
import { taughtAgain } from './taughtAgain.ts';

/** What is thought of one child. */
export interface OfChild {
  readonly skills: Partial<Record<Skill, Mastery>>;
  /** Skills that were secure and are to be looked at again. */
  readonly again: readonly Skill[];
  readonly belief: Belief;
  readonly shares: Shares;
  /** The surest first. */
  readonly reasons: readonly Reason[];
  /** Wrong answers that count. */
  readonly missed: number;
  /** A rule that waits to be seen once more. */
  readonly waiting: WrongRule | undefined;
  /** The task to ask it next; none where nothing was taught yet. */
  readonly next: Item | undefined;
  /** Of clocks that were to be read or set: was the latest answer right? */
  readonly times: ReadonlyMap<DialTime, boolean>;
  /** School day of the latest answer; empty where there is none. */
  readonly last: string;
  /** Could its answers not be judged? */
  readonly failed: boolean;
}
/** Of a child nothing can be said of. */
const nothing = (failed: boolean): OfChild => ({
  skills: {},
  again: [],
  belief: begun(),
  shares: sharesOf(begun()),
  reasons: [],
  missed: 0,
  waiting: undefined,
  next: undefined,
  times: new Map(),
  last: '',
  failed,
});

/** The task that would tell most about a child; where nothing tells any more, one in which its need would show, if it is still there. */
const nextTask = (
  { belief, reasons: [first], waiting }: Pick<Judged, 'belief' | 'reasons' | 'waiting'>,
  tasks: readonly Item[],
  own: readonly JudgedAnswer[],
): Item | undefined =>
  tellingTasks(belief, tasks, 1, { waiting, asked: totalsOf(own).tasks })[0]?.item ??
  tasks.find((item) => first?.rule === undefined || !isInvisible(first.rule, item)) ??
  tasks[0];

interface Parts {
  readonly children: Pick<ChildRepository, 'homeLanguageOf'>;
  readonly judged: Pick<JudgedAnswers, 'ofChild'>;
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly settings: Pick<SettingsRepository, 'changes'>;
  readonly now: Now;
}

/** Judges children, each once until something of it changes. One that cannot be judged leaves the others standing. */
export const createChildView = ({ children, judged, lessons, settings, now }: Parts) => {
  /** Lessons the class has met. */
  const met = () => {
    const all = lessons.all();
    const current = currentLesson(all, dayOf(now()));
    return current === undefined ? [] : lessonsMet(all, current.number);
  };
  const taught = (): Skill[] => met().flatMap(({ skills }) => skills);
  const times = (): DialTime[] => [...timesMet(groupsOf(met()))];
  const toAsk = (): Item[] => askable(times(), taught());
  /** What else than a child's own changes what is thought of it. */
  const around = () => {
    const today = dayOf(now());
    const tasks = toAsk();
    const changes = settings.changes();
    const key = JSON.stringify([today, tasks, changes]);
    return { today, tasks, changes, again: taughtAgain(lessons, today), key };
  };
  const known = new Map<number, { readonly version: string; readonly made: OfChild }>();
  const look = (childId: number, { today, tasks, again, changes }: ReturnType<typeof around>): OfChild => {
    const { answers: own } = judged.ofChild(childId);
    const { belief, shares, reasons, waiting } = judgeChild(own, {
      homeLanguage: children.homeLanguageOf(childId),
      lessons: again,
      changes,
    });
    const skills = skillsOf(own, shares.rules);
    const { missed, last } = totalsOf(own);
    return {
      skills,
      again: SKILLS.filter((skill) => skills[skill] !== undefined && isFading(skills[skill], today)),
      belief,
      shares,
      reasons,
      missed,
      waiting,
      next: nextTask({ belief, reasons, waiting }, tasks, own),
      times: timesOf(own),
      last,
      failed: false,
    };
  };
  /** Said where the server runs; on the page the child stands with nothing said of it. */
  const lookSafely = safely('a child that cannot be judged', look);
  const ofOne = (childId: number, at: ReturnType<typeof around>): OfChild => {
    const version = `${judged.ofChild(childId).version} ${children.homeLanguageOf(childId)} ${at.again.join()} ${at.key}`;
    const before = known.get(childId);
    if (before?.version === version) return before.made;
    const made = lookSafely(childId, at) ?? nothing(true);
    known.set(childId, { version, made });
    return made;
  };
  return {
    /** @throws HoppelError unknown-child */
    of: (childId: number): OfChild => ofOne(childId, around()),
    ofSome: (childIds: readonly number[]): { readonly childId: number; readonly made: OfChild }[] => {
      const at = around();
      return childIds.map((childId) => ({ childId, made: ofOne(childId, at) }));
    },
    toAsk,
    /** Skills the class has been taught. */
    taught,
    /** Times the class has met. */
    timesMet: times,
    /** Another whenever something else than a child's own changes. */
    version: (): string => {
      const { again, key } = around();
      return `${again.join()} ${key}`;
    },
  };
};

import type { Lesson, Practice, Session as SentSession } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson, groupsOf, lessonsMet, timesMet, type Day } from '../../core/planning/index.ts';
import {
  makePool,
  needsOf,
  prepareByNeed,
  prepareSet,
  quietSession,
  type Asked,
  type PracticeNeeds,
  type Prospect,
  type Session,
} from '../../core/practice/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import { taughtAgain } from '../record/taughtAgain.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import type { HandedSets } from './handedSets.ts';

interface Parts {
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly answers: Pick<AnswerRepository, 'doneAloneSince'>;
  readonly judged: Pick<JudgedAnswers, 'ofChild'>;
  readonly sets: HandedSets;
  readonly now: Now;
}
type Lessons = readonly Lesson[];

/** The lesson of today with the lessons up to it; none before a unit was laid out. */
const upToNow = (all: Lessons, today: Day) => {
  const current = currentLesson(all, today);
  return current && { current, taught: lessonsMet(all, current.number) };
};

/** The tasks of a lesson that a child can do alone: those of its quiet part, otherwise those of its round. */
export const lessonSet = (
  all: Lessons,
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

/** The beginning of a day on this computer's clock, ISO 8601 in UTC. */
const startOf = (day: Day): string => new Date(`${day}T00:00:00`).toISOString();

/** All that a child's practice goes by. */
interface Known {
  readonly today: Day;
  readonly all: Lessons;
  readonly lesson: NonNullable<ReturnType<typeof upToNow>>;
  /** Answers given so far that count. */
  readonly given: number;
  readonly needs: PracticeNeeds;
}
interface Due extends Pick<Practice, 'lessonId' | 'key' | 'handed' | 'quiet'> {
  readonly set: readonly Item[] | null;
}
const byNeedKey = (today: Day): string => `needs ${today}`;

/** Pools of tasks that children's sessions are chosen from: so many that neighbours seldom have the same ones. */
const POOLS = 16;

/** What children practise alone, made ready so that a tablet can go on with it and learns nothing of why. */
export const createPractice = ({ lessons, answers, judged, sets, now }: Parts) => {
  /** Pools go by what was taught: made once for all children, each when it is first needed. */
  let pooled: { readonly key: string; readonly pools: Map<number, readonly Prospect[]> } | undefined;
  const poolOf = ({ skills, times }: PracticeNeeds, number: number): readonly Prospect[] => {
    const taught = { skills, times };
    const key = JSON.stringify([skills.map(({ skill }) => skill), times]);
    if (pooled?.key !== key) pooled = { key, pools: new Map() };
    const place = number % POOLS;
    const found = pooled.pools.get(place) ?? makePool(taught, seededRng(seedFromText(`${key} ${place}`)));
    pooled.pools.set(place, found);
    return found;
  };
  const found = (childId: number): Known | undefined => {
    const today = dayOf(now());
    const all = lessons.all();
    const lesson = upToNow(all, today);
    if (lesson === undefined) return undefined;
    const own = judged.ofChild(childId).answers;
    const skills = lesson.taught.flatMap((one) => one.skills);
    const needs = needsOf(own, skills, timesMet(groupsOf(lesson.taught)), today, taughtAgain(lessons, today));
    return { today, all, lesson, given: own.length, needs };
  };
  /** The pool of a child's first session with so many answers given, and of the one after it. */
  const poolAfter = (needs: PracticeNeeds, childId: number, given: number, session: number): readonly Prospect[] =>
    poolOf(needs, childId * 5 + given + session * 7);

  /** Tasks of a set that a child has not answered alone since then. */
  const stillToDo = (childId: number, items: readonly Item[], since: string): Item[] => {
    const asked = new Set(answers.doneAloneSince(childId, since));
    return items.filter((item) => !asked.has(JSON.stringify(item)));
  };
  const isThrough = (childId: number, items: readonly Item[], since: string): boolean =>
    stillToDo(childId, items, since).length === 0;

  /** The set that is to be done, or none where a child goes by what it needs. */
  const due = (childId: number, { today, all, lesson }: Known): Due => {
    const handed = sets.latestFor(childId, today);
    if (handed !== undefined && (handed.items === null || !isThrough(childId, handed.items, handed.handedAt)))
      return {
        lessonId: handed.lessonId,
        key: handed.id,
        handed: true,
        quiet: handed.what === 'ticket',
        // A child that changes its tablet goes on where it was: what it handed in is not asked again.
        set:
          handed.what === 'ticket' && handed.items !== null
            ? stillToDo(childId, handed.items, handed.handedAt)
            : handed.items,
      };
    const own = lessonSet(all, today);
    if (own !== undefined && !isThrough(childId, own.items, startOf(today)))
      return {
        lessonId: own.lessonId,
        key: `lesson ${own.lessonId} ${today}`,
        handed: false,
        quiet: false,
        set: own.items,
      };
    return { lessonId: lesson.current.id, key: byNeedKey(today), handed: false, quiet: false, set: null };
  };

  return {
    /** The set handed to a child, then the lesson's, then what it needs; null before a unit was laid out. */
    of: (childId: number): Practice | null => {
      const known = found(childId);
      if (known === undefined) return null;
      const { today, given, needs } = known;
      const [pool, poolAfterwards] = [0, 1].map((session) => poolAfter(needs, childId, given, session));
      const { set, ...about } = due(childId, known);
      const session =
        set === null ? prepareByNeed(needs, pool!) : about.quiet ? quietSession(set) : prepareSet(set, needs, pool!);
      return {
        ...about,
        follows: set === null,
        session: toMutable(session),
        next: { key: byNeedKey(today), session: toMutable(prepareByNeed(needs, poolAfterwards!)) },
      };
    },
    /** The rest of a session that goes by need, after what was asked in it so far. */
    rest: (childId: number, asked: readonly Asked[]): SentSession => {
      const known = found(childId);
      if (known === undefined) return { tasks: [], steps: [], fewest: 0 };
      const { needs, given } = known;
      return toMutable(prepareByNeed(needs, poolAfter(needs, childId, given - asked.length, 0), asked));
    },
  };
};
export type PracticeService = ReturnType<typeof createPractice>;

const toMutable = ({ tasks, steps, fewest }: Session): SentSession => ({
  tasks: [...tasks],
  steps: steps.map((step) => ({ ...step })),
  fewest,
});

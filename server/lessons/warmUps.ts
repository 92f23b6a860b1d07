import type { Desk, Lesson } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import { lessonsMet, practisedIn, warmUpNow, type CameBack } from '../../core/planning/index.ts';
import { recallOfTallies, tallyOf } from '../../core/recall/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { rememberLast } from '../common/rememberLast.ts';
import type { Planner } from '../plan/planner.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import type { LessonRepository } from './lessonRepository.ts';

interface Parts {
  /** @throws HoppelError no-class */
  readonly row: () => ClassRow;
  readonly lessons: Pick<LessonRepository, 'all'>;
  readonly children: Pick<ChildRepository, 'all'>;
  readonly judged: JudgedAnswers;
  readonly planner: Pick<Planner, 'maybeState'>;
  readonly now: Now;
}
type WarmUp = NonNullable<Desk['warmUp']>;

const sendable = (times: readonly CameBack[]): WarmUp['times'] =>
  times.map(({ time, last }) => ({
    time,
    last: last === undefined ? null : { day: last.day, asked: last.asked, missed: last.missed },
  }));

/** What the warm-ups of a class bring back, by what its children have answered and its lessons have had in them. */
export const createWarmUps = ({ row, lessons, children, judged, planner, now }: Parts) => {
  const known = rememberLast(
    () =>
      JSON.stringify([
        judged.version(),
        children.all().length,
        planner.maybeState()?.version,
        row().thresholds,
        dayOf(now()),
      ]),
    () => new Map<number, WarmUp | null>(),
  );
  const of = (lesson: Lesson): WarmUp | null => {
    // What was said on a day that is past stays as it was.
    if (lesson.day < dayOf(now())) return null;
    const before = lessonsMet(lessons.all(), lesson.number - 1);
    const { goOn, withGroup } = row().thresholds;
    const recall = recallOfTallies(
      children.all().map(({ id }) => tallyOf(judged.ofChild(id).answers)),
      practisedIn(before),
      lesson.day,
      { good: goOn / 100, hard: withGroup / 100 },
    );
    const found = warmUpNow(lesson, before, recall, seededRng(seedFromText(`warm-up ${lesson.id} ${lesson.day}`)));
    if (found === undefined) return null;
    const { at, times, instead } = found;
    return { at, times: sendable(times), instead: instead === undefined ? null : sendable(instead) };
  };
  return {
    /** Null where a lesson has no times to read in its warm-up, or its day is past. */
    of: (lesson: Lesson): WarmUp | null => {
      const all = known();
      const found = all.get(lesson.id) ?? of(lesson);
      all.set(lesson.id, found);
      return found;
    },
  };
};
export type WarmUps = ReturnType<typeof createWarmUps>;

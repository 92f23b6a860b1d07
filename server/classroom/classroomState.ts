import type { Classroom, Lesson, SmallGroup } from '../../contract/index.ts';
import { groupsTaught, isFixed, offeredMoments } from '../../core/planning/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { DayRepository } from '../day/dayRepository.ts';
import type { Grouping } from '../groups/grouping.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { Planner } from '../plan/planner.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';

interface Parts {
  readonly classes: Pick<ClassRepository, 'all' | 'maybe'>;
  readonly classId: number;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly settings: SettingsRepository;
  readonly planner: Planner;
  readonly grouping: Pick<Grouping, 'keptOf' | 'present'>;
  readonly day: DayRepository;
  readonly now: Now;
}

/** Thresholds and chime of a data file without a class; nothing goes by them. */
const NO_CLASS = { thresholds: { goOn: 80, withGroup: 50 }, chime: 0 };

/** All that every teacher's screen needs of a class, as of now. */
export const createClassroomState = ({
  classes,
  classId,
  children,
  lessons,
  settings,
  planner,
  grouping,
  day,
  now,
}: Parts) => {
  /** Groups of the last check that was decided on, or that groups were made of, without who is away; none where the class goes on or is taught again. */
  const groupsNow = (unit: readonly Lesson[], today: string): SmallGroup[] => {
    for (const { id } of unit.filter(({ kind, day: on }) => kind === 'check' && on <= today).reverse()) {
      const decided = lessons.maybeDecision(id);
      const kept = grouping.keptOf(id);
      if (decided === undefined && kept === undefined) continue;
      if (kept === undefined || (decided !== undefined && decided !== 'go-on-with-group')) return [];
      return grouping.present(kept);
    }
    return [];
  };
  return (): Classroom => {
    const listed = children.listed(dayOf(now()));
    const found = classes.maybe(classId);
    const today = dayOf(now());
    const unit = lessons.all();
    const taught = lessons.taught();
    const routine = day.routine();
    /** Half past is announced once the class has met it. */
    const halfPast = groupsTaught(
      unit.filter(({ day: on, outcome }) => on <= today && outcome !== 'left-out').flatMap(({ skills }) => skills),
    ).includes('half-past');
    return {
      today,
      demo: found?.demo ?? false,
      classes: classes.all(),
      class: found === undefined ? null : { id: found.id, name: found.name, numberTime: found.numberTime },
      settings: settings.one(),
      thresholds: found?.thresholds ?? NO_CLASS.thresholds,
      children: listed,
      movedAway: children.movedAway(),
      plan: planner.maybeState() ?? null,
      lessons: unit,
      taught: [...taught],
      fixed: unit.filter((lesson) => isFixed(lesson, today, taught)).map(({ id }) => id),
      groups: groupsNow(unit, today),
      day: {
        routine,
        moments: day.maybeChosen(today) ?? offeredMoments(routine, today, halfPast).map(({ id }) => id),
        chime: found?.chime ?? NO_CLASS.chime,
      },
    };
  };
};
export type ClassroomState = ReturnType<typeof createClassroomState>;

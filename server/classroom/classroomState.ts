import type { Classroom, Lesson, ListedChild, SmallGroup } from '../../contract/index.ts';
import { groupsTaught, isFixed, offeredMoments } from '../../core/planning/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { DayRepository } from '../day/dayRepository.ts';
import type { GroupRepository } from '../groups/groupRepository.ts';
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
  readonly groups: GroupRepository;
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
  groups,
  day,
  now,
}: Parts) => {
  /** The small group of the last check that was decided on, as long as that is the decision; who moved away is not in it. */
  const groupNow = (unit: readonly Lesson[], listed: readonly ListedChild[], today: string): SmallGroup | null => {
    const checks = unit.filter(({ kind, day: on }) => kind === 'check' && on <= today).reverse();
    const check = checks.find(({ id }) => lessons.maybeDecision(id) !== undefined);
    if (check === undefined || lessons.maybeDecision(check.id) !== 'go-on-with-group') return null;
    const group = groups.maybe(check.id);
    const childIds = group?.childIds.filter((childId) => listed.some(({ id }) => id === childId)) ?? [];
    return group === undefined || childIds.length === 0 ? null : { ...group, childIds };
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
      group: groupNow(unit, listed, today),
      day: {
        routine,
        moments: day.maybeChosen(today) ?? offeredMoments(routine, today, halfPast).map(({ id }) => id),
        chime: found?.chime ?? NO_CLASS.chime,
      },
    };
  };
};
export type ClassroomState = ReturnType<typeof createClassroomState>;

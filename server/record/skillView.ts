import type { Lesson, SkillView } from '../../contract/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import {
  historyOf,
  timeResults,
  timesOf,
  wrongAnswers,
  type JudgedAnswer,
  type Level,
  type OneOfMany,
} from '../../core/diagnosis/index.ts';
import { describeAnswer, describeItem } from '../../core/reporting/index.ts';
import type { Skill } from '../../core/skills/index.ts';

interface OfOne extends OneOfMany {
  /** To this skill. */
  readonly answers: readonly JudgedAnswer[];
  /** To every skill. */
  readonly all: readonly JudgedAnswer[];
}

/** Children at each level at the end of each day on which somebody answered: who did not stays where it was. */
const levelsByDay = (
  skill: Skill,
  children: readonly OfOne[],
  lessons: readonly Pick<Lesson, 'number' | 'day'>[],
  again: readonly string[],
): SkillView['history'] => {
  const histories = children.map(({ all }) =>
    historyOf(all, [skill], again).map(({ day, skills }) => ({ day, level: skills[skill]!.level })),
  );
  const days = [...new Set(histories.flatMap((history) => history.map(({ day }) => day)))].sort();
  return days.map((day) => {
    const levels = histories.map((history) => history.findLast((one) => one.day <= day)?.level);
    const count = (level: Level): number => levels.filter((one) => one === level).length;
    return {
      day,
      secure: count('secure'),
      gettingThere: count('getting-there'),
      beginning: count('beginning'),
      lessons: lessons.filter((lesson) => lesson.day === day).map(({ number }) => number),
    };
  });
};

/** One skill in the class. @param children in class order */
export const skillView = (
  skill: Skill,
  children: readonly OfOne[],
  {
    lessons,
    again,
    conventions,
  }: {
    readonly lessons: readonly Pick<Lesson, 'number' | 'day'>[];
    readonly again: readonly string[];
    readonly conventions: Conventions;
  },
): SkillView => ({
  skill,
  times: timeResults(children.map(({ answers }) => timesOf(answers))),
  wrong: wrongAnswers(
    children,
    ({ item, read }) => `${describeItem(item, conventions)}\n${describeAnswer(item, read, conventions)}`,
  ).map(({ shown, count, childIds, rule }) => ({ ...shown, count, childIds: [...childIds], rule: rule ?? null })),
  history: levelsByDay(skill, children, lessons, again),
});

import type { Skill } from '../skills/index.ts';
import { sharesOf } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import type { Mastery } from './mastery.ts';
import { beliefsByDay } from './over.ts';
import { skillsOf } from './skillsOf.ts';

/** How far one child had come at the end of a day it answered. */
export interface DayOfChild {
  readonly day: string;
  readonly skills: Partial<Record<Skill, Mastery>>;
}

/**
 * How far one child had come at the end of each day it answered, oldest first.
 * @param answers of that child alone, oldest first @param skills those that are looked at
 * @param lessons days of lessons about reasons that were taught (YYYY-MM-DD)
 */
export const historyOf = (
  answers: readonly JudgedAnswer[],
  skills: readonly Skill[],
  lessons: readonly string[] = [],
): DayOfChild[] => {
  const asked = answers.filter(({ skill }) => skills.includes(skill));
  const beliefs = [...beliefsByDay(answers, lessons)];
  return [...new Set(asked.map(({ day }) => day))].sort().map((day) => {
    const belief = beliefs.findLast((one) => one.day <= day)?.belief;
    return { day, skills: skillsOf(asked, belief && sharesOf(belief).rules, day) };
  });
};

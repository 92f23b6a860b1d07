import { createGrowing } from '../common/index.ts';
import type { Skill } from '../skills/index.ts';
import { sharesOf } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import type { Mastery } from './mastery.ts';
import { beliefsByDay, type Evening } from './over.ts';
import { skillsOf } from './skillsOf.ts';

/** How far one child had come at the end of a day it answered. */
export interface DayOfChild {
  readonly day: string;
  readonly skills: Partial<Record<Skill, Mastery>>;
}

/** The days worked out so far, oldest first. */
interface Past {
  /** Skills asked on each day. */
  readonly asked: Map<string, Set<Skill>>;
  readonly days: DayOfChild[];
  /** What was believed on the evening before the last of them; one alone is kept, for each takes the memory of a year of days. */
  evening: Evening | undefined;
  /** Days of the lessons they were worked out with, with commas. */
  lessons: string;
}
/** Drops what was worked out from a day on, so that it is worked out again. */
const forget = (past: Past, from: string): void => {
  while (past.days.length > 0 && past.days.at(-1)!.day >= from) past.days.pop();
  if (past.evening !== undefined && past.evening.day >= from) past.evening = undefined;
};

const pastOf = createGrowing<JudgedAnswer, Past>(
  () => ({ asked: new Map(), days: [], evening: undefined, lessons: '' }),
  (past, { day, skill }) => {
    const asked = past.asked.get(day);
    if (asked === undefined) past.asked.set(day, new Set([skill]));
    else asked.add(skill);
    forget(past, day);
  },
);
/** Works out the days that are still missing. */
const goOn = (past: Past, answers: readonly JudgedAnswer[], lessons: readonly string[]): void => {
  const last = past.days.at(-1)?.day ?? '';
  const ahead = [...past.asked.keys()].filter((day) => day > last).sort();
  if (ahead.length === 0) return;
  const today = ahead.at(-1)!;
  const evenings = beliefsByDay(answers, lessons, past.evening);
  let next = evenings.next();
  let evening = past.evening;
  for (const day of ahead) {
    for (; next.done !== true && next.value.day <= day; next = evenings.next()) {
      evening = next.value;
      // The last day goes on as long as there are answers: the evening before it is where to go on from.
      if (evening.day < today) past.evening = evening;
    }
    past.days.push({ day, skills: skillsOf(answers, evening && sharesOf(evening.belief).rules, day) });
  }
};

/**
 * How far one child had come at the end of each day it answered, oldest first. A day is worked out once, and again only
 * when an answer is added to it or to a day before it.
 * @param answers of that child alone, oldest first @param skills those that are looked at
 * @param lessons days of lessons about reasons that were taught (YYYY-MM-DD)
 */
export const historyOf = (
  answers: readonly JudgedAnswer[],
  skills: readonly Skill[],
  lessons: readonly string[] = [],
): DayOfChild[] => {
  const past = pastOf(answers);
  if (past.lessons !== lessons.join()) {
    forget(past, '');
    past.lessons = lessons.join();
  }
  goOn(past, answers, lessons);
  const seen = past.days.filter(({ day }) => skills.some((skill) => past.asked.get(day)!.has(skill)));
  return seen.map(({ day, skills: all }) => ({
    day,
    skills: Object.fromEntries(skills.flatMap((skill) => (all[skill] === undefined ? [] : [[skill, all[skill]]]))),
  }));
};

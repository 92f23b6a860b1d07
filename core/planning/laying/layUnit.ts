import { seedFromText, seededRng } from '../../common/index.ts';
import { teachingDays } from '../calendar/calendar.ts';
import type { UnitChoices } from './choices.ts';
import { ladderOf } from './ladder.ts';
import { HAND_LESSONS, type LessonTemplate } from './templates.ts';
import { layLesson } from './layLesson.ts';
import type { PlannedLesson } from './segment.ts';

const HAND_KEYS = Object.values(HAND_LESSONS).map(({ key }) => key);

/** The lessons of a ladder that were not given yet; all of them again once all were given. */
const lessonsLeft = (choices: UnitChoices, taught: readonly PlannedLesson[]): LessonTemplate[] => {
  const ladder = ladderOf(choices);
  const given = new Set(taught.map(({ key }) => key));
  // Either lesson on the hour hand alone stands for the other.
  if (HAND_KEYS.some((key) => given.has(key))) HAND_KEYS.forEach((key) => given.add(key));
  const left = ladder.filter(({ key }) => !given.has(key));
  return left.length > 0 ? left : ladder;
};

/**
 * Lays out a whole unit: one lesson a teaching day from the first day on, each with its minutes and exact times. The same
 * choices give the same unit.
 * @param taught lessons given before: they are not laid out again, and their times should not come back too soon
 * @throws RangeError when the calendar has too few teaching days
 */
export const layUnit = (choices: UnitChoices, taught: readonly PlannedLesson[] = []): PlannedLesson[] => {
  const ladder = lessonsLeft(choices, taught);
  const days = teachingDays(choices, choices.firstDay, ladder.length);
  return ladder.reduce<PlannedLesson[]>((before, template, i) => {
    const rng = seededRng(seedFromText(`${choices.seed} ${i} ${template.key}`));
    const day = days[i]!;
    return [...before, { ...layLesson(template, { rng, choices, day, before: [...taught, ...before] }), day }];
  }, []);
};

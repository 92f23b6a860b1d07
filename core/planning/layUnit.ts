import { seedFromText, seededRng } from '../common/index.ts';
import { teachingDays } from './calendar.ts';
import type { UnitChoices } from './choices.ts';
import { ladderOf } from './ladder.ts';
import { layLesson, type LaidLesson } from './layLesson.ts';
import type { PlannedLesson } from './segment.ts';

/**
 * Lays out a whole unit: one lesson a teaching day from the first day on, each with its minutes and exact times. The same
 * choices give the same unit.
 * @param taught lessons given before, whose times should not come back too soon
 * @throws RangeError when the calendar has too few teaching days
 */
export const layUnit = (choices: UnitChoices, taught: readonly PlannedLesson[] = []): PlannedLesson[] => {
  const ladder = ladderOf(choices);
  const days = teachingDays(choices, choices.firstDay, ladder.length);
  return ladder
    .reduce<LaidLesson[]>((before, template, i) => {
      const rng = seededRng(seedFromText(`${choices.seed} ${i} ${template.key}`));
      return [...before, layLesson(template, { rng, choices, before: [...taught, ...before] })];
    }, [])
    .map((lesson, i) => ({ ...lesson, day: days[i]! }));
};

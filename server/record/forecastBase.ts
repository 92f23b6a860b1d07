import type { ForecastBase } from '../../contract/index.ts';
import { soFarOf } from '../../core/forecast/index.ts';
import type { Skill } from '../../core/skills/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { Grouping } from '../groups/grouping.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { JudgedAnswers } from './judgedAnswers.ts';

interface Parts {
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly grouping: Pick<Grouping, 'view'>;
  readonly now: Now;
}

/** What a forecast of this class is made from: every child's answers by day and skill, and the lessons ahead. */
export const createForecastBase =
  ({ lessons, children, judged, grouping, now }: Parts) =>
  (): ForecastBase => {
    const today = dayOf(now());
    const all = lessons.all();
    const given = lessons.taught();
    const isAhead = ({ id, day }: { readonly id: number; readonly day: string }): boolean =>
      day >= today && !given.has(id);
    const unique = (skills: readonly Skill[]): Skill[] => [...new Set(skills)];
    return {
      children: children.all().map(({ id }) => soFarOf(judged.ofChild(id).answers)),
      ahead: all
        .filter(isAhead)
        .map(({ day, skills }) => ({ day, skills: unique(skills).map((skill) => ({ skill, weight: 1 })) })),
      skills: unique(all.flatMap(({ skills }) => skills)),
      taught: unique(all.filter((lesson) => !isAhead(lesson)).flatMap(({ skills }) => skills)),
      checked: grouping.view()?.check.skill ?? null,
    };
  };

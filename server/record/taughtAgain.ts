import type { Day } from '../../core/planning/index.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';

/** Days up to one on which a lesson about reasons was taught: a child may do it otherwise since, whoever asks. */
export const taughtAgain = (lessons: Pick<LessonRepository, 'all'>, until: Day): string[] =>
  lessons
    .all()
    .flatMap(({ key, day, outcome }) => (key === 'again' && day <= until && outcome !== 'left-out' ? [day] : []));

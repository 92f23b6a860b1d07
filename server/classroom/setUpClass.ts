import type { Database } from 'better-sqlite3';
import { PICTURES } from '../../core/pictures/index.ts';
import { layUnit, type Day } from '../../core/planning/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { ClassroomRepository } from './classroomRepository.ts';

interface Parts {
  readonly db: Database;
  readonly classroom: ClassroomRepository;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
}

export interface NewClass {
  readonly name: string;
  readonly demo: boolean;
  /** Without a picture, each gets the next one no other child has. */
  readonly children: readonly { readonly name: string; readonly picture?: string }[];
  /** The lesson of this number falls on this day. */
  readonly anchor: { readonly day: Day; readonly number: number };
  /** Chooses the unit's times. */
  readonly seed: string;
}

/** Number time of a new class; the made-up school keeps it at nine too. */
const NUMBER_TIME = '09:00';

/** Makes the class with its children and its unit, all or nothing. @throws HoppelError class-exists */
export const createClassSetUp = ({ db, classroom, children, lessons }: Parts) =>
  db.transaction((fresh: NewClass): void => {
    if (classroom.maybe() !== undefined) throw new HoppelError('class-exists');
    classroom.add({ name: fresh.name, numberTime: NUMBER_TIME, demo: fresh.demo });
    fresh.children.forEach(({ name, picture }, i) => {
      children.add(name, picture ?? PICTURES[i % PICTURES.length]!);
    });
    for (const lesson of layUnit(fresh.anchor.day, fresh.anchor.number, fresh.seed)) lessons.add(lesson);
  });
export type ClassSetUp = ReturnType<typeof createClassSetUp>;

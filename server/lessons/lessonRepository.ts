import type { Database } from 'better-sqlite3';
import type { Lesson } from '../../contract/index.ts';
import type { Decision } from '../../core/planning/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { PlanRepository } from '../plan/planRepository.ts';
import { createHeldLessons } from './heldLessons.ts';

interface Parts {
  readonly plans: Pick<PlanRepository, 'maybeHead'>;
  readonly answers: Pick<AnswerRepository, 'heldAfter' | 'removals'>;
}

/** The lessons of one class's unit as it stands, and what is kept beside the plan: ticks, notes, decisions. */
export const createLessonRepository = (db: Database, classId: number, { plans, answers }: Parts) => {
  const exists = db.prepare<[number, number], number>('SELECT 1 FROM lesson WHERE id = ? AND class_id = ?').pluck();
  const insert = db.prepare<[number]>('INSERT INTO lesson (class_id) VALUES (?)');
  const held = createHeldLessons(answers);
  const selectNote = db.prepare<[number], string>('SELECT note FROM lesson WHERE id = ?').pluck();
  const updateNote = db.prepare<[string, number]>('UPDATE lesson SET note = ? WHERE id = ?');
  const selectTicks = db
    .prepare<[number], string>('SELECT item FROM ready_tick WHERE lesson_id = ? ORDER BY item')
    .pluck();
  const insertTick = db.prepare<[number, string]>(
    'INSERT INTO ready_tick (lesson_id, item) VALUES (?, ?) ON CONFLICT DO NOTHING',
  );
  const deleteTick = db.prepare<[number, string]>('DELETE FROM ready_tick WHERE lesson_id = ? AND item = ?');
  const insertDecision = db.prepare<[number, Decision, string]>(
    'INSERT INTO decision (lesson_id, decision, decided_at) VALUES (?, ?, ?)',
  );
  const selectDecision = db
    .prepare<[number], Decision>('SELECT decision FROM decision WHERE lesson_id = ? ORDER BY seq DESC LIMIT 1')
    .pluck();

  const all = (): Lesson[] =>
    (plans.maybeHead()?.plan.lessons ?? []).map((lesson, i) => ({
      ...(lesson as Omit<Lesson, 'number'>),
      number: i + 1,
    }));
  return {
    /** In the order of the path. */
    all,
    /** @throws HoppelError unknown-lesson when it is not in the unit (any more) */
    one: (id: number): Lesson => {
      const found = all().find((lesson) => lesson.id === id);
      if (found === undefined) throw new HoppelError('unknown-lesson');
      return found;
    },
    /** Did the class ever have such a lesson? One taken out of the unit still takes answers that were on their way. */
    isKnown: (id: number): boolean => exists.get(id, classId) !== undefined,
    /** Ids of lessons the class has held. */
    taught: (): ReadonlySet<number> => held(all()),
    /** Ids for so many new lessons, one after another. @returns the first */
    reserve: (count: number): number => {
      let first = 0;
      for (let i = 0; i < count; i++) {
        const id = Number(insert.run(classId).lastInsertRowid);
        first ||= id;
      }
      return first;
    },
    note: (lessonId: number): string => selectNote.get(lessonId) ?? '',
    saveNote: (lessonId: number, note: string): void => {
      updateNote.run(note, lessonId);
    },
    ticks: (lessonId: number): string[] => selectTicks.all(lessonId),
    tick: (lessonId: number, item: string, ticked: boolean): void => {
      (ticked ? insertTick : deleteTick).run(lessonId, item);
    },
    decide: (checkId: number, decision: Decision, at: Date): void => {
      insertDecision.run(checkId, decision, at.toISOString());
    },
    /** The latest decision after a check; none when it is still open. */
    maybeDecision: (checkId: number): Decision | undefined => selectDecision.get(checkId),
  };
};
export type LessonRepository = ReturnType<typeof createLessonRepository>;

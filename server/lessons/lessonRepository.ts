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
  const insertDecision = db.prepare<[number, Decision, string, string | null]>(`
    INSERT INTO decision (lesson_id, decision, decided_at, plan_seq)
    VALUES (?, ?, ?, (SELECT seq FROM plan_state WHERE change_id = ?))`);
  const selectDecision = db
    .prepare<[number, number], Decision>(
      `WITH RECURSIVE held (seq, before) AS (
        SELECT p.seq, p.before FROM plan_state AS p JOIN class AS c ON c.plan_seq = p.seq WHERE c.id = ?
        UNION ALL
        SELECT p.seq, p.before FROM plan_state AS p JOIN held AS h ON p.seq = h.before
      )
      SELECT decision
      FROM decision
      WHERE lesson_id = ?
        AND (
          plan_seq IS NULL
          OR plan_seq IN (SELECT seq FROM held)
          -- Older than what can be gone back to.
          OR plan_seq < (SELECT MIN(seq) FROM held)
        )
      ORDER BY seq DESC
      LIMIT 1`,
    )
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
    /** @param changeId of the change of the unit it made, if it made one: taken back with it, it does not hold */
    decide: (checkId: number, decision: Decision, at: Date, changeId?: string): void => {
      insertDecision.run(checkId, decision, at.toISOString(), changeId ?? null);
    },
    /** The latest decision after a check that holds; none when it is still open. */
    maybeDecision: (checkId: number): Decision | undefined => selectDecision.get(classId, checkId),
  };
};
export type LessonRepository = ReturnType<typeof createLessonRepository>;

import type { Database } from 'better-sqlite3';
import { Lesson } from '../../contract/index.ts';
import type { Decision, PlannedLesson } from '../../core/planning/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

interface LessonRow {
  id: number;
  number: number;
  key: string;
  kind: string;
  day: string;
  skills: string;
  segments: string;
}

const fromRow = (row: LessonRow): Lesson =>
  Lesson.parse({ ...row, skills: JSON.parse(row.skills), segments: JSON.parse(row.segments) });

const COLUMNS = 'id, number, key, kind, day, skills, segments';

export const createLessonRepository = (db: Database) => {
  const selectAll = db.prepare<[], LessonRow>(`SELECT ${COLUMNS} FROM lesson ORDER BY number`);
  const selectOne = db.prepare<[number], LessonRow>(`SELECT ${COLUMNS} FROM lesson WHERE id = ?`);
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO lesson (number, key, kind, day, skills, segments)
    VALUES (@number, @key, @kind, @day, @skills, @segments)`);
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
  return {
    all: (): Lesson[] => selectAll.all().map(fromRow),
    /** @throws HoppelError unknown-lesson */
    one: (id: number): Lesson => {
      const row = selectOne.get(id);
      if (row === undefined) throw new HoppelError('unknown-lesson');
      return fromRow(row);
    },
    add: (lesson: PlannedLesson): void => {
      insert.run({ ...lesson, skills: JSON.stringify(lesson.skills), segments: JSON.stringify(lesson.segments) });
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

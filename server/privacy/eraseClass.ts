import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import { createChildData } from './childData.ts';

const OF_LESSONS = 'lesson_id IN (SELECT id FROM lesson WHERE class_id = @id)';
const OF_CLASS = 'class_id = @id';
const OF_SHEETS = 'version_id IN (SELECT id FROM sheet_version WHERE class_id = @id)';

/** What belongs to a class beside its children, each before what it points at. Every table that does is here (a test). */
export const ABOUT_CLASS: readonly (readonly [table: string, where: string])[] = [
  ['pile', OF_CLASS],
  ['printed_copy', `printing_id IN (SELECT id FROM printing WHERE ${OF_SHEETS})`],
  ['printing', OF_SHEETS],
  ['sheet_version', OF_CLASS],
  ['handed_set', OF_CLASS],
  ['small_group', OF_LESSONS],
  ['decision', OF_LESSONS],
  ['ready_tick', OF_LESSONS],
  ['round', OF_LESSONS],
  ['plan_state', OF_CLASS],
  ['calendar_event', OF_CLASS],
  ['calendar', OF_CLASS],
  ['lesson', OF_CLASS],
  ['convention_change', OF_CLASS],
  ['moment_choice', OF_CLASS],
  ['routine_entry', OF_CLASS],
  ['settings', OF_CLASS],
  ['door', OF_CLASS],
  ['tablet', OF_CLASS],
  ['open_class', OF_CLASS],
];

/**
 * Deletes a class with all its children, as at the end of a year; of it and them stay numbers without names. It is gone from the data file
 * itself once that was swept.
 */
export const eraseClass = (db: Database, classId: number): void => {
  const data = createChildData(db, classId);
  db.transaction(() => {
    const children = db
      .prepare<[number], number>('SELECT id FROM child WHERE class_id = ? AND erased = 0')
      .pluck()
      .all(classId);
    for (const id of children) data.erase(id);
    for (const [table, where] of ABOUT_CLASS) db.prepare(`DELETE FROM ${table} WHERE ${where}`).run({ id: classId });
    // Set up again by the same sender it is a new one.
    db.prepare("UPDATE class SET name = '', sender_id = ?, demo = 0, plan_seq = NULL, put_away = 1 WHERE id = ?").run(
      `erased ${newId()}`,
      classId,
    );
  })();
};

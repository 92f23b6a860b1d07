import type { Database } from 'better-sqlite3';
import type { HandedSet } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import type { Day } from '../../core/planning/index.ts';

/** A set as it was handed: null items are what each child needs, null children all of them. */
export interface Handed {
  readonly id: string;
  readonly lessonId: number;
  readonly what: HandedSet['what'];
  readonly items: readonly Item[] | null;
  readonly childIds: readonly number[] | null;
  /** ISO 8601, UTC. */
  readonly handedAt: string;
}
interface StoredRow {
  id: string;
  lesson_id: number;
  what: Handed['what'];
  items: string | null;
  child_ids: string | null;
  handed_at: string;
}
const orNull = <T>(text: string | null): T | null => (text === null ? null : (JSON.parse(text) as T));
const fromRow = (row: StoredRow): Handed => ({
  id: row.id,
  lessonId: row.lesson_id,
  what: row.what,
  items: orNull<Item[]>(row.items),
  childIds: orNull<number[]>(row.child_ids),
  handedAt: row.handed_at,
});

/** Sets handed to children of one class. */
export const createHandedSets = (db: Database, classId: number) => {
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO handed_set (id, class_id, lesson_id, what, items, child_ids, day, handed_at)
    VALUES (@id, @classId, @lessonId, @what, @items, @childIds, @day, @handedAt)
    ON CONFLICT (id) DO NOTHING`);
  const select = db.prepare<[number, string], StoredRow>(`
    SELECT id, lesson_id, what, items, child_ids, handed_at
    FROM handed_set
    WHERE class_id = ? AND day = ? AND taken_back = 0
    ORDER BY seq`);
  const selectPractice = db
    .prepare<[number, number], string>(
      `SELECT DISTINCT day FROM handed_set
       WHERE class_id = ? AND taken_back = 0 AND items IS NULL
         AND (child_ids IS NULL OR EXISTS (SELECT 1 FROM json_each(child_ids) WHERE value = ?))
       ORDER BY day`,
    )
    .pluck();
  const takeBack = db.prepare<[string, number]>('UPDATE handed_set SET taken_back = 1 WHERE id = ? AND class_id = ?');

  /** Of a day, oldest first. */
  const all = (day: Day): Handed[] => select.all(classId, day).map(fromRow);
  return {
    all,
    /** The latest set of a day that names a child. */
    latestFor: (childId: number, day: Day): Handed | undefined =>
      all(day).findLast(({ childIds }) => childIds === null || childIds.includes(childId)),
    /** Days on which a child was handed practice by what it needs. */
    practiceOf: (childId: number): Day[] => selectPractice.all(classId, childId),
    /** Handed once; the same id again changes nothing. */
    add: (handed: Handed, day: Day): void => {
      insert.run({
        ...handed,
        classId,
        items: handed.items && JSON.stringify(handed.items),
        childIds: handed.childIds && JSON.stringify(handed.childIds),
        day,
      });
    },
    takeBack: (id: string): void => {
      takeBack.run(id, classId);
    },
  };
};
export type HandedSets = ReturnType<typeof createHandedSets>;

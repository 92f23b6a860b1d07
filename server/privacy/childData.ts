import type { Database } from 'better-sqlite3';
import { CHILD_DATA, type ChildStored } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

interface ChildRow {
  readonly id: number;
  readonly class_id: number;
  readonly name: string;
  readonly picture: string;
  readonly absent_on: string | null;
  readonly moved_away: number;
  readonly home_language: string | null;
}

/** What is stored of a child beside its row, by table: each with how it is found. Every table that points at a child is here (a test). */
export const ABOUT_CHILD = {
  answer: 'child_id = @id',
  child_note: 'child_id = @id',
  child_pair: 'child_a = @id OR child_b = @id',
  pile_child: 'child_id = @id',
  printed_copy: 'child_id = @id',
  tablet_child: 'child_id = @id',
} as const;
export type AboutChild = keyof typeof ABOUT_CHILD;
export const TABLES_ABOUT_CHILD = Object.keys(ABOUT_CHILD) as readonly AboutChild[];

/** Columns that hold JSON: given as what it says. */
const JSON_COLUMNS: ReadonlySet<string> = new Set(['item', 'answer', 'read', 'findings']);
const plain = (row: Readonly<Record<string, unknown>>): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(row).map(([column, value]) => [
      column,
      JSON_COLUMNS.has(column) && typeof value === 'string' ? (JSON.parse(value) as unknown) : value,
    ]),
  );

/** What one data file has of the children of a class. */
export const createChildData = (db: Database, classId: number) => {
  const select = db.prepare<[number, number], ChildRow>(
    `SELECT id, class_id, name, picture, absent_on, moved_away, home_language
    FROM child WHERE id = ? AND class_id = ? AND erased = 0`,
  );
  /** Moved away or not. @throws HoppelError unknown-child */
  const rowOf = (id: number): ChildRow => {
    const found = select.get(id, classId);
    if (found === undefined) throw new HoppelError('unknown-child');
    return found;
  };
  const count = (table: AboutChild, id: number, also = ''): number =>
    db
      .prepare<[{ id: number }], number>(`SELECT COUNT(*) FROM ${table} WHERE (${ABOUT_CHILD[table]}) ${also}`)
      .pluck()
      .get({ id })!;
  const corrections = db
    .prepare<[number], number>(
      'SELECT COUNT(*) FROM correction AS c JOIN answer AS a ON a.id = c.answer_id WHERE a.child_id = ?',
    )
    .pluck();
  const span = db.prepare<[number], { first: string | null; last: string | null }>(
    'SELECT MIN(day) AS first, MAX(day) AS last FROM answer WHERE child_id = ?',
  );
  return {
    /** @param today whose absence counts @throws HoppelError unknown-child */
    stored: (id: number, today: string, backupDays: number | null): ChildStored => {
      const { name, picture, absent_on, moved_away, home_language } = rowOf(id);
      const { first, last } = span.get(id)!;
      return {
        child: {
          id,
          name,
          picture,
          absent: absent_on === today,
          homeLanguage: home_language,
          movedAway: moved_away === 1,
        },
        answers: count('answer', id),
        drawings: count('answer', id, "AND json_extract(answer, '$.kind') = 'strokes'"),
        days: first === null || last === null ? null : [first, last],
        corrections: corrections.get(id)!,
        notes: count('child_note', id),
        papers: count('printed_copy', id),
        pairs: count('child_pair', id),
        tablets: count('tablet_child', id),
        backupDays,
      };
    },
    /** All of it, as it is stored. @throws HoppelError unknown-child */
    all: (id: number) => ({
      ...CHILD_DATA,
      child: plain({ ...rowOf(id) }),
      ...Object.fromEntries(
        TABLES_ABOUT_CHILD.map((table) => [
          table,
          db
            .prepare<[{ id: number }], Record<string, unknown>>(`SELECT * FROM ${table} WHERE ${ABOUT_CHILD[table]}`)
            .all({ id })
            .map(plain),
        ]),
      ),
      correction: db
        .prepare<[number], Record<string, unknown>>(
          'SELECT c.* FROM correction AS c JOIN answer AS a ON a.id = c.answer_id WHERE a.child_id = ? ORDER BY c.seq',
        )
        .all(id),
    }),
    /**
     * Deletes all of it, and what was written there is written over; of the child stays a number without a name. It is gone from the data
     * file itself once that was swept. @throws HoppelError unknown-child
     */
    erase: db.transaction((id: number): void => {
      rowOf(id);
      for (const table of TABLES_ABOUT_CHILD)
        db.prepare(`DELETE FROM ${table} WHERE ${ABOUT_CHILD[table]}`).run({ id });
      db.prepare(
        `UPDATE child
        SET name = '', picture = '', absent_on = NULL, moved_away = 1, home_language = NULL, erased = 1
        WHERE id = ?`,
      ).run(id);
    }),
  };
};
export type ChildData = ReturnType<typeof createChildData>;

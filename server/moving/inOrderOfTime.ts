import type { Database } from 'better-sqlite3';

const CHILDREN = '(SELECT id FROM child WHERE class_id = @id)';
/** Rows that are in an order, by when each was made; and what keeps their place from being changed. */
const ORDERED: readonly {
  readonly table: string;
  readonly made: string;
  readonly where: string;
  readonly guard?: string;
}[] = [
  { table: 'answer', made: 'stored_at', where: `child_id IN ${CHILDREN}`, guard: 'answer_is_append_only' },
  {
    table: 'correction',
    made: 'said_at',
    where: `answer_id IN (SELECT id FROM answer WHERE child_id IN ${CHILDREN})`,
    guard: 'correction_is_append_only',
  },
  { table: 'pile_child', made: 'said_at', where: `child_id IN ${CHILDREN}`, guard: 'pile_child_is_append_only' },
  { table: 'child_note', made: 'noted_at', where: `child_id IN ${CHILDREN}` },
  { table: 'round', made: 'phase_since', where: 'lesson_id IN (SELECT id FROM lesson WHERE class_id = @id)' },
];

/**
 * Puts what children of a class did in the order in which it was done, all of it behind what is of other classes: what has come from
 * elsewhere may be older than what was here, what is thought of a child is learnt in order, and the latest word counts. Nothing else
 * of a row changes. Within a transaction of the caller's.
 */
export const inOrderOfTime = (db: Database, classId: number): void => {
  const sqlOf = db
    .prepare<[string], string>("SELECT sql FROM sqlite_schema WHERE type = 'trigger' AND name = ?")
    .pluck();
  const lastOf = db.prepare<[string], number>('SELECT seq FROM sqlite_sequence WHERE name = ?').pluck();
  const setLast = db.prepare<[number, string]>('UPDATE sqlite_sequence SET seq = ? WHERE name = ?');
  for (const { table, made, where, guard } of ORDERED) {
    const rows = db
      .prepare<[{ id: number }], number>(`SELECT seq FROM ${table} WHERE ${where} ORDER BY ${made}, seq`)
      .pluck()
      .all({ id: classId });
    const last = lastOf.get(table) ?? 0;
    const guarded = guard === undefined ? undefined : sqlOf.get(guard)!;
    // Rows are never changed, but here: their place is no part of what was said.
    if (guard !== undefined) db.exec(`DROP TRIGGER ${guard}`);
    const move = db.prepare<[number, number]>(`UPDATE ${table} SET seq = ? WHERE seq = ?`);
    rows.forEach((seq, i) => move.run(last + 1 + i, seq));
    setLast.run(last + rows.length, table);
    if (guarded !== undefined) db.exec(guarded);
  }
};

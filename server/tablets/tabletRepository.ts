import { createHash, randomBytes } from 'node:crypto';
import type { Database } from 'better-sqlite3';

/** A tablet that was let in once. */
export interface TabletRow {
  readonly id: number;
  /** The class it is let in to; null where its pass was withdrawn. */
  readonly classId: number | null;
  /** A stand-in of the demo, not a child's. */
  readonly simulated: boolean;
  /** ISO 8601, UTC. */
  readonly letInAt: string;
}
/** A tablet that was just let in. */
export interface LetIn {
  readonly id: number;
  /** What it shows from then on. */
  readonly pass: string;
}
interface StoredRow {
  id: number;
  class_id: number | null;
  simulated: number;
  let_in_at: string;
}
const fromRow = (row: StoredRow): TabletRow => ({
  id: row.id,
  classId: row.class_id,
  simulated: row.simulated === 1,
  letInAt: row.let_in_at,
});
const COLUMNS = 'id, class_id, simulated, let_in_at';

/** What is stored of a pass: whoever reads the data file cannot come in with it. */
const hashOf = (pass: string): string => createHash('sha256').update(pass).digest('hex');

/** Milliseconds a tablet's pass holds: over the summer. */
export const PASS_MS = 200 * 24 * 60 * 60 * 1000;

/** The tablets that were let in, each with a pass of its own, and the children who have sat at them. */
export const createTabletRepository = (db: Database) => {
  const selectByPass = db.prepare<[string], StoredRow>(`SELECT ${COLUMNS} FROM tablet WHERE pass = ?`);
  const selectOfClass = db.prepare<[number], StoredRow>(
    `SELECT ${COLUMNS} FROM tablet WHERE class_id = ? ORDER BY let_in_at, id`,
  );
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO tablet (pass, class_id, simulated, let_in_at)
    VALUES (@pass, @classId, @simulated, @letInAt)`);
  const renew = db.prepare<[Record<string, unknown>]>(`
    UPDATE tablet
    SET pass = @pass, class_id = @classId, let_in_at = @letInAt
    WHERE id = @id`);
  const withdraw = db.prepare<[number, number]>('UPDATE tablet SET class_id = NULL WHERE id = ? AND class_id = ?');
  const withdrawAll = db.prepare<[number]>('UPDATE tablet SET class_id = NULL WHERE class_id = ?');
  const forgetOld = db.prepare<[string]>('DELETE FROM tablet WHERE let_in_at < ?');
  const forgetStandIns = db.prepare('DELETE FROM tablet WHERE simulated = 1');
  const insertChild = db.prepare<[number, number]>(
    'INSERT INTO tablet_child (tablet_id, child_id) VALUES (?, ?) ON CONFLICT DO NOTHING',
  );
  const hasSat = db
    .prepare<[number, number], number>('SELECT 1 FROM tablet_child WHERE tablet_id = ? AND child_id = ?')
    .pluck();

  const maybe = (pass: string | undefined): TabletRow | undefined => {
    const row = pass === undefined ? undefined : selectByPass.get(hashOf(pass));
    return row && fromRow(row);
  };
  return {
    /** The tablet that shows a pass; none where nobody was ever let in with it. */
    maybe,
    /**
     * Lets a tablet in with a new pass. One that was here before stays the tablet it was, with the children who sat at it, so that
     * what it still has to bring is taken; its old pass is good for nothing any more.
     * @returns the tablet, and what it shows from then on
     */
    letIn: (shown: string | undefined, classId: number, simulated: boolean, at: Date): LetIn => {
      forgetOld.run(new Date(at.getTime() - PASS_MS).toISOString());
      const before = maybe(shown);
      const pass = randomBytes(24).toString('base64url');
      const row = { pass: hashOf(pass), classId, simulated: simulated ? 1 : 0, letInAt: at.toISOString() };
      if (before?.simulated !== simulated) return { id: Number(insert.run(row).lastInsertRowid), pass };
      renew.run({ ...row, id: before.id });
      return { id: before.id, pass };
    },
    /** Those let in to a class, the earliest first. */
    ofClass: (classId: number): TabletRow[] => selectOfClass.all(classId).map(fromRow),
    /** Its pass is good for nothing from now on. */
    withdraw: (id: number, classId: number): void => {
      withdraw.run(id, classId);
    },
    withdrawAll: (classId: number): void => {
      withdrawAll.run(classId);
    },
    forgetStandIns: (): void => {
      forgetStandIns.run();
    },
    /** A child sits down at a tablet: from now on it may bring this child's answers. */
    sit: (id: number, childId: number): void => {
      insertChild.run(id, childId);
    },
    /** Does a child sit at a tablet, or did it before? */
    hasSat: (id: number, childId: number): boolean => hasSat.get(id, childId) !== undefined,
  };
};
export type TabletRepository = ReturnType<typeof createTabletRepository>;

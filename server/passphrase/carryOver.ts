import type { Database } from 'better-sqlite3';
import { openDatabase } from '../db/open.ts';

/** What stays as it is when a backup takes the data file's place: an older one has an older passphrase, or none. */
const STAYS = ['passphrase', 'teacher_session', 'wrong_try'] as const;

/** Takes it out of a data file. @returns what puts it into another of the same version */
export const carryOver = (from: Database): ((to: Database) => void) => {
  const taken = STAYS.map((table) => ({
    table,
    rows: from.prepare<[], Record<string, unknown>>(`SELECT * FROM ${table}`).all(),
  }));
  return (to) =>
    to.transaction(() => {
      for (const { table, rows } of taken) {
        to.prepare(`DELETE FROM ${table}`).run();
        for (const row of rows) {
          const columns = Object.keys(row);
          to.prepare(`INSERT INTO ${table} (${columns.join()}) VALUES (${columns.map((one) => `@${one}`).join()})`).run(
            row,
          );
        }
      }
    })();
};

/** Puts the doors of a data file into another that is about to take its place, and closes that one whole. @param path of the other */
export const putDoors = (from: Database, path: string): void => {
  const db = openDatabase(path);
  try {
    carryOver(from)(db);
    // One file again, without a log that would stay behind.
    db.pragma('journal_mode = DELETE');
  } finally {
    db.close();
  }
};

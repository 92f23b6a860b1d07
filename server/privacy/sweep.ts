import type { Database } from 'better-sqlite3';

/** Writes a data file anew, without what was deleted: nothing of it is left between the rows, nor in the log. */
export const sweep = (db: Database): void => {
  db.exec('VACUUM');
  db.pragma('wal_checkpoint(TRUNCATE)');
};

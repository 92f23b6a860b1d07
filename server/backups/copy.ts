import { chmodSync, closeSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs';
import Database from 'better-sqlite3';
import { CannotUse, checkKnown } from '../db/known.ts';
import { MIGRATIONS, pending } from '../db/migrate.ts';

const flushed = (path: string): void => {
  const file = openSync(path, 'r+');
  try {
    fsyncSync(file);
  } finally {
    closeSync(file);
  }
};

/**
 * Copies a data file by SQLite's own online backup, while it is in use, and looks at every page of the copy before it gets its name: there is a
 * whole one, or none. @param to a path nothing is at yet @throws CannotUse, or what SQLite says (a full disk)
 */
export const copyWhole = async (db: Database.Database, to: string): Promise<void> => {
  const making = `${to}.making`;
  try {
    rmSync(making, { force: true });
    await db.backup(making);
    const copy = new Database(making);
    try {
      // One file, without a log beside it.
      copy.pragma('journal_mode = DELETE');
      checkKnown(copy, MIGRATIONS);
      if (pending(copy) === MIGRATIONS.length) throw new CannotUse('it is empty');
    } finally {
      copy.close();
    }
    // Names and answers of children, for whoever runs Hoppel alone.
    chmodSync(making, 0o600);
    flushed(making);
    renameSync(making, to);
  } catch (error) {
    for (const rest of ['', '-journal', '-wal', '-shm']) rmSync(`${making}${rest}`, { force: true });
    throw error;
  }
};

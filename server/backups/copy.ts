import { chmodSync, closeSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs';
import type { Database } from 'better-sqlite3';
import { lookInThread } from './lookInThread.ts';

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
export const copyWhole = async (db: Database, to: string): Promise<void> => {
  const making = `${to}.making`;
  try {
    rmSync(making, { force: true });
    await db.backup(making);
    await lookInThread('check', making);
    // Names and answers of children, for whoever runs Hoppel alone.
    chmodSync(making, 0o600);
    flushed(making);
    renameSync(making, to);
  } catch (error) {
    for (const rest of ['', '-journal', '-wal', '-shm']) rmSync(`${making}${rest}`, { force: true });
    throw error;
  }
};

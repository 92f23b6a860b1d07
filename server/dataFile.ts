import { chmodSync, existsSync, statSync } from 'node:fs';
import { basename } from 'node:path';
import type { Database } from 'better-sqlite3';
import { backUpBeforeUpgrade } from './backups/upgrade.ts';
import { safely } from './common/safely.ts';
import { whyNot } from './db/faults.ts';
import type { Lock } from './db/lock.ts';
import { openDatabase, writeBack } from './db/open.ts';
import { giveUp } from './giveUp.ts';
import { lockOrGiveUp, makeFolderOf, timeOf } from './holdFile.ts';

/** Milliseconds between two times the log is written back: a copy of the one file misses no more than that. */
const WRITE_BACK_MS = 120_000;

export interface DataFile {
  readonly db: Database;
  /** Closes it whole, the log written back, and gives it back. */
  readonly close: () => void;
}

const sayWhereLogIsGone = (file: string, { leftBy }: Lock): void => {
  const log = `${file}-wal`;
  if (leftBy === undefined || !existsSync(file) || existsSync(log)) return;
  console.warn(
    `The last Hoppel was cut off, and its log ${basename(log)} is gone from beside the data file: what was answered after ` +
      `${timeOf(statSync(file).mtime)} may be missing. Whoever moved it: put it back while Hoppel is not running.`,
  );
};

/** Opens the data file for this process alone and sees that it stays whole; what hinders that ends the start with a sentence. */
export const openDataFile = async (file: string, port: number): Promise<DataFile> => {
  let lock: Lock | undefined;
  try {
    makeFolderOf(file);
    lock = lockOrGiveUp(file, port);
    sayWhereLogIsGone(file, lock);
    // One of an older Hoppel may be open to all. SQLite gives the files beside it the same rights.
    if (existsSync(file)) chmodSync(file, 0o600);
    await backUpBeforeUpgrade(file, new Date());
    const db = openDatabase(file);
    const timer = setInterval(
      safely('writing the log back', () => writeBack(db)),
      WRITE_BACK_MS,
    );
    timer.unref();
    const { free } = lock;
    return {
      db,
      close: () => {
        clearInterval(timer);
        db.close();
        free();
      },
    };
  } catch (error) {
    lock?.free();
    return giveUp(`the data file ${file} cannot be opened or written (${whyNot(error)}).`);
  }
};

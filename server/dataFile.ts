import { chmodSync, existsSync, mkdirSync, statSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import type { Database } from 'better-sqlite3';
import { backUpBeforeUpgrade } from './backups/upgrade.ts';
import { safely } from './common/safely.ts';
import { whyNot } from './db/faults.ts';
import { Held, takeLock, type Holder, type Lock } from './db/lock.ts';
import { openDatabase, writeBack } from './db/open.ts';
import { giveUp } from './giveUp.ts';

/** Milliseconds between two times the log is written back: a copy of the one file misses no more than that. */
const WRITE_BACK_MS = 120_000;

export interface DataFile {
  readonly db: Database;
  /** Closes it whole, the log written back, and gives it back. */
  readonly close: () => void;
}

const timeOf = (moment: Date): string => moment.toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

const whoHas = (holder: Holder | undefined): string =>
  holder === undefined
    ? ''
    : ` (process ${holder.pid}, ${holder.port === null ? '' : `port ${holder.port}, `}since ${timeOf(new Date(holder.since))})`;

/**
 * Makes the folder of a data file where there is none yet. Names and answers of children are for whoever runs Hoppel alone, and so is
 * every file made from now on.
 */
export const makeFolderOf = (file: string): void => {
  process.umask(0o077);
  mkdirSync(dirname(file), { recursive: true });
};

/** Takes a data file for this process alone; where another Hoppel has it, the start ends with who that is. */
export const lockOrGiveUp = (file: string, port: number | null): Lock => {
  try {
    return takeLock(file, port, new Date());
  } catch (error) {
    if (!(error instanceof Held)) throw error;
    return giveUp(
      `another Hoppel has the data file ${file} open${whoHas(error.holder)}. Use that one, or end it first.`,
    );
  }
};

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

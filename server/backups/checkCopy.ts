import Database from 'better-sqlite3';
import { CannotUse, checkKnown } from '../db/known.ts';
import { MIGRATIONS, pending } from '../db/migrate.ts';

/** Looks at every page of a copy, and makes it one file without a log beside it. @throws CannotUse, or what SQLite says */
export const checkCopy = (path: string): void => {
  const copy = new Database(path);
  try {
    copy.pragma('journal_mode = DELETE');
    checkKnown(copy, MIGRATIONS);
    if (pending(copy) === MIGRATIONS.length) throw new CannotUse('it is empty');
  } finally {
    copy.close();
  }
};

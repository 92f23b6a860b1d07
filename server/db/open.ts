import Database from 'better-sqlite3';
import { checkKnown, markAsOurs } from './known.ts';
import { readAgain } from '../answers/readAgain.ts';
import { MIGRATIONS, migrate } from './migrate.ts';

/** Milliseconds another program's lock is waited for while a file is opened. */
const OPENING_MS = 5000;

/**
 * Milliseconds a write waits for another program's lock. Everybody waits with it, so it is short: who sent it hears that the file is
 * busy and sends again. Reads never wait.
 */
const WRITING_MS = 50;

/**
 * Opens a data file (made when missing) with all migrations applied.
 * @param file path, or `:memory:`
 * @throws CannotUse when it is another program's, a newer Hoppel's or damaged; nothing is written to it then
 */
export const openDatabase = (file: string): Database.Database => {
  const db = new Database(file, { timeout: OPENING_MS });
  try {
    checkKnown(db, MIGRATIONS);
    db.pragma('journal_mode = WAL');
    // An acknowledged answer must survive a power cut, so every commit is flushed to disk.
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    // What is deleted of a child is written over, not only left out.
    db.pragma('secure_delete = ON');
    migrate(db);
    // Answers from before readings were kept, or read by an older reader.
    readAgain(db);
    markAsOurs(db, MIGRATIONS);
    // What a Hoppel that did not end whole left in its log.
    writeBack(db);
    db.pragma(`busy_timeout = ${WRITING_MS}`);
    return db;
  } catch (error) {
    db.close();
    throw error;
  }
};

/** Writes the log back, so that a copy of the one file has everything up to now. */
export const writeBack = (db: Database.Database): void => {
  db.pragma('wal_checkpoint(TRUNCATE)');
};

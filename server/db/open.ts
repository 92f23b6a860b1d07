import Database from 'better-sqlite3';
import { migrate } from './migrate.ts';

/**
 * Opens a data file (made when missing) with all migrations applied.
 * @param file path, or `:memory:`
 */
export const openDatabase = (file: string): Database.Database => {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  // An acknowledged answer must survive a power cut, so every commit is flushed to disk.
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  migrate(db);
  return db;
};

import { existsSync } from 'node:fs';
import Database from 'better-sqlite3';
import { checkKnown } from '../db/known.ts';
import { MIGRATIONS, pending } from '../db/migrate.ts';
import { backUp } from './backups.ts';

/**
 * A newer Hoppel is about to change a data file: as it was is kept beside it. Nothing is made of a file that is new, or as this version
 * has it. @throws CannotUse, or what SQLite or the system says: then nothing is changed
 */
export const backUpBeforeUpgrade = async (file: string, at: Date): Promise<void> => {
  if (!existsSync(file)) return;
  const db = new Database(file);
  try {
    checkKnown(db, MIGRATIONS);
    const waiting = pending(db);
    if (waiting > 0 && waiting < MIGRATIONS.length) await backUp(file, db, at, 'upgrade');
  } finally {
    db.close();
  }
};

import { readFileSync, readdirSync } from 'node:fs';
import type { Database } from 'better-sqlite3';

const FOLDER = new URL('./migrations/', import.meta.url);

/** All that this version knows, in order. */
export const MIGRATIONS: readonly string[] = readdirSync(FOLDER)
  .filter((file) => file.endsWith('.sql'))
  .sort();

/** How many migrations a file has not had yet; all of them where it is new. */
export const pending = (db: Database): number => {
  const has = db.prepare("SELECT 1 FROM sqlite_schema WHERE type = 'table' AND name = 'migration'").get() !== undefined;
  const applied = has ? db.prepare<[], string>('SELECT name FROM migration').pluck().all() : [];
  return MIGRATIONS.filter((name) => !applied.includes(name)).length;
};

/**
 * Applies every migration file not yet applied, in order, each in a transaction of its own. A table others point to can only be
 * rebuilt with foreign keys off; whether all still point somewhere is looked at before each is kept.
 * @param upTo so many of them; all there are unless another number is said
 * @throws Error when a migration would leave a row that points nowhere; then nothing of it is kept
 */
export const migrate = (db: Database, upTo = MIGRATIONS.length): void => {
  db.exec('CREATE TABLE IF NOT EXISTS migration (name TEXT PRIMARY KEY, applied_at TEXT NOT NULL) STRICT');
  const applied = new Set(db.prepare<[], string>('SELECT name FROM migration').pluck().all());
  const record = db.prepare("INSERT INTO migration (name, applied_at) VALUES (?, datetime('now'))");
  for (const file of MIGRATIONS.slice(0, upTo)) {
    if (applied.has(file)) continue;
    db.pragma('foreign_keys = OFF');
    db.transaction(() => {
      db.exec(readFileSync(new URL(file, FOLDER), 'utf8'));
      if ((db.pragma('foreign_key_check') as unknown[]).length > 0)
        throw new Error(`${file} leaves rows that point nowhere`);
      record.run(file);
    })();
  }
  db.pragma('foreign_keys = ON');
};

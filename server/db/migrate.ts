import { readFileSync, readdirSync } from 'node:fs';
import type { Database } from 'better-sqlite3';

const FOLDER = new URL('./migrations/', import.meta.url);

/** Applies every migration file not yet applied, in order, each in a transaction of its own. */
export const migrate = (db: Database): void => {
  db.exec('CREATE TABLE IF NOT EXISTS migration (name TEXT PRIMARY KEY, applied_at TEXT NOT NULL) STRICT');
  const applied = new Set(db.prepare<[], string>('SELECT name FROM migration').pluck().all());
  const record = db.prepare("INSERT INTO migration (name, applied_at) VALUES (?, datetime('now'))");
  const files = readdirSync(FOLDER).filter((file) => file.endsWith('.sql'));
  for (const file of files.sort()) {
    if (applied.has(file)) continue;
    db.transaction(() => {
      db.exec(readFileSync(new URL(file, FOLDER), 'utf8'));
      record.run(file);
    })();
  }
};

import { readFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { MIGRATIONS } from './migrate.ts';

/** A data file of before a version, empty. @param version number of the first migration it has not seen, `0018` */
export const fileBefore = (version: string): Database.Database => {
  const db = new Database(':memory:');
  db.exec('CREATE TABLE migration (name TEXT PRIMARY KEY, applied_at TEXT NOT NULL) STRICT');
  for (const name of MIGRATIONS.filter((one) => one < version)) {
    db.exec(readFileSync(new URL(`./migrations/${name}`, import.meta.url), 'utf8'));
    db.prepare("INSERT INTO migration VALUES (?, '2026-11-01')").run(name);
  }
  db.pragma('foreign_keys = OFF');
  return db;
};

import type { Database } from 'better-sqlite3';

/** What SQLite keeps in the head of a file for the program it belongs to: "HOPP". */
export const APPLICATION_ID = 0x484f5050;

/** The first migration ever: a file with it is Hoppel's, though made before files said so in their head. */
const FIRST_MIGRATION = '0001_first_walk.sql';

/** Why a data file cannot be used: a reason for a sentence, with no full stop. */
export class CannotUse extends Error {}

const number = (db: Database, pragma: string): number => db.pragma(pragma, { simple: true }) as number;

/**
 * Looks whether a file is Hoppel's, of a version this one can read, and whole. Nothing is written to it.
 * @param migrations names of all that this version knows, in order
 * @throws CannotUse
 */
export const checkKnown = (db: Database, migrations: readonly string[]): void => {
  const tables = db.prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table'").pluck().all();
  const applied = tables.includes('migration')
    ? db.prepare<[], unknown>('SELECT name FROM migration').pluck().all()
    : [];
  const isOurs =
    number(db, 'application_id') === APPLICATION_ID || applied.includes(FIRST_MIGRATION) || tables.length === 0;
  if (!isOurs) throw new CannotUse('it belongs to another program and is left as it is');
  const isNewer =
    number(db, 'user_version') > migrations.length || applied.some((name) => !migrations.includes(name as string));
  if (isNewer) throw new CannotUse('it was made by a newer Hoppel: use that one, or a copy from before');
  const [found] = db.pragma('quick_check(1)') as { quick_check: string }[];
  if (found?.quick_check !== 'ok') throw new CannotUse('it is damaged: put a copy from before in its place');
};

/** Writes into the head of a file that it is Hoppel's, and of which version. */
export const markAsOurs = (db: Database, migrations: readonly string[]): void => {
  if (number(db, 'application_id') !== APPLICATION_ID) db.pragma(`application_id = ${APPLICATION_ID}`);
  if (number(db, 'user_version') !== migrations.length) db.pragma(`user_version = ${migrations.length}`);
};

import { readFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import type { BackupContents } from '../../contract/index.ts';
import { readAgain } from '../answers/readAgain.ts';
import { createClassRepository } from '../classes/classRepository.ts';
import { CannotUse, checkKnown } from '../db/known.ts';
import { MIGRATIONS, migrate } from '../db/migrate.ts';
import { UnreadableStored } from '../db/stored.ts';
import { createPlanRepository } from '../plan/planRepository.ts';
import { createSettingsRepository } from '../settings/settingsRepository.ts';

const CLASSES = `
  SELECT c.name,
    (SELECT COUNT(*) FROM child AS k WHERE k.class_id = c.id AND k.moved_away = 0) AS children,
    (SELECT COUNT(*) FROM answer AS a JOIN child AS k ON k.id = a.child_id WHERE k.class_id = c.id) AS answers,
    (SELECT MAX(a.day) FROM answer AS a JOIN child AS k ON k.id = a.child_id WHERE k.class_id = c.id) AS last
  FROM class AS c
  ORDER BY c.id`;

/** Every table, index, view and trigger with the text that made it. */
const schemaOf = (db: Database.Database): Map<string, string> =>
  new Map(
    db
      .prepare<[], { name: string; sql: string | null }>(
        "SELECT name, sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite_%' ORDER BY name",
      )
      .all()
      .map(({ name, sql }) => [name, sql ?? '']),
  );
let ownSchema: Map<string, string> | undefined;
/** What a new file of this version has. */
const freshSchema = (): Map<string, string> => {
  if (ownSchema !== undefined) return ownSchema;
  const db = new Database(':memory:');
  migrate(db);
  ownSchema = schemaOf(db);
  db.close();
  return ownSchema;
};

/** @throws CannotUse where a table or column is not as this version needs it */
const checkSchema = (db: Database.Database): void => {
  const found = schemaOf(db);
  for (const [name, sql] of freshSchema())
    if (found.get(name) !== sql) throw new CannotUse(`it is not whole: ${name} is missing, or is another`);
};

/** Reads of every class what its first screen needs. @throws CannotUse */
const tryClasses = (db: Database.Database): void => {
  for (const { id, name } of createClassRepository(db).all())
    try {
      createSettingsRepository(db, id).one();
      createPlanRepository(db, id).maybeHead();
    } catch (error) {
      if (error instanceof UnreadableStored) throw new CannotUse(`the class ${name} in it cannot be read`);
      throw error;
    }
};

/**
 * What a copy of a data file has in it, after it was tried out whole: a copy in memory is brought up to this version, and must then have
 * every table, and classes that open. The file itself is only read. @throws CannotUse, or what SQLite says
 */
export const contentsOf = (path: string): BackupContents => {
  const db = new Database(readFileSync(path));
  try {
    checkKnown(db, MIGRATIONS);
    migrate(db);
    readAgain(db);
    checkSchema(db);
    const [lost] = db.pragma('foreign_key_check') as { table: string }[];
    if (lost !== undefined) throw new CannotUse(`it is not whole: rows of ${lost.table} point nowhere`);
    tryClasses(db);
    return { classes: db.prepare<[], BackupContents['classes'][number]>(CLASSES).all() };
  } finally {
    db.close();
  }
};

import Database from 'better-sqlite3';
import type { BackupContents } from '../../contract/index.ts';
import { checkKnown } from '../db/known.ts';
import { MIGRATIONS } from '../db/migrate.ts';

/** Tables that a file of any version since the first with several classes has. */
const CLASSES = `
  SELECT c.name,
    (SELECT COUNT(*) FROM child AS k WHERE k.class_id = c.id AND k.moved_away = 0) AS children,
    (SELECT COUNT(*) FROM answer AS a JOIN child AS k ON k.id = a.child_id WHERE k.class_id = c.id) AS answers,
    (SELECT MAX(a.day) FROM answer AS a JOIN child AS k ON k.id = a.child_id WHERE k.class_id = c.id) AS last
  FROM class AS c
  ORDER BY c.id`;

/** What a copy of a data file has in it: looked at before it takes the place of another. Nothing is written. @throws CannotUse */
export const contentsOf = (path: string): BackupContents => {
  const db = new Database(path, { readonly: true, fileMustExist: true });
  try {
    checkKnown(db, MIGRATIONS);
    return { classes: db.prepare<[], BackupContents['classes'][number]>(CLASSES).all() };
  } finally {
    db.close();
  }
};

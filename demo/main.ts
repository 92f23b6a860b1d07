import { existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import Database from 'better-sqlite3';
import { isDay, schoolDayFrom } from '../core/planning/index.ts';
import { clockFrom, dayOf } from '../server/clock.ts';
import type { Lock } from '../server/db/lock.ts';
import { lockOrGiveUp, makeFolderOf } from '../server/holdFile.ts';
import { whyNot } from '../server/db/faults.ts';
import { checkKnown } from '../server/db/known.ts';
import { MIGRATIONS } from '../server/db/migrate.ts';
import { DEMO_CLASS } from './demoClass.ts';

// Makes the demo data file unless there is one laid around today already. One of an earlier day is kept beside it.
const { values } = parseArgs({ options: { data: { type: 'string' }, today: { type: 'string' } } });
const file = resolve(values.data!);
if (values.today !== undefined && !isDay(values.today)) {
  console.error(`Hoppel cannot start: ${values.today} is not a day written YYYY-MM-DD.`);
  process.exit(1);
}
const today = values.today ?? dayOf(clockFrom(undefined)());

/** The day an existing demo class is laid around; none when the file is new or only half made. */
const laidAround = (): string | undefined => {
  if (!existsSync(file)) return undefined;
  // Looked at as it is: bringing it up to this version is the server's, which opens it next.
  const db = new Database(file, { readonly: true });
  try {
    checkKnown(db, MIGRATIONS);
    const hasClasses = db.prepare("SELECT 1 FROM sqlite_schema WHERE name = 'class'").get() !== undefined;
    if (!hasClasses) return undefined;
    const sender = db.prepare<[], string>('SELECT sender_id FROM class WHERE demo = 1').pluck().get();
    return sender?.replace(DEMO_CLASS, '');
  } finally {
    db.close();
  }
};

let lock: Lock | undefined;
try {
  makeFolderOf(file);
  lock = lockOrGiveUp(file, null);
  const day = laidAround();
  if (day !== schoolDayFrom(today, 0)) {
    if (day !== undefined) {
      renameSync(file, file.replace(/(\.\w+)?$/, `-${day}$1`));
      console.log(`The demo class is laid around today anew; the one of ${day} is kept beside it.`);
    }
    // All that makes one up is read only where one is made: a second start does not wait for it.
    const [{ openDatabase }, { makeDemo }] = await Promise.all([
      import('../server/db/open.ts'),
      import('./makeDemo.ts'),
    ]);
    const making = `${file}.making`;
    rmSync(making, { force: true });
    const db = openDatabase(making);
    makeDemo(db, today);
    // Folds the write-ahead log into the file, so that moving the one file moves everything.
    db.pragma('journal_mode = DELETE');
    db.close();
    rmSync(file, { force: true });
    renameSync(making, file);
  }
  lock.free();
} catch (error) {
  lock?.free();
  console.error(`Hoppel cannot start: the demo data file ${file} cannot be made (${whyNot(error)}).`);
  process.exit(1);
}

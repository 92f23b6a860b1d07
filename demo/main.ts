import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { isDay, schoolDayFrom } from '../core/planning/index.ts';
import { clockFrom, dayOf } from '../server/clock.ts';
import { createClassRepository } from '../server/classes/classRepository.ts';
import { createPlanRepository } from '../server/plan/planRepository.ts';
import { openDatabase } from '../server/db/open.ts';
import { TODAYS_LESSON } from './clover.ts';
import { makeDemo } from './makeDemo.ts';

// Makes the demo data file unless there is one laid around today already. One of an earlier day is kept beside it.
const { values } = parseArgs({ options: { data: { type: 'string' }, today: { type: 'string' } } });
const file = resolve(values.data!);
if (values.today !== undefined && !isDay(values.today)) {
  console.error(`Hoppel cannot start: ${values.today} is not a day written YYYY-MM-DD.`);
  process.exit(1);
}
const today = values.today ?? dayOf(clockFrom(undefined)());

/** The first day of an existing demo class's unit, which tells the day it is laid around; none when the file is new. */
const laidAround = (): string | undefined => {
  if (!existsSync(file)) return undefined;
  const db = openDatabase(file);
  const day = createPlanRepository(db, createClassRepository(db)).maybeHead()?.plan.choices.firstDay;
  db.close();
  return day;
};

try {
  mkdirSync(dirname(file), { recursive: true });
  const day = laidAround();
  if (day !== schoolDayFrom(today, 1 - TODAYS_LESSON)) {
    if (day !== undefined) {
      renameSync(file, file.replace(/(\.\w+)?$/, `-${day}$1`));
      console.log(`The demo class is laid around today anew; the one of ${day} is kept beside it.`);
    }
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
} catch (error) {
  console.error(`Hoppel cannot start: the demo data file ${file} cannot be made (${(error as Error).message}).`);
  process.exit(1);
}

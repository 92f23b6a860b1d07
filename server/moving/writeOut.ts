import type { Database } from 'better-sqlite3';
import { CLASSES_FILE } from '../../contract/index.ts';
import { MIGRATIONS } from '../db/migrate.ts';
import { columnsOf, opened, type MovedTable, type StoredValues } from './rows.ts';
import { CLASS_TABLES, MOVING } from './tables.ts';

/** Rows written at a step: of drawings that is a megabyte at most. */
const AT_A_TIME = 100;

/** Rows of a table some at a time, as they stand in a file. */
const rowsOf = function* (
  db: Database,
  table: MovedTable,
  { where, order, id }: { readonly where: string; readonly order: string; readonly id: number },
): Generator<string> {
  const select = db.prepare<[{ id: number }], StoredValues>(
    `SELECT ${columnsOf(table).join(', ')} FROM ${table} WHERE ${where} ORDER BY ${order}`,
  );
  let before = '\n';
  let some: string[] = [];
  for (const row of select.iterate({ id })) {
    some.push(before + JSON.stringify(opened(table, row)));
    before = ',\n';
    if (some.length < AT_A_TIME) continue;
    yield some.join('');
    some = [];
  }
  if (some.length > 0) yield some.join('');
};

/**
 * A file of classes, piece by piece (docs/classes-file.md): all that is stored of them, but what belongs to a computer.
 * @param db in which nothing changes while it is written, and which nobody else asks meanwhile
 * @param withTemplates also the lessons kept for other classes
 */
export const writeOut = function* (
  db: Database,
  classIds: readonly number[],
  { withTemplates, at }: { readonly withTemplates: boolean; readonly at: Date },
): Generator<string> {
  const head = { ...CLASSES_FILE, schema: MIGRATIONS.length, madeAt: at.toISOString() };
  yield `${JSON.stringify(head).slice(0, -1)},\n"templates":[`;
  if (withTemplates) yield* rowsOf(db, 'lesson_template', { where: 'taken_out = 0', order: 'made_at, id', id: 0 });
  yield '],\n"classes":[';
  for (const [i, id] of classIds.entries()) {
    yield i === 0 ? '\n{' : ',\n{';
    for (const [j, table] of CLASS_TABLES.entries()) {
      yield `${j === 0 ? '' : ',\n'}"${table}":[`;
      yield* rowsOf(db, table, { ...MOVING[table], id });
      yield ']';
    }
    yield '}';
  }
  yield ']}\n';
};

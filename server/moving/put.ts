import type { Database } from 'better-sqlite3';
import { closed, columnsOf, opened, type MovedTable, type Rows, type StoredValues } from './rows.ts';
import { MOVING, type ClassTable } from './tables.ts';

/** Rows of a class in a file that has come, one after another; they were looked at when it came. */
export const arrivedRows = function* <T extends ClassTable>(
  arrived: Database,
  table: T,
  id: number,
): Generator<Rows[T]> {
  const { where, order } = MOVING[table];
  const select = arrived.prepare<[{ id: number }], StoredValues>(
    `SELECT ${columnsOf(table).join(', ')} FROM ${table} WHERE ${where} ORDER BY ${order}`,
  );
  for (const row of select.iterate({ id })) yield opened(table, row) as Rows[T];
};

/** Puts rows into a data file. @returns what it numbers a row by, where it numbers it itself */
export const putter = (db: Database) => {
  const statements = new Map<string, ReturnType<Database['prepare']>>();
  return <T extends MovedTable>(table: T, row: Partial<Rows[T]>, orLeave = false): number => {
    const values = closed(table, row as StoredValues);
    const names = Object.keys(values);
    const sql = `INSERT ${orLeave ? 'OR IGNORE ' : ''}INTO ${table} (${names.join(', ')}) VALUES (${names.map((name) => `@${name}`).join(', ')})`;
    const statement = statements.get(sql) ?? db.prepare(sql);
    statements.set(sql, statement);
    return Number(statement.run(values).lastInsertRowid);
  };
};
export type Put = ReturnType<typeof putter>;

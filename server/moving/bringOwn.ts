import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import { HoppelError } from '../errors/hoppelError.ts';
import { knownHere } from './contents.ts';
import { arrivedRows, putter } from './put.ts';
import type { Rows, StoredValues } from './rows.ts';
import { CLASS_TABLES, MOVING, type ClassTable, type Numbers } from './tables.ts';

/**
 * How far numbers of a table move: not at all where each is free, so that a whole file comes back as it was and the codes on printed paper
 * hold; otherwise all of them behind the last, in their order.
 */
const shiftOf = (
  db: Database,
  arrived: Database,
  table: ClassTable,
  id: number,
): { by: number; known: Set<number> } => {
  const { key, where } = MOVING[table];
  const known = new Set(
    arrived.prepare<[{ id: number }], number>(`SELECT ${key} FROM ${table} WHERE ${where}`).pluck().all({ id }),
  );
  const isTaken = db.prepare<[number], number>(`SELECT 1 FROM ${table} WHERE ${key} = ?`).pluck();
  if (![...known].some((number) => isTaken.get(number) !== undefined)) return { by: 0, known };
  const last = db.prepare<[], number>(`SELECT MAX(${key}) FROM ${table}`).pluck().get()!;
  return { by: last + 1 - Math.min(...known), known };
};

/** Names a sender gave that another class here has too: it guards only against being sent again. */
const named = (db: Database, table: 'class' | 'plan_state', column: string, name: string): string =>
  db.prepare<[string], number>(`SELECT 1 FROM ${table} WHERE ${column} = ?`).get(name) === undefined ? name : newId();

/**
 * Puts a class of a file into a data file as a class of its own.
 * @returns its number there @throws HoppelError here-already, bad-file
 */
export const bringOwn = (db: Database, arrived: Database, id: number): number => {
  if (knownHere(arrived, db, id).classId !== undefined) throw new HoppelError('here-already');
  const shifts = new Map(
    CLASS_TABLES.filter((table) => MOVING[table].key !== null).map((table) => [table, shiftOf(db, arrived, table, id)]),
  );
  const ofMaybeGone = (what: ClassTable, number: number): number => number + shifts.get(what)!.by;
  const to: Numbers = {
    ofMaybeGone,
    of: (what, number) => {
      if (!shifts.get(what)!.known.has(number))
        throw new HoppelError('bad-file', `points at a ${what} of another class`);
      return ofMaybeGone(what, number);
    },
  };
  const put = putter(db);
  const putRow = <T extends ClassTable>(table: T, row: Rows[T]): void => {
    const { key, pointed } = MOVING[table];
    const own = key === null ? {} : { [key]: ofMaybeGone(table, (row as StoredValues)[key] as number) };
    put(table, { ...pointed(row, to), ...own });
  };
  const freshNames: { readonly [T in ClassTable]?: (row: Rows[T]) => Rows[T] } = {
    class: (row) => ({ ...row, sender_id: named(db, 'class', 'sender_id', row.sender_id) }),
    plan_state: (row) => ({ ...row, change_id: named(db, 'plan_state', 'change_id', row.change_id) }),
  };
  const bring = <T extends ClassTable>(table: T): void => {
    for (const row of arrivedRows(arrived, table, id)) putRow(table, freshNames[table]?.(row) ?? row);
  };
  for (const table of CLASS_TABLES) bring(table);
  return to.of('class', id);
};

import { JSONParser } from '@streamparser/json';
import Database from 'better-sqlite3';
import type { MessagePort } from 'node:worker_threads';
import { CLASSES_FILE, MOST_FILE_BYTES, type Arrival } from '../../contract/index.ts';
import { readAgain } from '../answers/readAgain.ts';
import { MIGRATIONS, migrate } from '../db/migrate.ts';
import { UnreadableStored } from '../db/stored.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { createPlanRepository } from '../plan/planRepository.ts';
import { createRowsApart } from './rowsApart.ts';
import { ROWS, closed, columnsOf, opened, type MovedTable, type StoredValues } from './rows.ts';
import { CLASS_TABLES, MOVING } from './tables.ts';

/** Rows looked at before others have their turn. */
const AT_A_TIME = 200;
const turn = (): Promise<void> => new Promise((next) => setImmediate(next));

/** A file that has come: its rows in a database of their own, which is gone with the connection, and read by what is used of them today. */
export interface ArrivedFile {
  readonly db: Database.Database;
  readonly madeAt: string;
  /** Numbers of its classes, in its order. */
  readonly classIds: readonly number[];
  readonly close: () => void;
}

/** What the thread that reads a file begins with. */
export interface ArrivalWork {
  /** Where the file comes in, as it comes. */
  readonly port: MessagePort;
  /** Path of the database its rows are put into. */
  readonly to: string;
  /** What the file is called from then on. */
  readonly id: string;
  /** Path of the data file here. */
  readonly here: string;
}
/** What was read, or why the file is refused. */
export type ArrivalRead =
  | (Pick<ArrivedFile, 'madeAt' | 'classIds'> & { readonly contents: Arrival })
  | { readonly code: HoppelError['code']; readonly message: string };

/** Kilobytes of the database held in memory while rows are put into it in no order of its indexes. */
const CACHE_KB = 64_000;

const bad = (why: string): HoppelError => new HoppelError('bad-file', why);
const say = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Puts rows into the tables of a version as they come. */
const inserter = (db: Database.Database) => {
  const known = new Map<
    string,
    { readonly columns: ReadonlySet<string>; readonly statements: Map<string, Database.Statement> }
  >();
  const tableOf = (name: string) => {
    const found = known.get(name);
    if (found !== undefined) return found;
    const columns = new Set(db.prepare<[string], string>('SELECT name FROM pragma_table_info(?)').pluck().all(name));
    if (columns.size === 0) throw bad(`${name}: no table of that version`);
    const made = { columns, statements: new Map<string, Database.Statement>() };
    known.set(name, made);
    return made;
  };
  return (table: MovedTable, row: unknown, where: string): void => {
    if (typeof row !== 'object' || row === null || Array.isArray(row)) throw bad(`${where}: must be a row`);
    const { columns, statements } = tableOf(table);
    const values = closed(table, row as StoredValues);
    const names = Object.keys(values);
    const stray = names.find((name) => !columns.has(name));
    if (stray !== undefined) throw bad(`${where}: has no ${stray.slice(0, 40)}`);
    const key = names.join();
    const statement =
      statements.get(key) ??
      db.prepare(`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map((name) => `@${name}`).join(', ')})`);
    statements.set(key, statement);
    try {
      statement.run(values);
    } catch (error) {
      throw bad(`${where}: ${say(error)}`);
    }
  };
};

const HEAD = ['format', 'version', 'schema', 'madeAt'] as const;
/** @throws HoppelError bad-file */
const checkFormat = (said: unknown): void => {
  if (said !== CLASSES_FILE.format) throw bad(`format: must be "${CLASSES_FILE.format}": this is another kind of file`);
};
/** What stands before everything else. @throws HoppelError bad-file */
const checkHead = (head: ReadonlyMap<string, unknown>): { readonly schema: number; readonly madeAt: string } => {
  checkFormat(head.get('format'));
  if (head.get('version') !== CLASSES_FILE.version)
    throw bad(`version: must be ${CLASSES_FILE.version}: this file is of another version`);
  const [schema, madeAt] = [head.get('schema'), head.get('madeAt')];
  if (typeof schema !== 'number' || !Number.isInteger(schema) || schema < FIRST_SCHEMA)
    throw bad('schema: must be the version of the rows');
  if (schema > MIGRATIONS.length) throw bad('it was made by a newer Hoppel: use that one');
  if (typeof madeAt !== 'string' || Number.isNaN(Date.parse(madeAt))) throw bad('madeAt: must be a moment');
  return { schema, madeAt };
};
/** Files of classes are made since this version of the rows. */
const FIRST_SCHEMA = 20;

/**
 * Takes indexes away that only make looking things up faster: with them a hundred thousand rows take twice as long to come in.
 * @returns makes them again
 */
const withoutIndexes = (db: Database.Database): (() => void) => {
  const indexes = db
    .prepare<[], { name: string; sql: string }>(
      "SELECT name, sql FROM sqlite_schema WHERE type = 'index' AND sql IS NOT NULL AND sql NOT LIKE 'CREATE UNIQUE%'",
    )
    .all();
  for (const { name } of indexes) db.exec(`DROP INDEX ${name}`);
  return () => {
    for (const { sql } of indexes) db.exec(sql);
  };
};

/** Fills a database from the text of a file as it comes. */
const fill = async (
  db: Database.Database,
  source: AsyncIterable<Uint8Array>,
): Promise<{ madeAt: string; classIds: number[] }> => {
  const head = new Map<string, unknown>();
  const classIds: number[] = [];
  let begun: ReturnType<typeof checkHead> | undefined;
  let put: ReturnType<typeof inserter> | undefined;
  let makeIndexes: (() => void) | undefined;
  let fault: unknown;
  let ended = false;
  const begin = (): void => {
    if (begun !== undefined) return;
    begun = checkHead(head);
    migrate(db, begun.schema);
    // What a row points at may come behind it; all of it is looked at in the end.
    db.pragma('foreign_keys = OFF');
    makeIndexes = withoutIndexes(db);
    db.exec('BEGIN');
    put = inserter(db);
  };
  const take = (path: readonly (string | number | undefined)[], key: unknown, value: unknown): void => {
    const [, part, at, table] = path;
    if (part === undefined) {
      head.set(String(key), value);
      // Another file is told from one of classes by its first words, however long it is.
      if (key === 'format') checkFormat(value);
      return;
    }
    begin();
    if (part === 'templates') return put!('lesson_template', value, `templates[${String(key)}]`);
    const name = CLASS_TABLES.find((one) => one === table);
    if (name === undefined) throw bad(`classes[${at}]: has no ${String(table).slice(0, 40)}`);
    put!(name, value, `classes[${at}].${name}[${String(key)}]`);
    if (name === 'class') classIds.push((value as { id: number }).id);
  };
  const apart = createRowsApart();
  const parser = new JSONParser({
    paths: [...HEAD.map((name) => `$.${name}`), '$.templates.*', '$.classes.*.*.*'],
    keepStack: false,
  });
  parser.onValue = ({ value, key, stack }) => {
    if (fault !== undefined) return;
    try {
      take(
        stack.map((one) => one.key),
        key,
        apart.valueOf(value),
      );
    } catch (error) {
      fault = error instanceof SyntaxError ? bad(`not JSON: ${error.message}`) : error;
    }
  };
  parser.onError = (error) => (fault ??= bad(`not JSON: ${error.message}`));
  parser.onEnd = () => (ended = true);
  let bytes = 0;
  for await (const chunk of source) {
    bytes += chunk.length;
    if (bytes > MOST_FILE_BYTES) throw new HoppelError('too-large');
    try {
      parser.write(apart.take(chunk));
    } catch (error) {
      fault ??= error instanceof HoppelError ? error : bad(`not JSON: ${say(error)}`);
    }
    if (fault !== undefined) throw fault;
    await turn();
  }
  if (!ended) throw bad(bytes === 0 ? 'it is empty' : 'it ends in the middle: it was not taken along whole');
  begin();
  db.exec('COMMIT');
  makeIndexes!();
  return { madeAt: begun!.madeAt, classIds };
};

/** Opens the unit of each class as it will be opened. @throws HoppelError bad-file */
const checkUnits = (db: Database.Database, classIds: readonly number[]): void => {
  for (const id of classIds) {
    let isWhole: boolean;
    try {
      isWhole = createPlanRepository(db, id).maybeHead()?.fellBack !== true;
    } catch (error) {
      if (!(error instanceof UnreadableStored)) throw error;
      isWhole = false;
    }
    if (!isWhole) throw bad(`classes[${classIds.indexOf(id)}].plan_state: the unit cannot be read`);
  }
};

/** Looks at every row as it is used today. @throws HoppelError bad-file with the place of the first fault */
const checkRows = async (db: Database.Database, classIds: readonly number[]): Promise<void> => {
  const check = async (table: MovedTable, where: string, order: string, id: number): Promise<void> => {
    const select = db.prepare<[{ id: number }], StoredValues>(
      `SELECT ${columnsOf(table).join(', ')} FROM ${table} WHERE ${where} ORDER BY ${order}`,
    );
    let at = 0;
    for (const row of select.iterate({ id })) {
      const found = ROWS[table].safeParse(openedOrBad(table, row));
      const issue = found.error?.issues[0];
      if (issue !== undefined) throw bad(`${table}[${at}]: ${issue.path.join('.')}: ${issue.message}`);
      at += 1;
      if (at % AT_A_TIME === 0) await turn();
    }
  };
  for (const id of classIds)
    for (const table of CLASS_TABLES) await check(table, MOVING[table].where, MOVING[table].order, id);
  await check('lesson_template', 'taken_out = 0', 'id', 0);
};
const openedOrBad = (table: MovedTable, row: StoredValues): StoredValues => {
  try {
    return opened(table, row);
  } catch (error) {
    throw bad(`${table}: ${say(error)}`);
  }
};

/**
 * Reads a file of classes as it comes, of this version or an older one, and looks at all of it.
 * @param to path of the database its rows are put into; without one SQLite keeps it in a file that nobody else can find, gone even after a power cut
 * @throws HoppelError bad-file, too-large
 */
export const readArrival = async (source: AsyncIterable<Uint8Array>, to = ''): Promise<ArrivedFile> => {
  const db = new Database(to);
  try {
    // What is read here is made again from the file where it is lost.
    db.pragma('journal_mode = OFF');
    db.pragma('synchronous = OFF');
    db.pragma(`cache_size = -${CACHE_KB}`);
    const { madeAt, classIds } = await fill(db, source);
    if (classIds.length === 0) throw bad('there is no class in it');
    const [lost] = db.pragma('foreign_key_check') as { table: string; parent: string }[];
    if (lost !== undefined) throw bad(`${lost.table}: points at a ${lost.parent} that is not in it`);
    migrate(db);
    readAgain(db);
    await checkRows(db, classIds);
    checkUnits(db, classIds);
    return { db, madeAt, classIds, close: () => void db.close() };
  } catch (error) {
    db.close();
    throw error;
  }
};

import type { Database } from 'better-sqlite3';
import type { TakeIn } from '../../contract/index.ts';
import { createChildRepository } from '../children/childRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { inOrderOfTime } from './inOrderOfTime.ts';
import { arrivedRows, putter } from './put.ts';
import type { Rows, StoredValues } from './rows.ts';
import { CLASS_TABLES, MOVING, type ClassTable, type Numbered, type Numbers } from './tables.ts';

type Into = Extract<TakeIn, { as: 'into' }>;
const otherwise = (): HoppelError => new HoppelError('here-otherwise');

/** How a row is found that has come before: by what its sender made one of. With the class here that has it. */
const HERE: { readonly [T in ClassTable]?: { readonly query: string; readonly by: (row: Rows[T]) => unknown[] } } = {
  round: {
    query: 'SELECT t.*, l.class_id AS of_class FROM round AS t JOIN lesson AS l ON l.id = t.lesson_id WHERE t.id = ?',
    by: ({ id }) => [id],
  },
  sheet_version: {
    query: 'SELECT t.*, t.class_id AS of_class FROM sheet_version AS t WHERE sheet_id = ? AND version = ?',
    by: ({ sheet_id, version }) => [sheet_id, version],
  },
  printing: {
    query: `SELECT t.*, v.class_id AS of_class
      FROM printing AS t JOIN sheet_version AS v ON v.id = t.version_id WHERE job_id = ?`,
    by: ({ job_id }) => [job_id],
  },
  pile: { query: 'SELECT t.*, t.class_id AS of_class FROM pile AS t WHERE id = ?', by: ({ id }) => [id] },
  pile_child: {
    query:
      'SELECT t.*, c.class_id AS of_class FROM pile_child AS t JOIN child AS c ON c.id = t.child_id WHERE t.id = ?',
    by: ({ id }) => [id],
  },
  answer: {
    query: 'SELECT t.*, c.class_id AS of_class FROM answer AS t JOIN child AS c ON c.id = t.child_id WHERE t.id = ?',
    by: ({ id }) => [id],
  },
  correction: {
    query: `SELECT t.*, c.class_id AS of_class
      FROM correction AS t JOIN answer AS a ON a.id = t.answer_id JOIN child AS c ON c.id = a.child_id WHERE t.id = ?`,
    by: ({ id }) => [id],
  },
  child_note: {
    query:
      'SELECT t.*, c.class_id AS of_class FROM child_note AS t JOIN child AS c ON c.id = t.child_id WHERE t.id = ?',
    by: ({ id }) => [id],
  },
};

/** Finds the row of a class that has come before. @throws HoppelError here-otherwise where another class has it */
const finder = (db: Database, classId: number) => {
  const statements = new Map<ClassTable, ReturnType<Database['prepare']>>();
  return <T extends ClassTable>(table: T, row: Rows[T]): StoredValues | undefined => {
    const how = HERE[table];
    if (how === undefined) return undefined;
    const statement = statements.get(table) ?? db.prepare(how.query);
    statements.set(table, statement);
    const found = statement.get(...how.by(row)) as StoredValues | undefined;
    if (found !== undefined && found['of_class'] !== classId) throw otherwise();
    return found;
  };
};

/** Numbers here of the children of a file; those who are new are added to the list. */
const childrenInto = (
  db: Database,
  arrived: Database,
  { number, classId, children: wishes }: Into,
): Map<number, number> => {
  const list = createChildRepository(db, classId);
  const inFile = [...arrivedRows(arrived, 'child', number)];
  const numbers = new Map(wishes.map((wish) => [wish.number, wish.childId]));
  const meant = wishes.flatMap(({ childId }) => childId ?? []);
  if (
    wishes.length !== inFile.length ||
    !inFile.every(({ id }) => numbers.has(id)) ||
    new Set(meant).size !== meant.length
  )
    throw new HoppelError('malformed', 'children: must be every child of the file once, and no child here twice');
  const insertAway = db.prepare<[number, string, string, number, string | null]>(
    `INSERT INTO child (class_id, name, picture, position, moved_away, home_language)
    VALUES (?, ?, ?, (SELECT COALESCE(MAX(position), 0) + 1 FROM child WHERE class_id = ?), 1, ?)`,
  );
  const newest = db.prepare<[number], number>('SELECT MAX(id) FROM child WHERE class_id = ?').pluck();
  const speaks = db.prepare<[string | null, number]>(
    'UPDATE child SET home_language = COALESCE(home_language, ?) WHERE id = ?',
  );
  return new Map(
    inFile.map(({ id, name, picture, moved_away, home_language }) => {
      const known = numbers.get(id) ?? null;
      if (known !== null) list.one(known);
      else if (moved_away === 1) insertAway.run(classId, name, picture, classId, home_language);
      else {
        const taken = list.all().some((one) => one.picture === picture);
        list.add([taken ? { name } : { name, picture }]);
      }
      const here = known ?? newest.get(classId)!;
      speaks.run(home_language, here);
      return [id, here] as const;
    }),
  );
};

/**
 * Puts the children of a class of a file into a class that is here, with all they did: answers, notes, papers, and the lessons these were
 * given in, which are in no unit here. What has come before is not put in twice.
 * @returns the number of the class @throws HoppelError malformed, unknown-class, unknown-child, class-full, here-otherwise
 */
export const bringInto = (db: Database, arrived: Database, wish: Into): number => {
  const { number, classId } = wish;
  const isListed = db.prepare<[number], number>("SELECT 1 FROM class WHERE id = ? AND put_away = 0 AND name <> ''");
  if (isListed.get(classId) === undefined) throw new HoppelError('unknown-class');
  const find = finder(db, classId);
  const put = putter(db);
  const children = childrenInto(db, arrived, wish);
  const known = new Map<string, number>();
  const keyOf = (what: Numbered, at: number): string => `${what} ${at}`;
  const learn = (what: Numbered, at: unknown, here: unknown): void => {
    if (typeof at === 'number' && typeof here === 'number') known.set(keyOf(what, at), here);
  };
  // Lessons have no name of their own: those that something belongs to which is here are the same ones.
  for (const table of ['round', 'sheet_version', 'pile', 'answer'] as const)
    for (const row of arrivedRows(arrived, table, number)) {
      const found = find(table, row);
      if (found !== undefined) learn('lesson', row.lesson_id, found['lesson_id']);
    }
  const notes = new Map([...arrivedRows(arrived, 'lesson', number)].map(({ id, note }) => [id, note]));
  const lesson = (at: number): number => {
    const here = known.get(keyOf('lesson', at));
    if (here !== undefined) return here;
    const note = notes.get(at);
    if (note === undefined) throw new HoppelError('bad-file', 'points at a lesson of another class');
    const fresh = put('lesson', { class_id: classId, note });
    learn('lesson', at, fresh);
    return fresh;
  };
  const of = (what: Numbered, at: number): number => {
    if (what === 'class') return classId;
    if (what === 'lesson') return lesson(at);
    const here = what === 'child' ? children.get(at) : known.get(keyOf(what, at));
    if (here === undefined) throw new HoppelError('bad-file', `points at a ${what} of another class`);
    return here;
  };
  // Who is gone there is nobody here: no child has the number nought.
  const to: Numbers = { of, ofMaybeGone: (what, at) => (what === 'child' ? (children.get(at) ?? 0) : of(what, at)) };

  const bring = <T extends ClassTable>(table: T): void => {
    const { key, pointed, ownOnly } = MOVING[table];
    if (ownOnly) return;
    for (const row of arrivedRows(arrived, table, number)) {
      const values = row as StoredValues;
      const found = find(table, row);
      if (found !== undefined && 'child_id' in found && found['child_id'] !== of('child', values['child_id'] as number))
        throw otherwise();
      const here = found === undefined ? putNew(table, onItsOwn(table, pointed(row, to)), key) : found[key ?? ''];
      if (table === 'printing' || table === 'sheet_version') learn(table, values[key!], here);
    }
  };
  const hasPile = db.prepare<[number, string], number>('SELECT 1 FROM pile WHERE class_id = ? AND origin = ?');
  /** What would be taken for something of the class here: the round on its board, the pile opened from a paper. */
  const onItsOwn = <T extends ClassTable>(table: T, row: Rows[T]): Rows[T] => {
    if (table === 'round') return { ...row, closed: 1 };
    if (table !== 'pile') return row;
    const { id, origin } = row as Rows['pile'];
    return hasPile.get(classId, origin) === undefined ? row : { ...row, origin: `${origin} ${id}` };
  };
  const putNew = <T extends ClassTable>(table: T, row: Rows[T], key: 'id' | 'seq' | null): number => {
    const rest = Object.fromEntries(Object.entries(row).filter(([column]) => column !== key));
    // A copy, a pair, a stand-in's answer that is here is the same one.
    return put(table, rest as Partial<Rows[T]>, key === null && HERE[table] === undefined);
  };
  for (const table of CLASS_TABLES) bring(table);
  inOrderOfTime(db, classId);
  return classId;
};

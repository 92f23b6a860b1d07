import type { Database } from 'better-sqlite3';
import type { Arrival, ArrivedChild, ArrivedClass, ClassHere } from '../../contract/index.ts';
import type { ArrivedFile } from './arrival.ts';

/** What every sender makes one of: where one is here, what it belongs to has come before. Each with the class here that has it. */
const KNOWN_BY: readonly (readonly [table: string, ofClass: string, column: string, here: string])[] = [
  [
    'round',
    'lesson_id IN (SELECT id FROM lesson WHERE class_id = @id)',
    'id',
    'SELECT l.class_id FROM round AS r JOIN lesson AS l ON l.id = r.lesson_id WHERE r.id = ?',
  ],
  ['sheet_version', 'class_id = @id', 'sheet_id', 'SELECT class_id FROM sheet_version WHERE sheet_id = ? LIMIT 1'],
  ['pile', 'class_id = @id', 'id', 'SELECT class_id FROM pile WHERE id = ?'],
  ['handed_set', 'class_id = @id', 'id', 'SELECT class_id FROM handed_set WHERE id = ?'],
  [
    'child_note',
    'child_id IN (SELECT id FROM child WHERE class_id = @id)',
    'id',
    'SELECT c.class_id FROM child_note AS n JOIN child AS c ON c.id = n.child_id WHERE n.id = ?',
  ],
];

interface ChildRow {
  readonly number: number;
  readonly name: string;
  readonly picture: string;
  readonly movedAway: number;
}

/** Children whose answers are here, as they are known in a data file, by their number in another one; and the class that has some of it. */
export const knownHere = (
  arrived: Database,
  here: Database,
  number: number,
): { readonly children: ReadonlyMap<number, number>; readonly classId: number | undefined } => {
  const children = new Map<number, number>();
  const owner = here.prepare<[string], { childId: number; classId: number }>(
    'SELECT a.child_id AS childId, c.class_id AS classId FROM answer AS a JOIN child AS c ON c.id = a.child_id WHERE a.id = ?',
  );
  let classId: number | undefined;
  const answers = arrived.prepare<[number], { id: string; childId: number }>(
    'SELECT id, child_id AS childId FROM answer WHERE child_id IN (SELECT id FROM child WHERE class_id = ?) ORDER BY seq',
  );
  for (const { id, childId } of answers.iterate(number)) {
    if (children.has(childId)) continue;
    const found = owner.get(id);
    if (found === undefined) continue;
    children.set(childId, found.childId);
    classId ??= found.classId;
  }
  for (const [table, ofClass, column, query] of KNOWN_BY) {
    if (classId !== undefined) break;
    const select = here.prepare<[string], number>(query).pluck();
    const ids = arrived.prepare<[{ id: number }], string>(`SELECT ${column} FROM ${table} WHERE ${ofClass}`).pluck();
    for (const id of ids.iterate({ id: number })) classId ??= select.get(id);
  }
  return { children, classId };
};

const classOf = (arrived: Database, here: Database, number: number): ArrivedClass => {
  const known = knownHere(arrived, here, number);
  const count = (query: string): number => arrived.prepare<[number], number>(query).pluck().get(number)!;
  const nameHere = here.prepare<[number], string>('SELECT name FROM class WHERE id = ?').pluck();
  const answersOf = arrived.prepare<[number], number>('SELECT COUNT(*) FROM answer WHERE child_id = ?').pluck();
  const children = arrived
    .prepare<[number], ChildRow>(
      'SELECT id AS number, name, picture, moved_away AS movedAway FROM child WHERE class_id = ? ORDER BY moved_away, position, id',
    )
    .all(number)
    .map(({ movedAway, ...child }): ArrivedChild => ({
      ...child,
      movedAway: movedAway === 1,
      answers: answersOf.get(child.number)!,
      here: known.children.get(child.number) ?? null,
    }));
  const { first, last } = arrived
    .prepare<[number], { first: string | null; last: string | null }>(
      'SELECT MIN(day) AS first, MAX(day) AS last FROM answer WHERE child_id IN (SELECT id FROM child WHERE class_id = ?)',
    )
    .get(number)!;
  return {
    number,
    name: arrived.prepare<[number], string>('SELECT name FROM class WHERE id = ?').pluck().get(number)!,
    children,
    answers: children.reduce((sum, { answers }) => sum + answers, 0),
    lessons: count(
      `SELECT COALESCE(json_array_length(p.plan, '$.lessons'), 0)
      FROM class AS c LEFT JOIN plan_state AS p ON p.seq = c.plan_seq WHERE c.id = ?`,
    ),
    sheets: count('SELECT COUNT(DISTINCT sheet_id) FROM sheet_version WHERE class_id = ?'),
    days: first === null || last === null ? null : [first, last],
    here: known.classId === undefined ? null : { classId: known.classId, name: nameHere.get(known.classId)! },
  };
};

/** The classes here that children may come into. */
const classesHere = (here: Database): ClassHere[] => {
  const children = here.prepare<[number], Omit<ClassHere['children'][number], 'movedAway'> & { movedAway: number }>(
    `SELECT id, name, picture, moved_away AS movedAway
    FROM child WHERE class_id = ? AND erased = 0 ORDER BY moved_away, position, id`,
  );
  return here
    .prepare<[], { id: number; name: string }>(
      "SELECT id, name FROM class WHERE put_away = 0 AND name <> '' ORDER BY id",
    )
    .all()
    .map((one) => ({
      ...one,
      children: children.all(one.id).map((child) => ({ ...child, movedAway: child.movedAway === 1 })),
    }));
};

/** What is in a file that has come, and what of it is here. */
export const contentsOf = (id: string, { db, madeAt, classIds }: ArrivedFile, here: Database): Arrival => ({
  id,
  madeAt,
  classes: classIds.map((number) => classOf(db, here, number)),
  templates: db.prepare<[], number>('SELECT COUNT(*) FROM lesson_template').pluck().get()!,
  here: classesHere(here),
});

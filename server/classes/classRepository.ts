import type { Database } from 'better-sqlite3';
import type { PutClass, Thresholds } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** A class of this data file. */
export interface ClassRow {
  readonly id: number;
  readonly name: string;
  /** When number time starts, HH:MM. */
  readonly numberTime: string;
  readonly demo: boolean;
  readonly thresholds: Thresholds;
  /** Loudness of the chime, per cent. */
  readonly chime: number;
}
interface StoredRow {
  id: number;
  name: string;
  number_time: string;
  demo: number;
  go_on: number;
  with_group: number;
  chime: number;
}
const fromRow = (row: StoredRow): ClassRow => ({
  id: row.id,
  name: row.name,
  numberTime: row.number_time,
  demo: row.demo === 1,
  thresholds: { goOn: row.go_on, withGroup: row.with_group },
  chime: row.chime,
});
const COLUMNS = 'c.id, c.name, c.number_time, c.demo, c.go_on, c.with_group, c.chime';

/** The classes, which of them are open on some screen, and the one a new screen begins with. */
export const createClassRepository = (db: Database) => {
  const selectOpen = db.prepare<[], number>('SELECT class_id FROM open_class').pluck();
  const selectOne = db.prepare<[number], StoredRow>(`SELECT ${COLUMNS} FROM class AS c WHERE c.id = ?`);
  const selectOfChild = db.prepare<[number], number>('SELECT class_id FROM child WHERE id = ?').pluck();
  const selectAll = db.prepare<[], { id: number; name: string }>(
    'SELECT id, name FROM class WHERE put_away = 0 ORDER BY id',
  );
  const selectBySender = db.prepare<[string], number>('SELECT id FROM class WHERE sender_id = ?').pluck();
  const exists = db.prepare<[number], number>("SELECT 1 FROM class WHERE id = ? AND name <> ''").pluck();
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO class (sender_id, name, number_time, demo, go_on, with_group, chime)
    VALUES (@senderId, @name, @numberTime, @demo, @goOn, @withGroup, @chime)`);
  const update = db.prepare<[Record<string, unknown>]>(`
    UPDATE class
    SET name = @name, number_time = @numberTime, go_on = @goOn, with_group = @withGroup, chime = @chime
    WHERE id = @id`);
  const open = db.prepare<[number]>(`
    INSERT INTO open_class (id, class_id)
    VALUES (1, ?)
    ON CONFLICT (id) DO UPDATE SET class_id = excluded.class_id`);

  const selectDemos = db.prepare<[], number>('SELECT id FROM class WHERE demo = 1 AND put_away = 0').pluck();
  const setPutAway = db.prepare<[number, number]>('UPDATE class SET put_away = ? WHERE id = ?');
  const openNone = db.prepare('DELETE FROM open_class');
  const setOpen = db.prepare<[number, number]>('UPDATE class SET open = ? WHERE id = ?');
  const isListed = db
    .prepare<[number], number>("SELECT 1 FROM class WHERE id = ? AND put_away = 0 AND name <> ''")
    .pluck();
  const isOpen = db.prepare<[number], number>('SELECT 1 FROM class WHERE id = ? AND open = 1').pluck();
  const selectOpenOnes = db
    .prepare<[], number>('SELECT id FROM class WHERE open = 1 AND put_away = 0 ORDER BY id')
    .pluck();

  const maybe = (id: number): ClassRow | undefined => {
    const row = selectOne.get(id);
    return row && fromRow(row);
  };
  /** Opens the first there is, or none. */
  const openFirst = (): void => {
    const [first] = selectAll.all();
    if (first === undefined) openNone.run();
    else {
      open.run(first.id);
      setOpen.run(1, first.id);
    }
  };
  const selectKey = db.prepare<[number], string>('SELECT sender_id FROM class WHERE id = ?').pluck();
  return {
    maybe,
    /** Id of the class that was opened last, with which a new screen begins; 0, which no class has, before one was set up. */
    openId: (): number => selectOpen.get() ?? 0,
    /** Is a class there to be looked at? */
    isListed: (id: number): boolean => isListed.get(id) !== undefined,
    /** Those that some screen looks at: their tablets may come in. */
    openOnes: (): number[] => selectOpenOnes.all(),
    isOpen: (id: number): boolean => isOpen.get(id) !== undefined,
    /** Some screen looks at a class, or none does any more. */
    setOpen: (id: number, isOpen: boolean): void => void setOpen.run(isOpen ? 1 : 0, id),
    /** @throws HoppelError unknown-child */
    ofChild: (childId: number): number => {
      const id = selectOfChild.get(childId);
      if (id === undefined) throw new HoppelError('unknown-child');
      return id;
    },
    all: (): { id: number; name: string }[] => selectAll.all(),
    /** What made the class knows it by: another one in every school. */
    key: (id: number): string => selectKey.get(id) ?? '',
    /** The class a sender set up before, if it did. */
    maybeBySender: (senderId: string): number | undefined => selectBySender.get(senderId),
    add: (senderId: string, row: Omit<ClassRow, 'id'>): number =>
      Number(insert.run({ ...row, ...row.thresholds, senderId, demo: row.demo ? 1 : 0 }).lastInsertRowid),
    /** @throws HoppelError unknown-class */
    open: (id: number): void => {
      if (exists.get(id) === undefined) throw new HoppelError('unknown-class');
      setPutAway.run(0, id);
      setOpen.run(1, id);
      open.run(id);
    },
    /** Puts every made-up class out of the way, and opens the first of the others, or none. @throws HoppelError unknown-class */
    putDemoAway: (): void => {
      const demos = selectDemos.all();
      if (demos.length === 0) throw new HoppelError('unknown-class');
      for (const id of demos) setPutAway.run(1, id);
      if (!demos.includes(selectOpen.get() ?? 0)) return;
      openFirst();
    },
    openFirst,
    hasDemo: (): boolean => selectDemos.all().length > 0,
    /** Changes a class; what is not given stays. @throws HoppelError no-class */
    change: (id: number, change: PutClass & { readonly chime?: number }): void => {
      const row = maybe(id);
      if (row === undefined) throw new HoppelError('no-class');
      const { thresholds, ...rest } = { ...row, ...change };
      update.run({ ...rest, ...thresholds });
    },
  };
};
export type ClassRepository = ReturnType<typeof createClassRepository>;

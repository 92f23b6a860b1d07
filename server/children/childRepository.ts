import type { Database } from 'better-sqlite3';
import type { Child } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

export const createChildRepository = (db: Database) => {
  const selectAll = db.prepare<[], Child>('SELECT id, name, picture FROM child ORDER BY name COLLATE NOCASE, id');
  const selectOne = db.prepare<[number], Child>('SELECT id, name, picture FROM child WHERE id = ?');
  const insert = db.prepare<[string, string]>('INSERT INTO child (name, picture) VALUES (?, ?)');
  return {
    /** In class order: by name. */
    all: (): Child[] => selectAll.all(),
    /** @throws HoppelError unknown-child */
    one: (id: number): Child => {
      const child = selectOne.get(id);
      if (child === undefined) throw new HoppelError('unknown-child');
      return child;
    },
    add: (name: string, picture: string): number => Number(insert.run(name, picture).lastInsertRowid),
  };
};
export type ChildRepository = ReturnType<typeof createChildRepository>;

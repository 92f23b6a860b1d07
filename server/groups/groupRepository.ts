import type { Database } from 'better-sqlite3';
import { KeptGroups } from '../../contract/index.ts';
import { readStored } from '../db/stored.ts';

/** Groups of the class, by the check they came of. */
export const createGroupRepository = (db: Database) => {
  const insert = db.prepare<[number, string, string]>(
    'INSERT INTO small_group (lesson_id, members, made_at) VALUES (?, ?, ?)',
  );
  const select = db
    .prepare<[number], string>('SELECT members FROM small_group WHERE lesson_id = ? ORDER BY id DESC LIMIT 1')
    .pluck();
  return {
    /** The groups as they are now; none where none were made. */
    maybe: (checkId: number): KeptGroups | undefined => {
      const row = select.get(checkId);
      return row === undefined ? undefined : readStored(KeptGroups, 'small groups', () => JSON.parse(row));
    },
    /** The groups are these from now on; the ones before stay in the file. */
    keep: (checkId: number, kept: KeptGroups, at: Date): void => {
      insert.run(checkId, JSON.stringify(kept), at.toISOString());
    },
  };
};
export type GroupRepository = ReturnType<typeof createGroupRepository>;

import type { Database } from 'better-sqlite3';
import { SmallGroup } from '../../contract/index.ts';
import { readStored } from '../db/stored.ts';

/** Small groups of the class, by the check they came of. */
export const createGroupRepository = (db: Database) => {
  const insert = db.prepare<[number, string, string]>(
    'INSERT INTO small_group (lesson_id, members, made_at) VALUES (?, ?, ?)',
  );
  const select = db
    .prepare<[number], string>('SELECT members FROM small_group WHERE lesson_id = ? ORDER BY id DESC LIMIT 1')
    .pluck();
  return {
    /** The group as it is now; none where none was accepted. */
    maybe: (checkId: number): SmallGroup | undefined => {
      const row = select.get(checkId);
      return row === undefined ? undefined : readStored(SmallGroup, 'a small group', () => JSON.parse(row));
    },
    /** The group is this from now on; the ones before stay in the file. */
    keep: (group: SmallGroup, at: Date): void => {
      insert.run(group.checkId, JSON.stringify(group), at.toISOString());
    },
  };
};
export type GroupRepository = ReturnType<typeof createGroupRepository>;

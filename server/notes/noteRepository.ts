import type { Database } from 'better-sqlite3';
import type { Note } from '../../contract/index.ts';

/** What a teacher has seen of children. */
export const createNoteRepository = (db: Database) => {
  const insert = db.prepare<[Note & { childId: number; notedAt: string }]>(`
    INSERT INTO child_note (id, child_id, day, text, noted_at)
    VALUES (@id, @childId, @day, @text, @notedAt)`);
  const select = db.prepare<[number], Note>(
    'SELECT id, day, text FROM child_note WHERE child_id = ? ORDER BY seq DESC',
  );
  const selectOne = db.prepare<[string], Note & { childId: number }>(
    'SELECT id, child_id AS childId, day, text FROM child_note WHERE id = ?',
  );
  const remove = db.prepare<[string, number]>('DELETE FROM child_note WHERE id = ? AND child_id = ?');
  return {
    /** The latest first. */
    ofChild: (childId: number): Note[] => select.all(childId),
    maybe: (id: string) => selectOne.get(id),
    /** @throws SqliteError when its id is there already */
    add: (note: Note & { childId: number; notedAt: string }): void => {
      insert.run(note);
    },
    /** Takes one back; nothing where it is gone. */
    remove: (id: string, childId: number): void => {
      remove.run(id, childId);
    },
  };
};
export type NoteRepository = ReturnType<typeof createNoteRepository>;

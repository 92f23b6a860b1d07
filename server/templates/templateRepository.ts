import type { Database } from 'better-sqlite3';
import { LessonContent, type Template } from '../../contract/index.ts';
import { readStored } from '../db/stored.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Lessons kept for other classes: they belong to the data file, not to one class. */
export const createTemplateRepository = (db: Database) => {
  const select = db.prepare<[], { id: string; lesson: string }>(
    'SELECT id, lesson FROM lesson_template WHERE taken_out = 0 ORDER BY made_at, rowid',
  );
  const insert = db.prepare<[string, string, string]>(
    'INSERT INTO lesson_template (id, lesson, made_at) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  );
  const takeOut = db.prepare<[string]>('UPDATE lesson_template SET taken_out = 1 WHERE id = ? AND taken_out = 0');
  return {
    all: (): Template[] =>
      select.all().map(({ id, lesson }) => ({
        id,
        lesson: readStored(LessonContent, 'a lesson kept for other classes', () => JSON.parse(lesson)),
      })),
    /** The same id again keeps nothing twice. */
    keep: ({ id, lesson }: Template, at: Date): void => {
      insert.run(id, JSON.stringify(lesson), at.toISOString());
    },
    /** @throws HoppelError not-found */
    takeOut: (id: string): void => {
      if (takeOut.run(id).changes === 0) throw new HoppelError('not-found');
    },
  };
};
export type TemplateRepository = ReturnType<typeof createTemplateRepository>;

import type { Database } from 'better-sqlite3';
import type { TakeIn } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { ArrivedFile } from './arrival.ts';
import { bringInto } from './bringInto.ts';
import { bringOwn } from './bringOwn.ts';

/**
 * Takes classes of a file in, each as it is wished: all of them, or nothing.
 * @returns the classes that have something new now, in the order of the wishes
 * @throws HoppelError malformed, unknown-class, unknown-child, class-full, here-already, here-otherwise, bad-file
 */
export const takeIn = (db: Database, { db: arrived, classIds }: ArrivedFile, wishes: readonly TakeIn[]): number[] => {
  const numbers = wishes.map(({ number }) => number);
  if (new Set(numbers).size !== numbers.length || !numbers.every((number) => classIds.includes(number)))
    throw new HoppelError('malformed', 'classes: must be classes of the file, each once');
  return db.transaction((): number[] => {
    const changed = wishes.map((wish) =>
      wish.as === 'own' ? bringOwn(db, arrived, wish.number) : bringInto(db, arrived, wish),
    );
    const templates = arrived.prepare<[], { id: string; lesson: string; made_at: string }>(
      'SELECT id, lesson, made_at FROM lesson_template ORDER BY made_at, id',
    );
    const keep = db.prepare<[{ id: string; lesson: string; made_at: string }]>(
      'INSERT INTO lesson_template (id, lesson, made_at) VALUES (@id, @lesson, @made_at) ON CONFLICT DO NOTHING',
    );
    for (const template of templates.iterate()) keep.run(template);
    return changed;
  })();
};

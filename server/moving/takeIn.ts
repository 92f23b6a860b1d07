import type { Database } from 'better-sqlite3';
import type { TakeIn } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { ArrivedFile } from './arrival.ts';
import { bringInto } from './bringInto.ts';
import { bringOwn } from './bringOwn.ts';

/** @throws HoppelError malformed unless each is a class of the file, once */
export const checkWishes = ({ classIds }: ArrivedFile, wishes: readonly TakeIn[]): void => {
  const numbers = wishes.map(({ number }) => number);
  if (new Set(numbers).size !== numbers.length || !numbers.every((number) => classIds.includes(number)))
    throw new HoppelError('malformed', 'classes: must be classes of the file, each once');
};

/**
 * Takes one class of a file in as it is wished: all of it, or nothing.
 * @returns the class that has something new now
 * @throws HoppelError malformed, unknown-class, unknown-child, class-full, here-already, here-otherwise, bad-file
 */
export const takeClassIn = (db: Database, arrived: Database, wish: TakeIn): number =>
  db.transaction(() => (wish.as === 'own' ? bringOwn(db, arrived, wish.number) : bringInto(db, arrived, wish)))();

/** Takes in lessons kept for other classes; those that are here stay as they are. */
export const takeTemplatesIn = (db: Database, arrived: Database): void => {
  const keep = db.prepare<[{ id: string; lesson: string; made_at: string }]>(
    'INSERT INTO lesson_template (id, lesson, made_at) VALUES (@id, @lesson, @made_at) ON CONFLICT DO NOTHING',
  );
  const templates = arrived
    .prepare<[], { id: string; lesson: string; made_at: string }>(
      'SELECT id, lesson, made_at FROM lesson_template ORDER BY made_at, id',
    )
    .all();
  db.transaction(() => templates.forEach((template) => keep.run(template)))();
};

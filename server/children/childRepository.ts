import type { Database } from 'better-sqlite3';
import type { Child, ListedChild, PutChild } from '../../contract/index.ts';
import { PICTURES } from '../../core/pictures/index.ts';
import type { Day } from '../../core/planning/index.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';

interface ChildRow {
  id: number;
  name: string;
  picture: string;
  absent_on: string | null;
  moved_away: number;
  home_language: string | null;
}
const COLUMNS = 'id, name, picture, absent_on, moved_away, home_language';
const bare = ({ id, name, picture }: ChildRow): Child => ({ id, name, picture });

/** The children of the open class. */
export const createChildRepository = (db: Database, classes: Pick<ClassRepository, 'openId'>) => {
  const select = db.prepare<[number, number], ChildRow>(
    `SELECT ${COLUMNS} FROM child WHERE class_id = ? AND moved_away = ? ORDER BY position, id`,
  );
  const selectOne = db.prepare<[number], ChildRow>(`SELECT ${COLUMNS} FROM child WHERE id = ?`);
  const insert = db.prepare<[number, string, string, number]>(
    'INSERT INTO child (class_id, name, picture, position) VALUES (?, ?, ?, ?)',
  );
  const update = db.prepare<[Record<string, unknown>]>(`
    UPDATE child
    SET name = @name, picture = @picture, absent_on = @absentOn, moved_away = @movedAway, home_language = @homeLanguage
    WHERE id = @id`);
  const place = db.prepare<[number, number]>('UPDATE child SET position = ? WHERE id = ?');
  const lastPlace = db
    .prepare<[number], number>('SELECT COALESCE(MAX(position), 0) FROM child WHERE class_id = ?')
    .pluck();

  const here = (): ChildRow[] => select.all(classes.openId(), 0);
  const row = (id: number): ChildRow => {
    const found = selectOne.get(id);
    if (found === undefined) throw new HoppelError('unknown-child');
    return found;
  };
  const freePictures = (): string[] => {
    const taken = new Set(here().map(({ picture }) => picture));
    return PICTURES.filter((picture) => !taken.has(picture));
  };
  return {
    /** Those who are here, in class order. */
    all: (): Child[] => here().map(bare),
    /** The same with what only the teacher knows. @param today whose absence counts */
    listed: (today: Day): ListedChild[] =>
      here().map((child) => ({
        ...bare(child),
        absent: child.absent_on === today,
        homeLanguage: child.home_language,
      })),
    movedAway: (): Child[] => select.all(classes.openId(), 1).map(bare),
    absentIds: (today: Day): number[] => here().flatMap(({ id, absent_on }) => (absent_on === today ? [id] : [])),
    /** A child of any class, moved away or not: a tablet may still send what belongs to the class before. @throws HoppelError unknown-child */
    one: (id: number): Child => bare(row(id)),
    /**
     * Adds children at the end of the list, each with a picture no other child has.
     * @throws HoppelError class-full when there are not so many pictures
     */
    add: db.transaction((fresh: readonly { readonly name: string; readonly picture?: string }[]): void => {
      const wished = new Set(fresh.map(({ picture }) => picture));
      const free = freePictures().filter((picture) => !wished.has(picture));
      let position = lastPlace.get(classes.openId())!;
      for (const { name, picture = free.shift() } of fresh) {
        if (picture === undefined) throw new HoppelError('class-full');
        insert.run(classes.openId(), name, picture, (position += 1));
      }
    }),
    /** @throws HoppelError unknown-child, picture-taken, class-full when a child who comes back finds no free picture */
    change: db.transaction((id: number, change: PutChild, today: Day): void => {
      const old = row(id);
      const movedAway = change.movedAway ?? old.moved_away === 1;
      let picture = change.picture ?? old.picture;
      const taken = !movedAway && here().some((other) => other.id !== id && other.picture === picture);
      if (taken && change.picture !== undefined) throw new HoppelError('picture-taken');
      if (taken) picture = freePictures()[0] ?? '';
      if (picture === '') throw new HoppelError('class-full');
      update.run({
        id,
        name: change.name ?? old.name,
        picture,
        absentOn: change.absent === undefined ? old.absent_on : change.absent ? today : null,
        movedAway: movedAway ? 1 : 0,
        homeLanguage: change.homeLanguage === undefined ? old.home_language : change.homeLanguage,
      });
    }),
    /** @throws HoppelError malformed unless these are all the children who are here, each once */
    order: db.transaction((ids: readonly number[]): void => {
      const known = here().map(({ id }) => id);
      if (known.length !== ids.length || !known.every((id) => ids.includes(id)))
        throw new HoppelError('malformed', 'ids: must be every child of the class once');
      ids.forEach((id, i) => place.run(i + 1, id));
    }),
  };
};
export type ChildRepository = ReturnType<typeof createChildRepository>;

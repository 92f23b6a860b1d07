import type { Database } from 'better-sqlite3';
import type { Child, ListedChild, PutChild } from '../../contract/index.ts';
import { PICTURES } from '../../core/pictures/index.ts';
import type { Day } from '../../core/planning/index.ts';
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

/** The children of one class. */
export const createChildRepository = (db: Database, classId: number) => {
  const select = db.prepare<[number, number], ChildRow>(
    `SELECT ${COLUMNS} FROM child WHERE class_id = ? AND moved_away = ? AND erased = 0 ORDER BY position, id`,
  );
  const selectOne = db.prepare<[number, number], ChildRow>(
    `SELECT ${COLUMNS} FROM child WHERE id = ? AND class_id = ? AND erased = 0`,
  );
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

  const present = (): ChildRow[] => select.all(classId, 0);
  const row = (id: number): ChildRow => {
    const found = selectOne.get(id, classId);
    if (found === undefined) throw new HoppelError('unknown-child');
    return found;
  };
  const freePictures = (): string[] => {
    const taken = new Set(present().map(({ picture }) => picture));
    return PICTURES.filter((picture) => !taken.has(picture));
  };
  return {
    /** Those who are here, in class order. */
    all: (): Child[] => present().map(bare),
    /** The same with what only the teacher knows. @param today whose absence counts */
    listed: (today: Day): ListedChild[] =>
      present().map((child) => ({
        ...bare(child),
        absent: child.absent_on === today,
        homeLanguage: child.home_language,
      })),
    movedAway: (): Child[] => select.all(classId, 1).map(bare),
    absentIds: (today: Day): number[] => present().flatMap(({ id, absent_on }) => (absent_on === today ? [id] : [])),
    /** Moved away or not: a tablet may still send what it did before. @throws HoppelError unknown-child */
    one: (id: number): Child => bare(row(id)),
    /** ISO 639, where the teacher said. @throws HoppelError unknown-child */
    homeLanguageOf: (id: number): string | undefined => row(id).home_language ?? undefined,
    /** A child that can sit down today. @throws HoppelError unknown-child when it moved away or is of another class */
    here: (id: number): Child => {
      const found = row(id);
      if (found.moved_away === 1) throw new HoppelError('unknown-child');
      return bare(found);
    },
    /**
     * Adds children at the end of the list, each with a picture no other child has.
     * @throws HoppelError class-full when there are not so many pictures
     */
    add: db.transaction((fresh: readonly { readonly name: string; readonly picture?: string }[]): void => {
      const wished = new Set(fresh.map(({ picture }) => picture));
      const free = freePictures().filter((picture) => !wished.has(picture));
      let position = lastPlace.get(classId)!;
      for (const { name, picture = free.shift() } of fresh) {
        if (picture === undefined) throw new HoppelError('class-full');
        insert.run(classId, name, picture, (position += 1));
      }
    }),
    /** @throws HoppelError unknown-child, picture-taken, class-full when a child who comes back finds no free picture */
    change: db.transaction((id: number, change: PutChild, today: Day): void => {
      const old = row(id);
      const movedAway = change.movedAway ?? old.moved_away === 1;
      let picture = change.picture ?? old.picture;
      const taken = !movedAway && present().some((other) => other.id !== id && other.picture === picture);
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
      const known = present().map(({ id }) => id);
      if (known.length !== ids.length || !known.every((id) => ids.includes(id)))
        throw new HoppelError('malformed', 'ids: must be every child of the class once');
      ids.forEach((id, i) => place.run(i + 1, id));
    }),
  };
};
export type ChildRepository = ReturnType<typeof createChildRepository>;

import { expect, it } from '@jest/globals';
import type Database from 'better-sqlite3';
import { openEmpty } from './emptyDatabase.ts';
import { openDatabase } from './open.ts';

const schemaOf = (db: Database.Database): unknown[] =>
  db.prepare('SELECT type, name, tbl_name, sql FROM sqlite_schema ORDER BY name').all();

it('an empty data file in memory has what every new one has, holds to it, and is nobody else’s', () => {
  const [one, other, opened] = [openEmpty(), openEmpty(), openDatabase(':memory:')];
  expect(schemaOf(one)).toEqual(schemaOf(opened));
  expect(one.prepare('SELECT name FROM migration ORDER BY name').all()).toEqual(
    opened.prepare('SELECT name FROM migration ORDER BY name').all(),
  );
  expect(() => one.exec("INSERT INTO child (class_id, name, picture, position) VALUES (9, 'Ada', 'snail', 1)")).toThrow(
    /FOREIGN KEY/,
  );
  one.exec(
    "INSERT INTO class (id, sender_id, name, number_time, demo, go_on, with_group, chime) VALUES (1, 'a', 'Fern Room', '09:00', 0, 80, 50, 40)",
  );
  expect(other.prepare('SELECT COUNT(*) FROM class').pluck().get()).toBe(0);
  for (const db of [one, other, opened]) db.close();
});

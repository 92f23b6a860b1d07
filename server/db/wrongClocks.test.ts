import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import type Database from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import { ROWS } from '../moving/rows.ts';
import { migrate } from './migrate.ts';
import { fileBefore } from './oldFile.test.support.ts';

let db: Database.Database;
beforeEach(() => {
  db = fileBefore('0023');
  db.exec(`INSERT INTO class (id, sender_id, name, number_time, demo, go_on, with_group, chime)
    VALUES (1, 'a', 'Clover Room', '10:15', 0, 80, 50, 50)`);
  db.exec("INSERT INTO child (id, class_id, name, picture, position) VALUES (1, 1, 'Ada', 'snail', 1)");
  db.exec('INSERT INTO lesson (id, class_id) VALUES (1, 1)');
});
afterEach(() => {
  db.close();
});
const give = (storedAt: string): void => {
  db.prepare(
    `INSERT INTO answer (id, child_id, lesson_id, attempt, item, answer, read, reader, verdict, findings, source, stored_at, day)
     VALUES (?, 1, 1, 1, '{"kind":"read","shown":180}', '{"kind":"time","time":180}', '{"kind":"time","time":180}', 1, 'right', '[]', 'tablet', ?, ?)`,
  ).run(newId(), storedAt, storedAt.slice(0, 10));
};
const rows = () =>
  db.prepare('SELECT day, stored_at AS at, wrong_clock AS wrong FROM answer ORDER BY seq').all() as {
    day: string;
    at: string;
    wrong: number;
  }[];

describe('answers that were kept while the clock was wrong', () => {
  it('have the day of the next answer that has a sensible one, are marked, and can be moved again', () => {
    give('2026-11-23T09:00:00.000Z');
    give('1970-01-01T00:03:00.000Z');
    give('1999-12-31T10:00:00.000Z');
    give('2026-11-25T09:00:00.000Z');
    give('2250-01-01T09:00:00.000Z');
    migrate(db);
    expect(rows()).toEqual([
      { day: '2026-11-23', at: '2026-11-23T09:00:00.000Z', wrong: 0 },
      { day: '2026-11-25', at: '2026-11-25T09:00:00.000Z', wrong: 1 },
      { day: '2026-11-25', at: '2026-11-25T09:00:00.000Z', wrong: 1 },
      { day: '2026-11-25', at: '2026-11-25T09:00:00.000Z', wrong: 0 },
      { day: '2026-11-25', at: '2026-11-25T09:00:00.000Z', wrong: 1 },
    ]);
    for (const { day } of rows()) expect(ROWS.answer.shape.day.safeParse(day).success).toBe(true);
    expect(() => db.exec("UPDATE answer SET day = '2026-01-01'")).toThrow(/append-only/);
  });
  it('have some sensible day where nothing has', () => {
    give('1970-01-01T00:03:00.000Z');
    migrate(db);
    expect(rows()).toEqual([{ day: '2026-01-01', at: '2026-01-01T12:00:00.000Z', wrong: 1 }]);
  });
  it('do not touch what other tables keep of sensible days', () => {
    db.exec(
      `INSERT INTO child_note (id, child_id, day, text, noted_at) VALUES ('${newId()}', 1, '1970-01-01', 'Tired', '1970-01-01T00:00:00Z')`,
    );
    db.exec(
      `INSERT INTO child_note (id, child_id, day, text, noted_at) VALUES ('${newId()}', 1, '2026-11-24', 'Well', '2026-11-24T00:00:00Z')`,
    );
    give('2026-11-23T09:00:00.000Z');
    migrate(db);
    expect(db.prepare('SELECT day FROM child_note ORDER BY seq').pluck().all()).toEqual(['2026-11-23', '2026-11-24']);
  });
});

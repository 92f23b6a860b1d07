import {
  copyFileSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
  openSync,
  writeSync,
  closeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { makeDemo } from '../../demo/makeDemo.ts';
import { whyNot } from './faults.ts';
import { openDatabase, writeBack } from './open.ts';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hoppel-known-'));
  file = join(folder, 'class.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Why a file is not opened; that it is not touched either is looked at by every test. */
const refused = (path = file): string => {
  const before = readFileSync(path);
  try {
    openDatabase(path).close();
  } catch (error) {
    expect(readFileSync(path).equals(before)).toBe(true);
    return whyNot(error);
  }
  throw new Error('it was opened');
};
const demo = (): void => {
  const db = openDatabase(file);
  makeDemo(db, '2026-11-24');
  db.close();
};

describe('a data file in the place of the class’s', () => {
  it('of another program is left as it is', () => {
    const other = new Database(file);
    other.exec('CREATE TABLE recipe (name TEXT); CREATE TABLE migration (name TEXT, applied_at TEXT)');
    other.close();
    expect(refused()).toContain('belongs to another program');
  });
  it('that is no data file at all is left as it is', () => {
    writeFileSync(file, 'a shopping list, long enough to look like a page of something else');
    expect(refused()).toContain('not one of Hoppel’s');
  });
  it.each([
    ['by its version', (db: Database.Database) => db.pragma('user_version = 99')],
    [
      'by a migration nobody knows here',
      (db: Database.Database) => db.exec("INSERT INTO migration VALUES ('0999_to_come.sql', '')"),
    ],
  ])('of a newer Hoppel is told %s', (_how, change) => {
    const db = openDatabase(file);
    change(db);
    db.close();
    expect(refused()).toContain('newer Hoppel');
  });
  it.each([
    ['a page overwritten', 20],
    ['a page of its tables’ list overwritten', 0],
  ])('that is damaged (%s) is told', (_how, page) => {
    demo();
    const open = openSync(file, 'r+');
    // The first 100 bytes of a file are its head.
    writeSync(open, Buffer.alloc(3900, 0x5a), 0, 3900, Math.max(100, page * 4096));
    closeSync(open);
    expect(refused()).toContain('damaged');
  });
  it('that was cut off is told', () => {
    demo();
    truncateSync(file, 40 * 4096);
    expect(refused()).toContain('damaged');
  });
  it('made before files said whose they are is known, and says so from then on', () => {
    demo();
    const older = new Database(file);
    older.pragma('application_id = 0');
    older.pragma('user_version = 0');
    older.close();
    const db = openDatabase(file);
    expect(db.pragma('application_id', { simple: true })).toBe(0x484f5050);
    expect(db.pragma('user_version', { simple: true })).toBeGreaterThan(5);
    db.close();
  });
});

describe('the log beside a data file', () => {
  it('is written back: a copy of the one file then has everything', () => {
    const db = openDatabase(file);
    makeDemo(db, '2026-11-24');
    const rows = 'SELECT id, verdict FROM answer ORDER BY seq';
    writeBack(db);
    copyFileSync(file, join(folder, 'copy.sqlite'));
    const copy = openDatabase(join(folder, 'copy.sqlite'));
    expect(copy.prepare(rows).all()).toEqual(db.prepare(rows).all());
    copy.close();
    db.close();
  });
});

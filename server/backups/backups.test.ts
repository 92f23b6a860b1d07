import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import {
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import request from 'supertest';
import { BackupContents, Backups as Listed, Health, Problem } from '../../contract/index.ts';
import { makeDemo } from '../../demo/makeDemo.ts';
import { createApp } from '../app.ts';
import { openDatabase } from '../db/open.ts';
import { MIGRATIONS } from '../db/migrate.ts';
import { createBackups } from './backups.ts';
import { copyWhole } from './copy.ts';
import { contentsOf } from './contents.ts';
import { backupName, readBackupName } from './names.ts';
import { backUpBeforeUpgrade } from './upgrade.ts';

let folder: string;
let file: string;
let db: Database.Database;
let now: Date;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hoppel-backups-'));
  file = join(folder, 'hoppel.sqlite');
  db = openDatabase(file);
  makeDemo(db, '2026-11-24');
  now = new Date('2026-11-24T07:30:00');
});
afterEach(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});
const backups = () => createBackups({ file, db, now: () => now });
const there = (): string[] => {
  try {
    return readdirSync(join(folder, 'backups')).sort();
  } catch {
    return [];
  }
};
/** What SQLite throws is no Error of this test's own world. */
const outcome = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'made',
    () => 'refused',
  );
const answers = (of: Database.Database): number => of.prepare<[], number>('SELECT COUNT(*) FROM answer').pluck().get()!;

describe('a backup', () => {
  it('is whole, one file without a log, for the account alone that runs Hoppel, and has everything', async () => {
    const kept = backups();
    await kept.make('hand');
    const [name] = there();
    expect(there()).toHaveLength(1);
    const path = join(folder, 'backups', name!);
    expect(statSync(path).mode & 0o077).toBe(0);
    const copy = new Database(path, { readonly: true });
    expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(answers(copy)).toBe(answers(db));
    expect(answers(copy)).toBeGreaterThan(500);
    copy.close();
    expect(await kept.contentsOf(name!)).toEqual({
      classes: [{ name: 'Clover Room', children: 22, answers: answers(db), last: '2026-11-23' }],
    });
  });
  it('has what was acknowledged before it began, while answers go on coming in', async () => {
    const before = answers(db);
    const making = backups().make('hand');
    const note = db.prepare(
      "INSERT INTO child_note (id, child_id, day, text, noted_at) SELECT ?, (SELECT MIN(id) FROM child), '2026-11-24', 'while', ?",
    );
    for (let i = 0; i < 20; i++) {
      note.run(`while-${i}`, now.toISOString());
      await new Promise((done) => setImmediate(done));
    }
    await making;
    const copy = new Database(join(folder, 'backups', there()[0]!), { readonly: true });
    expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(answers(copy)).toBe(before);
    copy.close();
  });
  it('is made once a day, and at the end only where anything changed since', async () => {
    const kept = backups();
    await kept.daily();
    await kept.daily();
    expect(there()).toHaveLength(1);
    await kept.atEnd();
    expect(there()).toHaveLength(1);
    db.prepare("UPDATE class SET name = 'Fern Room'").run();
    now = new Date('2026-11-24T15:00:00');
    await kept.atEnd();
    // The newest of the day is kept of it.
    expect(there().map((name) => readBackupName('hoppel', name)!.why)).toEqual(['end']);
    now = new Date('2026-11-25T07:30:00');
    await kept.daily();
    expect(there().map((name) => readBackupName('hoppel', name)!.why)).toEqual(['end', 'daily']);
    // One made by hand stays, whatever is made on that day after it.
    await kept.make('hand');
    now = new Date('2026-11-25T15:00:00');
    db.prepare("UPDATE class SET name = 'Clover Room'").run();
    await kept.atEnd();
    expect(there().map((name) => readBackupName('hoppel', name)!.why)).toEqual(['end', 'hand', 'end']);
  });
  it('is kept, the one just made, also where the clock was set back since the one before', async () => {
    const kept = backups();
    await kept.make('hand');
    now = new Date('2026-11-24T06:00:00');
    db.prepare("UPDATE class SET name = 'Fern Room'").run();
    await kept.make('hand');
    const looked = await Promise.all(there().map((name) => kept.contentsOf(name)));
    expect(looked.map(({ classes }) => classes[0]!.name)).toEqual(['Fern Room', 'Clover Room']);
  });
  it('is kept, with those of this year, after one start with a clock two years ahead', async () => {
    mkdirSync(join(folder, 'backups'), { recursive: true });
    // As a version before named them.
    const thisYear = [19, 20, 21, 22, 23, 24].map((day) => `hoppel-202611${day}T120000Z-daily.sqlite`);
    for (const name of thisYear) writeFileSync(join(folder, 'backups', name), '');
    now = new Date('2028-11-24T07:30:00');
    await backups().daily();
    expect(there()).toEqual(expect.arrayContaining(thisYear));
    now = new Date('2026-11-25T07:30:00');
    await backups().daily();
    expect(there()).toEqual(expect.arrayContaining(thisYear));
    expect(there()).toHaveLength(8);
    // The one made last stands first, whatever is dated later.
    expect(backups().list().backups[0]!.at).toBe(now.toISOString());
  });
  it('is kept by the rule, over a year of school days', async () => {
    const kept = backups();
    mkdirSync(join(folder, 'backups'), { recursive: true });
    for (let day = 0; day < 300; day++)
      writeFileSync(
        join(folder, 'backups', backupName('hoppel', new Date(Date.UTC(2026, 0, 5 + day, 12)), 'daily', day)),
        '',
      );
    writeFileSync(join(folder, 'backups', backupName('hoppel', new Date('2026-06-17T12:00:00Z'), 'upgrade', 301)), '');
    writeFileSync(join(folder, 'backups', 'a letter.txt'), 'not ours');
    await kept.make('daily');
    const left = there();
    expect(left.length).toBeLessThan(7 + 4 + 12 + 2);
    expect(left).toContain('a letter.txt');
    expect(left.some((name) => name.includes('Z-upgrade-'))).toBe(true);
    expect(kept.list().backups[0]).toMatchObject({ why: 'daily', at: now.toISOString() });
  });
  it('is made before a newer version changes the file, and of a new file or one of this version is none', async () => {
    await backUpBeforeUpgrade(join(folder, 'none.sqlite'), now);
    await backUpBeforeUpgrade(file, now);
    expect(there()).toEqual([]);
    // As a version before left it.
    db.prepare('DELETE FROM migration WHERE name = ?').run(MIGRATIONS.at(-1));
    await backUpBeforeUpgrade(file, now);
    expect(there().map((name) => readBackupName('hoppel', name)!.why)).toEqual(['upgrade']);
  });
  it('is none where it cannot be whole: nothing half made is left, and it is said', async () => {
    const damaged = join(folder, 'damaged.sqlite');
    writeFileSync(damaged, Buffer.alloc(9000, 7));
    const bad = new Database(damaged);
    expect(await outcome(copyWhole(bad, join(folder, 'copy.sqlite')))).toBe('refused');
    bad.close();
    expect(readdirSync(folder).filter((name) => name.startsWith('copy'))).toEqual([]);
    writeFileSync(join(folder, 'backups'), 'a file in the place of the folder');
    const kept = backups();
    expect(await outcome(kept.make('hand'))).toBe('refused');
    rmSync(join(folder, 'backups'));
    expect(kept.list().failed).not.toBeNull();
    await kept.make('hand');
    expect(kept.list().failed).toBeNull();
  });
  it('goes by its name and by nothing else', () => {
    const at = new Date('2026-11-24T07:30:05Z');
    const name = backupName('hoppel', at, 'daily', 12);
    expect(readBackupName('hoppel', name)).toEqual({ name, at, why: 'daily', number: 12 });
    // Of a version that did not count them.
    const older = 'hoppel-20261124T073005Z-daily.sqlite';
    expect(readBackupName('hoppel', older)).toEqual({ name: older, at, why: 'daily', number: 0 });
    for (const other of [
      name.replace('hoppel', 'demo'),
      name.replace('daily', 'nightly'),
      name.replace('.sqlite', ''),
      `../${name}`,
      `hoppel-99999999T999999Z-daily.sqlite`,
      '',
    ])
      expect(readBackupName('hoppel', other)).toBeUndefined();
  });
});

describe('the backups’ address', () => {
  const server = () => {
    const kept = backups();
    const restored: string[] = [];
    const { app, end } = createApp({
      db,
      now: () => now,
      keeper: () => ({ backups: kept, restore: async (name) => void restored.push(kept.pathOf(name)) }),
    });
    return { app, end, restored, kept };
  };
  it('lists, makes, looks into, and gives a copy to take along', async () => {
    const { app, end } = server();
    const listed = async () => Listed.parse((await request(app).get('/api/backups').expect(200)).body);
    expect((await listed()).backups).toEqual([]);
    expect((await listed()).free).toBeGreaterThan(0);
    await request(app).post('/api/backups').expect(201);
    const health = Health.parse((await request(app).get('/api/health').expect(200)).body);
    expect(health).toMatchObject({ lastBackup: now.toISOString(), backupFailed: null, schema: MIGRATIONS.length });
    expect(health.version).toMatch(/^\d+\.\d+/);
    const [made] = (await listed()).backups;
    expect(made).toMatchObject({ why: 'hand' });
    const { body } = await request(app).get(`/api/backups/${made!.name}`).expect(200);
    expect(BackupContents.parse(body).classes[0]!.children).toBe(22);
    const taken = await request(app)
      .get('/api/backups/now.sqlite')
      .buffer()
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    expect(taken.headers['content-disposition']).toMatch(/attachment; filename="hoppel 2026-11-2\d\.sqlite"/);
    const path = join(folder, 'taken.sqlite');
    writeFileSync(path, taken.body as Buffer);
    expect(contentsOf(path).classes[0]!.answers).toBe(answers(db));
    await end();
  });
  it('says of a copy that lacks a table, has another column or a unit nobody can read that it cannot be used', async () => {
    const { app, end } = server();
    await request(app).post('/api/backups').expect(201);
    const [made] = Listed.parse((await request(app).get('/api/backups')).body).backups;
    const path = join(folder, 'backups', made!.name);
    const whole = readFileSync(path);
    for (const [spoil, why] of [
      ['DROP TABLE ready_tick', /ready_tick is missing/],
      ['ALTER TABLE child_note RENAME COLUMN text TO words', /child_note is missing, or is another/],
      ['DROP INDEX answer_by_child', /answer_by_child/],
      [`UPDATE plan_state SET plan = '{"x": 1}'`, /the class Clover Room in it cannot be read/],
    ] as const) {
      writeFileSync(path, whole);
      const copy = new Database(path);
      copy.exec(spoil);
      copy.close();
      const { body, status } = await request(app).get(`/api/backups/${made!.name}`);
      expect([status, body.code]).toEqual([400, 'bad-file']);
      expect(body.message).toMatch(why);
    }
    await end();
  });
  it('a link among them that leads nowhere is no backup, and hinders nothing', async () => {
    const { app, end } = server();
    mkdirSync(join(folder, 'backups'), { recursive: true });
    symlinkSync(join(folder, 'gone'), join(folder, 'backups', backupName('hoppel', now, 'daily', 7)));
    await request(app).get('/api/backups').expect(200);
    await request(app).post('/api/backups').expect(201);
    await end();
  });
  it('knows no other names, says what cannot be read, and is nowhere where no file is kept', async () => {
    const { app, end, restored } = server();
    for (const name of ['hoppel.sqlite', '..%2Fhoppel.sqlite', '%2e%2e%2fhoppel.sqlite', 'a', 'now'])
      expect((await request(app).get(`/api/backups/${name}`)).status).toBe(404);
    expect((await request(app).post('/api/backups/hoppel.sqlite/restore')).status).toBe(404);
    expect(restored).toEqual([]);
    mkdirSync(join(folder, 'backups'), { recursive: true });
    const spoiled = backupName('hoppel', now, 'daily', 1);
    writeFileSync(join(folder, 'backups', spoiled), Buffer.alloc(5000, 1));
    expect(Problem.parse((await request(app).get(`/api/backups/${spoiled}`).expect(400)).body).code).toBe('bad-file');
    await end();
    const none = createApp({ db, now: () => now });
    await request(none.app).get('/api/backups').expect(404);
    await none.end();
  });
});

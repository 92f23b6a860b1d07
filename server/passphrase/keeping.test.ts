import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { openDatabase } from '../db/open.ts';
import { takeLock } from '../db/lock.ts';
import { carryOver, putDoors } from './carryOver.ts';
import { createTeacherDoor } from './teacherDoor.ts';

const ROOT = resolve(import.meta.dirname, '../..');
const now = () => new Date('2026-11-24T09:00:00Z');
const said = (text: string): string => expect.stringContaining(text) as unknown as string;
const HERE = { sender: '127.0.0.1', userAgent: undefined, own: true };

describe('the passphrase of a data file', () => {
  let folder: string;
  const file = (name: string): string => join(folder, name);
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-doors-'));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));
  const withPassphrase = async (name: string, passphrase: string): Promise<string> => {
    const db = openDatabase(file(name));
    const token = await createTeacherDoor(db, now).choose({ before: null, passphrase }, HERE);
    db.close();
    return token;
  };
  const forget = (name: string) =>
    spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'server/passphrase/forgetMain.ts'), file(name)], {
      cwd: ROOT,
      encoding: 'utf8',
    });

  it('is forgotten by a command: every device is out, and another is offered', async () => {
    const token = await withPassphrase('a.sqlite', 'eleven green hares');
    expect(forget('a.sqlite')).toMatchObject({
      status: 0,
      stdout: said('is forgotten'),
    });
    const db = openDatabase(file('a.sqlite'));
    const door = createTeacherDoor(db, now);
    expect(door.entry(true, door.sessions.maybe(token))).toMatchObject({ passphrase: 'unasked', device: 'in' });
    db.close();
    expect(forget('a.sqlite')).toMatchObject({ status: 0, stdout: 'There was no passphrase.\n' });
  });
  it('is not forgotten while Hoppel runs, nor where there is no file', async () => {
    await withPassphrase('a.sqlite', 'eleven green hares');
    const { free } = takeLock(file('a.sqlite'), 4930, new Date());
    expect(forget('a.sqlite')).toMatchObject({
      status: 1,
      stderr: said('another Hoppel'),
    });
    free();
    expect(forget('b.sqlite')).toMatchObject({
      status: 1,
      stderr: said('no data file'),
    });
    const db = openDatabase(file('a.sqlite'));
    expect(createTeacherDoor(db, now).isSet()).toBe(true);
    db.close();
  });
  it('stays as it is when a backup takes the file’s place, and whoever was in is in', async () => {
    await withPassphrase('before.sqlite', 'an old one long gone');
    const token = await withPassphrase('now.sqlite', 'eleven green hares');
    const [from, to] = [openDatabase(file('now.sqlite')), openDatabase(file('before.sqlite'))];
    carryOver(from)(to);
    const door = createTeacherDoor(to, now);
    expect(door.sessions.maybe(token)).toMatchObject({ own: true });
    await door.enter('eleven green hares', undefined, HERE);
    await expect(door.enter('an old one long gone', undefined, HERE)).rejects.toMatchObject({
      code: 'wrong-passphrase',
    });
    from.close();
    to.close();
  });
  it('is in the file that is to take the place before it does, so that no end of power takes it away', async () => {
    await withPassphrase('now.sqlite', 'eleven green hares');
    openDatabase(file('beside.sqlite')).close();
    const from = openDatabase(file('now.sqlite'));
    putDoors(from, file('beside.sqlite'));
    from.close();
    // One file, with nothing beside it that would be left behind.
    expect(readdirSync(folder).filter((name) => name.startsWith('beside'))).toEqual(['beside.sqlite']);
    const to = openDatabase(file('beside.sqlite'));
    await createTeacherDoor(to, now).enter('eleven green hares', undefined, HERE);
    to.close();
  });
});

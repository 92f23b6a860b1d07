import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import type { Backups } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const ROOT = resolve(import.meta.dirname, '..');
const stick = mkdtempSync(join(tmpdir(), 'hoppel-stick-'));
afterAll(() => rmSync(stick, { recursive: true, force: true }));
const kept = async (): Promise<Backups['backups']> =>
  ((await (await fetch(`${hoppel.url}/api/backups`)).json()) as Backups).backups;
const names = async (): Promise<string[]> =>
  ((await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { children: { name: string }[] }).children.map(
    ({ name }) => name,
  );
const addChild = async (name: string): Promise<void> => {
  const headers = { 'Content-Type': 'application/json' };
  const body = JSON.stringify({ names: [name] });
  expect((await fetch(`${hoppel.url}/api/children`, { method: 'POST', headers, body })).ok).toBe(true);
};
/** A command of the machine's, on this test's data file. */
const run = (tool: string, ...args: string[]): { status: number | null; said: string } => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(ROOT, 'tools', tool), ...args, hoppel.data], {
    encoding: 'utf8',
  });
  return { status, said: stdout + stderr };
};

describe('backups', () => {
  it('are made by themselves once a day, and the page says what is in each', async () => {
    await soon(async () => (await kept()).map(({ why }) => why)).toEqual(['daily']);
    await page.driver.get(`${hoppel.url}/settings/backups`);
    await page.says('of the day');
    await page.tap('What is in it');
    await page.says('Clover Room: 22 children');
    await expectNoFault(page.driver);
    await giveSize(page.driver, 640, 400);
    await expectNothingRunsOff(page.driver);
    await giveBackSize(page.driver);
  });
  it('are made by a tap, and put back: everything is as it was, and as it was before is kept first', async () => {
    const before = await names();
    await page.tap('Make one now');
    await page.says('made by you');
    await addChild('Wanja');
    await page.tap('Put it back');
    await page.says('Everything is then as it was');
    await expectNoFault(page.driver);
    await (await page.find('[data-sure]')).click();
    await page.says('It is back');
    await soon(names).toEqual(before);
    await page.says('before a restore');
    // What the restore replaced comes back too, and every page goes on without being loaded anew.
    await page.tap('Put back the one of');
    const [mine] = (await kept()).filter(({ why }) => why === 'restore');
    const row = await page.find(`[data-backup="restore"] button:last-of-type`);
    await page.press('\uE00C');
    await page.until('the window is gone', async () => (await page.all('.v-overlay--active')).length === 0);
    await row.click();
    await (await page.find('[data-sure]')).click();
    await soon(names).toEqual([...before, 'Wanja']);
    expect(mine).toBeDefined();
    await page.tap('Class list');
    await page.until('the list', async () =>
      page.driver.executeScript<boolean>(
        `return [...document.querySelectorAll('input')].some((one) => one.value === 'Wanja')`,
      ),
    );
  });
  it('are copied to a folder by a command while Hoppel runs, and put back by one once it is ended', async () => {
    const copied = run('backup.mjs', stick);
    expect(copied).toMatchObject({ status: 0 });
    const [file] = readdirSync(stick);
    expect(copied.said).toContain(file);
    await addChild('Yara');
    const refused = run('restore.mjs', join(stick, file!));
    expect(refused.status).toBe(1);
    expect(refused.said).toContain('another Hoppel has the data file');
    await hoppel.stop();
    const put = run('restore.mjs', join(stick, file!));
    expect(put.said).toContain('Clover Room: 23 children');
    expect(put.status).toBe(0);
    const bad = run('restore.mjs', join(ROOT, 'package.json'));
    expect(bad).toMatchObject({ status: 1 });
    expect(bad.said).toContain('Nothing was changed');
    await hoppel.start();
    const now = await names();
    expect(now).toContain('Wanja');
    expect(now).not.toContain('Yara');
    expect(readdirSync(dirname(hoppel.data)).some((name) => name.endsWith('.before'))).toBe(true);
  });
  it('are made at the end too, where anything changed', async () => {
    await addChild('Zoe');
    await hoppel.stop();
    const folder = join(dirname(hoppel.data), 'backups');
    const hasZoe = (name: string): boolean => {
      const db = new Database(join(folder, name), { readonly: true });
      try {
        return db.prepare('SELECT COUNT(*) FROM child WHERE name = ?').pluck().get('Zoe') === 1;
      } finally {
        db.close();
      }
    };
    expect(readdirSync(folder).filter((name) => /-end-\d+\.sqlite$/.test(name) && hasZoe(name))).toHaveLength(1);
    await hoppel.start();
  });
});

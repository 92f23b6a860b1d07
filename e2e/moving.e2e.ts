import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Classroom } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { startHoppel } from './support/hoppel.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

/** The colleague's computer, where no class is yet; the browser is there. */
const { hoppel: there, page } = await visit({ demo: false });
const here = await startHoppel();
const stick = mkdtempSync(join(tmpdir(), 'hoppel-stick-'));
afterAll(async () => {
  rmSync(stick, { recursive: true, force: true });
  await here.remove();
});

const at = async (url: string, path: string, body?: object, method = 'POST'): Promise<Classroom> => {
  const reply = await fetch(`${url}/api${path}`, {
    ...(body && { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
  });
  expect(reply.status).toBeLessThan(300);
  return (await reply.json()) as Classroom;
};
const state = (url: string): Promise<Classroom> => at(url, '/classroom');
/** Saves what the page's link gives. */
const saved = async (name: string, link: string): Promise<string> => {
  const path = join(stick, name);
  writeFileSync(path, Buffer.from(await (await fetch(link)).arrayBuffer()));
  return path;
};
const choose = async (path: string): Promise<void> => {
  await (await page.find('input[type="file"]')).sendKeys(path);
};
const fits = async (): Promise<void> => {
  await expectNoFault(page.driver);
  await giveSize(page.driver, 640, 400);
  await expectNothingRunsOff(page.driver);
  await giveBackSize(page.driver);
};

describe('a class that moves to another computer', () => {
  it('is given as a file', async () => {
    await page.driver.get(`${here.url}/settings/moving`);
    await page.says('This class as a file');
    await fits();
    const link = await page.attribute('aside a[href$="class.json"]', 'href');
    const reply = await fetch(link);
    expect(reply.headers.get('content-disposition')).toContain('filename="Clover Room 2026-11-24.hoppel.json"');
    await saved('clover.json', link);
    await saved('all.json', await page.attribute('aside a[href$="all.json"]', 'href'));
  });
  it('comes in at the first start, once what is in it was seen, and goes on there', async () => {
    await page.driver.get(there.url);
    await page.tap('Bring in a class from another computer');
    await page.says('Choose the file that was taken along');
    await fits();
    // Another file is told from one of classes, and leaves everything as it is.
    writeFileSync(join(stick, 'letter.txt.json'), '{"format":"a letter"}');
    await choose(join(stick, 'letter.txt.json'));
    await page.says('This file could not be read');
    await page.says('another kind of file');
    await expectNoFault(page.driver);
    await choose(join(stick, 'clover.json'));
    await page.says('22 children.');
    await fits();
    expect((await state(there.url)).class).toBeNull();
    await (await page.find('[data-take]')).click();
    await page.says('Clover Room is in, and open now');
    await expectNoFault(page.driver);
    await page.tap('To its lessons');
    await soon(() => page.driver.getCurrentUrl()).toMatch(/\/$/);
    await page.says('What we know');
    const [a, b] = [await state(here.url), await state(there.url)];
    expect({ ...b, classes: [] }).toEqual({ ...a, classes: [] });
  });
  it('is known when its file comes again, and only what is new goes to it', async () => {
    const before = await state(there.url);
    await page.driver.get(`${there.url}/settings/moving`);
    await choose(join(stick, 'all.json'));
    await page.says('Some of it is here already, in Clover Room');
    // Every child is known by its answers; nobody is asked who is who.
    expect(await page.all('li.open')).toHaveLength(0);
    await fits();
    await (await page.find('[data-take]')).click();
    await page.says('Clover Room is in');
    expect(await state(there.url)).toEqual(before);
  });
  it('joins a class that is there: whose name is there too, somebody says who it is', async () => {
    await at(here.url, '/classes', { id: newId(), name: 'Moss Room', children: ['bram', 'Ida', 'Zoë'] });
    await at(there.url, '/classes', { id: newId(), name: 'Fern Room', children: ['Bram', 'Zoë', 'Xenia'] });
    await saved('moss.json', `${here.url}/api/moving/class.json`);
    await page.driver.get(`${there.url}/settings/moving`);
    await choose(join(stick, 'moss.json'));
    await page.says('Moss Room');
    await (await page.find('[data-arrived="Moss Room"] input[value="into"]')).click();
    await (await page.find('[data-arrived="Moss Room"] fieldset option:last-child')).click();
    await page.says('Say of 2 children who they are');
    expect(await (await page.find('[data-take]')).isEnabled()).toBe(false);
    await fits();
    await (await page.find('[data-child="bram"] option:nth-child(3)')).click();
    await page.says('Say of one child who it is');
    // Who is taken is offered to nobody else.
    expect(await (await page.find('[data-child="Zoë"]')).getText()).not.toContain('Bram');
    await (await page.find('[data-child="Zoë"] option[value="new"]')).click();
    await (await page.find('[data-take]')).click();
    await page.says('Moss Room is in, and open now');
    await soon(async () => (await state(there.url)).classes.map(({ name }) => name)).toEqual([
      'Clover Room',
      'Fern Room',
    ]);
    await page.tap('Class list');
    await page.until('the children', async () =>
      page.driver.executeScript<boolean>(
        `return [...document.querySelectorAll('input')].filter((one) => one.value === 'Zoë').length === 2`,
      ),
    );
  });
});

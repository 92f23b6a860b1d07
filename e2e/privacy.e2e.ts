import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const path = async (): Promise<string> => new URL(await page.driver.getCurrentUrl()).pathname;
const names = async (): Promise<string[]> =>
  ((await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { children: { name: string }[] }).children.map(
    ({ name }) => name,
  );

describe('all that is stored of a child', () => {
  it('is said on one page, a tap away from its own, and can be taken along as a file', async () => {
    await page.driver.get(`${hoppel.url}/class/2`);
    await page.tap('All that is stored');
    await page.says('All that is stored of Bram');
    const said = await page.text();
    expect(said).toMatch(/\d+ answers, \d+ of them drawings/);
    expect(said).toContain('No notes.');
    const link = await page.attribute('a[download]', 'href');
    const file = (await (await fetch(link)).json()) as { format: string; child: { name: string } };
    expect(file).toMatchObject({ format: 'hoppel-child', child: { name: 'Bram' } });
    await expectNoFault(page.driver);
  });
  it('is deleted once its name was written, and nothing before; then it is nowhere', async () => {
    await page.tap('Delete all of it');
    await page.says('Delete all that is stored of Bram?');
    await page.says('This cannot be undone.');
    await expectNoFault(page.driver);
    const erase = await page.find('[data-erase]');
    expect(await erase.isEnabled()).toBe(false);
    const field = await page.find('.v-overlay--active input');
    await field.sendKeys('Bra');
    expect(await erase.isEnabled()).toBe(false);
    await field.sendKeys('m');
    await page.until('it can be deleted', () => erase.isEnabled());
    expect(await names()).toContain('Bram');
    await erase.click();
    await page.until('the class', async () => (await path()) === '/class');
    expect(await names()).not.toContain('Bram');
    await soon(async () => (await page.text()).includes('Bram')).toBe(false);
    await page.driver.get(`${hoppel.url}/class/2/stored`);
    await page.says('This child is not in the class list');
    await page.driver.get(hoppel.url);
    await page.find('.know');
    expect(await page.text('.know')).not.toContain('Bram');
    await hoppel.stop();
    expect(readFileSync(hoppel.data).includes('"Bram"')).toBe(false);
    await hoppel.start();
  });
});

describe('a class at the end of the year', () => {
  it('is deleted in one step, its name written first; what was made up comes anew from the first start', async () => {
    await page.driver.get(`${hoppel.url}/settings/class`);
    await page.tap('Delete this class');
    await page.says('Delete all of Clover Room?');
    await expectNoFault(page.driver);
    await (await page.find('.v-overlay--active input')).sendKeys('Clover Room');
    const erase = await page.find('[data-erase]');
    await page.until('it can be deleted', () => erase.isEnabled());
    await erase.click();
    await page.until('the first start', async () => (await path()) === '/welcome');
    await page.tap('Look round');
    await page.until('the desk', async () => (await path()) === '/');
    await page.says('Bram');
  });
});

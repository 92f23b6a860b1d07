import { readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';

/** A page of the teacher's that stays open while another Hoppel comes into the place of the one it is from. */
describe('a page that is older than its Hoppel', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel({ ownWeb: true });
    browser = await startBrowser();
    page = onPage(browser);
    await page.driver.get(hoppel.url);
    await page.says('What we know');
    await page.driver.executeScript('window.isOld = true');
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const isOld = (): Promise<boolean> => page.driver.executeScript('return window.isOld === true');
  /** Every file of the program gets another name, as in a build of other code. */
  const bringNewer = (): void => {
    const assets = join(hoppel.web, 'assets');
    const names = readdirSync(assets).filter((name) => /\.(js|css)$/.test(name));
    const renamed = (text: string): string =>
      names.reduce((all, name) => all.replaceAll(name, name.replace(/\.(js|css)$/, '-n.$1')), text);
    for (const file of [...names.map((name) => join(assets, name)), join(hoppel.web, 'index.html')])
      writeFileSync(file, renamed(readFileSync(file, 'utf8')));
    for (const name of names) renameSync(join(assets, name), join(assets, renamed(name)));
  };

  it('stays at the view it shows while the server is away, and opens the other one when it is back', async () => {
    await hoppel.stop();
    await page.find('.lost');
    await page.tap('Tablets');
    await page.says('The connection to Hoppel is lost.');
    expect(await isOld()).toBe(true);
    await page.says('What we know');
    await hoppel.start();
    await page.until('the sign is gone', async () => (await page.all('.lost')).length === 0);
    // What could not be had once no browser asks for again on the same page.
    await page.tap('Tablets');
    await page.says('Hand out');
    expect(await page.driver.getCurrentUrl()).toBe(`${hoppel.url}/tablets`);
  });
  it('loads a view anew whose code has another name by now', async () => {
    await page.driver.executeScript('window.isOld = true');
    await hoppel.stop();
    bringNewer();
    await hoppel.start();
    await page.until('the sign is gone', async () => (await page.all('.lost')).length === 0);
    await (await page.find('a[href="/class"]')).click();
    await page.says('How each time went');
    expect(await isOld()).toBe(false);
    expect(await page.driver.getCurrentUrl()).toBe(`${hoppel.url}/class`);
    // What the page could not have it has said, as it should.
    await page.driver.manage().logs().get('browser');
  });
});

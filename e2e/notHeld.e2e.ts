import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { journey } from './support/journey.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';

/** The day after: nobody answered in yesterday's lesson, which is the eighth. */
describe('a lesson that may not have been held', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel({ today: '2026-11-25' });
    browser = await startBrowser();
    page = onPage(browser);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const step = journey(() => ({ teacher: browser }));
  const stone = (): Promise<string> => page.attribute('.path li:nth-child(8) .stone', 'aria-label');

  step('does not count as done, and its desk asks what became of it', async () => {
    await page.driver.get(`${hoppel.url}/lessons/8`);
    await page.says('Nothing was answered in this lesson. Was it held?');
    expect(await stone()).toContain('not known whether it was held');
    expect(await page.attribute('.path li:nth-child(7) .stone', 'aria-label')).toContain('done');
    await expectNoFault(browser.driver);
    await page.tap('It was held');
    await page.says('It was held, you said.');
    await soon(stone).toContain('done');
    await page.tap('Take back what was said of it');
    await soon(stone).toContain('not known');
  });
  step('says in its menu why it is locked, and is left out or held today from there', async () => {
    await page.tap('Change “O’clock: read and set”');
    await page.says('This lesson is past');
    await expectNoFault(browser.driver);
    await page.tap('Leave it out');
    await soon(stone).toContain('left out');
    await page.says('This lesson was left out.');
    await page.tap('Change “O’clock: read and set”');
    await page.tap('Hold it today');
    await page.says('O’clock: read and set: Tue 24 to Wed 25');
    await soon(stone).toContain('today');
    await page.tap('Undo');
    await soon(stone).toContain('left out');
  });
  step('one that was held says that children have answered in it', async () => {
    await page.driver.get(`${hoppel.url}/lessons/7`);
    await page.tap('Change “');
    await page.says('Children have answered in this lesson, so it keeps its day.');
  });
});

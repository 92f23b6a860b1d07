import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import { defaultChoices } from '../core/planning/index.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const said = (): Promise<string> => page.text('.progress');
const isSaid = (what: RegExp): Promise<unknown> =>
  page.until(String(what), async () => what.test(await said()), 20_000);

describe('the forecast', () => {
  it('opens from the class: by the unit’s last day, so many to so many may be secure in what was checked', async () => {
    await page.driver.get(`${hoppel.url}/class`);
    await page.tap('Forecast');
    await isSaid(/^By Friday, December 4, \d+ to \d+ of 22 may be secure in “o’clock, read”; most likely \d+\.$/);
    await page.find('.chart svg, svg');
    await expectNoFault(page.driver);
  });
  it('is the same the next time it is worked out, for the same class and plan', async () => {
    const before = await said();
    await page.driver.navigate().refresh();
    await isSaid(/^By/);
    expect(await said()).toBe(before);
  });
  it('can be stopped half-way, and worked out again', async () => {
    await page.driver.executeAsyncScript(`
      const done = arguments[0];
      // One that was done before anybody could stop it is followed by another.
      const begin = (one) => document.querySelector('[data-if="' + one + '"]').click();
      let [others, since] = [['practice', 'again'], performance.now()];
      begin(others[0]);
      const look = () => {
        const progress = document.querySelector('.progress');
        if (progress.textContent.includes('Stopped')) return done();
        const stop = progress.querySelector('button');
        if (stop !== null) stop.click();
        else if (performance.now() - since > 2000) {
          others = others.toReversed();
          begin(others[0]);
          since = performance.now();
        }
        requestAnimationFrame(look);
      };
      requestAnimationFrame(look);`);
    await isSaid(/Stopped/);
    await page.tap('Work it out');
    await isSaid(/^By/);
  });
  it('says what would happen if something were done otherwise, and for another skill', async () => {
    for (const one of ['again', 'skip', 'plan']) {
      await (await page.find(`[data-if="${one}"]`)).click();
      await page.find(`[data-if="${one}"][aria-pressed="true"]`);
      await isSaid(/^By/);
    }
    await (await page.find('.skill option[value="half-past-draw"]')).click();
    await isSaid(/“half past, draw”/);
  });
  it('is a table too, opened by a key: a row for now and for each lesson ahead', async () => {
    await page.driver.executeScript(
      `[...document.querySelectorAll('button, summary')].find((one) => one.textContent.trim() === 'As a table').focus()`,
    );
    await page.press(Key.ENTER);
    await page.until('rows', async () => (await page.all('table tbody tr')).length > 5);
    const rows = await page.text('table');
    for (const words of ['At least', 'Most likely', 'At most', 'Now', 'Fri 4']) expect(rows).toContain(words);
    await expectNoFault(page.driver);
  });
  it('says that nobody can say yet, where there were fewer than three days of answers', async () => {
    const empty = await startHoppel({ demo: false });
    const browser = await startBrowser();
    try {
      const fresh = onPage(browser);
      const send = async (path: string, body: object): Promise<void> => {
        const headers = { 'Content-Type': 'application/json' };
        const reply = await fetch(`${empty.url}/api${path}`, { method: 'POST', headers, body: JSON.stringify(body) });
        if (!reply.ok) throw new Error(await reply.text());
      };
      await send('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bo'] });
      await send('/plan', { id: newId(), choices: defaultChoices('2026-11-24', 'fern') });
      await fresh.driver.get(`${empty.url}/class?view=forecast`);
      await fresh.says('Fewer than 3 days of answers');
      await fresh.driver.get(`${empty.url}/class?view=groups`);
      await fresh.says('nobody has answered one yet');
    } finally {
      await browser.quit();
      await empty.remove();
    }
  });
});

import { beforeAll, describe, expect } from '@jest/globals';
import { journey } from './support/journey.ts';
import { drawnHands } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();

/** The day, and its moments on the board. */
describe('clock moments', () => {
  beforeAll(async () => {
    // A notebook on which it is half a minute to noon, on the day the class is laid around.
    await browser.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `const shift = new Date('2026-11-24T11:59:57').getTime() - Date.now();
        const now = Date.now.bind(Date);
        Date.now = () => now() + shift;
        window.rung = 0;
        window.AudioContext = class { currentTime = 0; close() {} constructor() { window.rung += 1; } };
        window.OscillatorNode = class { connect() { return { connect() {} }; } start() {} stop() {} };
        window.GainNode = class { gain = { setValueAtTime() {}, linearRampToValueAtTime() {}, exponentialRampToValueAtTime() {} }; };`,
    });
  });
  const step = journey(() => ({ teacher: browser }));

  step('are offered three a day, and chosen', async () => {
    await page.driver.get(`${hoppel.url}/settings/day`);
    await page.says('Our day');
    await page.shows('.moment.chosen', 3);
    const lunch = await page.find('.list li:nth-child(6) .moment');
    if (!String(await lunch.getAttribute('class')).includes('chosen')) await lunch.click();
    await page.until('lunch is announced', async () =>
      String(await (await page.find('.list li:nth-child(6) .moment')).getAttribute('class')).includes('chosen'),
    );
    const state = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { day: { moments: number[] } };
    expect(state.day.moments.length).toBeGreaterThanOrEqual(3);
  });
  step('come to the board at the real time, with a chime, and ask what the clock says', async () => {
    await page.driver.get(`${hoppel.url}/board`);
    await page.says('What does our clock say now?');
    await soon(() => page.driver.executeScript('return window.rung')).toBe(1);
    await soon(() => drawnHands(page.driver, '[role=dialog]')).toEqual({ hour: 0, minute: 0 });
    await page.says('Lunch');
    await page.tap('Show it in words');
    await page.says('12 o’clock');
    await page.tap('Back to the board');
    await page.until('the board is there', async () => (await page.all('[role=dialog]')).length === 0);
  });
});

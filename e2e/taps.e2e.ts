import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { Classroom, Tablets } from '../contract/index.ts';
import { timeOf } from '../core/clock/index.ts';
import type { ItemKind } from '../core/items/index.ts';
import { answeringOn, wrongAnswer } from './support/answering.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { handSet, openStation, practiceOn, sitDown } from './support/station.ts';

/** What a finger that trembles does: each act is tapped twice, and is one. */
describe('an act that is tapped twice', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    // The day after the lesson of the demo class, in which nobody answered.
    hoppel = await startHoppel({ today: '2026-11-25' });
    browser = await startBrowser();
    page = onPage(browser);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
  const days = async (): Promise<string[]> => (await asked<Classroom>('/classroom')).lessons.map(({ day }) => day);
  /** Taps what is called so twice, one right after the other, wherever the first tap led. */
  const tapTwice = (name: string): Promise<unknown> =>
    page.driver.executeScript(
      `const find = () => [...document.querySelectorAll('button')].find((one) => one.textContent.includes(arguments[0]));
       find().click();
       return new Promise((done) => setTimeout(() => { find()?.click(); done(); }, 150));`,
      name,
    );

  it('holds one lesson today, and its address still names that lesson', async () => {
    const before = await days();
    await page.driver.get(`${hoppel.url}/lessons/8`);
    await page.says('Nothing was answered in this lesson. Was it held?');
    await tapTwice('Hold it today');
    await soon(async () => (await days())[7]).toBe('2026-11-25');
    await page.driver.sleep(500);
    const after = await days();
    // The lesson of today went to the next day, and those after it where they were pushed; none went twice.
    expect(after[7]).toBe('2026-11-25');
    expect(after[8]! > after[7]!).toBe(true);
    expect(after[8]).not.toBe(before[7]);
    expect(new URL(await page.driver.getCurrentUrl()).pathname).toBe('/lessons/8');
    await page.tap('Undo');
    await soon(days).toEqual(before);
  });
  it('hands a set out once', async () => {
    await page.driver.get(`${hoppel.url}/tablets`);
    await page.find('.do');
    await tapTwice('Hand to all');
    await soon(async () => (await asked<Tablets>('/tablets')).sets.length).toBe(1);
    await page.driver.sleep(500);
    expect((await asked<Tablets>('/tablets')).sets).toHaveLength(1);
  });
});

describe('Done, tapped twice by a child', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel();
    browser = await startBrowser({ width: 1024, height: 768 });
    page = await openStation(browser, hoppel);
    await sitDown(page, 'Ada');
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const KINDS: readonly ItemKind[] = ['read', 'write-digital', 'set', 'choose-words', 'choose-clock', 'yet'];
  it.each(KINDS)('does not spend the second try: %s', async (kind) => {
    await handSet(hoppel, [1], { what: 'times', kinds: [kind], times: [timeOf(9), timeOf(4, 30)] });
    await page.driver.get(`${hoppel.url}/station/1/alone`);
    await page.find(`.task[data-kind="${kind}"]`);
    const [item] = (await practiceOn(page)).tasks;
    await answeringOn(page, 'touch').give(item!, wrongAnswer(item!));
    await page.driver.executeScript("document.querySelector('.done').click()");
    await page.driver.sleep(300);
    expect(await page.attribute('.task', 'data-status')).toBe('hint');
  });
});

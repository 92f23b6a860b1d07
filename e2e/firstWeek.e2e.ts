import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import type { Classroom, Desk } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { journey } from './support/journey.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';

/** A school week: Hoppel is ended each afternoon and started each morning. */
const WEEK = ['2026-11-16', '2026-11-17', '2026-11-18', '2026-11-19', '2026-11-20'] as const;
const CHILDREN = ['Ada', 'Bram', 'Cleo', 'Davi'];

/** From an empty class to what the second check says, as a teacher lives it: every morning from the first page. */
describe('the first week', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel({ demo: false, today: WEEK[0] });
    browser = await startBrowser();
    page = onPage(browser);
  });
  afterAll(async () => {
    await browser.quit().finally(() => hoppel.remove());
  });
  const step = journey(() => ({ teacher: browser }));
  const ask = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
  const room = (): Promise<Classroom> => ask('/classroom');
  const lessonOf = async (day: string) => (await room()).lessons.find((lesson) => lesson.day === day)!;
  const main = (): Promise<void> => page.driver.get(hoppel.url);

  /** Marks the ticket of today's lesson from its desk: all right, but who is wrong in the first task. */
  const markTicket = async (wrong: readonly string[]): Promise<void> => {
    const home = await page.driver.getWindowHandle();
    await main();
    await page.tap('Print: Ticket');
    await soon(async () => (await ask<unknown[]>('/sheets')).length).not.toBe(0);
    await page.driver.switchTo().window(home);
    await main();
    await page.tap('Mark: Ticket');
    await page.find('.offers');
    for (const [i, name] of CHILDREN.entries()) {
      await soon(() => page.text('.panel h2')).toContain(name);
      if (wrong.includes(name)) await page.press('2');
      await page.press('a');
      if (i < CHILDREN.length - 1) await page.press('n');
    }
    await page.says('All marked and kept');
  };

  step('Monday: a class and its unit are made, and the first lesson stands on the desk', async () => {
    await main();
    await (await page.find('input')).sendKeys('Fern Room');
    await (await page.find('textarea')).sendKeys(CHILDREN.join('\n'));
    await page.tap('Make the class');
    await page.says('A new unit');
    await page.tap('Lay the path');
    await page.says('Get ready');
    await page.says('No ticket yet.');
    expect((await lessonOf(WEEK[0])).number).toBe(1);
    await expectNoFault(browser.driver);
  });
  for (const [i, day] of WEEK.slice(1).entries()) {
    const before = WEEK[i]!;
    step(`${day}: what became of the day before is asked once, and today’s lesson is there`, async () => {
      await hoppel.stop();
      await hoppel.start(day);
      const { id, kind } = await lessonOf(before);
      if (kind === 'lesson') {
        await page.driver.get(`${hoppel.url}/lessons/${id}`);
        await page.tap('It was held');
        await page.says('It was held, you said.');
      }
      await main();
      const today = await lessonOf(day);
      expect(today.number).toBe(i + 2);
      await soon(() => page.attribute('.path .stone[aria-current]', 'aria-label')).toContain('today');
      if (today.kind !== 'check') return;
      const wrong = CHILDREN.slice(0, 1);
      await markTicket(wrong);
      await main();
      // What it says is said at once, on the desk it was marked from.
      const { known } = await ask<Desk>(`/lessons/${today.id}/desk`);
      expect(known!.check.number).toBe(today.number);
      expect(known!.levels.map(({ level }) => level)).not.toContain('not-seen');
      expect(await page.text('.know')).not.toContain('No ticket yet');
      await page.until('the marks are counted', async () => (await page.text('.know')).includes('ticket:'));
      await expectNoFault(browser.driver);
    });
  }
  step(
    'after the second check the class page knows every child, each time that was asked, and the way on',
    async () => {
      const checks = (await room()).lessons.filter(({ kind, day }) => kind === 'check' && day <= WEEK[4]);
      expect(checks).toHaveLength(2);
      await page.driver.get(`${hoppel.url}/class`);
      await page.says('How each time went');
      for (const name of CHILDREN) await page.says(name);
      await expectNoFault(browser.driver);
      await main();
      await page.tap('Accept');
      await page.until(
        'it is decided',
        async () => (await ask<Desk>(`/lessons/${checks[1]!.id}/desk`)).known!.decided !== null,
      );
      // Nothing of a week went wrong where nobody looked.
      expect(hoppel.said()).not.toMatch(/Error/);
    },
  );
});

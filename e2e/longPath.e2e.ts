import { beforeAll, describe, expect } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import { journey } from './support/journey.ts';
import { tapByTouch } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();

/** Forty lessons on one path. */
describe('a long path', () => {
  beforeAll(async () => {
    const ask = async (
      path: string,
      body?: unknown,
    ): Promise<{ plan: { version: number }; lessons: { id: number }[] }> => {
      const reply = await fetch(`${hoppel.url}/api${path}`, {
        method: body === undefined ? 'GET' : 'POST',
        headers: { 'Content-Type': 'application/json' },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      return (await reply.json()) as { plan: { version: number }; lessons: { id: number }[] };
    };
    let { plan, lessons } = await ask('/classroom');
    while (lessons.length < 40)
      ({ plan, lessons } = await ask('/plan/changes', {
        id: newId(),
        version: plan.version,
        change: { kind: 'insert', after: lessons.at(-1)!.id, what: 'blank' },
      }));
  });
  const step = journey(() => ({ teacher: browser }));
  const shown = async (): Promise<number[]> =>
    Promise.all((await page.all('.path li.shown .number')).map(async (one) => Number(await one.getText())));

  step('shows today’s stretch at full size and folds the far ends, all within the screen', async () => {
    await page.driver.get(hoppel.url);
    await page.says('What we know');
    await page.shows('.path .stone', 40);
    const numbers = await shown();
    expect(numbers).toContain(8);
    expect(numbers.length).toBeGreaterThan(6);
    expect(numbers.length).toBeLessThan(20);
    await soon(() => page.driver.executeScript('return document.documentElement.scrollWidth')).toBe(1280);
  });
  step('is gone along by arrow keys, by End, and back with T or the Today key', async () => {
    await page.driver.executeScript("document.querySelector('.path .today').focus()");
    for (let i = 0; i < 9; i++) await page.press(Key.ARROW_RIGHT);
    await page.until('lesson 17 is in sight', async () => (await shown()).includes(17));
    await page.press(Key.END);
    await page.until('lesson 40 too', async () => (await shown()).includes(40));
    await soon(() => shown()).not.toContain(8);
    await page.press('t');
    await page.until('back at today', async () => (await shown()).includes(8));
    await page.press(Key.END);
    await page.tap('Today');
    await page.until('back again', async () => (await shown()).includes(8));
  });
  step('a folded lesson comes in sight by a tap on it, by mouse or finger', async () => {
    await (await page.find('.path li:nth-child(36)')).click();
    await page.until('lesson 36 is in sight', async () => (await shown()).includes(36));
    await tapByTouch(page.driver, await page.find('.path li:nth-child(5)'));
    await page.until('lesson 5 is in sight', async () => (await shown()).includes(5));
    await page.tap('Today');
    await page.until('back at today', async () => (await shown()).includes(8));
  });
  step('is gone along by scrolling and by dragging the ground', async () => {
    const ground = await page.find('.path .ground');
    for (let i = 0; i < 12; i++)
      await page.driver.executeScript(
        "arguments[0].dispatchEvent(new WheelEvent('wheel', { deltaY: 120, bubbles: true, cancelable: true }))",
        ground,
      );
    await page.until('further on', async () => !(await shown()).includes(8));
    await page.tap('Today');
    const folded = await page.find('.path li:nth-child(36)');
    await page.driver
      .actions({ async: true })
      .move({ origin: folded })
      .press()
      .move({ origin: folded, x: -200, y: 0, duration: 300 })
      .release()
      .perform();
    await page.until('dragged on', async () => (await shown())[0]! > 8);
  });
});

import { expect, it } from '@jest/globals';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const need = (name: string): Promise<string> => page.text(`.finds [data-need="${name}"]`);
const percent = async (name: string): Promise<number> => Number(/(\d+)%/.exec(await need(name))![1]);
/** Times on the sheet. */
const times = (): Promise<number> =>
  page.driver.executeScript("return document.querySelectorAll('.rings .brick.picked').length");

it('a ticket says what it can find out, of each need', async () => {
  await page.driver.get(`${hoppel.url}/sheets/10`);
  await page.says('What it can find out');
  await page.find('.finds [data-need="hands"]');
  expect(await percent('direction')).toBeGreaterThan(50);
  await expectNoFault(page.driver);
});
it('offers the one time that would help most, with one tap, and it can be undone', async () => {
  const before = await page.text('.finds');
  const offered = await page.text('[data-act="one-swap"]');
  expect(offered).toMatch(/^Task \d: \d+:00 in place of \d+:00 would tell most\.$/);
  await page.driver.executeScript('document.querySelector(\'[data-act="one-swap"]\').click()');
  await soon(() => page.text('.finds')).not.toBe(before);
  await page.tap('Undo');
  await soon(() => page.text('[data-act="one-swap"]')).toBe(offered);
});
it('chooses the times that tell most, for both forms, until none would tell more', async () => {
  const before = await times();
  await page.driver.executeScript('document.querySelector(\'[data-act="tell-most"]\').click()');
  await page.says('No other time would tell more.');
  await soon(times).toBe(before);
  await page.tap('B');
  await page.says('No other time would tell more.');
  await expectNoFault(page.driver);
});

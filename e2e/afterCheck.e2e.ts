import { describe, expect } from '@jest/globals';
import type { Desk } from '../contract/index.ts';
import { journey } from './support/journey.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();

/** What a check says, and what follows from it. */
describe('after a check', () => {
  const step = journey(() => ({ teacher: browser }));

  step('what it takes to go on is the teacher’s to set, and the suggestion follows', async () => {
    await page.driver.get(hoppel.url);
    await page.says('Go on, with a small group');
    await page.tap('When to go on');
    await page.says('Go on from 80% secure');
    await page.driver.executeScript(`
      const slider = document.querySelectorAll('.ask input[type=range]')[1];
      slider.value = 75;
      slider.dispatchEvent(new Event('input', { bubbles: true }));`);
    await page.says('Go on with a small group from 75%');
    await page.tap('Keep');
    await page.says('fewer than the 75% it takes');
    // What it costs stands beside it before it is accepted.
    await page.says('It pushes 9 lessons; the unit then ends');
  });
  step('it can be left for later: nothing is decided, and it comes back with a tap', async () => {
    const decided = async (): Promise<unknown> =>
      ((await (await fetch(`${hoppel.url}/api/lessons/8/desk`)).json()) as Desk).known!.decided;
    await page.tap('Decide otherwise');
    await page.steadily(async () => (await page.find('.v-overlay--active [data-later]')).click());
    await page.says('Left for later. It stays open.');
    await page.until('the menu is gone', async () => (await page.all('.v-overlay--active')).length === 0);
    expect(await decided()).toBeNull();
    await (await page.find('[data-now]')).click();
    await page.says('It pushes 9 lessons; the unit then ends');
    // With the forecast's line, too, all of it fits.
    await page.find('.may a');
    expect(await page.driver.executeScript('return document.documentElement.scrollHeight')).toBe(800);
  });
  step('accepting “teach it again” puts a lesson in that aims at the reasons found, and says what moved', async () => {
    await page.tap('Accept');
    await page.says('Teach again put in.');
    await page.says('Once more: new on Tue 24');
    await page.says('O’clock: read and set: Tue 24 to Wed 25');
    await page.says('Once more');
    await page.shows('.path .stone', 17);
    // 3:00 beside 12:15 would show quarter past, which nobody has met: what is shown is o’clock only.
    const shown = await page.all('.block:nth-child(2) .small-clock');
    expect(shown.length).toBeGreaterThan(1);
    await page.tap('Undo');
    await page.until('16 stones', async () => (await page.all('.path .stone')).length === 16);
  });
});

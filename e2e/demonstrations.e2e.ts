import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { DEMONSTRATIONS, type DemonstrationKind } from '../core/demonstrations/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { drawnHands, handsStandAt, onPage, tapByTouch, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit({ motion: true });
const board = atBoard(page, hoppel.url);
const step = async (): Promise<number> => Number(await page.attribute('.board', 'data-step'));
const seconds = async (): Promise<number> => Number(await page.attribute('.player input', 'value'));
const minutes = async (): Promise<number> => Number(await page.attribute('.board .geared', 'aria-valuenow'));
/** Begins a demonstration from the clock at 9:00. */
const begin = async (kind: DemonstrationKind, by: 'mouse' | 'finger' = 'mouse'): Promise<void> => {
  await board.open();
  const tile = await board.tile('p', kind);
  await (by === 'mouse' ? tile.click() : tapByTouch(page.driver, tile));
  await page.find(`.board[data-demonstration="${kind}"]`);
};
const on = (times = 1): Promise<void> => page.press(...Array.from({ length: times }, () => Key.ARROW_RIGHT));

describe('every demonstration', () => {
  it.each(DEMONSTRATIONS)(
    '%s plays, stops, is stepped and moved both ways, by keys, mouse and finger',
    async (kind) => {
      await begin(kind, 'finger');
      await soon(() => seconds()).toBe(0);
      await page.press(' ');
      await page.until('it plays', async () => (await seconds()) > 0.2);
      await page.press(' ');
      const stopped = await seconds();
      await page.driver.sleep(300);
      await soon(() => seconds()).toBe(stopped);
      const first = await step();
      await on();
      await soon(() => step()).toBe(first + 1);
      await page.tap('A step on');
      const later = await seconds();
      await tapByTouch(page.driver, await page.find('.player button[aria-label^="A step back"]'));
      await soon(() => seconds()).toBeLessThan(later);
      await page.press(Key.END);
      await soon(() => page.text('.player .place')).toMatch(/^Step (\d+) of \1$/);
      await page.press(Key.HOME);
      expect([await seconds(), await step()]).toEqual([0, 0]);
      // The slider is moved by keys like any other, to and fro.
      await (await page.find('.player input')).sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
      const scrubbed = await seconds();
      expect(scrubbed).toBeGreaterThan(0);
      await (await page.find('.player input')).sendKeys(Key.ARROW_LEFT);
      await soon(() => seconds()).toBeLessThan(scrubbed);
      await expectNoFault(browser.driver);
      await page.driver.executeScript('document.activeElement.blur()');
      await page.press(Key.ESCAPE);
      await page.until('the clock is back', async () => (await page.all('.board[data-demonstration]')).length === 0);
      await page.shows('.board .card', 3);
    },
  );
});

describe('what a demonstration shows', () => {
  it('once round: sixty minutes counted while the hour hand creeps on by one', async () => {
    await begin('once-round');
    await on(4);
    await soon(() => page.text('.count strong')).toBe('15');
    await soon(() => page.text('.board .bubble')).toBe('15');
    await soon(() => drawnHands(page.driver, '.board')).toEqual({ hour: 277.5, minute: 90 });
    await page.press(Key.END);
    await soon(() => page.text('.count strong')).toBe('60');
    await handsStandAt(page, '.board', { hour: 300, minute: 0 });
    await page.press(Key.ESCAPE);
    await board.standsAt(600); // it stays where the demonstration left it
  });
  it('faster and slower: the same way in less time', async () => {
    await begin('half-way');
    await page.tap('faster');
    await page.press(' ');
    await page.until('it is over', async () => (await page.all('.player button[aria-label^="Play"]')).length === 1);
    await soon(() => minutes()).toBe(570);
    await page.press('-');
    await soon(() => page.text('.speeds .on')).toBe('fast');
    await page.press('+');
    await soon(() => page.text('.speeds .on')).toBe('faster');
  });
  it('half way: stops straight down and folds over', async () => {
    await begin('half-way');
    await on(2);
    await handsStandAt(page, '.board', { hour: 285, minute: 180 });
    await page.shows('.board .half-turn .fold', 1);
    const folded = (): Promise<number> =>
      page.driver.executeScript(
        "return Number(/scale\\(([-\\d.]+)/.exec(document.querySelector('.board .half').getAttribute('transform'))[1])",
      );
    await soon(() => folded()).toBe(-1);
    await on();
    await soon(() => folded()).toBe(1);
    await soon(() => page.attribute('.board .room', 'data-hour')).toBe('9');
    await page.says('half a turn');
  });
  it('next hour: goes on to the numeral that was coming', async () => {
    await begin('next-hour');
    await handsStandAt(page, '.board', { hour: 285, minute: 180 });
    await on(2);
    await handsStandAt(page, '.board', { hour: 300, minute: 0 });
    await page.says('10 o’clock');
  });
  it('which hour? the reading steps of the class, one card each, said on the board by choice', async () => {
    await begin('which-hour');
    const covered = (count: number): Promise<unknown> =>
      page.until(`${count} cards are covered`, async () => (await board.covered()) === count);
    await covered(2);
    await soon(() => page.text()).not.toContain('has just passed 9');
    await page.press('y');
    await page.says('The hour hand has just passed 9.');
    await on();
    await page.says('The minute hand points straight down: half a turn.');
    await covered(1);
    await on();
    await page.says('It is half past 9.');
    await page.says('9:30');
  });
  it('same time, three ways: hands, digits, words, one after another', async () => {
    await begin('three-ways');
    const ways = async (): Promise<string[]> =>
      (await Promise.all((await page.all('.ways li.come')).map((one) => one.getText()))).map((text) => text.trim());
    await soon(() => ways()).toEqual([]);
    await on();
    expect((await ways()).join()).toContain('9:00');
    await on();
    expect((await ways()).join()).toContain('9 o’clock');
  });
  it('draw it: a dot at the rim, then a line, the short hand first', async () => {
    await begin('draw-it');
    await page.shows('.board .hand', 0);
    await on(5);
    await page.shows('.pencil-marks circle', 2);
    await page.shows('.pencil-marks .line', 2);
    const ends = await page.driver.executeScript<{ x: number; y: number }[]>(
      `return [...document.querySelectorAll('.pencil-marks .line')].map((line) => {
         const [, x, y] = /M([-\\d.]+) ([-\\d.]+)/.exec(line.getAttribute('d')); return { x: Number(x), y: Number(y) }; });`,
    );
    // From the tip inward: the hour hand's at 9, the minute hand's straight up and longer.
    expect(ends[0]!.x).toBeCloseTo(-56, 0);
    expect(Math.abs(ends[0]!.y)).toBeLessThan(1);
    expect(ends[1]!.y).toBeLessThan(-88);
  });
  it('a minute is this long: the second hand takes a real minute, whatever the speed', async () => {
    await begin('a-minute');
    await page.shows('.speeds', 0);
    await page.press('+', ' ');
    const began = Date.now();
    await page.until('three seconds are counted', async () => Number(await page.text('.count strong')) >= 3);
    const took = Date.now() - began;
    expect(took).toBeGreaterThan(2500);
    await page.press(' ');
    await page.press(Key.END);
    await soon(() => page.text('.count strong')).toBe('60');
    await page.press(Key.ESCAPE);
    await board.standsAt(541);
  });
});

describe('for those who wish less motion', () => {
  let calm: Browser;
  let still: Page;
  beforeAll(async () => {
    calm = await startBrowser();
    still = onPage(calm);
  });
  afterAll(() => calm.quit());

  it('hands step in whole minutes instead of sweeping', async () => {
    await still.driver.get(`${hoppel.url}/board/8?segment=1&clock`);
    await still.find('.board .geared');
    await still.press('p');
    await (await still.find('[data-tile="once-round"]')).click();
    const seen = await still.driver.executeAsyncScript<number[]>(`
      const done = arguments[0]; const seen = new Set();
      const range = document.querySelector('.player input');
      window.dispatchEvent(new KeyboardEvent('keydown', { key: ' ' }));
      const look = () => {
        seen.add(Number(/rotate\\(([-\\d.]+)/.exec(document.querySelector('.board .hand.minute').getAttribute('transform'))[1]));
        if (seen.size > 3) done([...seen]); else requestAnimationFrame(look);
      };
      look();`);
    // Whole minutes, one after another; on a busy machine one may pass between two looks.
    expect(seen[0]).toBe(0);
    expect(seen).toHaveLength(4);
    for (const [i, degrees] of seen.entries()) {
      expect(degrees % 6).toBe(0);
      if (i > 0) expect(degrees).toBeGreaterThan(seen[i - 1]!);
    }
    expect(seen.at(-1)).toBeLessThanOrEqual(30);
  });
  it('a time comes at once, and a card without lifting', async () => {
    await still.driver.get(`${hoppel.url}/board/8?segment=1&clock`);
    await still.find('.board .geared');
    await still.press('0');
    expect(Number(await still.attribute('.board .geared', 'aria-valuenow'))).toBe(0);
  });
});

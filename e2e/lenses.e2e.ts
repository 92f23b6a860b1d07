import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { LENSES, type Lens } from '../core/face/index.ts';
import { LENS_KEYS } from '../web/board/lenses/lensKeys.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { dragByMouse, dragByTouch, handsStandAt, sweep, tapByTouch } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit({ motion: true });
const board = atBoard(page, hoppel.url);
const count = async (css: string): Promise<number> => (await page.all(css)).length;
const wait = (what: string, holds: () => Promise<boolean>): Promise<unknown> => page.until(what, holds);

/** What is seen of each lens with the clock at 9:30, to be found on the page. */
const SEEN: Readonly<Record<Lens, string>> = {
  'half-turn': '.board .half-turn .fold',
  'hours-room': '.board .room[data-hour="9"]',
  'minute-trail': '.board .trail[data-count="30"]',
  'minute-numbers': '.board .minute-numbers text',
  quarters: '.board .quarters .cross',
  'straight-line': '.board .straight',
  'hour-hand-alone': '.board[data-lenses="hour-hand-alone"] .hand.hour',
  'minute-hand-alone': '.board[data-lenses="minute-hand-alone"] .hand.minute',
  magnifier: '.magnifier .hand.hour',
  'two-clocks': '.board.pair .clock:nth-of-type(2) .geared',
  'day-strip': 'section.strip .now[data-now="570"]',
  'other-face': '.board[data-lenses="other-face"] .dial:not(:has(.numeral))',
  'no-colours': '.board.no-colours',
};
const toHalfPast = async (): Promise<void> => {
  await board.open();
  await page.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
  await board.standsAt(570);
};

describe('lenses', () => {
  it.each(LENSES)('%s: put over the clock and taken away by its key, a mouse and a finger', async (lens) => {
    await toHalfPast();
    const isOn = async (on: boolean): Promise<void> => {
      await wait(`${lens} is ${on ? 'on' : 'off'}`, async () => (await board.lenses()) === (on ? lens : ''));
      await wait(`${lens} is ${on ? '' : 'not '}seen`, async () => (await count(SEEN[lens])) > 0 === on);
    };
    await page.press(LENS_KEYS[lens]);
    await isOn(true);
    await page.press(LENS_KEYS[lens]);
    await isOn(false);
    const tile = await board.tile('v', lens);
    await soon(() => tile.getText()).toMatch(/\w/);
    await soon(() => tile.findElements({ css: '.picture' })).toHaveLength(1);
    await tile.click();
    expect(await (await page.find(`[data-tile="${lens}"]`)).getAttribute('aria-pressed')).toBe('true');
    await page.press('v');
    await isOn(true);
    await page.press('v');
    await tapByTouch(page.driver, await page.find(`[data-tile="${lens}"]`));
    await page.press('v');
    await isOn(false);
  });

  it('several are on at once; of the two hands alone only one', async () => {
    await toHalfPast();
    await page.press('h', 'o', 't', 'm', 's', 'l');
    await soon(() => board.lenses()).toBe('half-turn hours-room minute-trail minute-numbers minute-hand-alone');
    await expectNoFault(browser.driver);
  });

  it('the hand is in its hour’s room until the very end', async () => {
    await board.open();
    await page.press('o');
    const room = (): Promise<string> => page.attribute('.board .room', 'data-hour');
    const clock = await page.find('.board .geared');
    for (const [minute, hour] of [
      [0, '9'],
      [59, '9'],
      [60, '10'],
    ] as const) {
      while ((await board.clockAt()) < 540 + minute) await page.press(Key.ARROW_RIGHT);
      await soon(() => room()).toBe(hour);
    }
    await dragByTouch(page.driver, clock, { from: { degrees: 0, reach: 80 }, over: sweep(0, -60), reach: 80 });
    await board.standsAt(590);
    await soon(() => room()).toBe('9');
  });

  it('the trail counts by ones and fives as the minute hand comes', async () => {
    await board.open();
    await page.press('t');
    const lines = (which: string): Promise<number> =>
      page.driver.executeScript(
        `return [...document.querySelectorAll('.board .trail .${which}')].map((one) => one.getAttribute('d')).join('').split('M').length - 1`,
      );
    const counted = async (): Promise<(string | number)[]> => [
      await page.attribute('.board .trail', 'data-count'),
      await lines('ones'),
      await lines('fives'),
    ];
    await soon(() => counted()).toEqual(['0', 0, 0]);
    await soon(() => count('.board .bubble')).toBe(0);
    const clock = await page.find('.board .geared');
    await dragByMouse(page.driver, clock, { from: { degrees: 0, reach: 80 }, over: sweep(0, 102), reach: 80 });
    await handsStandAt(page, '.board', { hour: 278.5, minute: 102 });
    await soon(() => counted()).toEqual(['17', 14, 3]);
    await soon(() => page.text('.board .bubble')).toBe('17');
    await soon(() => page.text('.board .counted')).toBe('5\n10\n15');
  });

  it('the magnifier follows the tip in real time', async () => {
    await board.open();
    await page.press('z');
    const tip = (): Promise<string> =>
      page.driver.executeScript("return document.querySelector('.magnifier svg').getAttribute('viewBox')");
    const before = await tip();
    await page.press(Key.ARROW_RIGHT);
    await soon(() => tip()).not.toBe(before);
    const middle = (box: string): number => {
      const [x, y, width] = box.split(' ').map(Number) as [number, number, number];
      return (Math.atan2(x + width / 2, -(y + width / 2)) * 180) / Math.PI;
    };
    expect((middle(await tip()) + 360) % 360).toBeCloseTo(270.5, 6);
    await soon(() => count('.magnifier .hand.minute')).toBe(0);
  });

  it('two clocks stand side by side for contrast, each to be turned, each with its card', async () => {
    await board.open();
    await page.press('w');
    const second = await page.find('.board .clock:nth-of-type(2) .geared');
    await soon(() => second.getAttribute('aria-valuenow')).toBe('570'); // half past to the o'clock
    await page.press(' ');
    await page.says('9:00');
    await soon(() => page.text()).not.toContain('9:30');
    await page.press(' ');
    await page.says('9:30');
    await dragByTouch(page.driver, second, { from: { degrees: 180, reach: 80 }, over: sweep(180, 360), reach: 80 });
    await page.says('10:00');
    await soon(() => board.clockAt()).toBe(540);
    // The other clock's card is no part of this one's time: nothing is said of the minute hand by it.
    await page.press('c');
    await page.press('2');
    await page.press('y');
    await soon(() => page.text('.say')).toBe('What time is it?');
    await page.press('1');
    await soon(() => page.text('.say')).toBe('It is 9 o’clock.');
    await expectNoFault(browser.driver);
  });

  it('the day strip has two turns of the hour hand, and its pictures turn the clock to their time', async () => {
    await board.open();
    await page.press('d');
    await soon(() => count('section.strip .hour')).toBe(25);
    await soon(() => count('section.strip .entry')).toBe(10);
    await soon(() => page.text('section.strip .turn.on')).toBe('a.m.');
    await (await page.find('section.strip .entry[aria-label^="Hare feeding, 1:30"]')).click();
    await board.standsAt(90);
    await wait('it is the afternoon', async () => (await page.attribute('section.strip .now', 'data-now')) === '810');
    await soon(() => page.text('section.strip .turn.on')).toBe('p.m.');
    await tapByTouch(page.driver, await page.find('section.strip .entry[aria-label^="Arrive"]'));
    await wait(
      'through the night to the next morning',
      async () => (await page.attribute('section.strip .now', 'data-now')) === '480',
    );
    await expectNoFault(browser.driver);
  });

  it('without colours both hands are told apart by shape and length alone', async () => {
    await board.open();
    await page.press('b');
    const fills = await page.driver.executeScript<string[]>(
      "return ['hour', 'minute'].map((hand) => getComputedStyle(document.querySelector('.board .hand.' + hand + ' .shape')).fill)",
    );
    expect(fills[0]).toBe(fills[1]);
  });

  it('lenses stay while times are gone through, and nothing of them is on a fresh board', async () => {
    await board.open();
    await page.press('h', 'o', ' ', ' ', ' ', ' ');
    await wait('the second time comes', async () => (await board.clockAt()) !== 540);
    await soon(() => board.lenses()).toBe('half-turn hours-room');
    await board.open();
    await soon(() => board.lenses()).toBe('');
    await handsStandAt(page, '.board', { hour: 270, minute: 0 });
  });
});

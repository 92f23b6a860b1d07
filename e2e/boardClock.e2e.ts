import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { NUMERAL_STYLES, OUTLINES } from '../core/face/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { dragByMouse, dragByTouch, dragByTwoFingers, drawnHands, handsStandAt, sweep } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit({ motion: true });
const board = atBoard(page, hoppel.url);

/** Projectors and touch boards: wide ones from small to the largest, a notebook, and 4:3. */
const SCREENS = [
  [1280, 720],
  [1280, 800],
  [1920, 1080],
  [3840, 2160],
  [1024, 768],
  [1400, 1050],
] as const;

/** Pixels that text and shapes take on the screen. Digits are 0.72 em high in the font of the board. */
const MEASURE = `
  const digit = 0.72;
  const svg = document.querySelector('.board .geared');
  const scale = svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
  const size = (css) => parseFloat(getComputedStyle(document.querySelector(css)).fontSize);
  const hand = (name) => document.querySelector('.board .hand.' + name + ' .shape').getBBox();
  const widest = [...document.querySelectorAll('.board *')].reduce((far, one) => Math.max(far, one.getBoundingClientRect().right), 0);
  const lowest = [...document.querySelectorAll('.board .column > *')].reduce((far, one) => Math.max(far, one.getBoundingClientRect().bottom), 0);
  return {
    numeral: Number(document.querySelector('.board .numeral').getAttribute('font-size')) * scale * digit,
    hourHand: { long: hand('hour').height * scale, broad: hand('hour').width * scale },
    minuteHand: { long: hand('minute').height * scale, broad: hand('minute').width * scale },
    card: size('.card .digits') * digit,
    words: size('.card .words'),
    caption: size('.card .caption'),
    scrolls: document.documentElement.scrollHeight > innerHeight + 1 || document.documentElement.scrollWidth > innerWidth + 1,
    outside: widest > innerWidth + 1 || lowest > innerHeight + 1,
  };`;
interface Measured {
  numeral: number;
  hourHand: { long: number; broad: number };
  minuteHand: { long: number; broad: number };
  card: number;
  words: number;
  caption: number;
  scrolls: boolean;
  outside: boolean;
}
const resize = (width: number, height: number): Promise<void> =>
  browser.driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });

describe('the board’s clock', () => {
  it.each(SCREENS)('on %i by %i is read from the back of the room, all of it on the screen', async (width, height) => {
    await resize(width, height);
    await board.open();
    for (const key of ['1', '2', '3']) await page.press(key);
    const seen = await page.driver.executeScript<Measured>(MEASURE);
    // From 8 m, what is 4.5 % of the screen's height can be read; the smaller side counts where the screen is not so wide.
    const short = Math.min(height, width / 1.6);
    expect(seen.numeral).toBeGreaterThanOrEqual(0.045 * short);
    expect(seen.card).toBeGreaterThanOrEqual(0.1 * short);
    expect(seen.words).toBeGreaterThanOrEqual(0.045 * short);
    expect(seen.hourHand.long).toBeGreaterThan(0.3 * short);
    expect(seen.hourHand.broad).toBeGreaterThan(0.045 * short);
    expect(seen.minuteHand.long).toBeGreaterThan(0.45 * short);
    expect(seen.minuteHand.broad).toBeGreaterThan(0.02 * short);
    expect([seen.scrolls, seen.outside]).toEqual([false, false]);
    if (width >= 1280 && height >= 720) expect(seen.numeral / height).toBeGreaterThanOrEqual(0.045);
  });
  it.each(SCREENS)('on %i by %i it can shrink for lenses and still be read', async (width, height) => {
    await resize(width, height);
    await board.open();
    for (const key of ['t', 'm', 'd', ' ', ' ', ' ']) await page.press(key);
    const seen = await page.driver.executeScript<Measured>(MEASURE);
    const short = Math.min(height, width / 1.6);
    expect(seen.numeral).toBeGreaterThanOrEqual(0.045 * short);
    expect([seen.scrolls, seen.outside]).toEqual([false, false]);
  });

  it.each(['v', 'p', 'g', 'k'])('on the smallest screen the tray of %s is seen whole', async (key) => {
    await resize(1280, 720);
    await board.open();
    await page.press(key);
    // Its words are wider until their typeface is there.
    const hidden = (): Promise<number> =>
      page.driver.executeScript(
        "const tray = document.querySelector('.board .tray, .board .round-tray'); return tray.scrollHeight - tray.clientHeight",
      );
    await soon(hidden).toBeLessThanOrEqual(0);
  });

  it('has every face and every shape, chosen by mouse, and fades from one to the other', async () => {
    await resize(1280, 800);
    await board.open();
    const numerals = (): Promise<string[]> =>
      page.driver.executeScript(
        "return [...document.querySelectorAll('.board .numerals:last-of-type .numeral')].map((one) => one.textContent.trim())",
      );
    await soon(() => numerals()).toHaveLength(12);
    await page.press('k');
    const counts = { all: 12, quarters: 4, ticks: 0, none: 0, roman: 12 };
    for (const style of NUMERAL_STYLES) {
      const name = { all: 'all twelve', quarters: '12, 3, 6, 9', ticks: 'marks only', none: 'nothing', roman: 'Roman' };
      await page.tap(name[style]);
      await page.until(`${style} is shown`, async () => (await numerals()).length === counts[style]);
      await page.shows('.board .tick', style === 'none' ? 0 : 60);
    }
    expect((await numerals())[3]).toBe('IIII');
    const faces = async (): Promise<number> => (await page.all('.board .geared .numerals')).length;
    await page.until('the last one is all that is left', async () => (await faces()) === 1);
    // One fades out while the other fades in.
    const together = await page.driver.executeAsyncScript<number>(`
      const done = arguments[0];
      [...document.querySelectorAll('.choice')].find((one) => one.textContent.trim() === 'all twelve').click();
      setTimeout(() => done(document.querySelectorAll('.board .geared .numerals').length), 60);`);
    expect(together).toBe(2);
    for (const outline of OUTLINES) {
      const name = { round: 'round', square: 'square', 'rounded-square': 'square, round corners', oval: 'oval' };
      await (await page.find(`.choice[aria-label="${name[outline]}"]`)).click();
      await soon(() => page.attribute(`.choice[aria-label="${name[outline]}"]`, 'aria-pressed')).toBe('true');
    }
    const hands = await drawnHands(page.driver, '.board');
    expect(hands).toEqual({ hour: 270, minute: 0 }); // the division stays the same
    await expectNoFault(page.driver);
  });

  it('has a second hand when it is wanted', async () => {
    await board.open();
    await page.shows('.board .second', 0);
    await page.press('x');
    const angle = async (): Promise<number> =>
      Number(/rotate\(([\d.]+)/.exec(await page.attribute('.board .second', 'transform'))![1]);
    const first = await angle();
    await page.until('it moves', async () => (await angle()) !== first);
    await page.press('x');
    await page.until('it is gone', async () => (await page.all('.board .second')).length === 0);
  });

  it.each([
    ['minute', 80, 90, { hour: 7.5, minute: 90 }],
    ['hour', 40, 15, { hour: 15, minute: 180 }],
  ] as const)('at 12:00 both hands are seen, and the %s hand can be taken', async (_, reach, to, wanted) => {
    await board.open();
    await page.press('0');
    await handsStandAt(page, '.board', { hour: 0, minute: 0 });
    // The minute hand is seen beyond the hour hand, and beside it at its tail.
    const shapes = await page.driver.executeScript<{ hour: number; minute: number; above: boolean }>(`
      const box = (name) => document.querySelector('.board .hand.' + name + ' .shape').getBBox();
      const hands = [...document.querySelectorAll('.board .hand')].map((one) => one.classList[1]);
      return { hour: -box('hour').y, minute: -box('minute').y, above: hands.indexOf('hour') > hands.indexOf('minute') };`);
    expect(shapes.minute - shapes.hour).toBeGreaterThan(30);
    expect(shapes.above).toBe(true);
    const clock = await page.find('.board .geared');
    await dragByMouse(page.driver, clock, { from: { degrees: 0, reach }, over: [to / 2, to], reach });
    await handsStandAt(page, '.board', wanted);
  });

  it('geared hands follow each other under two fingers: the one that moves leads', async () => {
    await board.open();
    const clock = await page.find('.board .geared');
    await dragByTwoFingers(page.driver, clock, [
      { from: { degrees: 0, reach: 80 }, over: [30, 60, 90], reach: 80 },
      { from: { degrees: 270, reach: 40 }, over: [], reach: 40 },
    ]);
    await board.standsAt(555);
    await handsStandAt(page, '.board', { hour: 277.5, minute: 90 });
  });

  it('unhooked, each of two fingers turns a hand of its own, and the board says what is wrong', async () => {
    await board.open();
    await page.press('u');
    const clock = await page.find('.board .unhooked');
    await dragByTwoFingers(page.driver, clock, [
      { from: { degrees: 0, reach: 80 }, over: sweep(0, 180), reach: 80 },
      { from: { degrees: 270, reach: 40 }, over: [240, 180, 120], reach: 40 },
    ]);
    await page.until('both hands stand where the fingers left them', async () => {
      const { hour, minute } = await drawnHands(page.driver, '.board');
      return Math.abs(hour - 120) < 1 && Math.abs(minute - 180) < 1;
    });
    await page.says('Can a clock look like this?');
    await page.press(' ');
    await page.says('At half past, the hour hand is between two numbers, not on one.');
    await expectNoFault(page.driver);
  });
  it('unhooked hands are turned by keys too, and hooked again they show the nearest time there is', async () => {
    await board.open();
    await page.press('u');
    await page.driver.executeScript('document.querySelector(\'.board [role=slider][aria-label="hour hand"]\').focus()');
    for (let step = 0; step < 5; step++) await page.press(Key.ARROW_RIGHT);
    await soon(() => drawnHands(page.driver, '.board')).toEqual({ hour: 300, minute: 0 });
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press('u');
    await board.standsAt(600);
  });
  it('a lesson about the hour hand begins with that hand alone', async () => {
    const { lessons } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      lessons: { number: number; segments: { kind: string; items: { kind: string }[] }[] }[];
    };
    const places = lessons.flatMap(({ number, segments }) =>
      segments.flatMap(({ kind, items }, at) =>
        kind !== 'show-me' && items.length > 0 && items.every((item) => item.kind === 'hour-hand')
          ? [{ number, at }]
          : [],
      ),
    );
    expect(places.length).toBeGreaterThan(0);
    await board.open(`/board/${places[0]!.number}?segment=${places[0]!.at}`);
    await page.shows('.board .hand.minute', 0);
    await page.shows('.board .hand.hour', 1);
    const before = await board.clockAt();
    const clock = await page.find('.board .geared');
    const { hour } = { hour: before / 2 };
    await dragByTouch(page.driver, clock, { from: { degrees: hour, reach: 40 }, over: [hour + 15], reach: 40 });
    await board.standsAt((before + 30) % 720);
  });
});

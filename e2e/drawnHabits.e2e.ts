import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { WebElement } from 'selenium-webdriver';
import type { AnswerRow } from '../contract/index.ts';
import { handAngles, timeOf, type HandAngles } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import { scrawl, type Habit } from '../core/simulation/scrawl/index.ts';
import type { Stroke } from '../core/strokes/index.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { hurry } from './support/hurry.ts';
import { noticedOn, takeNotes } from './support/noticed.ts';
import type { Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { handSet, openStation, sitDown } from './support/station.ts';

/** Drawings with a finger on the glass, each line as a child makes it, and what stands of them in the record. */
let hoppel: Hoppel;
let browser: Browser;
let page: Page;
const BRAM = 2;

beforeAll(async () => {
  hoppel = await startHoppel();
  browser = await startBrowser({ width: 1024, height: 768, motion: false });
  await hurry(browser);
  await takeNotes(browser);
  page = await openStation(browser, hoppel);
  await sitDown(page, 'Bram');
});
afterAll(async () => {
  await browser.quit();
  await hoppel.remove();
});

/** A finger goes along a line, in face units. */
const drawLine = async (pad: WebElement, stroke: Stroke): Promise<void> => {
  const { x, y, width, height } = await pad.getRect();
  const room = Number(String(await pad.getDomAttribute('viewBox')).split(' ')[2]);
  const at = (point: { x: number; y: number }) => ({
    x: x + width / 2 + (point.x * width) / room,
    y: y + height / 2 + (point.y * height) / room,
  });
  const touch = (type: string, point?: { x: number; y: number }): Promise<unknown> =>
    browser.driver.sendDevToolsCommand('Input.dispatchTouchEvent', { type, touchPoints: point ? [at(point)] : [] });
  // As many points as a tablet of sixty reports a second has; the ends are always there.
  const step = Math.max(1, Math.round(stroke.length / 40));
  const points = stroke.filter((_, i) => i % step === 0 || i === stroke.length - 1);
  await touch('touchStart', points[0]);
  for (const point of points.slice(1)) await touch('touchMove', point);
  await touch('touchEnd');
};
const record = async (): Promise<AnswerRow[]> => {
  const reply = await fetch(`${hoppel.url}/api/record/children/${BRAM}`);
  return ((await reply.json()) as { answers: AnswerRow[] }).answers.filter(({ source }) => source === 'tablet');
};
/** Draws one task as a child of a habit does, sees what was understood, and hands it in. @returns the row of the record */
const drawn = async (habit: Habit, seed: number, meant: HandAngles): Promise<AnswerRow> => {
  await handSet(hoppel, [BRAM], { what: 'times', kinds: ['draw'], times: [timeOf(4, 30)] });
  await page.driver.get(`${hoppel.url}/station/${BRAM}/alone`);
  const before = (await record()).length;
  const pad = await page.find('.draw');
  const { strokes } = scrawl(seededRng(seed), habit, meant);
  for (const stroke of strokes) await drawLine(pad, stroke);
  await soon(() => page.attribute('.draw', 'data-strokes')).toBe(String(strokes.length));
  await (await page.find('.done')).click();
  await noticedOn(page).understood(2);
  await page.until('it is in the record', async () => (await record()).length === before + 1);
  return (await record())[0]!;
};

describe('a drawing by touch', () => {
  it.each([
    ['with arrowheads', 'middle-v'],
    ['with blobs at the tips', 'blob'],
    ['in pieces', 'two-pieces'],
    ['with curved hands', 'bowed'],
    ['with the hour ringed', 'hour-ringed'],
  ] as const)('%s is read as it was meant', async (_, habit) => {
    const row = await drawn(habit, 11, handAngles(timeOf(4, 30)));
    expect(row.answer.kind).toBe('strokes');
    expect([row.verdict, row.findings]).toEqual(['right', []]);
  });
  it('of swapped hands with arrowheads says so, on the child’s page too', async () => {
    const row = await drawn('middle-v', 5, { hour: 180, minute: 120 });
    expect(row.verdict).toBe('wrong');
    expect(row.findings).toContainEqual({ kind: 'rule', rule: 'hands-swapped' });
    await page.driver.get(`${hoppel.url}/class/${BRAM}`);
    await page.says('fits with: hands swapped');
  });
});

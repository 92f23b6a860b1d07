// npm run screenshots: one current picture of each main view, from the demo class on a fixed day.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
import { tourOf } from './support/tour.ts';

const FOLDER = resolve(import.meta.dirname, '../docs/screenshots');
mkdirSync(FOLDER, { recursive: true });

const hoppel = await startHoppel();
const browser = await startBrowser();
const page = onPage(browser);
const tour = tourOf(hoppel.url);
const picture = async (name: string, from: Browser = browser): Promise<void> => {
  await from.driver.sleep(900); // fonts are there, hands and hare have come to rest
  writeFileSync(join(FOLDER, `${name}.png`), await from.driver.takeScreenshot(), 'base64');
};
const open = async (path: string, words: string): Promise<void> => {
  await page.driver.get(hoppel.url + path);
  await page.says(words);
};

await open('/', 'What we know');
await picture('lesson-desk');
await open('/board/8?segment=1', '');
await page.press('1');
await page.press('2');
await picture('board');
await tour.begin(8);
await tour.answer(4);
await tour.moveTo(1, 'think');
await tour.answer(5);
await open('/board/8', 'Think');
await picture('round-think');
await tour.moveTo(1, 'missed');
await page.says('Who missed it?');
await page.driver.sleep(1500); // the answer is still being turned to
await picture('round-who-missed');
await open('/station', 'Tap your picture');
await picture('station-pictures');
await open('/station/4', 'Watch the clock');
await tour.moveTo(2, 'ask');
await page.says('Done');
await picture('station-task');
for (let index = 2; index < 6; index++) {
  await tour.moveTo(index, 'ask');
  await tour.answer(10 + index);
}
await tour.moveTo(5, 'done');
await open('/station/2/alone', 'Done');
await page.tap('Done');
await page.says('to the light');
await picture('station-hint');
await open('/class', 'How each o’clock went');
await picture('class');
await open('/class/2', 'What Bram can do');
await picture('child');
await open('/settings', 'The hands are called');
await picture('settings');

await browser.quit();
await hoppel.remove();

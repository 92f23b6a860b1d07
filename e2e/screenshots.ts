// npm run screenshots: one current picture of each main view, from the demo class on a fixed day.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { HOW_LONG, UNITS } from '../core/items/index.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { Key } from 'selenium-webdriver';
import { TODAY, startHoppel } from './support/hoppel.ts';
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

/** Lets the board announce lunch today, whatever is offered. */
const chooseLunch = async (): Promise<void> => {
  const { day } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
    day: { routine: { id: number; at: number }[] };
  };
  await fetch(`${hoppel.url}/api/day/moments`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ moments: day.routine.filter(({ at }) => at === 720).map(({ id }) => id) }),
  });
};

await open('/', 'What we know');
await picture('lesson-desk');
await page.tap('Times of “Show me”');
await page.says('Why these times');
await page.driver.sleep(400);
await (await page.find('.times .row li:nth-child(2) button')).click();
await picture('times');
await open('/', 'What we know');
await page.driver.executeScript("document.querySelector('.path li:nth-child(9) a').focus()");
await page.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
await page.says('Lesson moved.');
await picture('path-moved');
await page.tap('Undo');
await page.says('Taken back');
await open('/board/8?segment=1', '');
// Half past nine, seen through two lenses, hour and minutes open.
await page.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
await page.press('h', 'o', '1', '2');
await picture('board');
await open('/board/8?segment=1', '');
await page.press('p');
await (await page.find('[data-tile="once-round"]')).click();
for (let step = 0; step < 8; step++) await page.press(Key.ARROW_RIGHT);
await page.press('y');
await picture('demonstration');
const phone = await startBrowser({ width: 480, height: 900 });
await phone.driver.get(`${hoppel.url}/remote`);
await onPage(phone).says('Once round');
await picture('remote', phone);
await phone.quit();
await page.press(Key.ESCAPE, 'p');
await (await page.find('[data-tile="how-long"]')).click();
for (const deed of ['clap', 'hop', 'sneeze', 'wash-hands', 'put-on-boots', 'bake-bread', 'long-walk'] as const) {
  if ((await page.all(`.pool [data-deed="${deed}"]`)).length === 0) continue;
  await page.driver.executeScript(`document.querySelector('[data-deed="${deed}"]').focus()`);
  await page.press(String(UNITS.indexOf(HOW_LONG[deed]) + 1));
}
await page.driver.executeScript('document.activeElement.blur()');
await picture('sorting');
await tour.begin(8);
await tour.answer(4);
await tour.moveTo(1, 'think');
await tour.answer(5);
await open('/board/8', 'Think');
await tour.moveTo(1, 'reveal');
await page.driver.sleep(2500); // the answer is being turned to
for (let card = 0; card < 3; card++) await page.press(' ');
await picture('round-reveal');
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
await tour.finish();
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
await open('/settings/class', 'Class list');
await picture('children');
await open('/settings/day', 'Our day');
await picture('day');
await open('/settings/unit', 'Take out and in');
await page.tap('Lay out anew');
await page.says('Lay it out');
await picture('unit');
// A moment before noon, as the page sees the clock.
await page.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
  source: `const now = Date.now.bind(Date); const shift = new Date('${TODAY}T11:59:58').getTime() - now(); Date.now = () => now() + shift;`,
});
await chooseLunch();
await open('/board', 'What does our clock say now?');
await picture('clock-moment');

await browser.quit();
await hoppel.remove();

// npm run screenshots: one current picture of each main view, from the demo class on a fixed day.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { timeOf } from '../core/clock/index.ts';
import type { ItemKind } from '../core/items/index.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { Key } from 'selenium-webdriver';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
import { giveVoice, handSet, openStation, sitDown } from './support/station.ts';
import { tourOf } from './support/tour.ts';

const FOLDER = resolve(import.meta.dirname, '../docs/screenshots');
mkdirSync(FOLDER, { recursive: true });

const hoppel = await startHoppel();
const browser = await startBrowser({ motion: true });
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
await page.find('.may a');
await picture('lesson-desk');
await open('/board/8?segment=1&clock', '');
await page.shows('.card', 3);
// Half past nine, seen through two lenses, hour and minutes open.
await page.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
await page.press('h', 'o', '1', '2');
await picture('board');
await open('/board/8?segment=1&clock', '');
await page.press('p');
await (await page.find('[data-tile="once-round"]')).click();
for (let step = 0; step < 8; step++) await page.press(Key.ARROW_RIGHT);
await page.press('y');
const phone = await startBrowser({ motion: true, width: 480, height: 900 });
await phone.driver.get(`${hoppel.url}/remote`);
await onPage(phone).says('Once round');
await picture('remote', phone);
await phone.quit();
await tour.begin(8);
await tour.answer(4);
await tour.moveTo(1, 'think');
await tour.answer(5);
await open('/board/8', 'Think');
for (let index = 2; index < 6; index++) {
  await tour.moveTo(index, 'ask');
  await tour.answer(10 + index);
}
await tour.finish();

// Davi's tablet: a set clock, a drawing half made, digits, pairs, and a hint.
const tablet = await startBrowser({ motion: true, width: 1024, height: 768 });
await giveVoice(tablet);
const child = await openStation(tablet, hoppel);
await sitDown(child, 'Davi');
const task = async (kind: ItemKind, name: string, act: () => Promise<void>): Promise<void> => {
  await handSet(hoppel, [4], { what: 'times', kinds: [kind], times: [timeOf(4, 30), timeOf(9)] });
  await child.driver.get(`${hoppel.url}/station/4/alone`);
  await child.find(`.task[data-kind="${kind}"]`);
  await act();
  await picture(name, tablet);
};
await task('set', 'station-task', async () => undefined);
await child.driver.get(`${hoppel.url}/station/4`);
await child.says('On my own');

// A room of made-up children in a round of half past four.
const room = async (method: string, path: string, body: object = {}): Promise<void> => {
  await fetch(`${hoppel.url}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
};
await open('/sheets/10?show=ticket', 'What it can find out');
await page.find('.finds [data-need]');
await picture('sheets');
await room('POST', '/tablets/sets', { id: crypto.randomUUID(), childIds: null, source: { what: 'ticket' } });
await room('POST', '/tablets/stand-ins', { pace: 20 });
await open('/tablets', 'At a tablet: 22 of 22');
await page.until('some are through', async () => (await page.all('.ticket [data-state="through"]')).length > 4);
await picture('tablets');
await room('POST', '/rounds', {
  id: crypto.randomUUID(),
  lessonId: 8,
  source: { what: 'times', tasks: ['draw'], times: [timeOf(4, 30)] },
});
await open('/board/8', 'Draw');
await page.press('w');
await page.until('most have drawn', async () => (await page.all('.wall .tile.done')).length >= 15);
await picture('wall');
await tour.finish();
await room('DELETE', '/tablets/stand-ins');
await tablet.quit();
await open('/class', 'How each time went');
await picture('class');
await open('/class?view=groups', 'From the check');
await page.tap('Make groups');
await page.find('.group');
await picture('groups');
await open('/class?view=forecast', 'As planned');
await page.until('a forecast', async () => /may be secure/.test(await page.text('.progress')));
await page.find('.forecast svg path');
await picture('forecast');
await open('/class/2', 'What Bram can do');
await picture('child');
// A pile of tickets, most of it marked.
await open('/lessons/14', 'Ticket, one a child');
const here = await page.driver.getWindowHandle();
await page.tap('Print: Ticket, one a child');
await page.until('it is printed', async () => (await page.driver.getAllWindowHandles()).length > 1);
await page.driver.sleep(1500);
await page.driver.switchTo().window(here);
await open('/check?lesson=14&part=ticket', 'places left');
const WRONG: Readonly<Record<number, string>> = { 1: '2 32 2', 8: ' 23 2', 11: '22 32', 14: '232 2', 21: '3 2 2' };
for (let child = 0; child < 17; child++) {
  await page.press(...(WRONG[child] ?? ''));
  await page.press(...(child === 13 ? 'm' : 'a'), 'n');
}
await page.press(' ', '2');
await picture('check-grid');
// A rehearsal, while its round runs; it leaves nothing for the pictures after it.
await open('/lessons/9', 'What we know');
await page.tap('Rehearse this lesson with a made-up class');
await page.until('most have answered', async () => (await page.all('.wall .tile.done')).length >= 15);
await (await page.find('.bar [data-act="play"]')).click();
await picture('rehearsal');
await (await page.find('.bar [data-act="end"]')).click();
await page.says('Get ready');
await open('/settings', 'The hands are called');
await picture('settings');
await open('/settings/unit', 'Take out and in');
await page.tap('Lay out anew');
await page.says('Lay it out');
await picture('unit');
await open('/class/2/stored', 'All that is stored of Bram');
await picture('stored');
await room('POST', '/backups');
await open('/settings/backups', 'To take along');
await picture('backups');
await open('/settings/passphrase', 'There is no passphrase yet.');
for (const field of await page.all('.field input')) await field.sendKeys('eleven green hares');
await page.tap('Choose it');
await page.says('Devices that are in');
await room('POST', '/entry', { passphrase: 'a guess' });
await open('/settings/passphrase', '1 wrong try at the passphrase');
await picture('passphrase');
await browser.quit();
await hoppel.remove();

// The first start, before there is a class.
const newOne = await startHoppel({ demo: false });
const first = await startBrowser({ motion: true });
await first.driver.get(newOne.url);
await onPage(first).says('Look round');
await picture('first-morning', first);
await first.quit();
await newOne.remove();

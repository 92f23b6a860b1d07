import { mkdirSync, writeFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { seededRng } from '../core/common/index.ts';
import { makeItem } from '../core/sets/index.ts';
import { ITEM_KINDS } from '../core/items/index.ts';
import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { handSet, openStation, sitDown } from './support/station.ts';
mkdirSync('/tmp/shots', { recursive: true });
const hoppel = await startHoppel();
const [w, h] = (process.env['SIZE'] ?? '1024x768').split('x').map(Number);
const browser = await startBrowser({ width: w!, height: h! });
const { driver } = browser;
const shot = async (name: string) => writeFileSync(`/tmp/shots/${name}.png`, Buffer.from(await driver.takeScreenshot(), 'base64'));
try {
  await driver.get(`${hoppel.url}/station`);
  await driver.sleep(1500);
  await shot('door');
  const tablet = await openStation(browser, hoppel);
  await shot('pick');
  await sitDown(tablet, 'Ada');
  await driver.sleep(800);
  await shot('waiting');
  const kinds = (process.env['KINDS'] ?? 'set,draw,write-digital,write-words,choose-clock,pair').split(',') as (typeof ITEM_KINDS)[number][];
  for (const kind of kinds) {
    await handSet(hoppel, [1], { what: 'times', kinds: [kind], times: [270, 540] as never });
    await driver.sleep(700);
    await driver.get(`${hoppel.url}/station/1/alone`);
    await driver.sleep(1300);
    await shot(`task-${kind}`);
    if (await driver.executeScript("return document.documentElement.scrollHeight > innerHeight + 1 || document.documentElement.scrollWidth > innerWidth + 1")) console.log(kind, 'scrolls');
    const over = await driver.executeScript("const b = document.querySelector('.body').getBoundingClientRect(); return [...document.querySelectorAll('.body button')].filter((x) => { const r = x.getBoundingClientRect(); return r.bottom > b.bottom + 2 || r.right > b.right + 2 || r.top < b.top - 2 || r.left < b.left - 2 || r.width < 72 || r.height < 72; }).map((x) => x.textContent.trim() + ' ' + Math.round(x.getBoundingClientRect().width) + 'x' + Math.round(x.getBoundingClientRect().height) + ' b' + Math.round(x.getBoundingClientRect().bottom - b.bottom))");
    console.log(kind, JSON.stringify(over));
  }
  console.log(JSON.stringify(await driver.manage().logs().get('browser')).slice(0, 1500));
} finally {
  await browser.quit();
  await hoppel.remove();
}

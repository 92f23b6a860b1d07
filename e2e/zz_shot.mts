import { mkdirSync, writeFileSync } from 'node:fs';
import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
mkdirSync('/tmp/shots', { recursive: true });
const hoppel = await startHoppel({ demo: false });
const browser = await startBrowser({ motion: true });
const page = onPage(browser);
const shot = async (name: string) => {
  await browser.driver.sleep(900);
  writeFileSync(`/tmp/shots/${name}.png`, await browser.driver.takeScreenshot(), 'base64');
};
try {
  await page.driver.get(hoppel.url);
  await page.says('Look round');
  await shot('welcome');
  await page.tap('Look round in');
  await page.says('What we know');
  await page.press('?');
  await shot('help-desk');
  await page.driver.get(hoppel.url + '/board');
  await page.find('.board');
  await page.press('?');
  await shot('help-board');
  await page.driver.get(hoppel.url + '/tablets');
  await page.tap('Let tablets in');
  await shot('lan');
} finally {
  await browser.quit();
  await hoppel.remove();
}

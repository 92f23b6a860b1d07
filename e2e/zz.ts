import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
import { tourOf } from './support/tour.ts';
const hoppel = await startHoppel();
const browser = await startBrowser({ width: 1024, height: 768 });
const page = onPage(browser);
try {
  const tour = tourOf(hoppel.url);
  await tour.begin(8);
  await page.driver.get(hoppel.url + '/station/1');
  await page.driver.sleep(1500);
  await page.tap('Done');
  await page.driver.sleep(1500);
  console.log(await page.text());
  await page.driver.navigate().refresh();
  await page.driver.sleep(1500);
  console.log('---', await page.text(), await (await fetch(hoppel.url + '/api/station/children/1')).text());
  const logs = await page.driver
    .manage()
    .logs()
    .get('browser')
    .catch(() => []);
  console.log(logs.map((l: any) => l.message).join('\n'));
} finally {
  await browser.quit();
  await hoppel.remove();
}

import { writeFileSync } from 'node:fs';
import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onPage } from './support/page.ts';
const hoppel = await startHoppel(); const browser = await startBrowser(); const page = onPage(browser);
const shot = async (n:string) => { await browser.driver.sleep(900); writeFileSync(`/tmp/shots/${n}.png`, await browser.driver.takeScreenshot(), 'base64'); };
try {
await page.driver.get(hoppel.url); await page.says('What we know'); await shot('desk');
await page.driver.get(hoppel.url+'/settings'); await page.says('hands are called'); await shot('settings');
await page.driver.get(hoppel.url+'/settings/unit'); await page.says('The unit of'); await shot('unit');
await page.driver.get(hoppel.url+'/settings/class'); await page.says('Class list'); await shot('children');
await page.driver.get(hoppel.url+'/settings/day'); await page.says('Our day'); await shot('day');
} catch(e){console.log(e); await shot('err')}
const logs=await browser.driver.manage().logs().get('browser'); for(const l of logs) console.log(l.message.slice(0,300));
await browser.quit(); await hoppel.remove();

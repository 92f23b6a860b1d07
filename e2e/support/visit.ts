import { afterAll } from '@jest/globals';
import { startBrowser, type Browser } from './browser.ts';
import { startHoppel, type Hoppel } from './hoppel.ts';
import { onPage, type Page } from './page.ts';

/** One running Hoppel and one teacher's browser, for a whole file of steps; both end with it. */
export const visit = async ({ demo = true, motion = false } = {}): Promise<{
  hoppel: Hoppel;
  browser: Browser;
  page: Page;
}> => {
  const hoppel = await startHoppel({ demo });
  const browser = await startBrowser({ motion });
  afterAll(async () => {
    // A page that complained fails its file; the server ends all the same.
    await browser.quit().finally(() => hoppel.remove());
  });
  return { hoppel, browser, page: onPage(browser) };
};

import { beforeAll, describe, expect, it } from '@jest/globals';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();

/** Puts the page at a moment after it was opened, in milliseconds; it stands still there. */
const stopAt = (ms: number): Promise<void> =>
  page.driver.executeScript(
    `for (const animation of document.getAnimations()) {
       animation.pause();
       animation.currentTime = arguments[0];
     }`,
    ms,
  );

describe('a browser too old for Hoppel', () => {
  beforeAll(async () => {
    // It gets scripts it cannot read; here it gets none, which comes to the same.
    await page.driver.sendDevToolsCommand('Network.enable', {});
    await page.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: ['*.js'] });
  });

  it.each(['/station', '/'])('says at %s which browsers do, and only after a while', async (path) => {
    await page.driver.get(hoppel.url + path);
    await stopAt(7_900);
    expect(await page.text()).not.toContain('does not start here');
    await stopAt(8_100);
    expect(await page.text()).toContain('does not start here');
  });
});

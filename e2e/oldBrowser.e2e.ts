import { beforeAll, describe, expect, it } from '@jest/globals';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();

describe('a browser too old for Hoppel', () => {
  beforeAll(async () => {
    // It gets scripts it cannot read; here it gets none, which comes to the same.
    await page.driver.sendDevToolsCommand('Network.enable', {});
    await page.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: ['*.js'] });
  });

  it.each(['/station', '/'])('says at %s which browsers do, and only after a while', async (path) => {
    await page.driver.get(hoppel.url + path);
    expect(await page.text()).not.toContain('does not start here');
    await page.until('it says so', async () => (await page.text()).includes('does not start here'), 15_000);
  });
});

import { readFileSync } from 'node:fs';
import { request } from 'node:https';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { timeOf } from '../core/clock/index.ts';
import type { Item } from '../core/items/index.ts';
import type { Tablets } from '../contract/index.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { NETWORK_NAMES } from './support/chromium.ts';
import { freePort, startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';
import { answerSet, enterClass, handSet, hasWaiting, sitDown, storedOf } from './support/station.ts';

/** The network's door speaks https by this computer's own certificate; the computer itself goes on by http. */
describe('https', () => {
  let hoppel: Hoppel;
  let ca: string;
  let port: number;
  beforeAll(async () => {
    port = await freePort();
    hoppel = await startHoppel({ args: ['--lan', '--tls-own', '--tls-port', `${port}`] });
    ca = readFileSync(join(dirname(hoppel.data), 'tls/hoppel.crt'), 'utf8');
  });
  afterAll(() => hoppel.remove());
  interface Reply {
    readonly status: number;
    readonly text: string;
    readonly cookies: readonly string[];
  }
  const ask = (method: string, path: string, body?: unknown): Promise<Reply> =>
    new Promise((done, failed) => {
      const headers = { 'Content-Type': 'application/json' };
      const sent = request({ host: 'localhost', port, path, method, headers, ca, agent: false }, (res) => {
        let text = '';
        res.setEncoding('utf8').on('data', (more: string) => (text += more));
        res.on('end', () => done({ status: res.statusCode!, text, cookies: res.headers['set-cookie'] ?? [] }));
      });
      sent.on('error', failed);
      sent.end(body === undefined ? undefined : JSON.stringify(body));
    });

  it('says at the start which file tablets are to trust', () => {
    expect(hoppel.said()).toMatch(/Tablets warn .*tls\/hoppel\.crt/);
  });
  it('lets a tablet in by a cookie that goes by https alone', async () => {
    expect((await ask('GET', '/station')).text).toContain('Hoppel station');
    const { code } = (await (await fetch(`${hoppel.url}/api/tablets`)).json()) as Tablets;
    const { status, cookies } = await ask('POST', '/api/station/door', { code });
    expect(status).toBe(204);
    expect(cookies[0]).toMatch(/; HttpOnly; Secure; SameSite=Strict$/);
  });
  it('is refused where the certificate is not trusted', async () => {
    await expect(fetch(`https://localhost:${port}/station`)).rejects.toThrow('fetch failed');
  });

  describe('on a tablet that was told to trust it', () => {
    const TIMES = [4, 8, 6].map((hour) => timeOf(hour));
    const ITEMS: Item[] = TIMES.map((shown) => ({ kind: 'write-digital', shown }));
    let browser: Browser;
    let page: Page;
    beforeAll(async () => {
      browser = await startBrowser({ width: 1024, height: 768, trusted: ca });
      page = onPage(browser);
      await page.driver.get(`https://${NETWORK_NAMES[0]}:${port}/station`);
      await enterClass(page, hoppel);
      await sitDown(page, 'Elif');
      await handSet(hoppel, [5], { what: 'times', kinds: ['write-digital'], times: TIMES });
      await page.driver.get(`https://${NETWORK_NAMES[0]}:${port}/station/5/alone`);
      await page.find('.task[data-kind="write-digital"]');
    });
    afterAll(() => browser.quit());

    it('is all that a browser allows a page, by a name of the network, and can be put on the home screen', async () => {
      expect(
        await page.driver.executeScript("return [isSecureContext, 'serviceWorker' in navigator, location.protocol]"),
      ).toEqual([true, true, 'https:']);
      const found = await page.driver.sendAndGetDevToolsCommand('Page.getAppManifest', {});
      expect(found).toMatchObject({ errors: [], data: expect.stringContaining('"start_url": "/station"') });
    });
    it('opens without the server and goes on; what was answered then is kept once it is back', async () => {
      await page.driver.executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
      await answerSet(page, ITEMS, 0);
      await page.until('the first is stored', async () => (await storedOf(hoppel, 5)).length === 1);
      await hoppel.stop();
      await page.driver.navigate().refresh();
      await answerSet(page, ITEMS, 1);
      await hasWaiting(page, 1);
      await hoppel.start();
      await page.until('both are stored', async () => (await storedOf(hoppel, 5)).length === 2, 20_000);
      expect((await storedOf(hoppel, 5)).map(({ item }) => item)).toEqual(ITEMS.slice(0, 2));
    });
  });
  it('is refused by a browser that was told nothing', async () => {
    const browser = await startBrowser();
    try {
      const url = `https://${NETWORK_NAMES[0]}:${port}/station`;
      expect(await browser.driver.sendAndGetDevToolsCommand('Page.navigate', { url })).toMatchObject({
        errorText: 'net::ERR_CERT_AUTHORITY_INVALID',
      });
    } finally {
      await browser.quit();
    }
  });
});

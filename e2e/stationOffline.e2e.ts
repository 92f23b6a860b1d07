import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { appendFileSync } from 'node:fs';
import { join } from 'node:path';
import { v4 as newId } from 'uuid';
import { timeOf } from '../core/clock/index.ts';
import { rightAnswers, type Item } from '../core/items/index.ts';
import type { AnswerRow, Tablets } from '../contract/index.ts';
import { NETWORK_NAMES } from './support/chromium.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { startNetwork } from './support/network.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { bareTablet } from './support/bareTablet.ts';
import {
  enterClass,
  handSet,
  keepOnTablet,
  showPictures,
  keptOnTablet,
  giveVoice,
  answerSet,
  hasWaiting,
  openStation,
  sitDown,
  storedOf,
} from './support/station.ts';

/** A network that comes and goes, at a tablet on the classroom network and at one where browsers allow more. */
let hoppel: Hoppel;
beforeAll(async () => {
  hoppel = await startHoppel({ ownWeb: true });
});
afterAll(() => hoppel.remove());

/** The same server by a name that is not this computer's own. */
const [, NETWORK_NAME] = NETWORK_NAMES;
const onNetwork = (): string => hoppel.url.replace('localhost', NETWORK_NAME);
const TIMES = [3, 9, 7, 2].map((hour) => timeOf(hour));
const ITEMS: Item[] = TIMES.map((shown) => ({ kind: 'write-digital', shown }));
const stored = (childId: number): Promise<AnswerRow[]> => storedOf(hoppel, childId);
const cut = async (page: Page, offline: boolean): Promise<void> => {
  await page.driver.sendDevToolsCommand('Network.enable', {});
  await page.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
    offline,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: -1,
  });
};
const answer = (page: Page, at: number): Promise<void> => answerSet(page, ITEMS, at);
/** A round of today's lesson that is over. @returns its id */
const endedRound = async (): Promise<string> => {
  const teacher = await bareTablet(hoppel.url);
  const id = newId();
  const begun = await teacher.send('POST', '/rounds', { id, lessonId: 8 });
  const { round } = (await begun.json()) as { round: { version: number } };
  const ended = await teacher.send('POST', `/rounds/${id}/moves`, { move: 'end', version: round.version });
  if (!ended.ok) throw new Error(await ended.text());
  return id;
};
describe('a tablet on the classroom network, by plain http', () => {
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    browser = await startBrowser({ width: 1024, height: 768 });
    page = onPage(browser);
    // Another name than localhost: the browser then allows as little as on a real tablet.
    await page.driver.get(`${onNetwork()}/station`);
    await enterClass(page, hoppel);
    await sitDown(page, 'Cleo');
    await handSet(hoppel, [3], { what: 'times', kinds: ['write-digital'], times: TIMES });
    await page.driver.get(`${onNetwork()}/station/3/alone`);
    await page.find('.task[data-kind="write-digital"]');
  });
  afterAll(() => browser.quit());

  it('has no service worker, no random ids of the browser and no secure context', async () =>
    expect(
      await page.driver.executeScript(
        "return [isSecureContext, 'serviceWorker' in navigator, typeof crypto.randomUUID, 'wakeLock' in navigator]",
      ),
    ).toEqual([false, false, 'undefined', false]));
  it('loses nothing when the network is gone in the middle of a set: the answers go out later, once each, in order', async () => {
    await answer(page, 0);
    await page.until('the first is stored', async () => (await stored(3)).length === 1);
    await cut(page, true);
    await answer(page, 1);
    await answer(page, 2);
    await page.find('.quiet-sign');
    await hasWaiting(page, 2);
    await soon(() => stored(3)).toHaveLength(1);
    await cut(page, false);
    await page.until('all are stored', async () => (await stored(3)).length === 3);
    await hasWaiting(page, 0);
    expect((await stored(3)).map(({ item }) => item)).toEqual(ITEMS.slice(0, 3));
  });
  it('ends its set while the server is stopped, and sends it when it is started again', async () => {
    await hoppel.stop();
    await answer(page, 3);
    await page.says('I can do this now!');
    await hasWaiting(page, 1);
    // Once more without a server: not the same set again, but what this child needs.
    await page.tap('Once more');
    await page.until('a task', async () => (await page.attribute('.stones', 'aria-label')) === 'Task 1 of 6');
    await hoppel.start();
    await page.until('all are stored', async () => (await stored(3)).length === 4, 20_000);
    expect((await stored(3)).map(({ item }) => item)).toEqual(ITEMS);
    await page.until('the sign is gone', async () => (await page.all('.quiet-sign')).length === 0, 20_000);
  });
  it('keeps what another data file cannot take, the teacher hears why, and it comes when the right one is back', async () => {
    const round = await endedRound();
    const item: Item = { kind: 'set', shown: TIMES[0]! };
    const id = newId();
    const to = { setting: 'round', roundId: round, index: 0 };
    const waits = { post: { id, childId: 3, answer: rightAnswers(item)[0]!, to }, lessonId: 8, item };
    await hoppel.stop();
    await keepOnTablet(page, 'unsent', [waits]);
    hoppel.putOlderData(true);
    await hoppel.start();
    await page.driver.navigate().refresh();
    await showPictures(page, hoppel);
    await page.until(
      'it is set aside',
      async () => ((await keptOnTablet(page, 'setAside')) as unknown[])?.length === 1,
    );
    await hasWaiting(page, 0);
    const teacher = await startBrowser();
    try {
      const screen = onPage(teacher);
      await screen.driver.get(`${hoppel.url}/class`);
      await screen.find('.mark.news');
      await screen.tap('Tablets');
      await screen.says('One answer could not be taken');
      await screen.says('Cleo: 1');
      await screen.tap('Send again');
      // The child sits there by now, and in this file there is no such round.
      await screen.says('This round is not known here.');
      await hoppel.stop();
      hoppel.putOlderData(false);
      await hoppel.start();
      await page.driver.navigate().refresh();
      await showPictures(page, hoppel);
      await page.until('it is stored', async () => (await stored(3)).some((one) => one.id === id), 20_000);
      await page.until(
        'nothing is set aside',
        async () => ((await keptOnTablet(page, 'setAside')) as unknown[]).length === 0,
      );
      await soon(() => screen.text()).not.toContain('could not be taken');
    } finally {
      await teacher.quit();
    }
  });
});

describe('a tablet where Hoppel is on localhost or served by https', () => {
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    browser = await startBrowser({ width: 1024, height: 768 });
    await giveVoice(browser);
    page = await openStation(browser, hoppel);
    await sitDown(page, 'Davi');
    await handSet(hoppel, [4], { what: 'times', kinds: ['write-digital'], times: TIMES });
    await page.driver.get(`${hoppel.url}/station/4/alone`);
    await page.find('.task[data-kind="write-digital"]');
  });
  afterAll(() => browser.quit());

  it('can be put on the home screen', async () => {
    const { manifest, errors } = await page.driver
      .sendAndGetDevToolsCommand('Page.getAppManifest', {})
      .then((found) => {
        const { data, errors: faults } = found as unknown as { data: string; errors: unknown[] };
        return { manifest: JSON.parse(data) as { start_url: string; display: string }, errors: faults };
      });
    expect(errors).toEqual([]);
    expect(manifest).toMatchObject({ start_url: '/station', display: 'fullscreen' });
  });
  it('opens without the server, goes on where the child was, and sends what was answered then', async () => {
    await page.driver.executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
    await answer(page, 0);
    await page.until('the first is stored', async () => (await stored(4)).length === 1);
    // As an older Hoppel kept it: without a convention there is by now.
    await page.driver.executeAsyncScript(`
      const done = arguments[0];
      indexedDB.open('hoppel').onsuccess = ({ target: { result: db } }) => {
        const store = db.transaction('station', 'readwrite').objectStore('station');
        store.get('state').onsuccess = ({ target: { result: state } }) => {
          delete state.settings.locale;
          store.put(state, 'state').onsuccess = () => done();
        };
      };`);
    await hoppel.stop();
    await page.driver.navigate().refresh();
    await page.find('.ear');
    await answer(page, 1);
    await hasWaiting(page, 1);
    await page.driver.navigate().refresh(); // what waits survives too
    await answer(page, 2);
    await hasWaiting(page, 2);
    await hoppel.start();
    await page.until('all are stored', async () => (await stored(4)).length === 3, 20_000);
    expect((await stored(4)).map(({ item }) => item)).toEqual(ITEMS.slice(0, 3));
  });
  it('opens anew by itself when a newer Hoppel has come, and the child goes on', async () => {
    await page.driver.executeScript('window.isOld = true');
    const before = await page.attribute('.stones', 'aria-label');
    appendFileSync(join(hoppel.web, 'station-sw.js'), '\n// newer');
    // Looks for it again and again, as a tablet does whenever it is opened: a look of the browser's own may be on its way.
    await page.until('it is new', () =>
      page.driver.executeScript<boolean>(
        `if (window.isOld === undefined) return true;
         navigator.serviceWorker.getRegistration('/station').then((found) => found.update());
         return false;`,
      ),
    );
    await page.find('.task');
    await soon(() => page.attribute('.stones', 'aria-label')).toBe(before);
  });
  it('goes back to the pictures when its child has sat down elsewhere while it was gone', async () => {
    await cut(page, true);
    await hoppel.stop();
    await hoppel.start();
    await (await bareTablet(hoppel.url)).sit(4);
    await cut(page, false);
    await page.until('the pictures', async () => (await page.text()).includes('Tap your picture'), 15_000);
    await soon(() => keptOnTablet(page, 'seat')).toBeNull();
  });
});

describe('a network that goes without a word, every connection left open', () => {
  let browser: Browser;
  let page: Page;
  let network: Awaited<ReturnType<typeof startNetwork>>;
  beforeAll(async () => {
    network = await startNetwork(hoppel.url);
    browser = await startBrowser({ width: 1024, height: 768 });
    page = onPage(browser);
    await page.driver.get(`${network.url}/station`);
    await enterClass(page, hoppel);
    await sitDown(page, 'Ada');
    await page.says('The next clock comes by itself.');
  });
  afterAll(async () => {
    await browser.quit();
    await network.end();
  });
  const isThere = async (): Promise<boolean> => {
    const { seats } = (await (await fetch(`${hoppel.url}/api/tablets`)).json()) as Tablets;
    return seats.some(({ childId, connected }) => childId === 1 && connected);
  };

  it('is noticed on both sides, and made good on both when it is back, the round of meanwhile with it', async () => {
    await page.until('the teacher sees it', isThere);
    network.vanish();
    await page.find('.quiet-sign');
    await page.until('the teacher sees that it is gone', async () => !(await isThere()), 40_000);
    const source = { what: 'times', tasks: ['draw'], times: [timeOf(9)] };
    const begun = await fetch(`${hoppel.url}/api/rounds`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id: newId(), lessonId: 8, source }),
    });
    expect(begun.status).toBe(201);
    network.comeBack();
    await page.until('the task', async () => (await page.all('.task[data-kind="draw"]')).length === 1, 40_000);
    await page.until('the teacher sees it again', isThere);
    await page.until('the sign is gone', async () => (await page.all('.quiet-sign')).length === 0);
  });
});

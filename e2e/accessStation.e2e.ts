import { afterAll, beforeAll, describe, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { timeOf } from '../core/clock/index.ts';
import type { Item } from '../core/items/index.ts';
import { expectChosenSeen, expectDrawnWordsSeen, expectStillness, ownColours } from './support/access.ts';
import { expectNoFault } from './support/axe.ts';
import { bareTablet } from './support/bareTablet.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { expectAllReached, expectNothingRunsOff, giveSize } from './support/fits.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';
import { answerSet, classCode, enterClass, handSet, hasWaiting, showPictures, sitDown } from './support/station.ts';

/** What a child's tablet shows before, between and after tasks, in every state of it; each kind of task is looked at by itself. */
let hoppel: Hoppel;
let browser: Browser;
let page: Page;
const begin = async (demo: boolean): Promise<void> => {
  hoppel = await startHoppel({ demo });
  browser = await startBrowser({ width: 1024, height: 768 });
  page = onPage(browser);
};
const end = async (): Promise<void> => {
  await browser.quit();
  await hoppel.remove();
};
const makeClass = async (name: string, children: readonly string[]): Promise<void> => {
  const reply = await fetch(`${hoppel.url}/api/classes`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ id: newId(), name, children }),
  });
  if (!reply.ok) throw new Error(await reply.text());
};
const openPictures = async (): Promise<void> => {
  await page.driver.get(`${hoppel.url}/station`);
  await enterClass(page, hoppel);
};
/** What everybody must be able to use: as it is, at twice its size, upright and lying on a telephone, and in colours of the reader's own. */
const expectUsable = async (): Promise<void> => {
  const { driver } = page;
  await expectNoFault(driver);
  await expectStillness(driver);
  await ownColours(driver, true);
  await expectChosenSeen(driver);
  await expectDrawnWordsSeen(driver);
  await ownColours(driver, false);
  for (const [width, height] of [
    [640, 400],
    [360, 640],
    [1024, 768],
  ] as const) {
    await giveSize(driver, width, height);
    await expectNothingRunsOff(driver);
    await expectAllReached(driver);
  }
};

describe('a tablet where there is no class', () => {
  beforeAll(() => begin(false));
  afterAll(end);
  it('says so, and has the pictures asked for as soon as there is one', async () => {
    await page.driver.get(`${hoppel.url}/station`);
    await page.says('No class yet.');
    await expectUsable();
    await makeClass('Fern Room', []);
    await page.says('Tap the four pictures');
  });
  it('says that nobody is in it, where the class has no children', async () => {
    await showPictures(page, hoppel);
    await page.says('Nobody is in this class yet.');
    await expectUsable();
  });
});

describe('a tablet that waits for its server', () => {
  beforeAll(() => begin(true));
  afterAll(end);
  it('says that it opens', async () => {
    const { identifier } = (await page.driver.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: 'window.fetch = () => new Promise(() => undefined);',
    })) as unknown as { identifier: string };
    await page.driver.get(`${hoppel.url}/station`);
    await page.says('Opening');
    await expectUsable();
    await page.driver.sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  });
  it('says that it has no connection', async () => {
    await page.driver.sendDevToolsCommand('Network.enable', {});
    await page.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: ['*/api/*'] });
    await page.driver.get(`${hoppel.url}/station`);
    await page.find('.quiet-sign');
    await page.says('Opening');
    await expectUsable();
    await page.driver.sendDevToolsCommand('Network.setBlockedURLs', { urls: [] });
  });
});

describe('the pictures of a class, asked for', () => {
  beforeAll(() => begin(true));
  afterAll(end);
  it('are to be tapped, and those tapped are seen', async () => {
    await page.driver.get(`${hoppel.url}/station`);
    await page.says('Tap the four pictures');
    await expectUsable();
    const [first] = await classCode(hoppel);
    await (await page.find(`[data-picture="${first}"]`)).click();
    await page.shows('.code img, .code svg', 1);
    await expectUsable();
  });
  it('are said to be others, and then that one has to wait', async () => {
    const wrong = [...(await classCode(hoppel))].reverse();
    await page.driver.navigate().refresh();
    const tap = async (): Promise<void> => {
      await page.shows('.code :is(img, svg)', 0);
      for (const picture of wrong) await (await page.find(`[data-picture="${picture}"]`)).click();
    };
    await tap();
    await page.says('Look at the board once more');
    await expectUsable();
    for (let tries = 1; !(await page.text()).includes('Wait a little'); tries++) {
      if (tries > 40) throw new Error('nobody has to wait');
      await tap();
      await page.until('an answer', async () => /Look at the board|Wait a little/.test(await page.text()));
    }
    await expectUsable();
  });
});

describe('forty children with names as long as they can be', () => {
  const NAMES = Array.from({ length: 40 }, (_, i) => `Maximiliana-Friederike-Wilhelmina-Jose${10 + i}`);
  beforeAll(async () => {
    await begin(false);
    await makeClass('Fern Room', NAMES);
    await openPictures();
  });
  afterAll(end);
  it('each find their picture', async () => {
    await page.shows('.pick li button', 40);
    await expectUsable();
  });
  it('are told that a child sits elsewhere', async () => {
    await (await bareTablet(hoppel.url)).sit(3);
    await page.tap(`I am ${NAMES[2]}`);
    await page.find('.taken');
    await expectUsable();
  });
  it('wait for the class to begin', async () => {
    await sitDown(page, NAMES[0]!);
    await expectUsable();
  });
});

describe('a child of the class', () => {
  const TIMES = [3, 9].map((hour) => timeOf(hour));
  const ITEMS: Item[] = TIMES.map((shown) => ({ kind: 'write-digital', shown }));
  beforeAll(async () => {
    await begin(true);
    await openPictures();
    await sitDown(page, 'Cleo');
  });
  afterAll(end);
  it('waits, and can practise alone', async () => {
    await page.find('.alone');
    await expectUsable();
  });
  it('is told quietly that there is no connection and that answers wait', async () => {
    await handSet(hoppel, [3], { what: 'times', kinds: ['write-digital'], times: TIMES });
    await page.driver.get(`${hoppel.url}/station/3/alone`);
    await answerSet(page, ITEMS, 0);
    await hoppel.stop();
    await answerSet(page, ITEMS, 1);
    await hasWaiting(page, 1);
    await page.find('.quiet-sign');
    await expectUsable();
  });
  it('sees what it can do now when it is through', async () => {
    await page.says('I can do this now!');
    await expectUsable();
    await hoppel.start();
  });
});

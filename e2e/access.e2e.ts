import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Classroom } from '../contract/index.ts';
import { wrapToDial } from '../core/clock/index.ts';
import { digital, phrases } from '../core/wording/index.ts';
import { expectChosenSeen, expectDrawnWordsSeen, expectStillness, ownColours } from './support/access.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { expectAllReached, expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { goTo } from './support/goTo.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { openStation } from './support/station.ts';

/** Every view of the teacher's, with words it shows whatever the class has. */
const VIEWS = [
  '/',
  '/class',
  '/class?view=groups',
  '/class?view=forecast',
  '/sheets',
  '/check',
  '/tablets',
  '/settings',
  '/settings/class',
  '/settings/day',
  '/settings/unit',
  '/settings/passphrase',
  '/settings/backups',
  '/settings/moving',
  '/welcome',
  '/bring-in',
  '/remote',
  '/board',
] as const;

let hoppel: Hoppel;
let browser: Browser;
let page: Page;
/** A page that has come to rest: what it asked for is there, or was refused. */
const settled = async (): Promise<void> => {
  await page.find('#app :is(main, .board, form, section)');
  await soon(() => page.driver.executeScript<string>('return document.body.innerText')).not.toContain('Opening ');
};
/** Goes on to a view. The station and the board stand by themselves: they are opened by their address. */
const open = async (path: string): Promise<void> => {
  const standsAlone = (url: string): boolean => /^(data:|about:)|\/(station|board)/.test(url);
  if (standsAlone(path) || standsAlone(await page.driver.getCurrentUrl())) await page.driver.get(hoppel.url + path);
  else await goTo(page, path);
  await settled();
};
const post = async (path: string, body: object): Promise<Classroom> => {
  const reply = await fetch(`${hoppel.url}/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  expect(reply.ok).toBe(true);
  return (await reply.json()) as Classroom;
};
const begin = async (demo: boolean): Promise<void> => {
  hoppel = await startHoppel({ demo });
  browser = await startBrowser();
  page = onPage(browser);
};
const end = async (): Promise<void> => {
  await browser.quit();
  await hoppel.remove();
};
/** What everybody must be able to use, at its size and at twice its size. */
const expectUsable = async (): Promise<void> => {
  await expectNoFault(page.driver);
  await expectStillness(page.driver);
  await expectDrawnWordsSeen(page.driver);
  await giveSize(page.driver, 640, 400);
  await expectNothingRunsOff(page.driver);
  await expectAllReached(page.driver);
  await giveBackSize(page.driver);
};

describe('where the colours are the reader’s own', () => {
  beforeAll(async () => {
    await begin(true);
    await openStation(browser, hoppel);
  });
  afterAll(end);
  it.each([
    ...VIEWS,
    '/lessons/12',
    '/class/2',
    '/lessons/7',
    '/class/2/stored',
    ...[0, 1, 2, 3, 4, 5].map((segment) => `/board/8?segment=${segment}`),
    '/station',
    '/station/2',
    '/station/2/alone',
  ])('%s shows what is chosen and what is drawn, and nothing moves for whoever wishes that', async (path) => {
    await open(path);
    await expectStillness(page.driver);
    await expectDrawnWordsSeen(page.driver);
    await ownColours(page.driver, true);
    await expectChosenSeen(page.driver);
    await expectDrawnWordsSeen(page.driver);
    await ownColours(page.driver, false);
  });
});

describe('a class with neither children nor a unit', () => {
  beforeAll(async () => {
    await begin(false);
    await post('/classes', { id: newId(), name: 'Fern Room', children: [] });
  });
  afterAll(end);
  it.each(VIEWS)('is usable at %s', async (path) => {
    await open(path);
    await expectUsable();
  });
});

describe('a class as large as one can be, with names as long as they can be', () => {
  beforeAll(async () => {
    await begin(false);
    const children = Array.from({ length: 40 }, (_, i) => `Maximiliana-Friederike-Wilhelmina-Jose${10 + i}`);
    const name = 'The room at the end of the long corridor behind the library x';
    await post('/classes', { id: newId(), name: name.slice(0, 60), children });
    await page.driver.get(`${hoppel.url}/settings/unit`);
    await page.tap('Lay the path');
    await soon(() => page.driver.getCurrentUrl()).toBe(`${hoppel.url}/`);
    await page.says('What clocks are for');
  });
  afterAll(end);
  it.each(VIEWS)('is usable at %s', async (path) => {
    await open(path);
    await expectUsable();
    await expectNothingRunsOff(page.driver);
  });
  it.each(['/class/1', '/class/1/stored', '/board/1?segment=1'])('is usable at %s', async (path) => {
    await open(path);
    await expectUsable();
    await expectNothingRunsOff(page.driver);
  });
});

describe('while the server does not answer', () => {
  const CODE = {
    '/': 'DeskPage',
    '/class': 'ClassPage',
    '/class?view=groups': 'ClassPage',
    '/class?view=forecast': 'ClassPage',
    '/sheets': 'SheetsPage',
    '/check': 'ChecksPage',
    '/tablets': 'TabletsPage',
    '/settings': 'SettingsPage',
    '/settings/class': 'ChildrenPage',
    '/settings/day': 'DayPage',
    '/settings/unit': 'UnitPage',
    '/settings/passphrase': 'PassphrasePage',
    '/settings/backups': 'BackupsPage',
    '/settings/moving': 'MovingPage',
  } as const;
  const RESTING = Object.keys(CODE) as (keyof typeof CODE)[];
  const codeCame = (name: string): Promise<boolean> =>
    page.driver.executeScript(
      "return performance.getEntriesByType('resource').some((one) => one.name.includes('/' + arguments[0] + '-') && one.responseEnd > 0)",
      name,
    );
  beforeAll(() => begin(true));
  afterAll(async () => {
    process.kill(hoppel.pid(), 'SIGCONT');
    await end();
  });
  it('every view that is loading, and every one that cannot be reached, says so and has no fault', async () => {
    await open('/');
    await page.driver.executeScript('performance.setResourceTimingBufferSize(5000)');
    // The code of each is known to the browser: only what it shows is missing.
    for (const path of RESTING) {
      await open(path);
      await soon(() => codeCame(CODE[path])).toBe(true);
    }
    process.kill(hoppel.pid(), 'SIGSTOP');
    for (const path of RESTING) {
      await goTo(page, path);
      await expectNoFault(page.driver, `loading ${path} `);
    }
    process.kill(hoppel.pid(), 'SIGCONT');
    await hoppel.stop();
    await page.find('.lost');
    for (const path of RESTING) {
      await goTo(page, path);
      await page.driver.sleep(100);
      await expectNoFault(page.driver, `unreachable ${path} `);
    }
    await hoppel.start();
    await soon(async () => (await page.all('.lost')).length).toBe(0);
  });
});

describe('the names of clocks', () => {
  beforeAll(() => begin(true));
  afterAll(end);
  it('say where the hands are on the board, and nothing on it says the time before its cards are opened', async () => {
    await open('/board/8?segment=1&clock');
    await page.shows('.card', 3);
    const { settings } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as Classroom;
    const time = wrapToDial(Number(await page.attribute('.board .geared', 'aria-valuenow')));
    const told = (): Promise<string[]> =>
      page.driver.executeScript(`
        return [...document.querySelectorAll('body *')].flatMap((one) => [
          ...['aria-label', 'aria-valuetext', 'aria-description', 'title', 'alt'].map((name) => one.getAttribute(name) ?? ''),
          // Of a few parts, as digits and their dots are.
          one.textContent.length < 60 ? one.textContent : '']);`);
    const says = async (): Promise<string[]> => {
      const words = [...phrases(time, settings), ...phrases(time, settings, 'numerals'), digital(time, settings)].map(
        (one) => one.toLowerCase(),
      );
      return (await told()).filter((one) => words.some((word) => one.toLowerCase().includes(word)));
    };
    expect(await page.attribute('.board .geared', 'aria-valuetext')).toBe('hour hand on 9, minute hand on 12');
    expect(await says()).toEqual([]);
    for (let card = 0; card < 3; card++) await page.press(' ');
    await soon(async () => (await says()).length).toBeGreaterThan(0);
  });
});

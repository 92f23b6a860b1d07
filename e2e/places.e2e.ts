import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { timeOf } from '../core/clock/index.ts';
import type { Item } from '../core/items/index.ts';
import { predict } from '../core/misconceptions/index.ts';
import { expectNoFault } from './support/axe.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { bareTablet } from './support/bareTablet.ts';
import { openStation } from './support/station.ts';

interface RequestLog {
  readonly message: { readonly method: string; readonly params: { readonly request?: { readonly url: string } } };
}

describe('every place of Hoppel', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel();
    browser = await startBrowser({ requestLog: true });
    page = await openStation(browser, hoppel);
    // A tablet that has not come in yet is told so by a refusal.
    await page.driver.manage().logs().get('browser');
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const open = async (path: string, words: string): Promise<void> => {
    await page.driver.get(hoppel.url + path);
    await page.says(words);
  };
  const places: readonly (readonly [path: string, words: string, tab: string])[] = [
    ['/', 'What we know', 'The lesson · Hoppel'],
    ['/lessons/12', 'Half past: which hour?', 'The lesson · Hoppel'],
    ['/board', 'Turn the hands.', 'The board · Hoppel'],
    ['/board/8?segment=3', 'Start the round', 'The board · Hoppel'],
    ['/class', 'How each time went', 'The class · Hoppel'],
    ['/class/2', 'What Bram can do', 'One child · Hoppel'],
    ['/class/2/stored', 'All that is stored of Bram', 'What is stored · Hoppel'],
    ['/settings', 'The hands are called', 'Conventions · Hoppel'],
    ['/settings/class', 'Class list', 'The children · Hoppel'],
    ['/settings/day', 'Our day', 'The day · Hoppel'],
    ['/settings/unit', 'The unit of Clover Room', 'The unit · Hoppel'],
    ['/settings/passphrase', 'Choose a passphrase', 'The passphrase · Hoppel'],
    ['/settings/backups', 'To take along', 'Backups · Hoppel'],
    ['/settings/moving', 'To another computer', 'Take along · Hoppel'],
    ['/bring-in', 'Choose the file', 'A class from another computer · Hoppel'],
    ['/tablets', 'Hand out', 'Tablets · Hoppel'],
    ['/station', 'Tap your picture', 'Hoppel station'],
    ['/station/2', 'On my own', 'Hoppel station'],
    ['/station/2/alone', 'Done', 'Hoppel station'],
  ];

  it.each(places)(
    '%s says in its tab what it is, has no fault that axe finds, its main work fits 1280 by 800, and at twice its size it runs off nowhere',
    async (path, words, tab) => {
      await open(path, words);
      await soon(() => page.driver.getTitle()).toBe(tab);
      await expectNoFault(page.driver);
      const overflow = await page.driver.executeScript(
        'return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]',
      );
      // A long list scrolls.
      if (path !== '/class/2' && path !== '/settings/unit') expect(overflow).toEqual([800, 1280]);
      await giveSize(page.driver, 640, 400);
      await expectNothingRunsOff(page.driver);
      await giveBackSize(page.driver);
    },
  );

  it('asked nothing of any machine but its own, on any of them, and no page reports a fault', async () => {
    const entries = await page.driver.manage().logs().get('performance');
    const asked = entries
      .map(({ message }) => (JSON.parse(message) as RequestLog).message)
      .filter(({ method }) => method === 'Network.requestWillBeSent')
      .map(({ params }) => new URL(params.request!.url))
      // What a style sheet holds in itself is asked of nobody.
      .filter(({ protocol }) => protocol !== 'data:');
    expect([...new Set(asked.map(({ origin }) => origin))]).toEqual([hoppel.url]);
    // Every place was asked for, as it was looked at above.
    const paths = asked.map(({ pathname, search }) => pathname + search);
    expect(places.map(([path]) => path).filter((path) => !paths.includes(path))).toEqual([]);
    const faults = await page.driver.manage().logs().get('browser');
    expect(faults.filter(({ level }) => level.name === 'SEVERE').map(({ message }) => message)).toEqual([]);
  });

  it('the station loads none of the teacher’s code', async () => {
    await open('/station', 'Tap your picture');
    const loaded = (await page.driver.executeScript(
      "return performance.getEntriesByType('resource').map(({ name }) => name)",
    )) as string[];
    const scripts = loaded.filter((name) => /\.(js|css)$/.test(name));
    expect(scripts.length).toBeGreaterThan(1);
    expect(scripts.filter((name) => /teacher|Page|vuetify/i.test(name))).toEqual([]);
  });

  it('a station address of a child who is not in the class leads to the pictures', async () => {
    await open('/station/99', 'Tap your picture');
    await open('/station/99/alone', 'Tap your picture');
  });

  it('a page that cannot reach the server says so and goes on when it is back', async () => {
    await hoppel.stop();
    await page.driver
      .navigate()
      .refresh()
      .catch(() => undefined);
    await hoppel.start();
    await open('/class', 'How each time went');
    await hoppel.stop();
    await page.says('The connection to Hoppel is lost.');
    await hoppel.start();
    await page.until('the sign is gone', async () => (await page.all('.lost')).length === 0);
  });

  it.each([
    ['of a lesson', '/lessons/9', 'Change “'],
    ['of the class', '/', 'Class: Clover Room'],
    ['of a decision', '/', 'Decide otherwise'],
    ['of a child', '/settings/class', 'More about Ada'],
    ['of pictures', '/settings/class', 'Picture of Ada'],
  ])('the menu %s has no fault that axe finds', async (_what, path, name) => {
    await open(path, '');
    await page.until('its button', () =>
      page.driver.executeScript<boolean>(
        `const [name] = arguments;
         const button = [...document.querySelectorAll('button')].find((one) =>
           (one.getAttribute('aria-label') ?? one.textContent).trim().startsWith(name));
         button?.click();
         return button !== undefined;`,
        name,
      ),
    );
    await page.find('.v-menu .v-overlay__content');
    await page.driver.sleep(300); // it is there in full
    await expectNoFault(page.driver);
  });

  it('the notice of what a change did has no fault that axe finds', async () => {
    await open('/', 'What we know');
    await page.driver.executeScript("document.querySelector('.path li:nth-child(10) .stone').focus()");
    await page.driver.actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
    await page.find('.news');
    await page.driver.sleep(300);
    await expectNoFault(page.driver);
    await page.press(Key.chord(Key.CONTROL, 'z'));
  });

  it('the path leads to every lesson by keyboard, and back to today', async () => {
    await open('/', 'What we know');
    const stone = await page.find('.path li:nth-child(3) .stone');
    await page.driver.executeScript('arguments[0].focus()', stone);
    await page.press(Key.ENTER);
    await page.says('The parts of a clock');
    await page.says('Tuesday’s ticket');
    await page.driver.navigate().back();
    await page.says('O’clock: read and set');
  });

  it('settings change words everywhere at once, UK English and the hands’ names too', async () => {
    await open('/settings', 'The hour hand has just passed 4.');
    await page.tap('short hand, long hand');
    await page.says('The short hand has just passed 4.');
    await page.tap('On paper');
    await page.says('As usual here: US Letter');
    await page.tap('Words');
    await page.tap('English (United Kingdom)');
    await page.tap('On paper');
    await page.says('As usual here: A4');
    await page.tap('Reading and writing');
    await page.tap('the minutes');
    await page.tap('4.30');
    await page.until('the digits follow', async () => (await page.text('.digits')) === '4.30');
    // Nothing holds before it is kept.
    await soon(() => page.driver.executeScript('return document.documentElement.lang')).toBe('en-US');
    await page.tap('Keep');
    await page.until(
      'the page is British',
      async () => (await page.driver.executeScript('return document.documentElement.lang')) === 'en-GB',
    );
    await open('/', 'Tuesday 24 November, 9.00 to 9.20');
    await page.says('short hand');
    await open('/board/8?segment=1&clock', '');
    await page.shows('.card', 3);
    await page.press(' ');
    const opened = async (): Promise<string[]> =>
      Promise.all((await page.all('.card')).map(async (card) => String(await card.getAttribute('data-open'))));
    await soon(opened).toEqual(['false', 'true', 'false']); // the minutes are read first
    await open('/station/2/alone', '.00');
  });
});

describe('a new school', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel({ demo: false });
    browser = await startBrowser({ requestLog: true });
    page = onPage(browser);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  it('sets up its class from names, thirty of them and long ones too, and gets a path', async () => {
    await page.driver.get(hoppel.url);
    await page.says('A new class');
    const names = Array.from({ length: 30 }, (_, i) => (i === 4 ? 'Maximiliana-Friederike' : `Child ${i + 1}`));
    await (await page.find('input[type=text], input:not([type])')).sendKeys('Fern Room');
    await (await page.find('textarea')).sendKeys(names.join('\n'));
    await page.says('30 children');
    await page.tap('Make the class');
    await page.says('A new unit');
    await page.tap('Lay the path');
    await page.says('What clocks are for');
    await page.says('No ticket yet');
    await page.driver.get(`${hoppel.url}/class`);
    await page.says('Nothing answered yet');
    await page.shows('tbody tr', 30);
    const [height, width] = (await page.driver.executeScript(
      'return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]',
    )) as [number, number];
    expect([height, width]).toEqual([800, 1280]);
    await openStation(browser, hoppel);
    await page.shows('.pick li', 30);
    await expectNoFault(page.driver);
    // On a small tablet held upright they are all there, large enough for a small finger.
    await page.driver.manage().window().setRect({ width: 768, height: 1024 });
    const small = await page.driver.executeScript<string[]>(`
      return [...document.querySelectorAll('.pick li button')].flatMap((one) => {
        const { width, height, right, bottom } = one.getBoundingClientRect();
        return width < 72 || height < 72 || right > innerWidth || bottom > innerHeight ? [one.textContent + ' ' + [width, height, right, bottom]] : [];
      });`);
    expect(small).toEqual([]);
    await page.driver.manage().window().setRect({ width: 1280, height: 800 });
  });
  it('shows all thirty and their reasons at once, without scrolling', async () => {
    const tablet = await bareTablet(hoppel.url);
    for (let childId = 1; childId <= 30; childId++)
      for (const asked of [timeOf(3), timeOf(7), timeOf(9)]) {
        const item: Item = { kind: 'set', shown: asked };
        const swapped = predict('hands-swapped', item);
        if (swapped.kind !== 'answers') throw new Error('a swap shows here');
        const to = { setting: 'alone', lessonId: 8, item, attempt: 1 } as const;
        await tablet.answer({ childId, answer: swapped.own[0]!, to });
      }
    await page.driver.get(`${hoppel.url}/class`);
    await page.says('hands apart');
    expect((await page.text('tbody')).match(/hands apart/g)).toHaveLength(30);
    const [all, seen] = (await page.driver.executeScript(
      "const table = document.querySelector('.scroll'); return [table.scrollHeight, table.clientHeight]",
    )) as [number, number];
    expect(all).toBeLessThanOrEqual(seen);
  });
});

import { request } from 'node:http';
import { beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit({ demo: false });
const open = (path: string): Promise<void> => page.driver.get(hoppel.url + path);
/** Where the keys are, as a screen reader says it. */
const focused = (): Promise<string> =>
  page.driver.executeScript(
    "const at = document.activeElement; return at.getAttribute('aria-label') ?? at.innerText.trim();",
  );

describe('the first morning', () => {
  it.each(['/', '/class', '/sheets', '/tablets', '/settings', '/settings/class', '/settings/day', '/settings/unit'])(
    'leads from %s to where a class is made, for there is none',
    async (path) => {
      await open(path);
      await page.says('Hoppel helps a class to its first clocks.');
      // What a page without a class would say to the console fails as the window is closed.
    },
  );
  it('begins with three sentences, a picture and the made-up class to look round in, out of the way in one step', async () => {
    await open('/');
    await page.says('Hoppel helps a class to its first clocks.');
    await page.shows('.about li', 3);
    await page.shows('.about .small-clock', 1);
    await expectNoFault(page.driver);
    await page.tap('Look round in a made-up class');
    await page.says('What we know');
    await page.tap('Clover Room');
    await page.tap('Put the made-up class away');
    await page.says('Hoppel helps a class to its first clocks.');
  });
  it('then makes a class of one’s own, and the made-up one does not touch it', async () => {
    await (await page.find('input[maxlength="60"]')).sendKeys('Fern Room');
    await (await page.find('textarea')).sendKeys('Ada\nBram\nCleo');
    await page.tap('Make the class');
    await page.until('the unit is next', async () => (await page.driver.getCurrentUrl()).endsWith('/settings/unit'));
    await open('/welcome');
    await page.shows('.about', 0);
    await page.tap('Look round in a made-up class');
    await page.says('What we know');
    await page.tap('Clover Room');
    await page.tap('Put the made-up class away');
    await page.until('the own class is there', async () => (await page.text('.brand')).includes('Fern Room'));
    await open('/settings/class');
    await page.until('its children are', async () => (await page.all('.grip')).length === 3);
  });
});

describe('help', () => {
  it.each([
    ['/', 'The lesson'],
    ['/class', 'The class'],
    ['/class/1', 'One child'],
    ['/class/1/stored', 'What is stored'],
    ['/remote', 'Remote'],
    ['/tablets', 'Tablets'],
    ['/settings', 'Conventions'],
    ['/settings/class', 'The children'],
    ['/settings/day', 'The day'],
    ['/settings/unit', 'The unit'],
    ['/settings/passphrase', 'The passphrase'],
    ['/settings/backups', 'Backups'],
    ['/settings/moving', 'Take along'],
    ['/bring-in', 'A class from another computer'],
    ['/welcome', 'A class to begin with'],
    ['/board', 'The board'],
  ])('is one key away at %s, says what it is for, and gives the keys back where they were', async (path, title) => {
    await open(path);
    await page.find('#app :is(main, .board)');
    // In a field a question mark is written: there it is F1.
    const isField = path === '/welcome';
    if (isField) await page.until('the field has the keys', async () => (await page.all('input:focus')).length === 1);
    else {
      await page.driver.executeScript('document.activeElement.blur()');
      await page.press(Key.TAB, Key.TAB);
    }
    const before = await focused();
    await page.press(isField ? Key.F1 : '?');
    await soon(() => page.text('[data-help] h2')).toBe(title);
    expect((await page.all('[data-help] kbd')).length).toBeGreaterThanOrEqual(2);
    expect(await page.text('[data-help] dl')).not.toMatch(/help\./);
    if (path === '/board') {
      expect(await page.text('[data-help]')).toMatch(/Lenses \(V\)/);
      await expectNoFault(page.driver);
    }
    await page.until('the help has the keys', () =>
      page.driver.executeScript("return document.activeElement.closest('.v-overlay__content') !== null"),
    );
    await page.press(Key.ESCAPE);
    await page.shows('[data-help]', 0);
    await soon(focused).toBe(before);
    // The board's own Escape was not heard through it.
    expect(await page.driver.getCurrentUrl()).toBe(hoppel.url + path);
  });
});

describe('letting tablets in', () => {
  /** What another address of this machine says, at which only an open door is. */
  const elsewhere = (): Promise<string> =>
    new Promise((done) => {
      const asked = request({ host: '127.0.0.2', port: new URL(hoppel.url).port, path: '/', agent: false }, (res) => {
        res.resume().on('end', () => done('answers'));
      });
      asked.on('error', () => done('silent'));
      asked.end();
    });
  it('is asked once from Tablets, says what it means, is remembered, and is shut again in one step', async () => {
    await open('/tablets');
    expect(await elsewhere()).toBe('silent');
    await page.tap('Let tablets in');
    await page.says('Follow your school’s own rules');
    await expectNoFault(page.driver);
    await page.tap('Let them in');
    await page.says('This computer only');
    await soon(elsewhere).toBe('answers');
    await hoppel.stop();
    await hoppel.start();
    expect(await elsewhere()).toBe('answers');
    await open('/tablets');
    await page.tap('This computer only');
    await page.says('Let tablets in');
    await soon(elsewhere).toBe('silent');
  });
});

describe('a teacher without a mouse', () => {
  beforeAll(async () => {
    await open('/welcome');
    await page.tap('Look round in a made-up class');
    await page.says('What we know');
  });
  it('has the keys on the menu again when a window that it opened is closed', async () => {
    for (const [item, window] of [
      ['Change what is in it', 'What is in the lesson'],
      ['A kept lesson after it', 'Lessons kept for other classes'],
      ['Call it something else', 'A title of your own'],
    ] as const) {
      await open('/lessons/9');
      const menu = await page.find('.lesson-menu button');
      await page.driver.executeScript('arguments[0].focus()', menu);
      const name = await focused();
      await page.press(Key.ENTER);
      await page.tap(item);
      await page.says(window);
      await page.press(Key.ESCAPE);
      await soon(focused).toBe(name);
    }
  });
  it('starts the lesson and comes to “Show me” within five Tabs, and has the keys where they were when she comes back', async () => {
    for (const [link, at] of [
      ['Start', /segment=0/],
      ['Show me', /segment=3/],
    ] as const) {
      await open('/');
      await page.says('What we know');
      let tabs = 0;
      while ((await focused()) !== link && tabs < 5) {
        await page.press(Key.TAB);
        tabs += 1;
      }
      expect([await focused(), tabs <= 5]).toEqual([link, true]);
      // What has the keys can be seen.
      const top = (): Promise<number> =>
        page.driver.executeScript('return document.activeElement.getBoundingClientRect().top;');
      await soon(async () => (await top()) >= 0).toBe(true);
      await page.press(Key.ENTER);
      await page.find('.board');
      expect(await page.driver.getCurrentUrl()).toMatch(at);
      await page.press(Key.ESCAPE);
      await page.says('What we know');
      await soon(focused).toBe(link);
    }
  });
});

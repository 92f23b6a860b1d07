import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { expectNoFault } from './support/axe.ts';
import { NETWORK_NAMES } from './support/chromium.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { journey } from './support/journey.ts';
import { onPage, type Page } from './support/page.ts';

const WORDS = 'eleven green hares';

/** The teacher's laptop, and a tablet of hers that reaches it by the name it has on the classroom network. */
describe('the teacher’s passphrase', () => {
  const [NAME] = NETWORK_NAMES;
  let hoppel: Hoppel;
  let laptopBrowser: Browser;
  let tabletBrowser: Browser;
  let laptop: Page;
  let tablet: Page;
  let away: string;

  beforeAll(async () => {
    hoppel = await startHoppel({ demo: false });
    away = hoppel.url.replace('localhost', NAME);
    laptopBrowser = await startBrowser();
    tabletBrowser = await startBrowser({ width: 1024, height: 768 });
    laptop = onPage(laptopBrowser);
    tablet = onPage(tabletBrowser);
  });
  afterAll(async () => {
    await Promise.all([laptopBrowser.quit(), tabletBrowser.quit()]);
    await hoppel.remove();
  });
  const step = journey(() => ({ laptop: laptopBrowser, tablet: tabletBrowser }));
  const type = async (page: Page, field: number, words: string): Promise<void> => {
    await page.until('a field', async () => (await page.all('.field input')).length > field);
    const input = (await page.all('.field input'))[field]!;
    await input.clear();
    await input.sendKeys(words);
  };
  /** Where the round of today is, as the laptop may know it. */
  const stateOfRound = (): Promise<unknown> =>
    laptop.driver.executeAsyncScript(
      "const done = arguments[0]; fetch('/api/board').then((r) => r.json()).then(({ round }) => done(round && round.phase));",
    );
  const isShut = async (page: Page, shut: boolean): Promise<void> => {
    await page.shows('[data-door]', shut ? 1 : 0);
    // What stands behind it is not seen, read or reached.
    if (shut)
      expect(
        await page.driver.executeScript("return document.querySelector('header.head')?.offsetParent ?? null"),
      ).toBeNull();
  };

  step('is offered at the first start, and whoever goes without reads what that means', async () => {
    await laptop.driver.get(hoppel.url);
    await laptop.says('Do others use this computer?');
    await expectNoFault(laptopBrowser.driver);
    await laptop.tap('Only I use this computer');
    await laptop.says('Whoever sits at this computer');
    await laptop.tap('Look round in a made-up class');
    await laptop.says('What we know');
  });
  step('is chosen under Settings: not too short, the same twice', async () => {
    await laptop.driver.get(`${hoppel.url}/settings/passphrase`);
    await laptop.says('You go without a passphrase.');
    await expectNoFault(laptopBrowser.driver);
    await type(laptop, 0, 'short');
    await type(laptop, 1, 'short');
    await laptop.tap('Choose it');
    await laptop.says('It needs 8 letters at least.');
    await type(laptop, 0, WORDS);
    await type(laptop, 1, 'eleven green hare');
    await laptop.tap('Choose it');
    await laptop.says('The two are not the same.');
    await type(laptop, 1, WORDS);
    await laptop.tap('Choose it');
    await laptop.says('The passphrase holds from now on.');
    await laptop.says('This device');
    await expectNoFault(laptopBrowser.driver);
  });
  step('lets a second device in to the whole teacher’s side, slows down who guesses, and tells', async () => {
    await tablet.driver.get(away);
    await tablet.find('[data-picture]'); // a child’s tablet
    await tablet.driver.get(`${away}/teacher`);
    await isShut(tablet, true);
    await tablet.says('Hoppel asks for your passphrase once a school day.');
    await expectNoFault(tabletBrowser.driver);
    await giveSize(tablet.driver, 512, 384);
    await expectNothingRunsOff(tabletBrowser.driver);
    await giveBackSize(tablet.driver);
    for (let tries = 0; tries < 4; tries++) {
      await type(tablet, 0, `guess ${tries}`);
      await tablet.press(Key.ENTER);
      await tablet.until('it was looked at', async () => (await tablet.attribute('.field input', 'value')) === '');
      await tablet.says('That is not the passphrase.');
    }
    await type(tablet, 0, WORDS);
    await tablet.press(Key.ENTER);
    await tablet.says('What we know');
    await tablet.driver.get(`${away}/class`);
    await tablet.says('Bram');
    await tablet.driver.navigate().refresh();
    await tablet.says('How each time went');
    // Four may be slips of one's own; from the fifth on it stands at Settings wherever she is.
    await laptop.driver.get(`${hoppel.url}/class`);
    await laptop.says('How each time went');
    expect(await laptop.all('.places .news')).toHaveLength(0);
    const guess = await fetch(`${hoppel.url}/api/entry`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ passphrase: 'guess 5' }),
    });
    expect(guess.status).toBe(403);
    await laptop.driver.navigate().refresh();
    await laptop.find('.places a[href="/settings"] .news');
    await laptop.driver.get(`${hoppel.url}/settings/passphrase`);
    await laptop.says('5 wrong tries at the passphrase');
    await laptop.says('Another device, Chrome');
    await expectNoFault(laptopBrowser.driver);
    await laptop.tap('Seen');
    await laptop.until('it is seen', async () => !(await laptop.text()).includes('wrong tries'));
    await laptop.until('the dot is gone', async () => (await laptop.all('.places .news')).length === 0);
  });
  step(
    'F2 covers results at once, also in a field, with a dialog open and after a reload; the board goes on',
    async () => {
      await laptop.driver.get(`${hoppel.url}/class/2/stored`);
      await laptop.tap('Delete all of it');
      const field = await laptop.find('.v-overlay--active input');
      await field.sendKeys('Br', Key.F2);
      await isShut(laptop, true);
      expect(await field.isDisplayed()).toBe(false);
      expect(await laptop.text()).not.toContain('Bram');
      await expectNoFault(laptopBrowser.driver);
      // Behind it nothing is lost that was begun.
      await type(laptop, 0, WORDS);
      await laptop.press(Key.ENTER);
      await isShut(laptop, false);
      expect(await field.getAttribute('value')).toBe('Br');
      await laptop.press(Key.F2);
      await isShut(laptop, true);
      await laptop.driver.navigate().refresh();
      await isShut(laptop, true);
      expect(await laptop.text()).not.toContain('Bram');
      await laptop.driver.get(`${hoppel.url}/board`);
      await laptop.says('Turn the hands.');
      await laptop.says('Results are covered. The board goes on.');
      // A round is begun and gone on with, as if nothing were.
      await laptop.driver.get(`${hoppel.url}/board/8?segment=3`);
      await laptop.tap('Start the round');
      await laptop.until('a round', async () => (await stateOfRound()) === 'ask');
      await laptop.press(' ');
      await laptop.until('it goes on', async () => (await stateOfRound()) === 'think');
      // Nothing but the passphrase uncovers: not the key, not another place, not the server asked past the page.
      await laptop.press(Key.F2);
      const code = await laptop.driver.executeAsyncScript(
        "const done = arguments[0]; fetch('/api/record/class').then((r) => r.json()).then(({ code }) => done(code));",
      );
      expect(code).toBe('covered');
      await laptop.driver.get(`${hoppel.url}/class`);
      await isShut(laptop, true);
      await type(laptop, 0, WORDS);
      await laptop.tap('Uncover');
      await laptop.says('How each time went');
      // The other device was never covered.
      await tablet.driver.get(`${away}/class`);
      await tablet.says('How each time went');
    },
  );
  step('covers another window of the browser with it', async () => {
    const first = await laptop.driver.getWindowHandle();
    const before = await laptop.driver.getAllWindowHandles();
    await laptop.driver.executeScript(`open('/class')`);
    let second: string | undefined;
    await laptop.until('a second window', async () => {
      second = (await laptop.driver.getAllWindowHandles()).find((one) => !before.includes(one));
      return second !== undefined;
    });
    await laptop.driver.switchTo().window(second!);
    await laptop.says('How each time went');
    await laptop.press(Key.F2);
    await isShut(laptop, true);
    await laptop.driver.close();
    await laptop.driver.switchTo().window(first);
    await isShut(laptop, true);
    await type(laptop, 0, WORDS);
    await laptop.press(Key.ENTER);
    await isShut(laptop, false);
  });
  step('sends a device out, whose page is shut at once; it holds through a restart', async () => {
    await laptop.driver.get(`${hoppel.url}/settings/passphrase`);
    await (await laptop.find('[data-device="other"] button')).click();
    await laptop.shows('[data-device="other"]', 0);
    await isShut(tablet, true);
    await hoppel.stop();
    await hoppel.start();
    await laptop.driver.navigate().refresh();
    await laptop.says('Devices that are in');
    await type(tablet, 0, WORDS);
    await tablet.press(Key.ENTER);
    await tablet.says('How each time went');
  });
  step('is given up with the passphrase only; then this computer alone is in', async () => {
    await laptop.driver.get(`${hoppel.url}/settings/passphrase`);
    await laptop.tap('Go without one');
    await type(laptop, 3, 'not it at all');
    await (await laptop.find('[data-without]')).click();
    await laptop.says('That is not the passphrase.');
    await type(laptop, 3, WORDS);
    await (await laptop.find('[data-without]')).click();
    await laptop.says('You go without a passphrase.');
    await tablet.says('Remote for the board');
    await laptop.press(Key.F2);
    await isShut(laptop, true);
    await laptop.press(Key.F2);
    await isShut(laptop, false);
  });
});

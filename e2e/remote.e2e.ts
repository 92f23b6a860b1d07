import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Settings } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { NETWORK_NAMES } from './support/chromium.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { journey } from './support/journey.ts';
import { onPage, tapByTouch, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';

/** A teacher's board, and a phone that reaches it under the name the computer has on the classroom network. */
describe('a remote', () => {
  const [NAME] = NETWORK_NAMES;
  let hoppel: Hoppel;
  let boardBrowser: Browser;
  let phoneBrowser: Browser;
  let teacher: Page;
  let phone: Page;
  let board: ReturnType<typeof atBoard>;

  beforeAll(async () => {
    hoppel = await startHoppel();
    boardBrowser = await startBrowser();
    phoneBrowser = await startBrowser({ width: 390, height: 844 });
    teacher = onPage(boardBrowser);
    phone = onPage(phoneBrowser);
    board = atBoard(teacher, hoppel.url);
  });
  afterAll(async () => {
    await Promise.all([boardBrowser.quit(), phoneBrowser.quit()]);
    await hoppel.remove();
  });
  const step = journey(() => ({ board: boardBrowser, phone: phoneBrowser }));
  const tap = async (css: string): Promise<void> => tapByTouch(phone.driver, await phone.find(css));
  const saysAt = (what: string, words: string): Promise<unknown> =>
    phone.until(`${what} is ${words}`, async () => (await phone.text(`[data-what="${what}"]`)).includes(words));

  step('asks for the code that stands on the board, and takes no other', async () => {
    await board.open();
    await teacher.press('k');
    await (await teacher.find('[data-tile="remote"]')).click();
    await teacher.find('.remote-tray .qr');
    const code = await teacher.text('.remote-tray .code');
    expect(code).toMatch(/^\d{3} \d{3}$/);
    await soon(() => teacher.text('.remote-tray .address')).toContain('/remote');
    await expectNoFault(boardBrowser.driver);
    await phone.driver.get(`${hoppel.url.replace('localhost', NAME)}/remote`);
    await phone.says('Remote for the board');
    await expectNoFault(phoneBrowser.driver);
    await expectNothingRunsOff(phoneBrowser.driver);
    await (await phone.find('#remote-code')).sendKeys('12');
    await phone.tap('Join');
    await phone.says('That is not the code on the board.');
    await (await phone.find('#remote-code')).clear();
    await (await phone.find('#remote-code')).sendKeys(code);
    await phone.tap('Join');
    await saysAt('say', 'What time is it?');
    await teacher.press('k', 'k');
  });

  step('sees nothing of the class but the board', async () => {
    const seen = await phone.driver.executeAsyncScript<number[]>(`
      const done = arguments[0];
      Promise.all(['/record/class', '/record/children/1', '/remote', '/plan/unit.json'].map((path) => fetch('/api' + path)))
        .then((replies) => done(replies.map(({ status }) => status)));`);
    expect(seen).toEqual([403, 403, 403, 403]);
  });

  step('opens cards one by one and has the sentence to say, which the board shows only by choice', async () => {
    await tap('[data-do="next"]');
    await saysAt('say', 'The hour hand points to 9.');
    await teacher.until(
      'the hour is open',
      async () => (await teacher.attribute('.card.hour', 'data-open')) === 'true',
    );
    expect(await teacher.text()).not.toContain('The hour hand points to 9.');
    await phone.tap('My sentence on the board');
    await teacher.says('The hour hand points to 9.');
    await phone.tap('My sentence on the board');
    await teacher.until(
      'it is gone from the board',
      async () => !(await teacher.text()).includes('The hour hand points to 9.'),
    );
    await tap('[data-do="back"]');
    await saysAt('say', 'What time is it?');
    await expectNoFault(phoneBrowser.driver);
    await expectNothingRunsOff(phoneBrowser.driver);
  });

  step('puts lenses over the clock; what the board does itself is on the remote too', async () => {
    await tap('[data-choice="half-turn"]');
    await teacher.find('.board .half-turn');
    await phone.until(
      'it is on here too',
      async () => (await phone.attribute('[data-choice="half-turn"]', 'aria-pressed')) === 'true',
    );
    await teacher.press('h', 'o');
    await phone.until(
      'the room is on, the half turn off',
      async () =>
        (await phone.attribute('[data-choice="half-turn"]', 'aria-pressed')) === 'false' &&
        (await phone.attribute('[data-choice="hours-room"]', 'aria-pressed')) === 'true',
    );
    await tap('[data-choice="hours-room"]');
    await teacher.until('no lens is left', async () => (await board.lenses()) === '');
  });

  step('plays a demonstration, stops it, steps on and comes back to the clock', async () => {
    await tap('[data-choice="which-hour"]');
    await teacher.find('.board[data-demonstration="which-hour"]');
    await saysAt('say', 'The hour hand has just passed 9.');
    await tap('[data-do="next"]');
    await saysAt('place', '2 of 3');
    await tap('[data-do="play"]');
    await teacher.find('.player button[aria-label^="Pause"]');
    await phone.find('[data-do="play"][aria-label^="Pause"]');
    await tap('[data-do="play"]');
    await teacher.find('.player button[aria-label^="Play"]');
    await phone.tap('Back to the clock');
    await teacher.until('the clock is back', async () => (await teacher.all('[data-demonstration]')).length === 0);
  });

  const choose = async (missedOnWall: Settings['missedOnWall']): Promise<void> => {
    const { settings } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { settings: Settings };
    const body = JSON.stringify({ ...settings, missedOnWall });
    const headers = { 'Content-Type': 'application/json' };
    const kept = await fetch(`${hoppel.url}/api/settings`, { method: 'PUT', headers, body });
    if (!kept.ok) throw new Error(await kept.text());
  };

  step('goes through a round and taps who missed it, standing anywhere in the room', async () => {
    await board.open('/board/8?segment=3');
    await saysAt('title', 'Show me');
    await tap('[data-do="next"]'); // starts it
    await saysAt('place', '1 of 6 · ask');
    for (const words of ['think', 'show', 'answer']) {
      await tap('[data-do="next"]');
      await saysAt('place', words);
    }
    for (let card = 0; card < 4; card++) await tap('[data-do="next"]');
    await saysAt('place', 'who missed it');
    // Children can read the wall: pictures stand there, names only where the class wants them, or nothing where there is a remote.
    expect(await teacher.text('.who')).not.toContain('Bram');
    await choose('names');
    await soon(() => teacher.text('.who')).toContain('Bram');
    await choose('remote');
    await teacher.says('It is on the remote.');
    await expectNoFault(boardBrowser.driver);
    await tap('[data-child="2"]');
    await phone.until('tapped', async () => (await phone.attribute('[data-child="2"]', 'aria-pressed')) === 'true');
    await choose('pictures');
    await teacher.button('Bram: missed it');
    await teacher.tap('Cleo: had it');
    await phone.until('Cleo too', async () => (await phone.attribute('[data-child="3"]', 'aria-pressed')) === 'true');
    await expectNoFault(phoneBrowser.driver);
    await expectNothingRunsOff(phoneBrowser.driver);
    await giveSize(boardBrowser.driver, 640, 400);
    await expectNothingRunsOff(boardBrowser.driver);
    await giveBackSize(boardBrowser.driver);
    await tap('[data-do="next"]');
    await saysAt('place', '2 of 7 · ask');
    const { round } = (await (await fetch(`${hoppel.url}/api/board`)).json()) as { round: { id: string } };
    const reply = await fetch(`${hoppel.url}/api/rounds/${round.id}/answers/0`);
    const answers = (await reply.json()) as { childId: number; verdict: string }[];
    expect(
      answers
        .filter(({ verdict }) => verdict === 'wrong')
        .map(({ childId }) => childId)
        .sort(),
    ).toEqual([2, 3]);
    for (let move = 0; move < 7; move++) {
      await tap('[data-do="next"]');
      await phone.driver.sleep(150);
    }
    await saysAt('place', 'who missed it');
    await tap('[data-do="all-right"]');
    await saysAt('place', '3 of 7 · ask');
  });

  step('a remote that is lost never stops the board, and comes back where the board is', async () => {
    await phoneBrowser.driver.sendDevToolsCommand('Network.enable', {});
    const offline = (is: boolean): Promise<void> =>
      phoneBrowser.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: is,
        latency: 0,
        downloadThroughput: -1,
        uploadThroughput: -1,
      });
    await offline(true);
    await tap('[data-do="next"]');
    await phone.says('The board does not answer.');
    await teacher.press(' ');
    await teacher.until('the board goes on', async () => (await teacher.attribute('.board', 'data-phase')) === 'think');
    await offline(false);
    await phone.driver.navigate().refresh();
    await saysAt('place', 'think');
    await tap('[data-do="back"]');
    await teacher.until('it steers again', async () => (await teacher.attribute('.board', 'data-phase')) === 'ask');
  });

  step('a board that was closed is none; a board that opens anew is there at once', async () => {
    await teacher.press(Key.ESCAPE);
    await teacher.says('Get ready');
    await phone.says('No board is open.');
    await board.open();
    await saysAt('say', 'What time is it?');
  });

  const joinAnew = async (): Promise<void> => {
    await board.open();
    await teacher.press('k');
    await (await teacher.find('[data-tile="remote"]')).click();
    await (await phone.find('#remote-code')).sendKeys(await teacher.text('.remote-tray .code'));
    await phone.tap('Join');
    await saysAt('say', 'What time is it?');
  };

  step('after a restart the device is asked for a code again', async () => {
    await hoppel.stop();
    await phone.says('Trying again');
    await hoppel.start();
    await phone.says('Remote for the board');
  });

  step('the teacher sends it away from Tablets, where it stands beside what tablets are let in', async () => {
    await joinAnew();
    await teacher.driver.get(`${hoppel.url}/tablets`);
    await (await teacher.find('.passes summary')).click();
    await teacher.says('1 remote is let in');
    await teacher.says('there now');
    await expectNoFault(boardBrowser.driver);
    await teacher.tap('Shut out this device (Remote)');
    await phone.says('Remote for the board');
    await soon(() => teacher.text()).not.toContain('remote is let in');
  });
});

import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { timeOf } from '../core/clock/index.ts';
import type { Tablets } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { dragByMouse, drawByTouch, onPage, sweep, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { classCode, enterClass, handSet, openStation, sitDown } from './support/station.ts';

/** The teacher's screen, one real tablet and another, and a room of made-up children. */
let hoppel: Hoppel;
let teacherBrowser: Browser;
let childBrowser: Browser;
let otherBrowser: Browser;
let teacher: Page;
let child: Page;
let other: Page;
beforeAll(async () => {
  hoppel = await startHoppel();
  teacherBrowser = await startBrowser();
  childBrowser = await startBrowser({ width: 1024, height: 768 });
  otherBrowser = await startBrowser({ width: 768, height: 1024 });
  teacher = onPage(teacherBrowser);
  child = onPage(childBrowser);
  other = onPage(otherBrowser);
});
afterAll(async () => {
  await Promise.all([teacherBrowser, childBrowser, otherBrowser].map((browser) => browser.quit()));
  await hoppel.remove();
});
const tablets = async (): Promise<Tablets> => (await (await fetch(`${hoppel.url}/api/tablets`)).json()) as Tablets;
const call = (method: string, path: string, body: unknown = {}): Promise<Response> =>
  fetch(`${hoppel.url}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
const beginRound = async (task: string): Promise<void> => {
  const source = { what: 'times', tasks: [task], times: [timeOf(9), timeOf(4, 30)] };
  const reply = await call('POST', '/rounds', { id: crypto.randomUUID(), lessonId: 8, source });
  expect(reply.status).toBe(201);
};
const round = async () =>
  ((await (await fetch(`${hoppel.url}/api/board`)).json()) as { round: { id: string; version: number } }).round;
const roundId = async () => (await round()).id;
const version = async () => (await round()).version;

describe('the way in', () => {
  it('shows the address as a picture and as text, and the class’s four pictures', async () => {
    await teacher.driver.get(`${hoppel.url}/board/8?segment=3`);
    await teacher.find('.board');
    await teacher.press('k');
    await teacher.tap('Tablets come in');
    await teacher.says('/station');
    await soon(() => teacher.attribute('.qr', 'alt')).toContain(`${hoppel.url}/station`);
    const shown = await teacher.driver.executeScript<string[]>(
      "return [...document.querySelectorAll('.join .code img')].map((one) => one.getAttribute('src'))",
    );
    expect(shown).toEqual((await classCode(hoppel)).map((picture) => `/pictures/${picture}.svg`));
    await expectNoFault(teacher.driver);
  });
  it('is opened by tapping them in order; others do not open it, and a tap is taken back', async () => {
    await child.driver.get(`${hoppel.url}/station`);
    const code = await classCode(hoppel);
    for (const picture of [...code].reverse()) await (await child.find(`[data-picture="${picture}"]`)).click();
    await child.says('Look at the board once more.');
    await child.until('the places are empty', async () => (await child.all('.place img')).length === 0);
    await expectNoFault(child.driver);
    await (await child.find(`[data-picture="${code[2]!}"]`)).click();
    await child.tap('Take the last picture back');
    await child.shows('.place img', 0);
    await enterClass(child, hoppel);
  });
  it('keeps one child to one tablet; a mistaken tap is undone by the child', async () => {
    await sitDown(child, 'Elif');
    await openStation(otherBrowser, hoppel);
    await other.tap('I am Elif');
    await other.says('This picture is at another tablet.');
    await child.tap('Elif. Tap to choose another picture.');
    await child.says('Tap your picture');
    await sitDown(child, 'Ada');
    await sitDown(other, 'Elif');
  });
  it('lets the teacher send a tablet back to the pictures', async () => {
    await teacher.driver.get(`${hoppel.url}/tablets`);
    await teacher.says('At a tablet: 2 of 22');
    await teacher.tap('Send Elif’s tablet back to the pictures');
    await other.says('Tap your picture');
    await teacher.says('At a tablet: 1 of 22');
  });
});

describe('shutting a tablet out', () => {
  it('asks that one for the pictures again, and no other; what its child did is still taken', async () => {
    await sitDown(other, 'Cleo');
    await teacher.driver.get(`${hoppel.url}/tablets`);
    await teacher.tap('2 tablets know them');
    await expectNoFault(teacher.driver);
    await teacher.tap('Shut out this device (Ada)');
    await child.until('the pictures are asked for', async () => (await child.all('[data-picture]')).length > 0);
    await soon(() => child.all('.me')).toHaveLength(0);
    await other.find('.me');
    await teacher.says('1 tablet knows them');
    expect((await tablets()).passes).toMatchObject([{ childId: 3, listens: true }]);
    await enterClass(child, hoppel);
    await sitDown(child, 'Ada');
    await teacher.says('2 tablets know them');
    await other.tap('Cleo');
    await other.says('Tap your picture');
  });
});

describe('handing out', () => {
  it('gives some children times that were picked, and takes them back', async () => {
    await teacher.tap('Times');
    await teacher.driver.executeScript(
      "document.querySelector('.rings [aria-label=\"3 o’clock\"]').dispatchEvent(new MouseEvent('click', { bubbles: true }))",
    );
    // What lies under the button that stays in sight is scrolled up, as a hand would.
    const ada = await teacher.find('.children [aria-label="Ada"]');
    await teacher.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", ada);
    await ada.click();
    await teacher.tap('Hand to one child');
    await teacher.says('Times, 1 task');
    expect((await tablets()).sets).toMatchObject([{ childIds: [1], what: 'times', count: 1 }]);
    await child.find('.task[data-kind="draw"]'); // it comes by itself
    await expectNoFault(teacher.driver);
    await teacher.tap('Take back');
    await teacher.until('nothing is handed out', async () => (await tablets()).sets.length === 0);
    await child.driver.get(`${hoppel.url}/station/1`);
    await child.says('On my own');
  });
  it('a piece is dragged to its clock, too', async () => {
    await handSet(hoppel, [1], { what: 'times', kinds: ['pair'], times: [timeOf(9)] });
    await child.driver.get(`${hoppel.url}/station/1/alone`);
    await child.find('.pair');
    const piece = await child.find('[data-piece="digits 0"]');
    const text = await piece.getText();
    const slot = await child.find('[data-slot="digits 1"]');
    await child.driver
      .actions({ async: true })
      .move({ origin: piece })
      .press()
      .pause(150)
      .move({ origin: piece, x: 0, y: -30, duration: 150 })
      .move({ origin: slot, x: 2, y: 2, duration: 400 })
      .pause(250)
      .release()
      .perform();
    await child.until('the piece lies there', async () => (await child.text('[data-slot="digits 1"]')) === text);
    await child.driver.get(`${hoppel.url}/station/1`);
    await child.says('On my own');
  });
});

describe('a round with thirty tablets', () => {
  it('fills the room with made-up children, marked as such, beside the real one', async () => {
    // Eight more children, so that thirty sit at tablets.
    const names = Array.from({ length: 8 }, (_, i) => `Guest ${i + 1}`);
    expect((await call('POST', '/children', { names })).ok).toBe(true);
    await call('POST', '/tablets/stand-ins', { pace: 25 });
    await teacher.until('thirty sit', async () => (await tablets()).seats.length === 30, 40_000);
    await teacher.driver.get(`${hoppel.url}/tablets`);
    await teacher.says('At a tablet: 30 of 30');
    await teacher.says('made-up');
    const marked = (await tablets()).seats.filter(({ simulated }) => simulated);
    expect(marked).toHaveLength(29);
    expect(marked.some(({ childId }) => childId === 1)).toBe(false);
  });
  it('shows what every one of them draws, and what the real child draws while it draws', async () => {
    // A child who practises is called to the round. Practice is made ready for all thirty just now: a slow machine takes its time.
    await child.driver.get(`${hoppel.url}/station/1/alone`);
    await child.until('its task is there', async () => (await child.all('.task')).length > 0, 90_000);
    await beginRound('draw');
    await child.find('.task[data-kind="draw"]');
    await teacher.driver.get(`${hoppel.url}/board/8`);
    await teacher.says('Draw');
    await teacher.press('w');
    await teacher.find('.wall');
    await teacher.until('thirty tiles', async () => (await teacher.attribute('.wall', 'data-tiles')) === '30');
    const pad = await child.find('.draw');
    await drawByTouch(child.driver, pad, 270, 50);
    await teacher.until(
      'the first line is on the wall',
      async () => (await teacher.all('.wall [data-child="1"] .line')).length === 1,
    );
    await drawByTouch(child.driver, pad, 0, 82);
    await teacher.until('the second too', async () => (await teacher.all('.wall [data-child="1"] .line')).length === 2);
    await teacher.until(
      'all of them have drawn',
      async () => (await teacher.all('.wall .tile.done')).length >= 29,
      30_000,
    );
    await expectNoFault(teacher.driver);
  });
  it('names nobody until it is asked to, puts the same answers together, and makes one large', async () => {
    expect(await teacher.text('.wall')).not.toContain('Ada');
    await (await teacher.find('[data-wall="together"]')).click();
    await teacher.until('several heaps', async () => (await teacher.all('.groups ul')).length > 1);
    const heaps = await teacher.driver.executeScript<number[]>(
      "return [...document.querySelectorAll('.groups ul')].map((heap) => heap.children.length)",
    );
    expect(heaps.reduce((a, b) => a + b)).toBe(30);
    expect(heaps[0]).toBe(Math.max(...heaps));
    await (await teacher.find('[data-wall="names"]')).click();
    await teacher.says('Ada');
    await (await teacher.find('.wall [data-child="1"]')).click();
    await teacher.find('.wall .large');
    await teacher.shows('.wall .large .line', 2);
    await (await teacher.find('.wall .large')).click();
    await teacher.find('.groups');
  });
  it('“show” holds what the real child has, though it never tapped Done', async () => {
    await teacher.driver.executeScript('document.activeElement.blur()');
    await teacher.press(' ');
    await teacher.until('think', async () => (await teacher.attribute('.board', 'data-phase')) === 'think');
    await teacher.press(' ');
    await child.says('Look up!');
    const board = async () =>
      (await (await fetch(`${hoppel.url}/api/board`)).json()) as {
        answers: { childId: number; source: string; verdict: string }[];
      };
    await teacher.until('it is counted', async () =>
      (await board()).answers.some(
        ({ childId, source, verdict }) => childId === 1 && source === 'tablet' && verdict === 'right',
      ),
    );
    await child.shows('.done', 0);
  });
  it('goes on to the next task, and the wall starts empty', async () => {
    for (let step = 0; step < 6; step++) await teacher.press(' ');
    await teacher.until('the second task', async () => (await teacher.attribute('.board', 'data-phase')) === 'ask');
    await child.until('the next task', async () => (await child.text('.card')).includes('4:30'));
    await soon(() => child.attribute('.draw', 'data-strokes')).toBe('0');
  });
  it('is emptied in one step, the made-up answers with it', async () => {
    await call('DELETE', '/tablets/stand-ins');
    const { seats, standIns } = await tablets();
    expect(seats.map(({ childId }) => childId)).toEqual([1]);
    expect(standIns).toEqual({ running: 0, answers: 0 });
    await call('POST', `/rounds/${await roundId()}/moves`, { move: 'end', version: await version() });
    await child.says('The next clock comes by itself.');
  });
});

describe('two free hands', () => {
  it('are turned each by itself with a mouse', async () => {
    await handSet(hoppel, [1], { what: 'times', kinds: ['set-free'], times: [timeOf(4)] });
    await child.driver.get(`${hoppel.url}/station/1/alone`);
    const clock = await child.find('.unhooked');
    const minute = Number(await child.attribute('[data-hand="minute"]', 'aria-valuenow'));
    const hour = Number(await child.attribute('[data-hand="hour"]', 'aria-valuenow'));
    await dragByMouse(child.driver, clock, {
      from: { degrees: minute, reach: 82 },
      over: sweep(minute, 360),
      reach: 82,
    });
    expect(Number(await child.attribute('[data-hand="hour"]', 'aria-valuenow'))).toBe(hour);
    await child.press(Key.ESCAPE);
  });
});

describe('replies that come late', () => {
  /** What the other browser looks up there takes a while to arrive; what it is told comes at once. */
  const slow = (path: string, ms: number): Promise<unknown> =>
    other.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `{
        const before = window.fetch;
        window.fetch = async (...asked) => {
          const reply = await before(...asked);
          if (asked[0] === '${path}') await new Promise((done) => setTimeout(done, ${ms}));
          return reply;
        };
      }`,
    });
  it('do not take back what the tablet was told meanwhile', async () => {
    await slow('/api/station', 2000);
    await other.driver.get(`${hoppel.url}/station`);
    await other.says('Tap your picture');
    await other.tap('I am Finn');
    await other.says('The next clock comes by itself.'); // and looks again, for the next two seconds
    await beginRound('draw');
    await other.find('.task[data-kind="draw"]');
    await other.driver.sleep(2500);
    await other.shows('.task[data-kind="draw"]', 1);
    await call('POST', `/rounds/${await roundId()}/moves`, { move: 'end', version: await version() });
  });
  it('are taken though the room changes all the time', async () => {
    await slow('/api/tablets', 1000);
    await call('POST', '/tablets/stand-ins', { pace: 60 });
    await other.driver.get(`${hoppel.url}/tablets`);
    // All but Finn, whose tablet this was.
    await other.until('one has left', async () => (await other.text()).includes('At a tablet: 29 of 30'), 60_000);
    await call('DELETE', '/tablets/stand-ins');
    await other.says('At a tablet: 1 of 30');
  });
});

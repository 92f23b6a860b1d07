import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import { handAngles, hourOf, type DialTime } from '../core/clock/index.ts';
import { startingTime, timeOfItem, type Item } from '../core/items/index.ts';
import { ONE_ACT_MS } from '../web/api/oneAct.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { noticedOn, takeNotes } from './support/noticed.ts';
import { drawnHands, handsStandAt, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { handSet, keptOnTablet, openStation, practiceOn, sitDown } from './support/station.ts';

describe('a child alone with the set', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  let noticed: ReturnType<typeof noticedOn>;
  let times: DialTime[];
  beforeAll(async () => {
    hoppel = await startHoppel();
    browser = await startBrowser({ width: 1024, height: 768 });
    await takeNotes(browser);
    page = await openStation(browser, hoppel);
    noticed = noticedOn(page);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  /** Turns the clock by arrow keys alone: by half hours, then by fives. */
  const turnTo = async (from: number, to: number): Promise<void> => {
    const clock = await page.find('.groove-clock svg');
    await page.driver.executeScript('arguments[0].focus()', clock);
    let left = ((to - from + 1080) % 720) - 360;
    while (left !== 0) {
      const step = Math.abs(left) >= 30 ? 30 : 5;
      const key = left > 0 ? Key.ARROW_RIGHT : Key.ARROW_LEFT;
      if (step === 30) await page.driver.actions().keyDown(Key.ALT).sendKeys(key).keyUp(Key.ALT).perform();
      else await page.press(key);
      left -= Math.sign(left) * step;
    }
    await handsStandAt(page, '.groove-clock', handAngles(to as DialTime));
  };
  const done = async (): Promise<void> => {
    await page.driver.executeScript("document.querySelector('.done').focus()");
    await page.press(Key.ENTER);
  };
  /** Turns the clock a little and leaves it there. */
  const leaveIt = async (): Promise<void> => {
    await (await page.find('.groove-clock svg')).sendKeys(Key.ARROW_RIGHT);
    await done();
  };
  const isNew = (time: DialTime): Promise<unknown> =>
    page.until(
      'a new clock',
      async () => Number(await page.attribute('.groove-clock svg', 'aria-valuenow')) === startingTime(time),
    );
  const stored = async (): Promise<{ verdict: string; attempt: number; item: Item }[]> => {
    const { answers } = (await (await fetch(`${hoppel.url}/api/record/children/2`)).json()) as {
      answers: { source: string; verdict: string; attempt: number; item: Item }[];
    };
    return answers.filter(({ source }) => source === 'tablet');
  };

  it('practises the lesson’s set by keyboard: right, a light and a second try', async () => {
    await sitDown(page, 'Bram');
    await page.tap('On my own');
    await page.find('.task');
    times = (await practiceOn(page)).tasks.map((item) => timeOfItem(item)!);
    await page.says(`${hourOf(times[0]!)}:00`);
    await soon(() => page.attribute('.done', 'aria-disabled')).toBe('true'); // nothing was done yet
    await turnTo(startingTime(times[0]!), times[0]!);
    await done();
    await noticed.message('Yes!');

    await page.says(`${hourOf(times[1]!)}:00`);
    await isNew(times[1]!);
    await leaveIt();
    await page.says('The minute hand points straight up');
    await page.shows('.light', 1);
    await turnTo(startingTime(times[1]!) + 5, times[1]!);
    await done();
    await noticed.message('Yes!');
  });
  it('hears task and hint from a voice of the device, found only after the page has opened; never from one on the network', async () => {
    await page.says(`${hourOf(times[2]!)}:00`);
    await isNew(times[2]!);
    await leaveIt();
    const hint = await page.text('.message');
    const ask = await page.attribute('.card', 'aria-label');
    const spoken = await page.driver.executeAsyncScript<string[]>(`
      const done = arguments[0];
      const said = [];
      const voice = (name, localService) => ({ name, localService, lang: 'en-US', voiceURI: name, default: false });
      speechSynthesis.getVoices = () => [voice('away', false)];
      speechSynthesis.dispatchEvent(new Event('voiceschanged'));
      setTimeout(() => {
        said.push(document.querySelector('.ear') === null ? 'no ear' : 'ear');
        speechSynthesis.getVoices = () => [voice('away', false), voice('here', true)];
        speechSynthesis.speak = (utterance) => said.push(utterance.voiceName + ' ' + utterance.rate + ': ' + utterance.text);
        window.SpeechSynthesisUtterance = function (text) { this.text = text; Object.defineProperty(this, 'voice', { set(v) { this.voiceName = v.name; } }); };
        speechSynthesis.dispatchEvent(new Event('voiceschanged'));
        setTimeout(() => { document.querySelector('.ear').click(); done(said); }, 100);
      }, 100);`);
    expect(spoken).toEqual(['no ear', `here 0.85: ${ask} ${hint}`]);
    await expectNoFault(page.driver);
  });
  it('is shown the answer slowly when the second try is not right either, and an easier task comes after two', async () => {
    // The same answer again is a second try once the second is over in which two taps are one.
    await page.driver.sleep(ONE_ACT_MS);
    await done();
    await noticed.message('Watch.');
    await noticed.hands(handAngles(times[2]!));
    expect(await page.text()).not.toMatch(/wrong|mistake|score/i);
    await page.until('another task', async () => (await page.attribute('.task', 'data-status')) === 'open');
    // Only first answers count, the latest first.
    expect((await stored()).map(({ verdict, attempt }) => [verdict, attempt])).toEqual([
      ['wrong', 1],
      ['wrong', 1],
      ['right', 1],
    ]);
    // Two first answers in a row were wrong: what comes now is not of the set.
    const stones = await page.attribute('.stones', 'aria-label');
    expect(stones).toBe('Task 4 of 6');
    const kept = (await keptOnTablet(page, 'progress')) as { done: unknown[] };
    expect(kept.done).toHaveLength(3);
  });
  it('goes on where it was after a reload', async () => {
    const before = await page.attribute('.task', 'data-kind');
    await page.driver.navigate().refresh();
    await page.find('.task');
    await soon(() => page.attribute('.task', 'data-kind')).toBe(before);
    await soon(() => page.attribute('.stones', 'aria-label')).toBe('Task 4 of 6');
  });
  it('ends with what it can do now, in pictures; then goes on by what it needs', async () => {
    await handSet(hoppel, [2], { what: 'times', kinds: ['set'], times: [180 as DialTime] });
    await page.driver.get(`${hoppel.url}/station/2/alone`);
    await isNew(180 as DialTime);
    await turnTo(startingTime(180 as DialTime), 180);
    await done();
    await page.says('I can do this now!');
    await soon(() => page.attribute('.can', 'data-skill')).toBe('oclock-set');
    await soon(() => drawnHands(page.driver, '.can')).toEqual({ hour: 90, minute: 0 });
    await expectNoFault(page.driver);
    await handSet(hoppel, [2], { what: 'needs' });
    await page.until('the tablet has heard of it', async () => (await practiceOn(page)).follows);
    await page.tap('Once more');
    await page.find('.task');
    await soon(() => page.attribute('.stones', 'aria-label')).toBe('Task 1 of 6');
  });
  it('keeps all of what a child scribbles on and on', async () => {
    const MOVES = 240;
    await handSet(hoppel, [2], { what: 'times', kinds: ['draw'], times: [180 as DialTime] });
    await page.driver.get(`${hoppel.url}/station/2/alone`);
    const { x, y, width } = await (await page.find('.draw')).getRect();
    /** Round and round over the face. */
    const at = (step: number) => ({
      x: x + width / 2 + Math.cos(step / 3) * width * 0.3 * Math.sin(step / 40),
      y: y + width / 2 + Math.sin(step / 3) * width * 0.3 * Math.sin(step / 40),
      button: 'left',
      buttons: 1,
      clickCount: 1,
    });
    const mouse = (type: string, step: number): Promise<unknown> =>
      page.driver.sendDevToolsCommand('Input.dispatchMouseEvent', { type, ...at(step) });
    const scribble = async (): Promise<void> => {
      await mouse('mousePressed', 0);
      for (let step = 0; step < MOVES; step++) await mouse('mouseMoved', step);
      await mouse('mouseReleased', MOVES);
      await page.until('it is there', async () => (await page.attribute('.draw', 'data-strokes')) === '1');
      await done();
    };
    // What nobody can read is asked for kindly once more, on a new sheet, and is not handed in.
    await scribble();
    await page.says('Draw them once more');
    await expectNoFault(page.driver);
    await soon(() => page.attribute('.draw', 'data-strokes')).toBe('0');
    expect((await stored())[0]!.item.kind).not.toBe('draw');
    await scribble();
    await page.until('it is stored', async () => (await stored())[0]!.item.kind === 'draw');
    const [latest] = (await stored()) as unknown as { answer: { strokes: unknown[][] } }[];
    expect(latest!.answer.strokes[0]!.length).toBeGreaterThan(0.9 * MOVES);
  });
  it('leaves nothing of the child on the tablet after bye', async () => {
    expect(JSON.stringify(await keptOnTablet(page, 'seat'))).toContain('"childId":2');
    await page.tap('Bram. Tap to choose another picture.');
    await page.tap('Bye');
    await page.says('Tap your picture');
    for (const name of ['seat', 'child', 'progress'])
      await page.until(`no ${name}`, async () => (await keptOnTablet(page, name)) === null);
    await soon(() => page.driver.executeScript('return [localStorage.length, sessionStorage.length]')).toEqual([0, 0]);
    expect(new URL(await page.driver.getCurrentUrl()).pathname).toBe('/station');
  });
  it('leaves no way back to a child by the browser’s own button', async () => {
    const entries = (): Promise<number> => page.driver.executeScript<number>('return history.length');
    const before = await entries();
    await sitDown(page, 'Cleo');
    await page.tap('On my own');
    await page.find('.task');
    await page.tap('Cleo. Tap to choose another picture.');
    await page.tap('Stay here');
    await page.find('.task');
    await page.tap('Cleo. Tap to choose another picture.');
    await page.tap('Bye');
    await page.says('Tap your picture');
    await soon(() => entries()).toBe(before);
  });
  it('finishes what was begun before a round of the class takes the tablet; who has begun nothing goes at once', async () => {
    const sent = async (path: string, body: object): Promise<{ round: { id: string; version: number } }> => {
      const headers = { 'content-type': 'application/json' };
      const reply = await fetch(`${hoppel.url}/api/rounds${path}`, {
        method: 'POST',
        headers,
        body: JSON.stringify(body),
      });
      return (await reply.json()) as { round: { id: string; version: number } };
    };
    const begin = () => sent('', { id: newId(), lessonId: 8 });
    await handSet(hoppel, [4], { what: 'times', kinds: ['set'], times: [180 as DialTime, 300 as DialTime] });
    await sitDown(page, 'Davi');
    await page.driver.get(`${hoppel.url}/station/4/alone`);
    await isNew(180 as DialTime);
    await (await page.find('.groove-clock svg')).sendKeys(Key.ARROW_RIGHT);
    const { round } = await begin();
    await page.says('Your class begins. Finish this one first.');
    expect(await page.driver.getCurrentUrl()).toContain('/alone');
    await expectNoFault(page.driver);
    await turnTo(startingTime(180 as DialTime) + 5, 180);
    await done();
    await page.until('the class has the tablet', async () => !(await page.driver.getCurrentUrl()).endsWith('/alone'));
    await sent(`/${round.id}/moves`, { move: 'end', version: round.version });
    await page.tap('On my own');
    await isNew(300 as DialTime);
    await begin();
    await page.until('it goes at once', async () => !(await page.driver.getCurrentUrl()).endsWith('/alone'));
  });
});

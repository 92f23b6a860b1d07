import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import { handAngles, hourOf, timeOf, type DialTime } from '../core/clock/index.ts';
import { startingTime, type Item } from '../core/items/index.ts';
import { predict } from '../core/misconceptions/index.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { drawnHands, handsStandAt, onPage, type Page } from './support/page.ts';

interface RequestLog {
  readonly message: { readonly method: string; readonly params: { readonly request?: { readonly url: string } } };
}

describe('every place of Hoppel', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel();
    browser = await startBrowser();
    page = onPage(browser);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  const open = async (path: string, words: string): Promise<void> => {
    await page.driver.get(hoppel.url + path);
    await page.says(words);
  };
  const places: readonly (readonly [string, string])[] = [
    ['/', 'What we know'],
    ['/lessons/12', 'Half past: which hour?'],
    ['/board', 'Turn the hands.'],
    ['/board/8?segment=3', 'Start the round'],
    ['/class', 'How each o’clock went'],
    ['/class/2', 'What Bram can do'],
    ['/settings', 'The hands are called'],
    ['/settings/class', 'Class list'],
    ['/settings/day', 'Our day'],
    ['/settings/unit', 'The unit of Clover Room'],
    ['/station', 'Tap your picture'],
    ['/station/2', 'On my own'],
    ['/station/2/alone', 'Done'],
  ];

  it.each(places)('%s has no fault that axe finds, and its main work fits 1280 by 800', async (path, words) => {
    await open(path, words);
    await page.driver.sleep(400); // the covers and hops have come to rest
    await expectNoFault(page.driver);
    if (path === '/class/2' || path === '/settings/unit') return; // a long list scrolls
    const overflow = await page.driver.executeScript(
      'return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]',
    );
    expect(overflow).toEqual([800, 1280]);
  });

  it('asks nothing of any machine but its own, on any of them, and no page reports a fault', async () => {
    await page.driver.manage().logs().get('performance');
    await page.driver.manage().logs().get('browser');
    for (const [path, words] of places) await open(path, words);
    const entries = await page.driver.manage().logs().get('performance');
    const asked = entries
      .map(({ message }) => (JSON.parse(message) as RequestLog).message)
      .filter(({ method }) => method === 'Network.requestWillBeSent')
      .map(({ params }) => new URL(params.request!.url))
      // What a style sheet holds in itself is asked of nobody.
      .filter(({ protocol }) => protocol !== 'data:')
      .map(({ origin }) => origin);
    expect(asked.length).toBeGreaterThan(50);
    expect([...new Set(asked)]).toEqual([hoppel.url]);
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
    await open('/class', 'How each o’clock went');
    await hoppel.stop();
    await page.says('The connection to Hoppel is lost.');
    await hoppel.start();
    await page.until('the sign is gone', async () => (await page.all('.lost')).length === 0);
  });

  it('the path leads to every lesson by keyboard, and back to today', async () => {
    await open('/', 'What we know');
    const stone = await page.find('.path li:nth-child(3) .stone');
    await page.driver.executeScript('arguments[0].focus()', stone);
    await page.press(Key.ENTER);
    await page.says('The parts of a clock');
    await page.says('No ticket yet');
    await page.driver.navigate().back();
    await page.says('O’clock: read and set');
  });

  it('settings change words everywhere at once, UK English and the hands’ names too', async () => {
    await open('/settings', 'The hour hand has just passed 4.');
    await page.tap('short hand, long hand');
    await page.says('The short hand has just passed 4.');
    await page.tap('United Kingdom');
    await page.tap('Reading and writing');
    await page.tap('the minutes');
    await page.tap('4.30');
    await page.until('the digits follow', async () => (await page.text('.digits')) === '4.30');
    // Nothing holds before it is kept.
    expect(await page.driver.executeScript('return document.documentElement.lang')).toBe('en-US');
    await page.tap('Keep');
    await page.until(
      'the page is British',
      async () => (await page.driver.executeScript('return document.documentElement.lang')) === 'en-GB',
    );
    await open('/', 'Tuesday 24 November, 9.00 to 9.20');
    await page.says('short hand');
    await open('/board/8?segment=1', '');
    await page.press(' ');
    const opened = await Promise.all((await page.all('.card')).map((card) => card.getAttribute('data-open')));
    expect(opened).toEqual(['false', 'true', 'false']); // the minutes are read first
    await open('/station/2/alone', '.00');
  });
});

describe('a child alone with the set', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  let times: DialTime[];
  beforeAll(async () => {
    hoppel = await startHoppel();
    browser = await startBrowser({ width: 1024, height: 768 });
    page = onPage(browser);
    const state = (await (await fetch(`${hoppel.url}/api/station`)).json()) as {
      practice: { items: { shown: DialTime }[] };
    };
    times = state.practice.items.map(({ shown }) => shown);
  });
  afterAll(async () => {
    await browser.quit();
    await hoppel.remove();
  });
  /** Turns the clock by arrow keys alone: by fives, then by ones with Shift and back. */
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
  const stored = async (): Promise<{ verdict: string; attempt: number }[]> => {
    const { answers } = (await (await fetch(`${hoppel.url}/api/record/children/2`)).json()) as {
      answers: { source: string; verdict: string; attempt: number }[];
    };
    return answers.filter(({ source }) => source === 'tablet').map(({ verdict, attempt }) => ({ verdict, attempt }));
  };

  it('practises by keyboard: right, a light and a second try, and the clock that shows it', async () => {
    await page.driver.get(`${hoppel.url}/station`);
    await page.tap('I am Bram');
    await page.tap('On my own');
    await page.says(`${hourOf(times[0]!)}:00`);
    await turnTo(startingTime(times[0]!), times[0]!);
    await done();
    await page.says('Yes!');

    await page.says(`${hourOf(times[1]!)}:00`);
    await page.until(
      'a new clock',
      async () => Number(await page.attribute('.groove-clock svg', 'aria-valuenow')) === startingTime(times[1]!),
    );
    await done(); // not turned at all
    await page.says('Turn the minute hand to the light.');
    expect(await page.all('.light')).toHaveLength(1);
    await turnTo(startingTime(times[1]!), times[1]!);
    await done();
    await page.says('Yes!');

    await page.says(`${hourOf(times[2]!)}:00`);
    await page.until(
      'a new clock',
      async () => Number(await page.attribute('.groove-clock svg', 'aria-valuenow')) === startingTime(times[2]!),
    );
    await done();
    await page.says('to the light');
    await done();
    await page.says('Watch the clock.');
    await handsStandAt(page, '.groove-clock', handAngles(times[2]!));
    expect(await page.text()).not.toMatch(/wrong|mistake|score/i);
    await page.says(`${hourOf(times[3]!)}:00`);
    // Only first attempts count: right, wrong, wrong.
    expect(await stored()).toEqual([
      { verdict: 'wrong', attempt: 1 },
      { verdict: 'wrong', attempt: 1 },
      { verdict: 'right', attempt: 1 },
    ]);
  });
  it('hears the task from a voice of the device, found only after the page has opened; never from one on the network', async () => {
    const spoken = await page.driver.executeAsyncScript<string[]>(`
      const done = arguments[0];
      const said = [];
      const voice = (name, localService) => ({ name, localService, lang: 'en-US', voiceURI: name, default: false });
      speechSynthesis.getVoices = () => [voice('away', false)];
      speechSynthesis.dispatchEvent(new Event('voiceschanged'));
      setTimeout(() => {
        said.push(document.querySelector('.ear') === null ? 'no ear' : 'ear');
        speechSynthesis.getVoices = () => [voice('away', false), voice('here', true)];
        speechSynthesis.speak = (utterance) => said.push(utterance.voiceName + ': ' + utterance.text);
        window.SpeechSynthesisUtterance = function (text) { this.text = text; Object.defineProperty(this, 'voice', { set(v) { this.voiceName = v.name; } }); };
        speechSynthesis.dispatchEvent(new Event('voiceschanged'));
        setTimeout(() => { document.querySelector('.ear').click(); done(said); }, 100);
      }, 100);`);
    expect(spoken).toEqual(['no ear', `here: Set the clock to ${hourOf(times[3]!)} o’clock.`]);
  });
  it('ends with the clocks that were set', async () => {
    for (const time of times.slice(3)) {
      await page.says(`${hourOf(time)}:00`);
      await page.until(
        'a new clock',
        async () => Number(await page.attribute('.groove-clock svg', 'aria-valuenow')) === startingTime(time),
      );
      await turnTo(startingTime(time), time);
      await done();
    }
    await page.says('All set!');
    expect(await drawnHands(page.driver, 'li:nth-child(2)')).toEqual(handAngles(times[1]!));
    await page.tap('Back');
    await page.says('The next clock comes by itself.');
  });
});

describe('a new school', () => {
  let hoppel: Hoppel;
  let browser: Browser;
  let page: Page;
  beforeAll(async () => {
    hoppel = await startHoppel({ demo: false });
    browser = await startBrowser();
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
    expect(await page.all('tbody tr')).toHaveLength(30);
    const [height, width] = (await page.driver.executeScript(
      'return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]',
    )) as [number, number];
    expect([height, width]).toEqual([800, 1280]);
    await page.driver.get(`${hoppel.url}/station`);
    expect(await page.all('.pick li')).toHaveLength(30);
  });
  it('shows all thirty and their reasons at once, without scrolling', async () => {
    for (let childId = 1; childId <= 30; childId++)
      for (const asked of [timeOf(3), timeOf(7), timeOf(9)]) {
        const item: Item = { kind: 'set', shown: asked };
        const swapped = predict('hands-swapped', item);
        if (swapped.kind !== 'answers') throw new Error('a swap shows here');
        const to = { setting: 'alone', lessonId: 8, item, attempt: 1 };
        const reply = await fetch(`${hoppel.url}/api/answers`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ id: newId(), childId, answer: swapped.own[0], to }),
        });
        expect(reply.status).toBe(201);
      }
    await page.driver.get(`${hoppel.url}/class`);
    await page.says('hands swapped');
    expect((await page.text('tbody')).match(/hands swapped/g)).toHaveLength(30);
    const [all, seen] = (await page.driver.executeScript(
      "const table = document.querySelector('.scroll'); return [table.scrollHeight, table.clientHeight]",
    )) as [number, number];
    expect(all).toBeLessThanOrEqual(seen);
  });
});

import { describe, expect, it } from '@jest/globals';
import { Key, Origin, type WebElement } from 'selenium-webdriver';
import { EITHERS, HOW_MANY_EITHER, faultOfDigits, wayPhrase } from '../core/activities/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { sentence } from '../core/wording/index.ts';
import { CLOCK_PARTS, HOW_LONG, UNITS, type Deed, type Unit } from '../core/items/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { onClock, tapByTouch } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();
const board = atBoard(page, hoppel.url);
const begin = async (what: string, by: 'mouse' | 'finger' = 'mouse'): Promise<void> => {
  await board.open();
  const tile = await board.tile('p', what);
  await (by === 'mouse' ? tile.click() : tapByTouch(page.driver, tile));
  await page.find(`.board[data-activity="${what}"]`);
};
/** Drags one thing onto another as a hand does: slowly enough to be seen. */
const drag = async (from: WebElement, to: WebElement): Promise<void> => {
  await page.driver
    .actions({ async: true })
    .move({ origin: from })
    .press()
    .move({ origin: Origin.POINTER, x: 8, y: -8, duration: 100 })
    .move({ origin: to, duration: 300 })
    .move({ origin: to, x: 4, y: 4, duration: 200 })
    .release()
    .perform();
  await page.driver.sleep(300);
};

describe('how long?', () => {
  const deeds = async (css: string): Promise<Deed[]> =>
    Promise.all(
      (await page.all(`${css} [data-deed]`)).map(async (one) => (await one.getAttribute('data-deed')) as Deed),
    );
  const bin = (unit: Unit): string => `.bin[data-unit="${unit}"]`;
  const rightOf = (deed: Deed): Unit => HOW_LONG[deed];
  const wrongOf = (deed: Deed): Unit => UNITS.find((unit) => unit !== HOW_LONG[deed])!;

  it('pictures are put by drag, by keys and by taps; what is right stays, the rest comes back', async () => {
    await begin('how-long');
    const [first, second, third, ...rest] = await deeds('.pool');
    await expectNoFault(browser.driver);
    await drag(await page.find(`[data-deed="${first}"]`), await page.find(`${bin(rightOf(first!))} .tiles`));
    await soon(() => deeds(bin(rightOf(first!)))).toEqual([first]);
    await page.driver.executeScript(`document.querySelector('[data-deed="${second}"]').focus()`);
    await page.press(String(UNITS.indexOf(wrongOf(second!)) + 1));
    await soon(() => deeds(bin(wrongOf(second!)))).toContain(second);
    await tapByTouch(page.driver, await page.find(`[data-deed="${third}"]`));
    await tapByTouch(page.driver, await page.find(`${bin(rightOf(third!))} .put`));
    await soon(() => deeds(bin(rightOf(third!)))).toContain(third);
    await page.press(' ');
    await page.says('2 are right. Try the others again.');
    await soon(() => deeds('.pool')).toEqual([...rest, second]);
    for (const deed of [...rest, second!]) {
      await page.driver.executeScript(`document.querySelector('[data-deed="${deed}"]').focus()`);
      await page.press(String(UNITS.indexOf(rightOf(deed)) + 1));
    }
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press(' ');
    await page.says('All in their places.');
    for (const unit of UNITS) expect(await deeds(bin(unit))).toHaveLength(2);
    await page.press(' ');
    await soon(() => deeds('.pool')).toHaveLength(6);
  });
});

describe('what comes first?', () => {
  const order = async (): Promise<number[]> =>
    Promise.all((await page.all('[data-entry]')).map(async (one) => Number(await one.getAttribute('data-entry'))));
  /** The class's own day as it is, so that the right order is known. */
  const day = async (): Promise<number[]> => {
    const { day } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      day: { routine: { id: number; at: number }[] };
    };
    return day.routine.sort((a, b) => a.at - b.at).map(({ id }) => id);
  };
  const focus = (id: number): Promise<unknown> =>
    page.driver.executeScript(`document.querySelector('[data-entry="${id}"]').focus()`);

  it('pictures of the class’s own day are moved by drag, keys and taps until they are in order', async () => {
    await begin('what-first', 'finger');
    const before = await order();
    expect(before).toHaveLength(6);
    await expectNoFault(browser.driver);
    await drag(await page.find(`[data-entry="${before[0]}"]`), await page.find(`[data-entry="${before[2]}"]`));
    expect((await order()).indexOf(before[0]!)).toBeGreaterThan(0);
    await focus(before[0]!);
    const was = (await order()).indexOf(before[0]!);
    await page.press(Key.ARROW_LEFT);
    expect((await order()).indexOf(before[0]!)).toBe(was - 1);
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press(' ');
    await page.says('are right. Try the others again.');
    const right = (await day()).filter((id) => before.includes(id));
    for (const [place, id] of right.entries()) {
      const now = await order();
      if (now[place] === id) continue;
      await tapByTouch(page.driver, await page.find(`[data-entry="${id}"]`));
      await tapByTouch(page.driver, await page.find(`[data-entry="${now[place]}"]`));
      await page.until('it has its place', async () => (await order())[place] === id);
    }
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press(' ');
    await page.says('All in their places.');
    await page.shows('.when svg', 6); // the clock of each comes when all are right
  });
});

describe('name the parts', () => {
  it('a tap on the clock, a key or a card names a part; labels go on and off', async () => {
    await begin('parts');
    const named = async (): Promise<string[]> =>
      Promise.all((await page.all('.parts .named')).map((one) => one.getText()));
    const labels = async (): Promise<string[]> =>
      Promise.all((await page.all('.part-labels text')).map((one) => one.getText()));
    await soon(() => labels()).toEqual(['?', '?', '?', '?']);
    const clock = await page.find('.board .geared');
    const at = await onClock(clock, 270, 40);
    await page.driver
      .actions({ async: true })
      .move({ origin: clock, ...at })
      .click()
      .perform();
    await soon(() => named()).toEqual(['hour hand']);
    await soon(() => labels()).toContain('hour hand');
    await page.press(String(CLOCK_PARTS.indexOf('numerals') + 1));
    await soon(() => named()).toEqual(['numbers', 'hour hand']);
    await tapByTouch(page.driver, await page.find('[data-name="minute-hand"]'));
    await page.press(' ');
    await soon(() => named()).toHaveLength(4);
    await expectNoFault(browser.driver);
    await page.press('a');
    await soon(() => labels()).toEqual([]);
    await page.tap('Labels on');
    await soon(() => labels()).toHaveLength(4);
    await page.press('c');
    await soon(() => named()).toEqual([]);
  });
});

describe.each(EITHERS)('a question with two answers: %s', (kind) => {
  const count = async (place: number): Promise<string> =>
    String(await (await page.find(`.vote:nth-of-type(${place}) input`)).getAttribute('value'));
  it('is voted on by tap, key or typing, opened with its reason, and followed by the next', async () => {
    await begin(kind);
    if (kind === 'possible') {
      await page.press('+', '+', '-');
      expect([await count(1), await count(2)]).toEqual(['2', '1']);
      await tapByTouch(page.driver, await page.find('.vote:nth-of-type(2) .row button:last-child'));
      await page.tap('One fewer for “possible”');
      expect([await count(1), await count(2)]).toEqual(['1', '2']);
      const field = await page.find('.vote:nth-of-type(2) input');
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), '99', Key.ENTER);
      await page.until('no more than are here', async () => (await count(2)) === '21');
      await page.driver.executeScript('document.activeElement.blur()');
    }
    for (let question = 0; question < HOW_MANY_EITHER; question++) {
      const right = Number(await page.attribute('.board', 'data-right'));
      await page.shows('.answer .said', 0);
      await page.shows('.vote.right', 0);
      await page.press(' ');
      expect((await page.text('.answer .said')).length).toBeGreaterThan(5);
      const marked = await page.driver.executeScript<number[]>(
        "return [...document.querySelectorAll('.vote')].flatMap((vote, i) => (vote.classList.contains('right') ? [i] : []));",
      );
      expect(marked).toEqual([right]);
      if (kind === 'possible') expect((await page.text('.answer .said')) === 'This clock is right.').toBe(right === 0);
      if (kind === 'six-or-seven') {
        // The hour hand alone; and the number that is ringed is the one it passed last.
        expect(await page.all('.board svg.judged .minute')).toHaveLength(0);
        const angle = Number(/-?[\d.]+/.exec(await page.attribute('.board svg.judged g.hour', 'transform'))?.[0]);
        expect(await page.text('.vote.right h2')).toBe(String(Math.floor(angle / 30) || 12));
      }
      if (kind === 'can-be')
        expect(faultOfDigits(await page.text('.display'), DEFAULT_CONVENTIONS) === undefined).toBe(right === 0);
      if (kind === 'two-lengths')
        await page.until('the picture is drawn', () =>
          page.driver.executeScript<boolean>("return document.querySelector('.deed img').naturalWidth > 0"),
        );
      if (question === 0) await expectNoFault(browser.driver);
      await page.press(' ');
    }
    await page.until('the clock is back', async () => (await page.all('[data-activity]')).length === 0);
  });
});

describe('from here to there', () => {
  const at = async (what: string): Promise<number> => Number(await page.attribute('.board', `data-${what}`));
  it('the hands go the way, its turns are counted, and the answer says both', async () => {
    await begin('from-to');
    await expectNoFault(browser.driver);
    expect(await at('gone')).toBe(0);
    await page.shows('.turns .turn', 0);
    for (let task = 0; task < 2; task++) {
      const minutes = await at('way');
      await page.press(' ');
      await soon(() => at('gone')).toBe(minutes);
      await page.shows('.turns .turn', Math.ceil(minutes / 60));
      await page.shows('.answer .said', 0);
      await page.press(' ');
      expect(await page.text('.answer .said')).toBe(sentence(wayPhrase(minutes), DEFAULT_CONVENTIONS));
      // Taken back, it goes the way again.
      if (task === 0) {
        await page.press(Key.BACK_SPACE);
        await soon(() => at('gone')).toBe(0);
        await page.press(' ');
        await soon(() => at('gone')).toBe(minutes);
        await page.press(' ');
      }
      await page.press(' ');
      await page.says(`${task + 2}`);
    }
  });
});

describe('when in the day?', () => {
  const ids = async (css: string): Promise<string[]> =>
    page.driver.executeScript(
      'return [...document.querySelectorAll(arguments[0])].map((one) => one.dataset.entry).sort();',
      css,
    );
  it('pictures are put on their hours by taps and by keys; what is right stays, the rest comes back', async () => {
    const { day } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      day: { routine: { id: number; at: number }[] };
    };
    const hourOf = (id: string): number => Math.floor(day.routine.find((entry) => String(entry.id) === id)!.at / 60);
    await begin('place-day');
    await expectNoFault(browser.driver);
    const [wrong, ...others] = await ids('.pool [data-entry]');
    await tapByTouch(page.driver, await page.find(`[data-entry="${wrong}"]`));
    await tapByTouch(page.driver, await page.find(`[data-hour="${(hourOf(wrong!) + 12) % 24}"]`));
    for (const id of others) {
      const press = (css: string): Promise<void> =>
        page.driver
          .executeScript(`document.querySelector(${JSON.stringify(css)}).focus()`)
          .then(() => page.press(Key.ENTER));
      await press(`[data-entry="${id}"]`);
      await press(`[data-hour="${hourOf(id)}"]`);
    }
    await soon(() => ids('.pool [data-entry]')).toEqual([]);
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press(' ');
    await page.says(`${others.length} are right. Try the others again.`);
    await soon(() => ids('.pool [data-entry]')).toEqual([wrong]);
    await soon(() => ids('.lies.right')).toEqual(others);
    await tapByTouch(page.driver, await page.find(`[data-entry="${wrong}"]`));
    await tapByTouch(page.driver, await page.find(`[data-hour="${hourOf(wrong!)}"]`));
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press(' ');
    await page.says('All in their places.');
  });
});

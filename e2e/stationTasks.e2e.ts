import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { timeOf } from '../core/clock/index.ts';
import { ITEM_KINDS, rightAnswers, type Item, type ItemKind } from '../core/items/index.ts';
import type { AnswerRow } from '../contract/index.ts';
import { answeringOn, wrongAnswer, type By } from './support/answering.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { hurry } from './support/hurry.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { noticedOn, takeNotes } from './support/noticed.ts';
import { flickAndTap, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { giveVoice, handSet, openStation, practiceOn, sitDown } from './support/station.ts';

/** Every kind of task, answered by a finger and by arrow keys and Enter alone: wrong, helped, right at the second try, right at once. */
let hoppel: Hoppel;
let browser: Browser;
let page: Page;
let status: ReturnType<typeof noticedOn>['status'];
const ADA = 1;
/** Clean times and half past one of the hours where wrong rules show. */
const TIMES = [timeOf(9), timeOf(4, 30), timeOf(7)];

beforeAll(async () => {
  hoppel = await startHoppel();
  browser = await startBrowser({ width: 1024, height: 768, motion: false });
  await giveVoice(browser);
  await takeNotes(browser);
  await hurry(browser);
  page = await openStation(browser, hoppel);
  ({ status } = noticedOn(page));
  await sitDown(page, 'Ada');
});
afterAll(async () => {
  await browser.quit();
  await hoppel.remove();
});

/** Hands a set of three tasks of a kind to Ada and opens it. @returns the tasks */
const open = async (kind: ItemKind, times = TIMES): Promise<readonly Item[]> => {
  const id = await handSet(hoppel, [ADA], { what: 'times', kinds: [kind], times });
  // Who is through with one set asks for the next; one that is under way is left with its page.
  const [again] = await page.all('.finished .again');
  if (again !== undefined) await again.click();
  else await page.driver.get(`${hoppel.url}/station/${ADA}/alone`);
  await page.find(`.task[data-kind="${kind}"]`);
  const { key, tasks } = await practiceOn(page);
  expect(key).toBe(id);
  return tasks;
};
const stored = async (): Promise<AnswerRow[]> => {
  const reply = await fetch(`${hoppel.url}/api/record/children/${ADA}`);
  const { answers } = (await reply.json()) as { answers: AnswerRow[] };
  return answers.filter(({ source }) => source === 'tablet');
};
/** Verdicts of a kind in the order given; only first answers count. */
const verdicts = async (kind: ItemKind): Promise<string[]> =>
  (await stored())
    .filter(({ item }) => item.kind === kind)
    .map(({ verdict }) => verdict)
    .reverse();

/** Telephones and tablets, upright and lying. */
const SIZES = (
  [
    [360, 640],
    [390, 844],
    [600, 1024],
    [768, 1024],
    [768, 1366],
  ] as const
).flatMap(([short, long]) => [[short, long] as const, [long, short] as const]);
/** What a telephone is not, for which there is a narrower measure. */
const TABLETS = SIZES.filter((sides) => Math.min(...sides) >= 600);
/** Nothing has to be scrolled to, and every thing to tap is at least 72 px each way (48 on a telephone), within its place. */
const fits = async (sizes: typeof SIZES): Promise<void> => {
  for (const [width, height] of sizes) {
    await page.driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
    // What is measured again when the page has another size is so a frame later.
    const faults = (): Promise<string[]> =>
      page.driver.executeScript(`
      const least = Math.min(innerWidth, innerHeight) < 600 ? 47.5 : 71.5;
      const root = document.documentElement;
      const faults = root.scrollHeight > innerHeight || root.scrollWidth > innerWidth ? ['scrolls'] : [];
      for (const button of document.querySelectorAll('.task button')) {
        const { left, top, right, bottom, width, height } = button.getBoundingClientRect();
        if (width < least || height < least) faults.push('small: ' + button.outerHTML.slice(0, 90) + ' ' + width + 'x' + height);
        if (left < 0 || top < 0 || right > innerWidth || bottom > innerHeight) faults.push('outside: ' + button.outerHTML.slice(0, 90));
      }
      const boxes = ['.left', '.body', '.right', '.stones'].map((css) => document.querySelector('.task > ' + css).getBoundingClientRect());
      const inside = [...document.querySelectorAll('.body button')].map((one) => one.getBoundingClientRect());
      const cover = (a, b) => a.left < b.right - 1 && a.right > b.left + 1 && a.top < b.bottom - 1 && a.bottom > b.top + 1;
      inside.forEach((one, i) => inside.slice(i + 1).forEach((other) => cover(one, other) && faults.push('on each other')));
      for (const box of [boxes[0], boxes[2]]) for (const one of inside)
        if (cover(one, box)) faults.push('overlaps');
      return faults;`);
    await soon(async () => (await faults()).map((fault) => `${width}x${height} ${fault}`)).toEqual([]);
  }
};

describe.each(ITEM_KINDS)('%s', (kind) => {
  it('is answered by a finger and by arrow keys and Enter alone: wrong, helped, right at the second try, and right at once', async () => {
    const items = await open(kind);
    expect(items.map((item) => item.kind)).toEqual([kind, kind, kind]);
    // Of clocks to circle two are right in the first of a set.
    if (kind === 'choose-clock')
      expect(rightAnswers(items[0]!)).toMatchObject([{ chosen: [expect.any(Number), expect.any(Number)] }]);
    await page.find('.ear');
    await expectNoFault(page.driver);
    await fits(TABLETS);

    const tryTwice = async (item: Item, by: By): Promise<void> => {
      const answering = answeringOn(page, by);
      await answering.give(item, wrongAnswer(item));
      await status('hint');
      expect((await page.text('.message')).length).toBeGreaterThan(5);
      // Where the clock was read wrongly, the question to ask oneself stands before what helps.
      if (['hour-hand', 'read', 'choose-words', 'write-words'].includes(kind))
        expect(await page.text('.message .question')).toMatch(/\?$/);
      expect(await page.text()).not.toMatch(/wrong|mistake|score/i);
      if (by === 'touch') await fits(SIZES);
      await answering.clear();
      await answering.give(item, rightAnswers(item)[0]!);
      await status('right');
    };
    await tryTwice(items[0]!, 'touch');
    await status('open');
    // In between, as two wrong ones in a row would bring an easier task; which hand does it changes from kind to kind.
    const by = ITEM_KINDS.indexOf(kind) % 2 === 0 ? 'touch' : 'keys';
    await answeringOn(page, by).give(items[1]!, rightAnswers(items[1]!)[0]!);
    await status('right');
    await status('open');
    await tryTwice(items[2]!, 'keys');
    await page.says('Once more');
    await page.until('all are stored', async () => (await verdicts(kind)).length === 3);
    await soon(() => verdicts(kind)).toEqual(['wrong', 'right', 'wrong']);
  });
});

it.each(['read', 'choose-words', 'pair'] as const)('has room for the longest phrases: %s', async (kind) => {
  // A time of each sort comes first once: by quarters, and by its minutes, which brings the most words to choose from.
  const times = [timeOf(12, 45), timeOf(2, 40), timeOf(11, 15)];
  for (let first = 0; first < 2; first++) {
    await open(kind, [...times.slice(first), ...times.slice(0, first)]);
    await fits(SIZES);
  }
});

it.each(['set', 'set-free', 'draw'] as const)('hears Done at once after a flick over the clock: %s', async (kind) => {
  await open(kind);
  const clock = await page.find('.body :is(svg.geared, svg.unhooked, svg.draw)');
  await flickAndTap(browser, clock, [90, 180], await page.find('.done'));
  // One line beside the middle shows no hands: the child is asked to draw them once more.
  if (kind === 'draw') await page.find('.again');
  else await page.until('it was handed in', async () => (await page.attribute('.task', 'data-status')) !== 'open');
});

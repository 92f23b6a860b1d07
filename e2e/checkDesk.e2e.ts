import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Classroom, Pile, PileMark, PileSummary } from '../contract/index.ts';
import { echoOf } from '../core/checking/index.ts';
import { asGiven } from '../core/answers/index.ts';
import { seedFromText, seededRng } from '../core/common/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { rightAnswers, type Answer, type Item } from '../core/items/index.ts';
import { isSame, visibleRules } from '../core/misconceptions/index.ts';
import { describeAnswer } from '../core/reporting/index.ts';
import { shownAnswer } from '../core/sheets/index.ts';
import { following, knowing, simulateAnswer, type SimulatedChild } from '../core/simulation/index.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser } from './support/browser.ts';
import { dragByTouch, onPage } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';
import { asRead, markGiven } from '../core/marking/given.test.support.ts';

const { hoppel, page } = await visit();
const main = await page.driver.getWindowHandle();
const other = await startBrowser();
const second = onPage(other);
afterAll(() => other.quit());

const api = async <T>(path: string, body?: unknown): Promise<T> => {
  const reply = await fetch(`${hoppel.url}/api${path}`, {
    ...(body !== undefined && {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'Sec-Fetch-Site': 'same-origin' },
      body: JSON.stringify(body),
    }),
  });
  expect(reply.ok).toBe(true);
  return reply.json() as Promise<T>;
};
let pressed = 0;
const press = async (...keys: string[]): Promise<void> => {
  pressed += keys.length;
  await page.press(...keys);
};
const pileId = async (): Promise<string> => {
  await page.find('.offers');
  return /check\/([0-9a-f-]+)/.exec(await page.driver.getCurrentUrl())![1]!;
};
const pileNow = async (): Promise<Pile> => api(`/piles/${await pileId()}`);
const find = ({ marks }: Pile, childId: number, task: number): PileMark | undefined =>
  marks.find((one) => one.childId === childId && one.task === task);
/** What the place that is looked at is called. */
const here = (): Promise<string> => page.attribute('[data-marks].here', 'aria-label');
const name = (): Promise<string> => page.text('.panel h2');
/** To another task of the same paper, by arrow keys. */
const toTask = async (task: number): Promise<void> => {
  const at = async (): Promise<number> => Number(/task (\d+)/.exec(await here())![1]) - 1;
  for (let now = await at(); now !== task; now = await at()) {
    await press(now < task ? Key.ARROW_RIGHT : Key.ARROW_LEFT);
    await soon(at).not.toBe(now);
  }
};
const status = (): Promise<string> => page.text('.check .title [role="status"]');
const kept = async (): Promise<void> => {
  await page.until('all is kept', async () => !/on (its|their) way|waits?\b/.test(await status()));
};

/** Twenty-four made-up children: most know it, the others follow rules that show in drawing, reading or writing. */
const CHILDREN: readonly SimulatedChild[] = Array.from({ length: 24 }, (_, i) => {
  const rules = ['coming-hour', 'hands-swapped', 'hour-hand-on-numeral', 'numeral-as-minutes', 'one-zero'] as const;
  return i % 3 === 1 ? { ...following(rules[((i / 3) % rules.length) | 0]!), faith: 0.75 } : knowing(0.04);
});
/** The answer as it is drawn or written on the desk: as its rule foretells it, without a trembling hand. */
const asOffered = (item: Item, given: Answer): Answer => {
  if (markGiven(item, given).verdict === 'right') return rightAnswers(item)[0]!;
  const foretold = visibleRules(item).flatMap(({ own }) => own);
  return foretold.find((own) => isSame(item, asRead(given), own)) ?? given;
};
const said = (item: Item, answer: Answer): string => describeAnswer(item, asRead(answer), DEFAULT_CONVENTIONS);
const offerOf = (item: Item, given: Answer): Promise<number> =>
  page.driver.executeScript(
    `const names = [...document.querySelectorAll('.offer')].map((one) => one.getAttribute('aria-label'));
     return names.findIndex((name) => name.split(': ').slice(1).join(': ').startsWith(arguments[0]));`,
    `${echoOf(item, asOffered(item, given), DEFAULT_CONVENTIONS)}. `,
  );

describe('a pile of twenty-four tickets with six tasks', () => {
  const given = new Map<string, Answer>();
  it('opens from the sheet that was printed, with the right answer first and wrong ones drawn', async () => {
    await api('/children', { names: ['Wanja', 'Yara'] });
    await page.driver.get(`${hoppel.url}/lessons/14`);
    await page.tap('Print: Ticket, one a child');
    await soon(() => api<unknown[]>('/sheets').then((list) => list.length)).toBe(1);
    await page.driver.switchTo().window(main);
    await page.driver.get(`${hoppel.url}/sheets?show=made`);
    await page.tap('Mark the pile of');
    const pile = await pileNow();
    expect(pile.children).toHaveLength(24);
    expect(pile.forms.map((tasks) => tasks.length)).toEqual([6, 6]);
    pile.children.forEach(({ childId, form }, row) => {
      const rng = seededRng(seedFromText(`sheaf ${childId}`));
      pile.forms[form]!.forEach((item, task) =>
        given.set(`${childId} ${task}`, simulateAnswer(CHILDREN[row]!, item, rng)),
      );
    });
    const right = pile.children.flatMap(({ childId, form }) =>
      pile.forms[form]!.filter((item, task) => markGiven(item, given.get(`${childId} ${task}`)!).verdict === 'right'),
    );
    // Eight in ten, as near as these children come to it.
    expect(right.length / 144).toBeGreaterThan(0.76);
    expect(right.length / 144).toBeLessThan(0.84);
    await page.shows('tbody tr', 24);
    await expectNoFault(page.driver);
  });
  it('has all of its rows on a screen of 1280 by 800', async () => {
    const bottom = await page.driver.executeScript<number>(
      `return [...document.querySelectorAll('tbody tr')].at(-1).getBoundingClientRect().bottom`,
    );
    expect(bottom).toBeLessThanOrEqual(800);
  });
  it('is marked with fewer than 150 keys, and every answer is kept as it was given', async () => {
    const pile = await pileNow();
    pressed = 0;
    for (const { childId, form } of pile.children) {
      const items = pile.forms[form]!;
      const answers = items.map((_, task) => given.get(`${childId} ${task}`)!);
      const wrong = items.flatMap((item, task) => (markGiven(item, answers[task]!).verdict === 'right' ? [] : [task]));
      for (const [task, item] of items.entries()) {
        if (wrong.every((one) => one < task)) {
          await press('a');
          break;
        }
        if (!wrong.includes(task)) {
          await press(' ');
          continue;
        }
        const at = await offerOf(item, answers[task]!);
        if (at >= 0) await press(String(at + 1));
        else {
          await press('0');
          await page.find('.other input');
          const shown = shownAnswer(item, answers[task]!, DEFAULT_CONVENTIONS).text;
          await press(...(shown === '' ? said(item, answers[task]!).replace(/^\D+/, '') : shown), Key.ENTER);
        }
      }
      if (childId !== pile.children.at(-1)!.childId) await press('n');
    }
    await page.says('All marked and kept');
    expect(pressed).toBeLessThan(150);
    const after = await pileNow();
    expect(after.marks).toHaveLength(144);
    const read = pile.children.flatMap(({ childId, form }) =>
      pile.forms[form]!.map((item, task) => {
        const seen = find(after, childId, task)!;
        expect(seen.source).toBe('paper');
        const gave = given.get(`${childId} ${task}`)!;
        // A hand beside its place is nearly right, and is marked as what it was meant for.
        const isAsGiven = isSame(item, asRead(gave), asGiven(seen.read)!) || markGiven(item, gave).verdict === 'nearly';
        return isAsGiven ? [] : [`${said(item, gave)} kept as ${said(item, asGiven(seen.read)!)}`];
      }),
    );
    expect(read.flat()).toEqual([]);
  });
  it('says what it says: the hardest task, who needs what, and the way to the desk', async () => {
    const summary = await api<PileSummary>(`/piles/${await pileId()}/summary`);
    await page.tap('What it says');
    await page.says('Task by task');
    await page.says(`Task ${summary.hardest! + 1} was the hardest`);
    await expectNoFault(page.driver);
    await page.tap('To the desk');
    await page.says('Get ready');
  });
});

describe('one paper', () => {
  it('is marked on its page as it was printed, each place named for who cannot see it', async () => {
    await page.driver.get(`${hoppel.url}/check`);
    await (await page.find('.begun a')).click();
    await page.find('.offers');
    await press('v');
    await page.shows('.leaf .task', 6);
    await expectNoFault(page.driver);
    await press('v', 'n');
    await page.find('table');
    const pile = await pileNow();
    const { childId, form } = pile.children[1]!;
    const seen = find(pile, childId, 0)!;
    expect(await name()).toBe('Bram');
    expect(await here()).toContain('Bram, task 1, ');
    expect(await here()).toContain(said(pile.forms[form]![0]!, asGiven(seen.read)!));
  });
  it('is not left by a key that is held down, and no key marks two children', async () => {
    await press('n');
    const { marks } = await pileNow();
    await page.driver.executeScript(
      `for (const repeat of [false, true, true, true, true, true, true, true, true])
         document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key: '-', repeat, bubbles: true, cancelable: true }));`,
    );
    await kept();
    const after = (await pileNow()).marks;
    const changed = after.filter(({ answerId }) => !marks.some((one) => one.answerId === answerId));
    expect(changed).toMatchObject([{ task: 0, read: { kind: 'no-answer', why: 'empty' } }]);
    await press(Key.BACK_SPACE);
    await kept();
    expect(find(await pileNow(), changed[0]!.childId, 0)!.read).toEqual(
      find({ ...(await pileNow()), marks }, changed[0]!.childId, 0)!.read,
    );
  });
  it('takes something else: typed and said back, or drawn over', async () => {
    await press('n', '0');
    await page.find('.other input');
    await press(...'7:45');
    await page.says('7:45');
    await press(Key.ENTER);
    await kept();
    const pile = await pileNow();
    const row = pile.children.findIndex(({ childId }) => childId === pile.marks.at(-1)!.childId);
    expect(await name()).toBe((await api<Classroom>('/classroom')).children[row]!.name);
    const drawn = pile.forms[pile.children[row]!.form]!.findIndex(({ kind }) => kind === 'draw');
    await toTask(drawn);
    await press('0');
    await page.tap('Draw it over');
    const face = await page.find('.over svg');
    for (const [degrees, reach] of [
      [0, 80],
      [210, 48],
    ] as const)
      await dragByTouch(page.driver, face, { from: { degrees, reach: 2 }, over: [degrees, degrees], reach });
    await page.says('Drew 7:00');
    await page.tap('Take it');
    await kept();
    expect(find(await pileNow(), pile.children[row]!.childId, drawn)!.read).toMatchObject({ kind: 'drawing' });
    await toTask(0);
  });
  it('of which only is said that it was not right: what is lost is said, and the choice offered again', async () => {
    await press(Key.ARROW_RIGHT, 'x');
    await page.says('tells why, and a tap does not');
    expect((await page.all('.offer')).length).toBeGreaterThan(1);
    await press('2');
    await kept();
    expect((await pileNow()).marks.filter(({ read }) => read.kind === 'observed')).toEqual([]);
  });
  it('that is the other form lets its marks go, and takes them back with the key that undoes', async () => {
    const of = async (childId: number): Promise<number> =>
      (await pileNow()).marks.filter((one) => one.childId === childId).length;
    const who = await name();
    const childId = (await api<Classroom>('/classroom')).children.find((one) => one.name === who)!.id;
    const before = await of(childId);
    expect(before).toBe(6);
    await press('f');
    await kept();
    await soon(() => of(childId)).toBe(0);
    await press(Key.BACK_SPACE);
    await kept();
    await soon(() => of(childId)).toBe(before);
  });
  it('that is missing takes one key, and comes later', async () => {
    const who = await name();
    await press('m');
    await page.says('This paper is not in the pile');
    await press(' ');
    await press('m');
    await soon(name).toBe(who);
    await page.find('.offers');
    await kept();
  });
});

describe('a pile without a printed sheet', () => {
  it('of a lesson’s ticket is marked by touch, one tap a place', async () => {
    await page.driver.get(`${hoppel.url}/lessons/7`);
    await page.tap('Mark: Ticket');
    const { children, forms } = await pileNow();
    for (let task = 0; task < forms[0]!.length; task++)
      await (await page.find(`.offer[data-offer="${(task % 2) + 1}"]`)).click();
    await kept();
    const after = (await pileNow()).marks.filter(({ childId }) => childId === children[0]!.childId);
    expect(after.map(({ verdict }) => verdict === 'right')).toEqual(forms[0]!.map((_, task) => task % 2 === 0));
    await page.tap('Next child');
    await page.tap('Rest right');
    await kept();
    await page.tap('Undo the last mark');
    await kept();
    expect((await pileNow()).marks).toHaveLength(forms[0]!.length);
  });
  it('goes on while the server is away, and loses nothing', async () => {
    const before = (await pileNow()).marks.length;
    const { children } = await pileNow();
    await hoppel.kill();
    await press(' ', '2', ' ');
    await page.says('wait on this computer');
    expect(await page.all('.cell.right, .cell.wrong').then((all) => all.length)).toBe(before + 3);
    await hoppel.start();
    await page.until('it is kept', async () => !(await status()).includes('wait'));
    const after = await pileNow();
    expect(after.marks).toHaveLength(before + 3);
    expect(find(after, children[1]!.childId, 1)!.verdict).toBe('wrong');
  });
  it('is undone after the server and the page were started anew', async () => {
    const before = (await pileNow()).marks.length;
    await page.driver.navigate().refresh();
    await page.find('.offers');
    await press(Key.BACK_SPACE);
    await kept();
    await soon(async () => (await pileNow()).marks.length).toBe(before - 1);
  });
  it('is marked at two desks at once: each sees the other’s marks, the later one holds and both are kept', async () => {
    await second.driver.get(await page.driver.getCurrentUrl());
    await second.find('.offers');
    const { children } = await pileNow();
    const mine = `[data-place="4 0"]`;
    await (await page.find(mine)).click();
    await press(' ');
    await second.until('the other desk shows it', async () =>
      (await second.attribute(mine, 'class')).includes('right'),
    );
    await (await second.find(mine)).click();
    await second.press('2');
    await page.until('this desk shows it', async () => (await page.attribute(mine, 'class')).includes('wrong'));
    expect(find(await pileNow(), children[4]!.childId, 0)!.verdict).toBe('wrong');
    await (await page.find(mine)).click();
    await press(Key.BACK_SPACE);
    await kept();
    // What the other teacher marked since is not undone from here.
    expect(find(await pileNow(), children[4]!.childId, 0)!.verdict).toBe('wrong');
  });
  it('refuses a code that is none with a sentence, and begins any six times', async () => {
    await page.driver.get(`${hoppel.url}/check`);
    await (await page.find('#page-code')).sendKeys('H1-9Z-1-1-2', Key.ENTER);
    await page.says('No page that was printed here has this code');
    await page.tap('The last round');
    await page.says('There was no round with this class yet');
    await page.tap('Any times, without');
    await expectNoFault(page.driver);
    await page.tap('Mark 6 times');
    const pile = await pileNow();
    expect(pile).toMatchObject({ kind: 'tasks', printed: null });
    expect(pile.forms[0]).toHaveLength(6);
    await press('?');
    await kept();
    expect((await pileNow()).marks).toMatchObject([{ verdict: 'unreadable' }]);
  });
  it('says that it is not there where its address is wrong', async () => {
    await page.driver.get(`${hoppel.url}/check/${randomUUID()}`);
    await page.says('not among those of the class');
    await page.tap('Other piles');
    await page.says('Mark a pile');
  });
});

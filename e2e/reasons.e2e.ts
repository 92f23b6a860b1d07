import { describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { ChildAnswers, ClassView, PostCorrection, Tablets } from '../contract/index.ts';
import { rightAnswers, type Item } from '../core/items/index.ts';
import { isInvisible, predict } from '../core/misconceptions/index.ts';
import { answeringOn } from './support/answering.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { openStation, practiceOn, sitDown } from './support/station.ts';
import { startBrowser } from './support/browser.ts';
import { hurry } from './support/hurry.ts';
import { noticedOn, takeNotes } from './support/noticed.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
/** A child of the demo class that takes one hand for the other. */
const SWAPS = 2;
const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const own = (): Promise<ChildAnswers> => asked(`/record/children/${SWAPS}`);
const say = (answerId: string, says: PostCorrection['says']): Promise<Response> =>
  fetch(`${hoppel.url}/api/record/corrections`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id: newId(), answerId, says } satisfies PostCorrection),
  });
const sides = async (): Promise<number[]> =>
  [...(await page.text('.sides')).matchAll(/(\d+) (?:for|against) it/g)].map(([, count]) => Number(count));

it('is said to be none where the answers do not fit together, with the tasks that would tell', async () => {
  const { children } = await asked<ClassView>('/record/class');
  const views = await Promise.all(
    children
      .filter(({ reason }) => reason === null)
      .map(({ childId }) => asked<ChildAnswers>(`/record/children/${childId}`)),
  );
  const { child } = views.find(({ next }) => next.length > 0)!;
  await page.driver.get(`${hoppel.url}/class/${child.id}`);
  await page.says('No pattern yet');
  await page.shows('.none li', 3);
  await expectNoFault(page.driver);
});

describe('a need of a child', () => {
  it('is said with how sure it is, its rule, and what helps', async () => {
    await page.driver.get(`${hoppel.url}/class/${SWAPS}`);
    for (const words of [
      'Telling the hands apart',
      '99% sure',
      'Fits with: hands swapped',
      'What helps',
      'Put 3:00 beside 12:15',
    ])
      await page.says(words);
    await expectNoFault(page.driver);
  });
  it('has its answers for and against it: a tap shows these alone, another all of them again', async () => {
    const all = (await page.all('.pair')).length;
    const [fitting, against] = (await sides()) as [number, number];
    await page.tap(`${fitting} for it`);
    await page.says('Only these answers');
    await page.shows('.pair', fitting);
    expect(await page.all('.pair.right')).toEqual([]);
    await page.tap(`${against} against it`);
    await page.shows('.pair', against);
    await page.tap('All answers');
    await page.shows('.pair', all);
  });
  it('can be doubted: an answer that does not count no longer speaks for it, and without them it is not named', async () => {
    const [fitting] = (await sides()) as [number];
    await page.tap(`${fitting} for it`);
    await page.shows('.pair', fitting);
    await page.driver.executeScript("document.querySelector('.pair footer button').click()");
    await page.tap('Does not count');
    await soon(async () => (await sides())[0]).toBe(fitting - 1);
    for (const id of (await own()).reasons[0]!.forIds) await say(id, 'out');
    await soon(() => page.text('.child')).not.toContain('Telling the hands apart');
    // What was given stays in the record, and counts again where the teacher says so.
    const out = (await own()).answers.filter(({ says }) => says === 'out');
    expect(out).toHaveLength(fitting);
    for (const { id } of out) await say(id, 'as-given');
    await page.says('Telling the hands apart');
    await soon(async () => (await sides())[0]).toBe(fitting);
  });
  it('says why an answer does not count', async () => {
    await page.driver.navigate().refresh();
    const [first] = (await own()).answers;
    await page.find('.pair footer button');
    await page.driver.executeScript("document.querySelector('.pair footer button').click()");
    await page.tap('somebody helped');
    await page.says('You say: does not count: somebody helped');
    expect((await own()).answers.find(({ id }) => id === first!.id)).toMatchObject({ says: 'out', why: 'helped' });
    await say(first!.id, 'as-given');
    await soon(() => page.text('.child')).not.toContain('somebody helped');
  });
  it('is shown on the board after one tap: what helps, two times side by side, and nobody’s name', async () => {
    await page.tap('Show it on the board');
    await page.shows('.board.pair .geared', 2);
    expect(await page.text()).not.toContain('Bram');
    await page.driver.navigate().back();
  });
  it('is practised on the child’s tablet after one tap', async () => {
    await page.tap('Practice for it on the tablet');
    await page.says('On the tablet');
    const { sets } = await asked<Tablets>('/tablets');
    expect(sets[0]).toMatchObject({ what: 'needs', childIds: [SWAPS] });
    await soon(async () => (await own()).reasons[0]!.tried.map(({ what }) => what)).toEqual(['practice']);
    await page.driver.navigate().refresh();
    await page.says('Practice on');
  });
});

/** What a child gives that takes one hand for the other. */
const swapped = (item: Item) => {
  const predicted = predict('hands-swapped', item);
  return predicted.kind === 'answers' && !isInvisible('hands-swapped', item) ? predicted.own[0] : undefined;
};

it('comes to be named by the tasks that would tell most, handed to the tablet and answered there', async () => {
  // As few of its answers count as leave it without a name.
  for (const id of (await own()).reasons[0]!.forIds) {
    await say(id, 'out');
    if ((await own()).reasons.length === 0) break;
  }
  await page.driver.get(`${hoppel.url}/class/${SWAPS}`);
  await page.says('No pattern yet');
  await page.tap('on the tablet');
  await page.says('On the tablet');
  const browser = await startBrowser({ width: 1024, height: 768 });
  try {
    await takeNotes(browser);
    await hurry(browser);
    const tablet = await openStation(browser, hoppel);
    await sitDown(tablet, 'Bram');
    await tablet.driver.get(`${hoppel.url}/station/${SWAPS}/alone`);
    await tablet.find('.task');
    const { tasks } = await practiceOn(tablet);
    const answering = answeringOn(tablet, 'touch');
    const { status } = noticedOn(tablet);
    // One after the other, until it is: two wrong ones in a row would bring an easier task.
    for (const item of tasks.slice(0, 2)) {
      if ((await own()).reasons.length > 0) break;
      const wrong = swapped(item);
      if (wrong !== undefined) {
        await answering.give(item, wrong);
        await status('hint');
        await answering.clear();
      }
      await answering.give(item, rightAnswers(item)[0]!);
      await status('right');
      await status('open');
    }
    await page.says('Telling the hands apart');
  } finally {
    await browser.quit();
  }
});

it('is laid out on paper with one tap', async () => {
  for (const id of (await own()).reasons[0]!.forIds) await say(id, 'out');
  await page.driver.get(`${hoppel.url}/class/${SWAPS}`);
  const { next } = await own();
  await page.says('No pattern yet');
  await page.tap('On paper');
  await page.says('A closer look');
  expect(next.length).toBeGreaterThan(0);
  await expectNoFault(page.driver);
});

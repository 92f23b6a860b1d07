import { describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { ChildAnswers, ClassView, PostCorrection, Tablets } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
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
  it('is practised on the child’s tablet after one tap', async () => {
    await page.tap('Practice for it on the tablet');
    await page.says('On the tablet');
    const { sets } = await asked<Tablets>('/tablets');
    expect(sets[0]).toMatchObject({ what: 'needs', childIds: [SWAPS] });
  });
});

import { describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { BoardState, Classroom } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const classroom = async (): Promise<Classroom> =>
  (await fetch(`${hoppel.url}/api/classroom`)).json() as Promise<Classroom>;
const warmUpOf = async (number: number): Promise<number[]> =>
  (await classroom()).lessons[number - 1]!.segments[0]!.times;
const send = async (path: string, body: object): Promise<BoardState> => {
  const headers = { 'Content-Type': 'application/json' };
  const reply = await fetch(`${hoppel.url}/api${path}`, { method: 'POST', headers, body: JSON.stringify(body) });
  if (!reply.ok) throw new Error(await reply.text());
  return (await reply.json()) as BoardState;
};

/** The whole class misses the first three times of today's round, as the teacher taps it. */
const missThree = async (): Promise<void> => {
  const childIds = (await classroom()).children.map(({ id }) => id);
  let { round } = await send('/rounds', { id: newId(), lessonId: 8 });
  const next = async (): Promise<void> => {
    ({ round } = await send(`/rounds/${round!.id}/moves`, { move: 'next', version: round!.version }));
  };
  for (const index of [0, 1, 2]) {
    while (round!.index < index || round!.phase !== 'missed') await next();
    await send(`/rounds/${round!.id}/taps`, {
      index,
      taps: childIds.map((childId) => ({ id: newId(), childId, got: false })),
    });
  }
};

describe('a warm-up', () => {
  it('says at the desk why each of its times came back', async () => {
    await page.driver.get(hoppel.url);
    await page.tap('Times of “Warm-up”');
    await soon(() => page.text('.times')).toMatch(/7:00: asked Fri 20, 3 of 22 not right\./);
    expect((await page.all('.times .back')).length).toBe((await warmUpOf(8)).length);
    await expectNoFault(page.driver);
  });
  it('has a mark once the class missed other times since; a tap brings these back, and it can be undone', async () => {
    const before = await warmUpOf(9);
    await page.driver.get(`${hoppel.url}/lessons/9`);
    await page.find('.block');
    await page.shows('.block .faded', 0);
    await missThree();
    await page.find('.block .faded');
    await page.tap('These have faded more since');
    await soon(() => page.text('.times .instead')).toMatch(/asked Tue 24, 22 of 22 not right\./);
    await expectNoFault(page.driver);
    await page.tap('Bring these back instead');
    await soon(async () => (await warmUpOf(9)).join()).not.toBe(before.join());
    await page.shows('.times .instead', 0);
    await page.shows('.block .faded', 0);
    await (await page.find('.times footer button')).click();
    await page.tap('Undo');
    await soon(() => warmUpOf(9)).toEqual(before);
    await page.find('.block .faded');
  });
});

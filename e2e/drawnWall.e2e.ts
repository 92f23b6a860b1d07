import { describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { handAngles, timeOf } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import { anyStyle, simulateDrawing } from '../core/simulation/index.ts';
import { bareTablet } from './support/bareTablet.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();

/** Drawings reach the board as what was read of them; a wall that shows them fetches their lines. */
describe('the wall of a round of drawings', () => {
  const times = [timeOf(9), timeOf(4, 30)];
  let roundId = '';
  const draw = async (childId: number, index: number): Promise<void> => {
    const tablet = await bareTablet(hoppel.url);
    const rng = seededRng(childId);
    const strokes = simulateDrawing(handAngles(times[index]!), anyStyle(rng), rng);
    await tablet.answer({ childId, answer: { kind: 'strokes', strokes }, to: { setting: 'round', roundId, index } });
  };
  const send = async (
    path: string,
    body: object,
  ): Promise<{ round: { id: string; index: number; version: number } }> => {
    const reply = await fetch(`${hoppel.url}/api${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    return (await reply.json()) as never;
  };
  const lines = async (childId: number): Promise<number> =>
    (await page.all(`.wall [data-child="${childId}"] .line`)).length;

  it('shows what was drawn before it was opened, what comes while it is open, and again after a reload', async () => {
    const source = { what: 'times', tasks: ['draw'], times };
    roundId = (await send('/rounds', { id: newId(), lessonId: 8, source })).round.id;
    for (const childId of [1, 2, 3]) await draw(childId, 0);
    const openWall = async (): Promise<void> => {
      await page.driver.get(`${hoppel.url}/board/8`);
      await (await page.find('[data-act="wall"]')).click();
    };
    await openWall();
    for (const childId of [1, 2, 3])
      await page.until(`the drawing of ${childId}`, async () => (await lines(childId)) > 0);
    await draw(4, 0);
    await page.until('the one that came', async () => (await lines(4)) > 0);
    await openWall();
    for (const childId of [1, 4]) await page.until(`still that of ${childId}`, async () => (await lines(childId)) > 0);
  });
  it('begins empty with the next task', async () => {
    let { round } = (await (await fetch(`${hoppel.url}/api/board`)).json()) as Awaited<ReturnType<typeof send>>;
    while (round.index === 0)
      ({ round } = await send(`/rounds/${round.id}/moves`, { move: 'next', version: round.version }));
    await page.until('nothing is left of the first', async () => (await lines(1)) === 0);
    await draw(2, 1);
    await page.until('the new one', async () => (await lines(2)) > 0);
    expect(await lines(1)).toBe(0);
  });
});

// A round of drawings: thirty tablets draw twelve times, 150 points each. What one answer costs at the first task and at the last, and how
// large what the board hears of it is. Yardstick: the first task of the same round.
import { seededRng } from '../core/common/index.ts';
import { handAngles, type DialTime } from '../core/clock/index.ts';
import { anyStyle, simulateDrawing } from '../core/simulation/index.ts';
import { pointsIn, thinned, type Stroke } from '../core/strokes/index.ts';
import { openStream } from '../server/live/stream.test.support.ts';
import { bareTablet } from './support/bareTablet.ts';
import { startHoppel } from './support/hoppel.ts';

const TABLETS = 30;
const TASKS = 12;
const POINTS = 150;
/** A drawing of so many points: between those of a made-up child more are put in. */
const drawing = (time: DialTime, seed: number): Stroke[] => {
  const rng = seededRng(seed);
  const strokes = simulateDrawing(handAngles(time), anyStyle(rng), rng);
  const each = Math.ceil(POINTS / Math.max(1, strokes.length));
  return strokes.map((stroke) => {
    const [first] = thinned([stroke], each);
    const line = [...first!];
    while (line.length < each) line.push({ ...line.at(-1)!, ms: line.at(-1)!.ms + 16 });
    return line;
  });
};
const at = (sorted: readonly number[], share: number): number => sorted[Math.ceil(sorted.length * share) - 1]!;

const hoppel = await startHoppel();
const api = `${hoppel.url}/api`;
const call = async (
  method: string,
  path: string,
  body: object,
): Promise<{ round: { id: string; index: number; version: number } }> =>
  (
    await fetch(api + path, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) })
  ).json() as never;
await call('POST', '/children', { names: Array.from({ length: TABLETS - 22 }, (_, i) => `Guest ${i + 1}`) });
const { children } = (await (await fetch(`${api}/classroom`)).json()) as { children: { id: number }[] };
const tablets = await Promise.all(
  children.map(async ({ id }) => {
    const tablet = await bareTablet(hoppel.url);
    await tablet.sit(id);
    return { id, tablet };
  }),
);
const screens = await Promise.all(Array.from({ length: 3 }, () => openStream(`${api}/live`)));
// Noon is not drawn: its hands lie on each other.
const times = Array.from({ length: TASKS }, (_, i) => (i < 11 ? (i + 1) * 60 : 270) as DialTime);
let { round } = await call('POST', '/rounds', {
  id: crypto.randomUUID(),
  lessonId: 8,
  source: { what: 'times', tasks: ['draw'], times },
});
const took: number[][] = [];
const heard: number[] = [];
for (let index = 0; index < TASKS; index++) {
  screens[0]!.heard.length = 0;
  took.push(
    await Promise.all(
      tablets.map(async ({ id, tablet }) => {
        const answer = { kind: 'strokes' as const, strokes: drawing(times[index]!, index * 100 + id) };
        if (pointsIn(answer.strokes) < POINTS) throw new Error('too few points');
        const began = performance.now();
        const to = { setting: 'round' as const, roundId: round.id, index };
        const reply = await tablet.send('POST', '/answers', { id: crypto.randomUUID(), childId: id, answer, to });
        if (reply.status !== 201) throw new Error(await reply.text());
        return performance.now() - began;
      }),
    ),
  );
  heard.push(Math.max(...screens[0]!.heard.map(({ data }) => JSON.stringify(data).length)));
  while (round.index === index && index < TASKS - 1)
    ({ round } = await call('POST', `/rounds/${round.id}/moves`, { move: 'next', version: round.version }));
}
const spread = (task: number): string => {
  const sorted = [...took[task]!].sort((a, b) => a - b);
  return `median ${at(sorted, 0.5).toFixed(0)} ms, p99 ${at(sorted, 0.99).toFixed(0)} ms`;
};
const board = await (await fetch(`${api}/board`)).text();
console.log(`thirty drawings at once, task ${TASKS}`.padEnd(65), spread(TASKS - 1));
console.log('  the sixth task'.padEnd(65), spread(5));
console.log('  yardstick: the first task'.padEnd(65), spread(0));
console.log('  largest message to the board, first and last task'.padEnd(65), `${heard[0]} and ${heard.at(-1)} bytes`);
console.log('  the board asked for whole'.padEnd(65), `${board.length} bytes`);
for (const screen of screens) await screen.end();
await hoppel.remove();

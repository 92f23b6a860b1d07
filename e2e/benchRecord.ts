// A year of answers: how long the class page and the desk take, with the demo class's own answers as the yardstick.

import { performance } from 'node:perf_hooks';
import { handAngles, timeOf, type DialTime } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import { rightAnswers, type Answer, type Item } from '../core/items/index.ts';
import { mark } from '../core/marking/index.ts';
import { openDatabase } from '../server/db/open.ts';
import { bareTablet } from './support/bareTablet.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';

const ANSWERS = 100_000;
/** Milliseconds a teacher takes from the start to the page. */
const READY_MS = 5000;
/** Milliseconds after which all of a year is known. */
const ALL_MS = 10_000;
const PAGES = ['/lessons/8/desk', '/record/class', '/record/children/1'] as const;

/** Fills a year: of ten answers six read a clock and two set one, right or wrong by chance, and two are the demo class's own again. */
const fillYear = (file: string): void => {
  const db = openDatabase(file);
  const rng = seededRng(12);
  const upTo = (n: number): number => Math.floor(rng() * n);
  const time = (): DialTime => timeOf(1 + upTo(12), rng() < 0.5 ? 0 : 30);
  const own = db
    .prepare<[], { item: string; answer: string; verdict: string }>('SELECT item, answer, verdict FROM answer')
    .all();
  const made = (): { item: string; answer: string; verdict: string } => {
    const kind = upTo(10);
    if (kind >= 8) return own[upTo(own.length)]!;
    const shown = time();
    const said = rng() < 0.6 ? shown : timeOf(1 + upTo(12), 5 * upTo(12));
    const item: Item = { kind: kind < 6 ? 'read' : 'set', shown };
    const answer: Answer = kind < 6 ? { kind: 'time', time: said } : { kind: 'hands', ...handAngles(said) };
    return { item: JSON.stringify(item), answer: JSON.stringify(answer), verdict: mark(item, answer).verdict };
  };
  const add = db.prepare(`
    INSERT INTO answer (id, child_id, lesson_id, attempt, item, answer, verdict, findings, source, stored_at, day)
    VALUES (@id, @childId, 8, 1, @item, @answer, @verdict, '[]', 'simulated', @day || 'T08:00:00.000Z', @day)`);
  db.transaction(() => {
    for (let i = 0; i < ANSWERS; i++)
      add.run({
        ...made(),
        id: `00000000-0000-4000-8000-${i.toString(16).padStart(12, '0')}`,
        childId: 1 + upTo(22),
        day: `2026-11-${10 + Math.floor((i * 14) / ANSWERS)}`,
      });
  })();
  db.close();
};
const msOf = async (hoppel: Hoppel, path: string): Promise<number> => {
  const began = performance.now();
  const reply = await fetch(`${hoppel.url}/api${path}`);
  await reply.text();
  if (!reply.ok) throw new Error(`${path}: ${reply.status}`);
  return performance.now() - began;
};
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1]!;

/** A file of the class looked at, while a tablet answers. */
const lookedAt = async (hoppel: Hoppel): Promise<string> => {
  const file = await (await fetch(`${hoppel.url}/api/moving/class.json`)).text();
  const tablet = await bareTablet(hoppel.url);
  await tablet.sit(1);
  const item: Item = { kind: 'set', shown: timeOf(3) };
  const answer = rightAnswers(item)[0]!;
  const took: number[] = [];
  let isDone = false;
  const answering = (async () => {
    while (!isDone) {
      const began = performance.now();
      const to = { setting: 'alone', lessonId: 8, item, attempt: 1 };
      await tablet.send('POST', '/answers', { id: crypto.randomUUID(), childId: 1, answer, to });
      took.push(performance.now() - began);
      await new Promise((soon) => setTimeout(soon, 50));
    }
  })();
  const began = performance.now();
  const reply = await fetch(`${hoppel.url}/api/moving/arrivals`, { method: 'POST', body: file });
  const seconds = (performance.now() - began) / 1000;
  isDone = true;
  await answering;
  if (reply.status !== 201) throw new Error(`the file was not taken: ${await reply.text()}`);
  took.sort((a, b) => a - b);
  const at = (part: number): string => took[Math.min(took.length - 1, Math.floor(took.length * part))]!.toFixed(0);
  return `a file of the class, ${(file.length / 1e6).toFixed(0)} MB, looked at in ${seconds.toFixed(1)} s; ${took.length} answers meanwhile: p50 ${at(0.5)}, p99 ${at(0.99)}, longest ${at(1)} ms`;
};

/** Milliseconds of the pages: first of all, again, and after each of some answers. */
const measure = async (hoppel: Hoppel): Promise<string> => {
  // As soon as the server listens, and what it makes ready is not.
  const first: string[] = [];
  for (const page of PAGES) {
    first.push(`${page} ${(await msOf(hoppel, page)).toFixed(0)} ms`);
    await hoppel.stop();
    await hoppel.start();
  }
  await new Promise((done) => setTimeout(done, READY_MS));
  const ready = await msOf(hoppel, '/record/class');
  await new Promise((done) => setTimeout(done, ALL_MS));
  const tablet = await bareTablet(hoppel.url);
  const item: Item = { kind: 'set', shown: timeOf(3) };
  const figures: string[] = [
    `as soon as it listens ${first.join(', ')}; /record/class ${READY_MS / 1000} s later ${ready.toFixed(0)} ms`,
  ];
  for (const page of PAGES) {
    await msOf(hoppel, page);
    const after: number[] = [];
    for (let childId = 1; childId <= 20; childId++) {
      const answer = rightAnswers(item)[0]!;
      await tablet.answer({ childId, answer, to: { setting: 'alone', lessonId: 8, item, attempt: 1 } });
      after.push(await msOf(hoppel, page));
    }
    figures.push(`${page} after an answer ${median(after).toFixed(0)} ms, slowest ${Math.max(...after).toFixed(0)} ms`);
  }
  return figures.join('; ');
};

for (const filled of [false, true]) {
  const hoppel = await startHoppel(filled ? { fill: fillYear } : {});
  try {
    const name = filled ? `a year of ${ANSWERS.toLocaleString('en-US')} answers` : 'yardstick: the demo class alone';
    console.log(`${name}: ${await measure(hoppel)}`);
    if (filled) console.log(`  ${await lookedAt(hoppel)}`);
  } finally {
    await hoppel.remove();
  }
}

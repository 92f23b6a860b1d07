// A year of answers: how long the class page and the desk take, with the demo class's own answers as the yardstick.

import { performance } from 'node:perf_hooks';
import type { Item } from '../core/items/index.ts';
import { rightAnswers } from '../core/items/index.ts';
import { timeOf } from '../core/clock/index.ts';
import { openDatabase } from '../server/db/open.ts';
import { bareTablet } from './support/bareTablet.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';

const ANSWERS = 100_000;
const PAGES = ['/record/class', '/lessons/8/desk'] as const;

/** Writes the demo class's answers again and again, each with an id of its own, until a year is full. */
const fillYear = (file: string): void => {
  const db = openDatabase(file);
  const count = db.prepare<[], number>('SELECT COUNT(*) FROM answer').pluck();
  const some = db.prepare<[number, number]>(`
    INSERT INTO answer (id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day)
    SELECT id || '-' || ?, child_id, lesson_id, NULL, NULL, attempt, item, answer, verdict, findings, source, stored_at, day
    FROM answer
    WHERE length(id) = 36
    ORDER BY seq
    LIMIT ?`);
  db.transaction(() => {
    for (let i = 0; count.get()! < ANSWERS; i++) some.run(i, ANSWERS - count.get()!);
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

/** Milliseconds of the pages: first of all, again, and after each of some answers. */
const measure = async (hoppel: Hoppel): Promise<string> => {
  // As soon as the server listens, and what it makes ready is not.
  const first = await msOf(hoppel, PAGES[0]);
  const tablet = await bareTablet(hoppel.url);
  const item: Item = { kind: 'set', shown: timeOf(3) };
  const figures: string[] = [`first of all ${first.toFixed(0)} ms`];
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
  } finally {
    await hoppel.remove();
  }
}

// npm run bench -- held: how long thirty tablets' answers take until they are kept, while the teacher does what takes long.
import { cpus } from 'node:os';
import { v4 as newId } from 'uuid';
import type { Backups, Classroom } from '../contract/index.ts';
import { rightAnswers, type Item } from '../core/items/index.ts';
import { startHoppel, TODAY } from './support/hoppel.ts';
import { answerOf, manyStations, openClasses, type Station } from './support/manyStations.ts';

const SECONDS = 6;
const CHILDREN = 30;
/** Milliseconds between two answers of a child. */
const EVERY_MS = 500;

const say = (what: string, figure: string): void => console.log(`${what.padEnd(44)} ${figure}`);
const hoppel = await startHoppel({ demo: false });
// Half of the unit lies behind the class.
const [room] = await openClasses(hoppel, 1, '2026-11-10');
const stations = await manyStations(hoppel, [room!], CHILDREN);
/** What comes back, unread: reading a large file would hold up the tablets here, not the server. */
const ask = async (method: string, path: string, body?: unknown): Promise<Buffer> => {
  const reply = await fetch(`${hoppel.url}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
  const bytes = Buffer.from(await reply.arrayBuffer());
  if (!reply.ok) throw new Error(`${path}: ${reply.status} ${bytes.toString().slice(0, 200)}`);
  return bytes;
};
const read = async <T>(path: string): Promise<T> => JSON.parse((await ask('GET', path)).toString()) as T;
const { lessons, settings } = await read<Classroom>('/classroom');
const past = lessons.filter(({ day }) => day <= TODAY);
const checks = past.filter(({ kind }) => kind === 'check');
/** Every child answers every ticket so far, a third of them another child's right answer. */
for (const check of checks) {
  const items = check.segments.flatMap(({ kind, items: asked }) => (kind === 'ticket' ? asked : []));
  await Promise.all(
    stations.map(async (station, i) => {
      for (const [at, item] of items.entries()) {
        const right = rightAnswers(item);
        if (right.length === 0) continue;
        const other = items.find((one: Item, k) => k !== at && one.kind === item.kind) ?? item;
        const answer = (i + at) % 3 === 0 ? (rightAnswers(other)[0] ?? right[0]!) : right[0]!;
        const to = { setting: 'alone', lessonId: check.id, item, attempt: 1 };
        await station.send('POST', '/answers', { id: newId(), childId: station.childId, answer, to });
      }
    }),
  );
}
const checkId = checks.at(-1)!.id;
const nextLesson = lessons.find(({ day, kind }) => day > TODAY && kind === 'lesson')!;
const WORK: Readonly<Record<string, () => Promise<unknown>>> = {
  'nothing else': () => new Promise((soon) => setTimeout(soon, 100)),
  'the class page': () => ask('GET', '/record/class'),
  'the desk': () => ask('GET', `/lessons/${nextLesson.id}/desk`),
  'a forecast': () => ask('GET', '/record/forecast'),
  'groups, made again': () => ask('POST', '/groups/again', { checkId }),
  'overview.pdf': () => ask('GET', '/exchange/overview.pdf'),
  'families.pdf': () => ask('GET', '/exchange/families.pdf'),
  'plan.pdf': () => ask('GET', '/plan/plan.pdf'),
  'statements.json': () => ask('GET', '/exchange/statements.json'),
  'answers.csv': () => ask('GET', '/exchange/answers.csv'),
  'a file of the class': () => ask('GET', '/moving/class.json'),
  'a rehearsal': () => ask('POST', '/rehearsal', { id: newId(), lessonId: nextLesson.id }),
  'a backup': () => ask('POST', '/backups'),
  'a backup, looked into': async () => {
    const { backups } = await read<Backups>('/backups');
    await ask('GET', `/backups/${encodeURIComponent(backups[0]!.name)}`);
  },
  settings: () => ask('PUT', '/settings', settings),
  'children sit down again': () =>
    Promise.all(stations.map(({ send, childId }) => send('POST', '/station/seats', { childId, seat: newId() }))),
};
const at = (sorted: readonly number[], part: number): string =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))]!.toFixed(1);

/** Answers of all tablets while some work is done again and again. */
const during = async (name: string): Promise<void> => {
  const took: number[] = [];
  const works: number[] = [];
  const until = performance.now() + SECONDS * 1000;
  const answering = async (station: Station, i: number): Promise<void> => {
    await new Promise((soon) => setTimeout(soon, (i * EVERY_MS) / CHILDREN));
    while (performance.now() < until) {
      const began = performance.now();
      const status = await station.send('POST', '/answers', answerOf(station));
      if (status !== 201) throw new Error(`an answer was not kept: ${status}`);
      took.push(performance.now() - began);
      await new Promise((soon) => setTimeout(soon, Math.max(0, EVERY_MS - (performance.now() - began))));
    }
  };
  const working = async (): Promise<void> => {
    while (performance.now() < until) {
      const began = performance.now();
      await WORK[name]!();
      works.push(performance.now() - began);
    }
  };
  await Promise.all([...stations.map(answering), working()]);
  took.sort((a, b) => a - b);
  works.sort((a, b) => a - b);
  say(
    name,
    `${took.length} answers: p50 ${at(took, 0.5)}, p99 ${at(took, 0.99)}, longest ${at(took, 1)} ms; done ${works.length} times, each ${at(works, 0.5)} ms`,
  );
};
say('machine', `${cpus().length} x ${cpus()[0]!.model}, Node ${process.versions.node}; all on this machine`);
const wanted = process.argv.slice(2);
for (const name of Object.keys(WORK)) if (wanted.length === 0 || wanted.includes(name)) await during(name);
for (const station of stations) station.close();
await hoppel.remove();
process.exit(0);

// npm run bench -- load: a school's tablets answer at once, each with its live stream; how long an answer takes until it is kept.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join, resolve } from 'node:path';
import { openDatabase } from '../server/db/open.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { answerOf, manyStations, openClasses, type Station } from './support/manyStations.ts';

const ROOT = resolve(import.meta.dirname, '..');
const [seconds = 60, ...sizes] = process.argv.slice(2).map(Number);
const SIZES = sizes.length > 0 ? sizes : [30, 300, 600];
/** Milliseconds between two answers of a child. */
const EVERY_MS = 3000;
/** How many answers are sent one after another, and by thirty at once. */
const COUNT = 1000;
const AT_ONCE = 30;

const say = (what: string, figure: string): void => console.log(`${what.padEnd(64)} ${figure}`);
const at = (sorted: readonly number[], part: number): string =>
  `${sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))]!.toFixed(1)} ms`;
/** Resident memory of a process in megabytes, now and at its most; Linux alone says it. */
const memory = (pid: number): string => {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  const of = (name: string): string => (Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)![1]) / 1024).toFixed(0);
  return `${of('VmRSS')} MB, at most ${of('VmHWM')} MB`;
};
/** Seconds of processor the host of a virtual machine has kept from it so far. */
const stolen = (): number => Number(readFileSync('/proc/stat', 'utf8').split('\n')[0]!.trim().split(/\s+/)[8]) / 100;
/** Seconds of processor a process has used. */
const processor = (pid: number): number => {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ');
  return (Number(fields[11]) + Number(fields[12])) / 100;
};

say(
  'machine',
  `${cpus().length} x ${cpus()[0]!.model}, Node ${process.versions.node}; all on this machine, with the stations`,
);

const underLoad = async (hoppel: Hoppel, count: number): Promise<void> => {
  const classes = await openClasses(hoppel, Math.ceil(count / 30));
  const stations = await manyStations(hoppel, classes, count);
  const took: number[] = [];
  let faults = 0;
  const before = { used: processor(hoppel.pid()), stolen: stolen() };
  const until = performance.now() + seconds * 1000;
  const answering = async (station: Station, i: number): Promise<void> => {
    await new Promise((soon) => setTimeout(soon, (i * EVERY_MS) / count));
    while (performance.now() < until) {
      const began = performance.now();
      if ((await station.send('POST', '/answers', answerOf(station))) !== 201) faults += 1;
      took.push(performance.now() - began);
      await new Promise((soon) => setTimeout(soon, Math.max(0, EVERY_MS - (performance.now() - began))));
    }
  };
  await Promise.all(stations.map(answering));
  const share = (used: number): string => `${((100 * used) / seconds).toFixed(0)} %`;
  const busy = share(processor(hoppel.pid()) - before.used);
  const kept = share((stolen() - before.stolen) / cpus().length);
  took.sort((a, b) => a - b);
  const silent = stations.filter(({ heard }) => heard() === 0).length;
  say(
    `${count} stations in ${classes.length} classes, an answer every 3 s, ${seconds} s`,
    `${took.length} answers: p50 ${at(took, 0.5)}, p99 ${at(took, 0.99)}, longest ${at(took, 1)}; ${faults} faults, ${silent} silent streams`,
  );
  say(
    '  server',
    `${memory(hoppel.pid())}; ${busy} of one processor; ${kept} of the machine’s time was kept from it by its host`,
  );
  for (const station of stations) station.close();
};
for (const count of SIZES) {
  const hoppel = await startHoppel({ demo: false });
  await underLoad(hoppel, count);
  await hoppel.remove();
}

// One after another, and thirty at once: Hoppel, Express alone with the same check, and the same rows written with no server at all.
const rate = async (stations: readonly Pick<Station, 'send' | 'childId' | 'lessonId'>[]): Promise<number> => {
  const each = Math.ceil(COUNT / stations.length);
  const began = performance.now();
  await Promise.all(
    stations.map(async (station) => {
      for (let i = 0; i < each; i++) await station.send('POST', '/answers', answerOf(station));
    }),
  );
  return (1000 * each * stations.length) / (performance.now() - began);
};
const bareInserts = (childId: number, lessonId: number, data: string): number => {
  const db = openDatabase(data);
  const insert = db.prepare(
    `INSERT INTO answer (id, child_id, lesson_id, attempt, item, answer, read, verdict, findings, source, stored_at, day)
     VALUES (?, ?, ?, 1, ?, ?, ?, 'right', '[]', 'tablet', ?, '2026-11-24')`,
  );
  const { answer, to } = answerOf({ childId, lessonId });
  const item = JSON.stringify('item' in to ? to.item : null);
  const rows = Array.from({ length: COUNT }, () => crypto.randomUUID());
  const began = performance.now();
  for (const id of rows) {
    const text = JSON.stringify(answer);
    insert.run(id, childId, lessonId, item, text, text, new Date().toISOString());
  }
  const found = (1000 * COUNT) / (performance.now() - began);
  db.close();
  return found;
};
const hoppel = await startHoppel({ demo: false });
const stations = await manyStations(hoppel, await openClasses(hoppel, 1), AT_ONCE);
const plain = spawn(process.execPath, ['--import', 'tsx', join(ROOT, 'tools/plainServer.ts')], {
  stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
});
const port = await new Promise<string>((done) =>
  plain.stdout!.once('data', (text: Buffer) => done(text.toString().trim())),
);
const toPlain = stations.map((station) => ({ ...station, send: station.sendTo(`http://127.0.0.1:${port}`) }));
const figures = { hoppel: [0, 0], express: [0, 0] };
// Each once before it counts.
for (let turn = 0; turn < 2; turn++) {
  figures.express = [await rate(toPlain.slice(0, 1)), await rate(toPlain)];
  figures.hoppel = [await rate(stations.slice(0, 1)), await rate(stations)];
}
const { childId, lessonId } = stations[0]!;
for (const station of stations) station.close();
plain.kill();
await hoppel.stop();
const bare = bareInserts(childId, lessonId, hoppel.data);
const per = (value: number): string => `${value.toFixed(0)} a second`;
say('answers kept, one after another', per(figures.hoppel[0]!));
say('answers kept, thirty at once', per(figures.hoppel[1]!));
say('  yardstick: Express alone with the same check, one after another', per(figures.express[0]!));
say('  yardstick: Express alone with the same check, thirty at once', per(figures.express[1]!));
say('  yardstick: the same rows, each flushed, no server', per(bare));
say(
  '  of the bare insert: one after another, thirty at once',
  figures.hoppel.map((one) => (one / bare).toFixed(2)).join(', '),
);
say(
  '  of Express alone: one after another, thirty at once',
  figures.hoppel.map((one, i) => (one / figures.express[i]!).toFixed(2)).join(', '),
);
await hoppel.remove();
process.exit(0);

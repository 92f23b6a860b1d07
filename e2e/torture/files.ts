import {
  closeSync,
  copyFileSync,
  openSync,
  readFileSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import type { Rng } from '../../core/common/index.ts';
import type { Hoppel } from '../support/hoppel.ts';

/** What servers made of data files that were spoiled. */
export interface Spoiled {
  readonly files: number;
  /** Started, and answered each page with it or with a typed refusal. */
  readonly opened: number;
  /** Did not start, and said why in one sentence. */
  readonly refused: number;
  /** All else, in words. */
  readonly faults: readonly string[];
}

const PAGES = ['/classroom', '/record/class', '/lessons/8/desk', '/board', '/tablets', '/plan/unit.json'];

/** Ways to spoil a file of so many bytes. */
const WAYS: readonly ((file: string, bytes: number, rng: Rng) => void)[] = [
  (file, bytes, rng) => truncateSync(file, Math.floor(rng() * bytes)),
  (file) => writeFileSync(file, readFileSync(file).toString('utf8')),
  ...[1, 20, 400, 4096].map((length) => (file: string, bytes: number, rng: Rng) => {
    const open = openSync(file, 'r+');
    const noise = Buffer.from(Array.from({ length }, () => Math.floor(rng() * 256)));
    writeSync(open, noise, 0, length, Math.floor(rng() * Math.max(1, bytes - length)));
    closeSync(open);
  }),
];

/** Starts a server on one data file after the other, each spoiled another way. @param hoppel stopped at the beginning and at the end */
export const spoilFiles = async (hoppel: Hoppel, files: number, rng: Rng): Promise<Spoiled> => {
  const whole = `${hoppel.data}.whole`;
  copyFileSync(hoppel.data, whole);
  let [opened, refused] = [0, 0];
  const faults: string[] = [];
  for (let i = 0; i < files; i++) {
    copyFileSync(whole, hoppel.data);
    WAYS[i % WAYS.length]!(hoppel.data, statSync(hoppel.data).size, rng);
    try {
      await hoppel.start();
    } catch {
      const sentences = hoppel.said().trim().split('\n');
      if (sentences.length === 1 && sentences[0]!.startsWith('Hoppel cannot start: ')) refused += 1;
      else faults.push(`file ${i}: ${hoppel.said().slice(0, 300)}`);
      continue;
    }
    opened += 1;
    for (const page of PAGES)
      try {
        const reply = await fetch(`${hoppel.url}/api${page}`, { signal: AbortSignal.timeout(5000) });
        const body = (await reply.json()) as { code?: string };
        if (!reply.ok && body.code === undefined) faults.push(`file ${i}: ${page} ${reply.status}`);
      } catch (error) {
        faults.push(`file ${i}: ${page} ${String(error)}`);
      }
    await hoppel.stop();
  }
  copyFileSync(whole, hoppel.data);
  return { files, opened, refused, faults };
};

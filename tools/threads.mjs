// The server's threads, and how it is bundled.
import { readFileSync } from 'node:fs';

export const THREADS = {
  calendarWorker: 'server/plan/calendarWorker.ts',
  backupWorker: 'server/backups/backupWorker.ts',
  arrivalWorker: 'server/moving/arrivalWorker.ts',
  readingThread: 'server/reading/readingThread.ts',
};

/** Packages of many small files that every start reads: bundled, they cost each start a third of a second less. The others stay packages. */
const BUNDLED = new Set([
  'express',
  'qrcode',
  'cookie',
  'linear-sum-assignment',
  'temporal-polyfill',
  'uuid',
  'zod',
  '@streamparser/json',
]);
const { dependencies } = JSON.parse(readFileSync(new URL('../package.json', import.meta.url), 'utf8'));

/** What esbuild is told for the server and its threads. */
export const FOR_NODE = {
  bundle: true,
  // What is loaded only when it is wanted stays a file of its own.
  splitting: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  external: Object.keys(dependencies).filter((name) => !BUNDLED.has(name)),
  sourcemap: true,
  // Packages of before there were modules ask for Node's own parts by `require`.
  banner: {
    js: "import { createRequire as requireOf } from 'node:module'; const require = requireOf(import.meta.url);",
  },
};

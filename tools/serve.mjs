// Starts the built server and hands its signals on.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, giveUp, run } from './ensure.mjs';

/** The folder a class's data is kept in; a school may choose another one. */
export const DATA_FOLDER = process.env.HOPPEL_DATA ?? join(ROOT, 'data');

/**
 * What the C library of most Linux systems is told (mallopt(3); others do not know these names): many short-lived arrays of the judgement
 * are freed by other threads than asked for them, and in several arenas what is free is not given back. Whoever starts Hoppel may say otherwise.
 */
const MEMORY = JSON.parse(readFileSync(join(ROOT, 'tools/memory.json'), 'utf8'));

/** Makes the demo class in a data file unless one laid around that day is there. @param today YYYY-MM-DD or undefined */
export const makeDemo = (data, today) => {
  const { status } = run(process.execPath, [
    join(ROOT, 'dist/server/makeDemo.js'),
    '--data',
    data,
    ...(today === undefined ? [] : ['--today', today]),
  ]);
  if (status !== 0) process.exit(1);
};

/** Milliseconds between two looks whether npm is still there. */
const LOOK_MS = 1000;

/**
 * The process of npm, where it runs this script: with a shell between them, so that whoever ends npm alone leaves both running. None
 * where the system has no way to ask.
 */
const findNpm = () => {
  if (process.env.npm_lifecycle_event === undefined) return undefined;
  const ask = (what, pid) =>
    spawnSync('ps', ['-o', `${what}=`, '-p', String(pid)], { encoding: 'utf8' }).stdout?.trim();
  const ancestors = [process.ppid, Number(ask('ppid', process.ppid))];
  return ancestors.find((pid) => pid > 1 && /^npm|npm-cli/.test(ask('args', pid) ?? ''));
};
/** Calls once when a process is gone. */
const whenGone = (pid, gone) => {
  const timer = setInterval(() => {
    try {
      process.kill(pid, 0);
    } catch {
      clearInterval(timer);
      gone();
    }
  }, LOOK_MS);
  timer.unref();
};

/** Runs the server on a data file until it ends, and ends as it did. */
export const serve = (data, args) => {
  const server = spawn(
    process.execPath,
    [
      '--enable-source-maps',
      join(ROOT, 'dist/server/main.js'),
      '--data',
      data,
      '--web',
      join(ROOT, 'dist/web'),
      '--with-parent',
      ...args,
    ],
    { stdio: 'inherit', env: { ...MEMORY, ...process.env } },
  );
  // Ctrl-C in a terminal reaches the server by itself; a kill of this process does not.
  process.on('SIGINT', () => {});
  process.on('SIGTERM', () => server.kill('SIGTERM'));
  process.on('SIGHUP', () => server.kill('SIGHUP'));
  const npm = findNpm();
  if (npm !== undefined) whenGone(npm, () => server.kill('SIGTERM'));
  server.on('error', (error) => giveUp(error.message));
  server.on('exit', (code) => process.exit(code ?? 1));
};

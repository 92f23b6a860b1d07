// Starts the built server and hands its signals on.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, giveUp, run } from './ensure.mjs';

/** The folder a class's data is kept in; a school may choose another one. */
export const DATA_FOLDER = process.env.HOPPEL_DATA ?? join(ROOT, 'data');

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
      ...args,
    ],
    { stdio: 'inherit' },
  );
  // Ctrl-C in a terminal reaches the server by itself; a kill of this process does not.
  process.on('SIGINT', () => {});
  process.on('SIGTERM', () => server.kill('SIGTERM'));
  process.on('SIGHUP', () => server.kill('SIGHUP'));
  server.on('error', (error) => giveUp(error.message));
  server.on('exit', (code) => process.exit(code ?? 1));
};

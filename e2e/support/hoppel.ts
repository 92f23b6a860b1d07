import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { copyFileSync, cpSync, existsSync, mkdtempSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { NETWORK_NAMES } from './chromium.ts';

/** The day every journey and picture happens on: a Tuesday. */
export const TODAY = '2026-11-24';

const DIST = resolve(import.meta.dirname, '../../dist');
/** Its memory is looked after as `npm start` has it. */
const ENV = {
  ...(JSON.parse(readFileSync(resolve(import.meta.dirname, '../../tools/memory.json'), 'utf8')) as object),
  ...process.env,
};

/** A running Hoppel with a data file of its own in a temporary folder. */
export interface Hoppel {
  readonly url: string;
  /** The folder of the interface it serves. */
  readonly web: string;
  /** The data file. */
  readonly data: string;
  /** The server's process. */
  pid(): number;
  /** What the server has said since it was started last. */
  said(): string;
  /** Cuts it off, as a power cut does. */
  kill(): Promise<void>;
  /** Ends the server, as Ctrl-C does; the data stays. */
  stop(): Promise<void>;
  /** Starts it again on the same data and port. @param day it is by then; the same unless it is said */
  start(day?: string): Promise<void>;
  /** Puts the demo class of before everything in the place of the data, or the data back. Only while the server is stopped. */
  putOlderData(older: boolean): void;
  /** Ends it and removes the data. */
  remove(): Promise<void>;
}

/** The demo class is made once for a build; every server gets a copy. */
const DEMO = join(DIST, `demo-${TODAY}.sqlite`);
const copyDemo = (to: string): void => {
  if (!existsSync(DEMO)) {
    const making = `${DEMO}.${process.pid}`;
    const made = spawnSync(process.execPath, [join(DIST, 'server/makeDemo.js'), '--data', making, '--today', TODAY]);
    if (made.status !== 0) throw new Error(`no demo class: ${made.stderr.toString()}`);
    // Two that make it at once make the same; whichever comes last stays.
    renameSync(making, DEMO);
  }
  copyFileSync(DEMO, to);
};

/** A port nobody listens at just now. */
export const freePort = (): Promise<number> =>
  new Promise((done, failed) => {
    const probe = createServer();
    probe.on('error', failed);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address !== null ? address.port : 0;
      probe.close(() => done(port));
    });
  });

interface Options {
  /** With the demo class, or with an empty data file. */
  readonly demo?: boolean;
  readonly port?: number;
  /** Puts more into the data file before it is opened. */
  readonly fill?: (file: string) => void;
  /** The day it runs on, where that is not the day of all journeys. */
  readonly today?: string;
  /** More that is said at its start. */
  readonly args?: readonly string[];
  /** With an interface of its own, that a test may change. */
  readonly ownWeb?: boolean;
}

/** Starts the built server. */
export const startHoppel = async ({
  demo = true,
  port,
  fill,
  ownWeb = false,
  today = TODAY,
  args: more = [],
}: Options = {}): Promise<Hoppel> => {
  const folder = mkdtempSync(join(tmpdir(), 'hoppel-data-'));
  const data = join(folder, 'class.sqlite');
  if (demo) copyDemo(data);
  fill?.(data);
  const web = ownWeb ? join(folder, 'web') : join(DIST, 'web');
  if (ownWeb) cpSync(join(DIST, 'web'), web, { recursive: true });
  const chosen = port ?? (await freePort());
  let child: ChildProcess | undefined;
  let said = '';
  const start = (day = today): Promise<void> =>
    new Promise((ready, failed) => {
      const args = [
        join(DIST, 'server/main.js'),
        '--data',
        data,
        '--web',
        web,
        '--port',
        `${chosen}`,
        '--today',
        day,
        ...more,
        ...NETWORK_NAMES.flatMap((name) => ['--name', name]),
      ];
      child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'], env: ENV });
      said = '';
      const hear = (text: Buffer): void => {
        said += text.toString();
        if (said.includes('Ctrl-C')) ready();
      };
      child.stdout!.on('data', hear);
      child.stderr!.on('data', hear);
      child.once('exit', (code) => failed(new Error(`the server ended with ${code}: ${said}`)));
    });
  const end = (signal: NodeJS.Signals): Promise<void> =>
    new Promise((ended) => {
      if (child === undefined || child.exitCode !== null || child.signalCode !== null) return ended();
      child.removeAllListeners('exit');
      child.once('exit', () => ended());
      child.kill(signal);
    });
  const stop = (): Promise<void> => end('SIGINT');
  await start();
  return {
    url: `http://localhost:${chosen}`,
    web,
    data,
    pid: () => child!.pid!,
    said: () => said,
    start,
    stop,
    kill: () => end('SIGKILL'),
    putOlderData: (older) => {
      const aside = `${data}.aside`;
      if (older) renameSync(data, aside);
      else renameSync(aside, data);
      if (older) copyDemo(data);
    },
    remove: async () => {
      await stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
};

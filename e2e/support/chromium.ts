import { spawn } from 'node:child_process';
import { createHash, X509Certificate } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as later } from 'node:timers/promises';
import { WebSocket } from 'ws';

const CHROMIUM = process.env.CHROMIUM_BIN ?? '/usr/bin/chromium';
const DRIVER = process.env.CHROMEDRIVER_BIN ?? '/usr/bin/chromedriver';

/** Names by which other devices on the classroom network call this machine. */
export const NETWORK_NAMES = ['clover-laptop.example', 'classroom.test'] as const;

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-dev-shm-usage',
  '--disable-quic',
  '--no-first-run',
  // A page lives for seconds: only what runs very often (a forecast, a rule of axe's) earns back what compiling it well costs.
  '--js-flags=--no-maglev --interrupt-budget=300000 --min-semi-space-size=64 --max-semi-space-size=64',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
  '--force-device-scale-factor=1',
  // Windows lie over each other; what is covered goes on as if it were seen.
  '--disable-backgrounding-occluded-windows',
  '--disable-renderer-backgrounding',
  '--disable-background-timer-throttling',
  `--host-resolver-rules=${NETWORK_NAMES.map((name) => `MAP ${name} 127.0.0.1`).join(',')}`,
];

/** Where a running Chromium listens for DevTools, and its ChromeDriver. */
interface Chromium {
  readonly browser: number;
  readonly path: string;
  readonly driver: number;
}

/** Milliseconds until a Chromium that does not start is given up. */
const START_MS = 60_000;
/** The key of a certificate, as Chromium is told of one. */
const keyOf = (pem: string): string =>
  createHash('sha256')
    .update(new X509Certificate(pem).publicKey.export({ type: 'spki', format: 'der' }))
    .digest('base64');

/**
 * One Chromium for all the test files a process runs, one after the other: starting one takes three seconds of a processor. One that
 * trusts a certificate is another.
 */
const chromiumOfThisProcess = async (trusted?: string): Promise<Chromium> => {
  const key = trusted === undefined ? undefined : keyOf(trusted);
  // Test files know nothing of each other: where this process's Chromium is stands in a file.
  const name = ['hoppel-chromium', process.pid, ...(key === undefined ? [] : [key.replaceAll(/\W/g, '')])].join('-');
  const said = join(tmpdir(), `${name}.json`);
  if (!existsSync(said)) {
    const keeper = join(import.meta.dirname, 'keepChromium.mjs');
    const flags = key === undefined ? FLAGS : [...FLAGS, `--ignore-certificate-errors-spki-list=${key}`];
    spawn(process.execPath, [keeper, `${process.pid}`, said, CHROMIUM, DRIVER, ...flags], {
      detached: true,
      stdio: 'ignore',
    }).unref();
    for (let waited = 0; !existsSync(said); waited += 50) {
      if (waited > START_MS) throw new Error('Chromium or ChromeDriver does not start');
      await later(50);
    }
  }
  return JSON.parse(readFileSync(said, 'utf8')) as Chromium;
};

/** A page in a profile of its own, empty and kept nowhere. */
export interface Context {
  readonly chromium: Chromium;
  readonly targetId: string;
  /** What its pages download goes to a folder. */
  readonly downloadTo: (folder: string) => Promise<void>;
  /** Ends the page and its profile. */
  readonly close: () => Promise<void>;
}

/** @param trusted a certificate it trusts besides those the world does, PEM */
export const openContext = async (trusted?: string): Promise<Context> => {
  const chromium = await chromiumOfThisProcess(trusted);
  const socket = new WebSocket(`ws://127.0.0.1:${chromium.browser}${chromium.path}`);
  await new Promise((ready, failed) => socket.once('open', ready).once('error', failed));
  let asked = 0;
  const ask = (method: string, params: object = {}): Promise<Record<string, string>> =>
    new Promise((done, failed) => {
      const id = ++asked;
      const hear = (data: Buffer): void => {
        const reply = JSON.parse(data.toString()) as {
          id?: number;
          result?: Record<string, string>;
          error?: { message: string };
        };
        if (reply.id !== id) return;
        socket.off('message', hear);
        if (reply.result === undefined) failed(new Error(`${method}: ${reply.error?.message}`));
        else done(reply.result);
      };
      socket.on('message', hear);
      socket.send(JSON.stringify({ id, method, params }));
    });
  const { browserContextId } = await ask('Target.createBrowserContext');
  const { targetId } = await ask('Target.createTarget', { url: 'about:blank', browserContextId, newWindow: true });
  return {
    chromium,
    targetId: targetId!,
    downloadTo: async (downloadPath) => {
      await ask('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath, browserContextId });
    },
    close: async () => {
      await ask('Target.disposeBrowserContext', { browserContextId });
      socket.close();
    },
  };
};

// Keeps one Chromium and its ChromeDriver for as long as the process that runs test files lives; ended with it, however it ends.
// node keepChromium.mjs PID-OF-THAT-PROCESS FILE-TO-SAY-WHERE CHROMIUM CHROMEDRIVER
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const [pid, said, chromium, chromedriver, ...flags] = process.argv.slice(2);
const LOOK_MS = 500;
const profile = mkdtempSync(join(tmpdir(), 'hoppel-browser-'));
const later = (ms) => new Promise((done) => setTimeout(done, ms));
const isThere = () => {
  try {
    return process.kill(Number(pid), 0);
  } catch {
    return false;
  }
};

const browser = spawn(chromium, [`--user-data-dir=${profile}`, '--remote-debugging-port=0', ...flags, 'about:blank'], {
  stdio: 'ignore',
  // A group of its own: what is started may be a script, and Chromium a child of it that no signal to the script reaches.
  detached: true,
});
const tellBrowser = (signal) => {
  try {
    process.kill(-browser.pid, signal);
  } catch {
    // Nobody of the group is left.
  }
};
const driver = spawn(chromedriver, ['--port=0'], { stdio: ['ignore', 'pipe', 'ignore'] });
const driverPort = new Promise((found) => {
  let text = '';
  driver.stdout.on('data', (piece) => {
    text += piece;
    const port = /successfully on port (\d+)/.exec(text)?.[1];
    if (port !== undefined) found(Number(port));
  });
});
const end = async () => {
  rmSync(said, { force: true });
  driver.kill();
  if (browser.exitCode === null) {
    tellBrowser('SIGTERM');
    await new Promise((ended) => browser.once('exit', ended));
  }
  await later(LOOK_MS);
  tellBrowser('SIGKILL');
  // What Chromium began to write as it ended may still come.
  rmSync(profile, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
  process.exit();
};
browser.once('exit', end);
driver.once('exit', end);

const portFile = join(profile, 'DevToolsActivePort');
/** Where Chromium listens. Its file is there a moment before what stands in it. */
const whereItListens = async () => {
  for (;;) {
    const [port, path] = existsSync(portFile) ? readFileSync(portFile, 'utf8').split('\n') : [];
    if (Number(port) > 0 && path?.startsWith('/')) return [port, path];
    await later(50);
  }
};
const [port, path] = await whereItListens();
writeFileSync(`${said}.new`, JSON.stringify({ browser: Number(port), path, driver: await driverPort }));
renameSync(`${said}.new`, said);
while (isThere()) await later(LOOK_MS);
await end();

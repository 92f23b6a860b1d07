// npm run bench: prints figures with a yardstick of the same run. It never fails a build.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Lens } from '../core/face/index.ts';
import { LENS_KEYS } from '../web/board/lenses/lensKeys.ts';
import { startBrowser } from './support/browser.ts';
import { startHoppel } from './support/hoppel.ts';
import { onClock, onPage } from './support/page.ts';
import { bareTablet } from './support/bareTablet.ts';
import { openStation } from './support/station.ts';

const ROOT = resolve(import.meta.dirname, '..');
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const say = (what: string, figure: string): void => console.log(`${what.padEnd(64)} ${figure}`);

say('machine', `${cpus().length} x ${cpus()[0]!.model}, Node ${process.versions.node}`);

// Start-up: the command a teacher gives, until it prints the addresses. Yardstick: Node starting and ending.
const data = mkdtempSync(join(tmpdir(), 'hoppel-bench-'));
const startUp = (): Promise<number> =>
  new Promise((done) => {
    const began = performance.now();
    const child = spawn('npm', ['run', 'demo', '--', '--port', '0'], {
      cwd: ROOT,
      env: { ...process.env, HOPPEL_DATA: data },
      detached: true,
    });
    let took = 0;
    child.stdout.on('data', (text: Buffer) => {
      if (took === 0 && text.toString().includes('Station')) {
        took = performance.now() - began;
        process.kill(-child.pid!, 'SIGINT');
      }
    });
    child.on('exit', () => done(took));
  });
await startUp(); // makes the demo class
const starts = [await startUp(), await startUp(), await startUp()];
const node = [0, 1, 2].map(() => {
  const began = performance.now();
  spawnSync(process.execPath, ['-e', '0']);
  return performance.now() - began;
});
say('npm run demo, second run, to the addresses (median of 3)', `${(median(starts) / 1000).toFixed(2)} s`);
say('  yardstick: node -e 0 (median of 3)', `${(median(node) / 1000).toFixed(2)} s`);
rmSync(data, { recursive: true, force: true });

const hoppel = await startHoppel();

// Size of the station's first load: what its page asks for, each file compressed with gzip.
const station = await startBrowser({ motion: true, width: 1024, height: 768 });
const tabletPage = await openStation(station, hoppel);
await station.driver.get(`${hoppel.url}/station`);
await tabletPage.says('Tap your picture');
const loaded = (await station.driver.executeScript(
  "return [location.href, ...performance.getEntriesByType('resource').map(({ name }) => name)]",
)) as string[];
const sizes = { code: 0, fonts: 0, pictures: 0 };
for (const name of new Set(loaded)) {
  const { pathname } = new URL(name);
  if (pathname.startsWith('/api/')) continue;
  const file = pathname === '/station' ? '/station.html' : pathname;
  const zipped = gzipSync(readFileSync(join(ROOT, 'dist/web', file))).length;
  if (!/\.(js|css|html|svg|woff2?)$/.test(file)) continue;
  sizes[/\.woff2?$/.test(file) ? 'fonts' : /\.svg$/.test(file) ? 'pictures' : 'code'] += zipped;
}
const kb = (bytes: number): string => `${(bytes / 1000).toFixed(1)} kB`;
say('station, first load, gzip: page, script and style', kb(sizes.code));
say('  fonts (packed already)', kb(sizes.fonts));
say('  pictures of 22 children', kb(sizes.pictures));

// Until a child can tap, CPU slowed 4x, nothing kept from before. Yardstick: the same with the CPU as it is.
const usable = async (rate: number): Promise<number> => {
  const fresh = await startBrowser({ motion: true, width: 1024, height: 768 });
  await openStation(fresh, hoppel);
  await fresh.driver.sendDevToolsCommand('Network.enable', {});
  await fresh.driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true });
  await fresh.driver.sendDevToolsCommand('Network.setBypassServiceWorker', { bypass: true });
  await fresh.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate });
  await fresh.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `const look = () => document.querySelector('.pick button') === null ? requestAnimationFrame(look)
       : requestAnimationFrame(() => { window.usable = performance.now(); }); requestAnimationFrame(look);`,
  });
  await fresh.driver.get(`${hoppel.url}/station`);
  await onPage(fresh).until('it can be used', () => fresh.driver.executeScript('return window.usable > 0'));
  const took = await fresh.driver.executeScript<number>('return window.usable');
  await fresh.quit();
  return took;
};
const slowed = [await usable(4), await usable(4), await usable(4)];
say(
  'station, until a picture can be tapped, CPU slowed 4x (3 times)',
  slowed.map((ms) => `${ms.toFixed(0)} ms`).join(', '),
);
say('  yardstick: the CPU as it is', `${(await usable(1)).toFixed(0)} ms`);
await station.quit();

// From the click to the desk of a unit laid out: a class without one, the answers as they stand. Yardstick: the desk opened again.
const teacher = await startBrowser({ motion: true });
const empty = await startHoppel({ demo: false });
await fetch(`${empty.url}/api/classes`, {
  method: 'POST',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify({ id: crypto.randomUUID(), name: 'Fern Room', children: ['Ada'] }),
});
await teacher.driver.get(`${empty.url}/settings/unit`);
await onPage(teacher).says('16 lessons');
const untilDesk = (click: string): Promise<number> =>
  teacher.driver.executeAsyncScript(
    `const [words, done] = arguments; const began = performance.now();
     const look = () => (document.querySelector('.run .block') === null ? requestAnimationFrame(look) : done(performance.now() - began));
     [...document.querySelectorAll('button, .brand a')].find((one) => (one.textContent + one.ariaLabel).includes(words)).click(); look();`,
    click,
  );
say('lay out a unit: from the click to the desk', `${(await untilDesk('Lay the path')).toFixed(0)} ms`);
await teacher.driver.get(`${empty.url}/class`);
await onPage(teacher).says('Nothing answered yet');
say('  yardstick: the desk opened from another place', `${(await untilDesk('Hoppel: today')).toFixed(0)} ms`);
await teacher.quit();
await empty.remove();

// Frames of a drag on the board, CPU slowed 4x. Yardstick: the same page drawing nothing.
const board = await startBrowser({ motion: true });
const { driver } = board;
const page = onPage(board);
await driver.get(`${hoppel.url}/board/8?segment=1&clock`);
const clock = await page.find('.board .geared');
await driver.sleep(1500);
await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 4 });
const record = (ms: number): Promise<number[]> =>
  driver.executeAsyncScript(
    `const [ms, done] = arguments; const frames = []; let last = performance.now(); const until = last + ms;
     const frame = (now) => { frames.push(now - last); last = now; now < until ? requestAnimationFrame(frame) : done(frames.slice(2)); };
     requestAnimationFrame(frame);`,
    ms,
  );
const idle = await record(2000);
// Pointer events as a mouse of 125 reports a second makes them, sent to the page by itself so that the driver's own pace does not count.
const { x, y, width, height } = await clock.getRect();
const drag = async (): Promise<number[]> => {
  await driver.actions().move({ origin: clock }).perform(); // a mouse that drags is there before
  await driver.sleep(300);
  const grip = await onClock(clock, 0, 80);
  return driver.executeAsyncScript(
    `const [cx, cy, reach, done] = arguments; const clock = document.querySelector('.board .geared');
     clock.setPointerCapture = () => {};
     const fire = (type, turn) => clock.dispatchEvent(new PointerEvent(type, { bubbles: true, isPrimary: true, pointerId: 1, button: 0, clientX: cx + reach * Math.sin(turn), clientY: cy - reach * Math.cos(turn) }));
     const frames = []; let turn = 0, last = performance.now(); const until = last + 4000;
     fire('pointerdown', 0);
     const mouse = setInterval(() => { turn += 0.05; fire('pointermove', turn); }, 8);
     const frame = (now) => { frames.push(now - last); last = now;
       if (now < until) requestAnimationFrame(frame); else { clearInterval(mouse); fire('pointerup', turn); done(frames.slice(2)); } };
     requestAnimationFrame(frame);`,
    x + width / 2,
    y + height / 2,
    Math.abs(grip.y),
  );
};
const spreadOf = (frames: readonly number[]): string =>
  `median ${median(frames).toFixed(1)} ms, worst ${Math.max(...frames).toFixed(1)} ms`;
/** Three drags of four seconds: a machine that does something else meanwhile spoils one. */
const drags = async (): Promise<string> => {
  const runs = [await drag(), await drag(), await drag()];
  return `${runs.map(spreadOf).join('; ')}; ${runs.flat().length} frames of 720`;
};
say('a drag on the board, CPU slowed 4x, time between frames', await drags());
say('  the hands turned meanwhile to', String(await clock.getAttribute('aria-valuetext')));
await page.press('0', ...['half-turn', 'hours-room', 'minute-trail'].map((lens) => LENS_KEYS[lens as Lens]));
await driver.sleep(2500);
say(
  `  the same with three lenses (${(await page.attribute('.board', 'data-lenses')).replaceAll(' ', ', ')})`,
  await drags(),
);
say('  yardstick: the same page at rest, CPU slowed 4x', spreadOf(idle));
await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 1 });

// A step on the remote: from the tap until the board has done it, and until the remote shows it. Yardstick: a request to the server and back.
const remote = await startBrowser({ motion: true, width: 390, height: 844 });
await remote.driver.get(`${hoppel.url}/remote`);
await onPage(remote).find('[data-choice="quarters"]');
await page.press('h', 'o', 't');
// Both pages are on one machine and read one clock: the board notes when it changed.
await driver.executeScript(
  `window.changed = 0; new MutationObserver(() => { window.changed = Date.now(); }).observe(document.querySelector('.board'), { attributeFilter: ['data-lenses'] });`,
);
const stepped: { there: number; back: number }[] = [];
for (let step = 0; step < 20; step++) {
  const told = await remote.driver.executeAsyncScript<{ began: number; shown: number }>(
    `const done = arguments[0]; const lens = document.querySelector('[data-choice="quarters"]'); const before = lens.ariaPressed;
     const began = Date.now(); lens.click();
     const look = () => (lens.ariaPressed === before ? requestAnimationFrame(look) : done({ began, shown: Date.now() }));
     look();`,
  );
  const changed = await driver.executeScript<number>('return window.changed');
  stepped.push({ there: changed - told.began, back: told.shown - told.began });
}
const spread = (values: readonly number[]): string =>
  `median ${median(values).toFixed(0)} ms, worst ${Math.max(...values).toFixed(0)} ms of ${values.length}`;
say('a tap on the remote until the board shows it', spread(stepped.map(({ there }) => there)));
say('  until the remote shows it too', spread(stepped.map(({ back }) => back)));
const asked = await remote.driver.executeAsyncScript<number[]>(
  `const done = arguments[0]; (async () => { const took = [];
     for (let i = 0; i < 20; i++) { const began = performance.now(); await fetch('/api/board').then((reply) => reply.text()); took.push(performance.now() - began); }
     done(took); })();`,
);
say('  yardstick: a request to the server and back', spread(asked));
await remote.quit();
await board.quit();

// Thirty tablets in a round: from what one sends until the wall has it, while all of them set their clocks. Yardstick: a request there and back.
const tablet = await bareTablet(hoppel.url);
const call = (method: string, path: string, body: object = {}): Promise<Response> => tablet.send(method, path, body);
await call('POST', '/children', { names: Array.from({ length: 8 }, (_, i) => `Guest ${i + 1}`) });
await call('POST', '/tablets/stand-ins', { pace: 1 });
const wall = await startBrowser({ motion: true });
await wall.driver.get(`${hoppel.url}/board/8`);
await onPage(wall).find('.board');
const seat = await tablet.sit(1);
const begun = (await (
  await call('POST', '/rounds', {
    id: crypto.randomUUID(),
    lessonId: 8,
    source: { what: 'times', tasks: ['set'], times: [270] },
  })
).json()) as { round: { id: string } };
await onPage(wall).find('[data-act="wall"]');
await (await onPage(wall).find('[data-act="wall"]')).click();
await onPage(wall).until('thirty tiles', async () => Number(await onPage(wall).attribute('.wall', 'data-tiles')) >= 29);
await wall.driver.executeScript(
  `window.seen = []; let before = '';
   const look = () => { const hand = document.querySelector('.wall [data-child="1"] .minute'); const now = hand === null ? '' : hand.getAttribute('transform');
     if (now !== before) { before = now; window.seen.push([Date.now(), now]); } requestAnimationFrame(look); };
   look();`,
);
const lags: number[] = [];
for (let minute = 6; minute <= 240; minute += 6) {
  const began = Date.now();
  await call('PUT', '/station/draft', {
    seat,
    roundId: begun.round.id,
    index: 0,
    answer: { kind: 'hands', hour: 100, minute },
  });
  let shown: [number, string] | undefined;
  for (let tries = 0; tries < 20 && shown === undefined; tries++) {
    await wall.driver.sleep(100);
    const seen = await wall.driver.executeScript<[number, string][]>('return window.seen');
    shown = seen.find(([, turned]) => turned === `rotate(${minute})`);
  }
  lags.push(shown === undefined ? Infinity : shown[0] - began);
}
say('thirty tablets in a round: from a tablet to the wall', spread(lags));
await wall.quit();
await call('DELETE', '/tablets/stand-ins');

// Answers kept a second: one tablet after another, each flushed to disk before it is acknowledged. Yardstick: the same number of refused ones.
const ask = async (body: object): Promise<void> => {
  await call('POST', '/answers', body).then((reply) => reply.text());
};
const many = async (childId: number): Promise<number> => {
  const began = performance.now();
  for (let i = 0; i < 200; i++)
    await ask({
      id: crypto.randomUUID(),
      childId,
      answer: { kind: 'hands', hour: 90, minute: 0 },
      to: { setting: 'alone', lessonId: 8, item: { kind: 'set', shown: 180 }, attempt: 1 },
    });
  return 200_000 / (performance.now() - began);
};
say('answers kept a second, one after another', (await many(1)).toFixed(0));
say('  yardstick: answers refused a second (unknown child)', (await many(999)).toFixed(0));
await hoppel.remove();

import { spawn, spawnSync, type ChildProcessWithoutNullStreams } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Classroom } from '../contract/index.ts';
import { soon } from './support/soon.ts';

const ROOT = resolve(import.meta.dirname, '..');

/** Runs a start script until it has said something, or until it ends by itself. */
const run = (script: string, args: readonly string[], data: string, until?: string) =>
  new Promise<{ code: number | null; said: string }>((ended) => {
    const child = spawn(process.execPath, [join(ROOT, 'tools', script), ...args], {
      env: { ...process.env, HOPPEL_DATA: data },
      detached: true,
    });
    let said = '';
    const hear = (text: Buffer): void => {
      said += text.toString();
      // Ctrl-C in a terminal goes to the script and the server at once.
      if (until !== undefined && said.includes(until)) process.kill(-child.pid!, 'SIGINT');
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('exit', (code) => ended({ code, said }));
  });

/** Waits for what a process says. */
const heardFrom = (child: ChildProcessWithoutNullStreams) => {
  let text = '';
  const hear = (more: Buffer): void => void (text += more.toString());
  child.stdout.on('data', hear);
  child.stderr.on('data', hear);
  return {
    said: (words: string): Promise<void> => soon(async () => text).toContain(words),
    /** Where the teacher's side is, once it has said so. */
    url: (): string => /http:\/\/localhost:\d+/.exec(text)![0],
  };
};
/** The built server alone. @param zone the computer's time zone */
const startServer = (folder: string, zone = process.env['TZ'], file = 'hoppel.sqlite') => {
  const args = ['dist/server/main.js', '--data', join(folder, file), '--web', 'dist/web', '--port', '0'];
  const child = spawn(process.execPath, args, { cwd: ROOT, env: { ...process.env, TZ: zone } });
  const ended = new Promise<number | null>((done) => child.on('exit', done));
  return { ...heardFrom(child), ended, kill: (signal: NodeJS.Signals) => child.kill(signal) };
};

describe('starting Hoppel', () => {
  let folder: string;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-start-'));
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it('the demo makes its class, says where to look, and ends cleanly with Ctrl-C', async () => {
    const { code, said } = await run('demo.mjs', ['--port', '0'], folder, 'Ctrl-C ends Hoppel');
    expect(code).toBe(0);
    expect(said).toMatch(/Teacher {2}http:\/\/localhost:\d+\//);
    expect(said).toMatch(/Station {2}http:\/\/localhost:\d+\/station/);
    expect(said).toContain('on this computer only');
  });
  it('the demo is laid anew around another day, and the old class is kept', async () => {
    const { said } = await run('demo.mjs', ['--port', '0', '--today', '2099-03-02'], folder, 'Ctrl-C ends Hoppel');
    expect(said).toMatch(/laid around today anew; the one of \d{4}-\d\d-\d\d is kept/);
    const again = await run('demo.mjs', ['--port', '0', '--today', '2099-03-02'], folder, 'Ctrl-C ends Hoppel');
    expect(again.said).not.toContain('anew');
  });
  it('the demo fills an empty file, and goes on with one whose Hoppel was cut off', async () => {
    const other = mkdtempSync(join(folder, 'empty-'));
    writeFileSync(join(other, 'demo.sqlite'), '');
    expect((await run('demo.mjs', ['--port', '0'], other, 'Ctrl-C ends Hoppel')).code).toBe(0);
    const cutOff = startServer(other, undefined, 'demo.sqlite');
    await cutOff.said('Ctrl-C ends Hoppel');
    const { id } = ((await (await fetch(`${cutOff.url()}/api/classroom`)).json()) as Classroom).children[0]!;
    await fetch(`${cutOff.url()}/api/children/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ absent: true }),
    });
    cutOff.kill('SIGKILL');
    await cutOff.ended;
    const again = await run('demo.mjs', ['--port', '0'], other, 'Ctrl-C ends Hoppel');
    expect([again.code, again.said]).toEqual([0, expect.not.stringContaining('anew')]);
  });
  it('with --lan it says which addresses tablets open', async () => {
    const { said } = await run('start.mjs', ['--port', '0', '--lan'], folder, 'Ctrl-C ends Hoppel');
    expect(said).toContain('Tablets on the same network can open the station');
  });

  const oneSentence = ({ code, said }: { code: number | null; said: string }, words: RegExp): void => {
    expect(code).toBe(1);
    expect(said.trim().split('\n').at(-1)).toMatch(words);
    expect(said).not.toMatch(/^\s+at /m);
  };
  it('a busy port gets one sentence and exit code 1', async () => {
    const other = createServer();
    await new Promise<void>((ready) => other.listen(0, '127.0.0.1', ready));
    const { port } = other.address() as AddressInfo;
    oneSentence(
      await run('start.mjs', ['--port', String(port)], folder),
      new RegExp(`^Hoppel cannot start: port ${port} is in use already`),
    );
    other.close();
  });
  it('a data folder that cannot be written gets one sentence and exit code 1', async () => {
    const file = join(folder, 'a-file');
    writeFileSync(file, '');
    oneSentence(await run('start.mjs', [], file), /^Hoppel cannot start: the data file .* cannot be opened or written/);
    oneSentence(await run('demo.mjs', [], file), /^Hoppel cannot start: the demo data file .* cannot be made/);
  });
  it('a data file that is something else gets one sentence and exit code 1, and is left as it is', async () => {
    const other = mkdtempSync(join(folder, 'other-'));
    writeFileSync(join(other, 'hoppel.sqlite'), 'a shopping list');
    oneSentence(await run('start.mjs', [], other), /^Hoppel cannot start: the data file .* cannot be opened/);
    expect(readFileSync(join(other, 'hoppel.sqlite'), 'utf8')).toBe('a shopping list');
  });
  it('two on one data file: the second says who has it, and the first goes on', async () => {
    const first = startServer(folder);
    await first.said('Ctrl-C ends Hoppel');
    oneSentence(
      await run('start.mjs', ['--port', '0'], folder),
      new RegExp(`^Hoppel cannot start: another Hoppel has the data file .* open \\(process \\d+, .*since`),
    );
    first.kill('SIGINT');
    expect(await first.ended).toBe(0);
  });
  it.each(['SIGHUP', 'SIGTERM'] as const)('%s ends it whole: the log is written back', async (signal) => {
    const server = startServer(folder);
    await server.said('Ctrl-C ends Hoppel');
    server.kill(signal);
    expect(await server.ended).toBe(0);
    expect(readdirSync(folder).filter((file) => file.startsWith('hoppel.sqlite'))).toEqual(['hoppel.sqlite']);
  });
  it('ends whole when what started it is gone', async () => {
    const script = spawn(process.execPath, [join(ROOT, 'tools/start.mjs'), '--port', '0'], {
      env: { ...process.env, HOPPEL_DATA: folder },
    });
    await heardFrom(script).said('Ctrl-C ends Hoppel');
    script.kill('SIGKILL');
    await soon(async () => readdirSync(folder).filter((file) => file.startsWith('hoppel.sqlite'))).toEqual([
      'hoppel.sqlite',
    ]);
  });
  it('keeps its files for whoever runs it alone, also those an older one left open to all', async () => {
    const own = join(folder, 'own');
    const modes = (): string[] =>
      ['', ...readdirSync(own)].map((file) => (statSync(join(own, file)).mode & 0o777).toString(8));
    const first = startServer(own);
    await first.said('Ctrl-C ends Hoppel');
    await soon(async () => modes()).toEqual(['700', '700', '600', '600', '600', '600']);
    first.kill('SIGINT');
    await first.ended;
    chmodSync(join(own, 'hoppel.sqlite'), 0o644);
    const again = startServer(own);
    await again.said('Ctrl-C ends Hoppel');
    await soon(async () => modes()).toEqual(['700', '700', '600', '600', '600', '600']);
    again.kill('SIGINT');
    await again.ended;
  });
  it('says that the log of one that was cut off is gone', async () => {
    const server = startServer(folder);
    await server.said('Ctrl-C ends Hoppel');
    server.kill('SIGKILL');
    await server.ended;
    rmSync(join(folder, 'hoppel.sqlite-wal'));
    const next = startServer(folder);
    await next.said('its log hoppel.sqlite-wal is gone from beside the data file');
    await next.said('Ctrl-C ends Hoppel');
    next.kill('SIGINT');
    expect(await next.ended).toBe(0);
    const whole = await run('start.mjs', ['--port', '0'], folder, 'Ctrl-C ends Hoppel');
    expect(whole.said).not.toContain('is gone');
  });
  it.each([
    [['--port', 'nine'], /nine is not a port number/],
    [['--today', 'tomorrow'], /tomorrow is not a day/],
    [['--loud'], /Unknown option '--loud'/],
  ])('%j gets one sentence and exit code 1', async (args, words) =>
    oneSentence(await run('start.mjs', args, folder), words),
  );
  it.each(['18.20.0', '20.11.1'])('Node %s gets one sentence and exit code 1', (version) => {
    const script = `import { ensureNode } from ${JSON.stringify(join(ROOT, 'tools/ensure.mjs'))}; ensureNode('${version}');`;
    const { status, stderr } = spawnSync(process.execPath, ['--input-type=module', '-e', script]);
    expect(status).toBe(1);
    expect(stderr.toString()).toBe(
      `Hoppel cannot start: it needs Node 20.20 or newer, and this is Node ${version}. Get it from nodejs.org or your school's IT.\n`,
    );
  });

  it('in another time zone it goes on with all that was there; only the school day is another', async () => {
    const own = mkdtempSync(join(folder, 'zones-'));
    const headers = { 'Content-Type': 'application/json' };
    const west = startServer(own, 'Pacific/Pago_Pago');
    await west.said('Ctrl-C ends');
    const ask = async <T>(url: string, path: string, body?: object): Promise<T> => {
      const reply = await fetch(`${url}/api${path}`, {
        ...(body && { method: 'POST', headers, body: JSON.stringify(body) }),
      });
      expect(reply.ok).toBe(true);
      return (await reply.json()) as T;
    };
    await ask(west.url(), '/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bo'] });
    const note = { id: newId(), text: 'Turns the clock by itself.' };
    await ask(west.url(), '/record/children/1/notes', note);
    const before = await ask<Classroom>(west.url(), '/classroom');
    west.kill('SIGINT');
    expect(await west.ended).toBe(0);
    // Twenty-five hours further east: it is always another day there.
    const east = startServer(own, 'Pacific/Kiritimati');
    await east.said('Ctrl-C ends');
    const after = await ask<Classroom>(east.url(), '/classroom');
    expect(after).toMatchObject({ children: before.children, class: before.class });
    expect(after.today > before.today).toBe(true);
    await ask(east.url(), '/record/children/1/notes', { id: newId(), text: 'Later.' });
    const { notes } = await ask<{ notes: { text: string; day: string }[] }>(east.url(), '/record/children/1');
    expect(notes).toMatchObject([
      { text: 'Later.', day: after.today },
      { text: note.text, day: before.today },
    ]);
    await ask(east.url(), '/backups', {});
    east.kill('SIGINT');
    expect(await east.ended).toBe(0);
  });
});

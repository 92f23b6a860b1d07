import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { delimiter, join, resolve } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';

/** A clone with nothing in it but what installs, and an npm that writes down that it was called. */
describe('packages', () => {
  let clone;
  let env;
  beforeEach(() => {
    clone = mkdtempSync(join(tmpdir(), 'hoppel-clone-'));
    mkdirSync(join(clone, 'tools'));
    for (const file of ['ensure.mjs', 'serve.mjs', 'backup.mjs', 'memory.json'])
      cpSync(resolve('tools', file), join(clone, 'tools', file));
    writeFileSync(join(clone, 'package.json'), '{"type":"module"}');
    writeFileSync(join(clone, 'package-lock.json'), '{}');
    mkdirSync(join(clone, 'bin'));
    const npm = join(clone, 'bin', 'npm');
    // As npm does it: what was there goes first.
    writeFileSync(
      npm,
      '#!/bin/sh\nrm -rf node_modules; sleep 0.4; mkdir node_modules || exit 1; echo install >> installs\n',
    );
    chmodSync(npm, 0o755);
    env = { ...process.env, PATH: `${join(clone, 'bin')}${delimiter}${process.env.PATH}` };
  });
  afterEach(() => rmSync(clone, { recursive: true }));
  const start = () =>
    new Promise((ended) =>
      spawn(process.execPath, ['-e', "import('./tools/ensure.mjs').then(({ ensurePackages }) => ensurePackages())"], {
        cwd: clone,
        env,
      }).once('exit', ended),
    );
  const installs = () => readFileSync(join(clone, 'installs'), 'utf8').split('\n').filter(Boolean).length;

  it('are installed once by two first starts at the same time, and both go on', async () => {
    expect(await Promise.all([start(), start(), start()])).toEqual([0, 0, 0]);
    expect(installs()).toBe(1);
  });
  it('are installed after a start that was cut off in the midst of it', async () => {
    writeFileSync(join(clone, '.installing'), '999999');
    expect(await start()).toBe(0);
    expect(installs()).toBe(1);
  });
  it('are not touched by a command that looks after the data, whatever Node runs it', () => {
    mkdirSync(join(clone, 'node_modules'));
    writeFileSync(join(clone, 'node_modules', '.lock-stamp'), 'of another Node');
    const { status, stderr } = spawnSync(process.execPath, ['tools/backup.mjs', 'stick'], {
      cwd: clone,
      env,
      encoding: 'utf8',
    });
    expect(status).toBe(1);
    expect(stderr).toContain('Start it once with npm start');
    expect(existsSync(join(clone, 'installs'))).toBe(false);
    expect(existsSync(join(clone, 'node_modules', '.lock-stamp'))).toBe(true);
  });
});

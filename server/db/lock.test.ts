import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { Held, takeLock } from './lock.ts';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hoppel-lock-'));
  file = join(folder, 'class.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
const NOW = new Date('2026-11-24T08:00:00Z');

/** Another process that takes the lock and holds it until it is killed. */
const otherProcess = async () => {
  const source = new URL('./lock.ts', import.meta.url).href;
  const child = spawn(process.execPath, [
    '--import',
    'tsx',
    '--input-type=module',
    '-e',
    `const { takeLock } = await import(${JSON.stringify(source)});
     takeLock(${JSON.stringify(file)}, 4930, new Date());
     console.log('held');
     setInterval(() => {}, 1000);`,
  ]);
  await new Promise<void>((held, failed) => {
    child.stdout.on('data', () => held());
    child.on('exit', () => failed(new Error('it ended')));
  });
  return {
    pid: child.pid,
    kill: () =>
      new Promise((ended) => {
        child.removeAllListeners('exit');
        child.on('exit', ended);
        child.kill('SIGKILL');
      }),
  };
};

describe('the lock of a data file', () => {
  it('is taken and given back', () => {
    const lock = takeLock(file, 4930, NOW);
    expect(lock.leftBy).toBeUndefined();
    lock.free();
    expect(existsSync(`${file}.lock`)).toBe(false);
    takeLock(file, null, NOW).free();
  });
  it('is one process’s: another hears who has it, and gets it as soon as that one is gone, in whatever way', async () => {
    const other = await otherProcess();
    expect(() => takeLock(file, 4931, NOW)).toThrow(Held);
    try {
      takeLock(file, 4931, NOW);
    } catch (error) {
      expect((error as Held).holder).toMatchObject({ pid: other.pid, port: 4930 });
    }
    await other.kill();
    const lock = takeLock(file, 4931, NOW);
    // It was not given back: that one did not end whole.
    expect(lock.leftBy).toMatchObject({ pid: other.pid });
    lock.free();
  });
});

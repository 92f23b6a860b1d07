import { spawn } from 'node:child_process';
import { describe, expect, it } from '@jest/globals';

/** Throws again and again; asked, it says how many faults there were that it did not throw itself, and ends. */
const SCRIPT = `
  const { tellUnforeseen } = await import('./server/unforeseen.ts');
  tellUnforeseen();
  let others = 0;
  process.on('uncaughtException', ({ message }) => { if (message !== 'a fault') others += 1; });
  process.on('message', () => process.send(others, () => process.exit(0)));
  setInterval(() => { throw new Error('a fault'); }, 10);
  process.send('begun');`;

describe('what nobody foresaw', () => {
  it.each([
    ['is told, and all goes on', true],
    ['makes no new faults where the window that showed it is gone', false],
  ])('%s', async (_, hasWindow) => {
    const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', SCRIPT], {
      stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
    });
    const answer = () => new Promise((said) => child.once('message', said));
    let told = '';
    child.stderr!.on('data', (text: Buffer) => (told += text.toString()));
    await answer();
    if (!hasWindow) for (const stream of [child.stdout!, child.stderr!]) stream.destroy();
    await new Promise((later) => setTimeout(later, 500));
    const others = answer();
    child.send('how many?');
    expect(await others).toBe(0);
    if (hasWindow) expect(told).toContain('Something nobody foresaw: Error: a fault');
  });
});

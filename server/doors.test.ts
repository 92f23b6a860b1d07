import { request as ask } from 'node:http';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { createDoors, type Doors } from './doors.ts';

describe('the doors', () => {
  let doors: Doors;
  const slow: ((text: string) => void)[] = [];
  beforeEach(async () => {
    doors = createDoors((req, res) => {
      if (req.url === '/slow') slow.push((text) => res.end(text));
      else res.end('here');
    });
    await doors.open(0, false);
  });
  afterEach(() => doors.end());

  /** What is said at an address of this machine that no door for this computer alone is at, and at its own. */
  const asked = (host: string, path = '/'): Promise<string> =>
    new Promise((done) => {
      const sent = ask({ host, port: doors.port(), path, agent: false }, (res) => {
        let text = '';
        res.setEncoding('utf8').on('data', (more: string) => (text += more));
        res.on('end', () => done(text));
      });
      sent.on('error', (error: NodeJS.ErrnoException) => done(error.code ?? 'failed'));
      sent.end();
    });

  it('let in this computer alone until the network is let in, at the same port, and shut it out again', async () => {
    const port = doors.port();
    expect([await asked('127.0.0.1'), await asked('127.0.0.2')]).toEqual(['here', 'ECONNREFUSED']);
    await doors.change(true);
    expect(doors.lan()).toBe(true);
    expect(doors.port()).toBe(port);
    expect([await asked('127.0.0.1'), await asked('127.0.0.2')]).toEqual(['here', 'here']);
    await doors.change(false);
    expect([await asked('127.0.0.1'), await asked('127.0.0.2')]).toEqual(['here', 'ECONNREFUSED']);
  });
  it('take one change after another, however fast they come', async () => {
    await Promise.all([true, false, true, false, true].map((on) => doors.change(on)));
    expect([doors.lan(), await asked('127.0.0.2')]).toEqual([true, 'here']);
  });
  it('answer what is on its way through the old one', async () => {
    const answer = asked('127.0.0.1', '/slow');
    while (slow.length === 0) await new Promise((soon) => setTimeout(soon, 5));
    await doors.change(true);
    slow[0]!('at last');
    expect(await answer).toBe('at last');
  });
});

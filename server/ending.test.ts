import { createServer, request, Agent, type Server } from 'node:http';
import { connect } from 'node:net';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { drain } from './ending.ts';

let server: Server;
let port: number;
/** Answers after as many milliseconds as the address says. */
beforeEach(async () => {
  server = createServer((req, res) => {
    setTimeout(() => res.end('kept'), Number(req.url!.slice(1)));
  });
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  ({ port } = server.address() as AddressInfo);
});
afterEach(() => server.closeAllConnections());
const agent = new Agent({ keepAlive: true });
const ask = (ms: number): Promise<string> =>
  new Promise((answered, failed) => {
    request({ port, path: `/${ms}`, agent, host: '127.0.0.1' }, (res) => {
      res.setEncoding('utf8').on('data', answered);
    })
      .on('error', failed)
      .end();
  });
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

describe('an ending server', () => {
  it('answers what is on its way, and then ends though connections were kept open', async () => {
    await Promise.all([ask(0), ask(0)]);
    const slow = ask(600);
    await pause(50);
    const ended = drain(server);
    // On a connection that was kept, and not read yet when the end began.
    const late = ask(0);
    expect(await Promise.all([slow, late])).toEqual(['kept', 'kept']);
    await ended;
    await expect(ask(0)).rejects.toThrow();
  });
  it('does not wait for ever for who never ends a request', async () => {
    const socket = connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.write('POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 100\r\n\r\nhalf');
    await pause(50);
    await drain(server);
    expect(server.listening).toBe(false);
  });
});

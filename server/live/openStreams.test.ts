import { createServer, get, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import type { Response } from 'express';
import { createOpenStreams } from './openStreams.ts';

describe('an open stream', () => {
  let server: Server;
  let stream: ServerResponse;
  const streams = createOpenStreams();
  beforeEach(async () => {
    await new Promise<void>((opened) => {
      server = createServer((_req, res) => {
        stream = res.writeHead(200);
        stream.write('begun');
        streams.opened('tablet 1', stream as Response);
        opened();
      });
      server.listen(0, '127.0.0.1', () => get({ port: (server.address() as AddressInfo).port }, (res) => res.resume()));
    });
  });
  afterEach(() => {
    server.closeAllConnections();
    return new Promise((closed) => server.close(closed));
  });
  it('that has ended takes what is still said to it, and nobody is the worse for it', async () => {
    expect(streams.isOpen('tablet 1')).toBe(true);
    // Without somebody who hears it, this is thrown where nobody expects it.
    expect(stream.listenerCount('error')).toBeGreaterThan(0);
    streams.endOf('tablet 1');
    const refused = new Promise((heard) => stream.once('error', heard));
    stream.write('still said');
    expect(await refused).toMatchObject({ code: 'ERR_STREAM_WRITE_AFTER_END' });
  });
  it('is none any more once it is closed', async () => {
    const closed = new Promise((done) => stream.once('close', done));
    streams.endOf('tablet 1');
    await closed;
    expect(streams.isOpen('tablet 1')).toBe(false);
  });
});

import { readFileSync } from 'node:fs';
import { request } from 'node:https';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { Tablets } from '../contract/index.ts';
import { freePort, startHoppel, type Hoppel } from './support/hoppel.ts';

/** The network's door speaks https by this computer's own certificate; the computer itself goes on by http. */
describe('https', () => {
  let hoppel: Hoppel;
  let ca: string;
  let port: number;
  beforeAll(async () => {
    port = await freePort();
    hoppel = await startHoppel({ args: ['--lan', '--tls-own', '--tls-port', `${port}`] });
    ca = readFileSync(join(dirname(hoppel.data), 'tls/hoppel.crt'), 'utf8');
  });
  afterAll(() => hoppel.remove());
  interface Reply {
    readonly status: number;
    readonly text: string;
    readonly cookies: readonly string[];
  }
  const ask = (method: string, path: string, body?: unknown): Promise<Reply> =>
    new Promise((done, failed) => {
      const headers = { 'Content-Type': 'application/json' };
      const sent = request({ host: 'localhost', port, path, method, headers, ca, agent: false }, (res) => {
        let text = '';
        res.setEncoding('utf8').on('data', (more: string) => (text += more));
        res.on('end', () => done({ status: res.statusCode!, text, cookies: res.headers['set-cookie'] ?? [] }));
      });
      sent.on('error', failed);
      sent.end(body === undefined ? undefined : JSON.stringify(body));
    });

  it('says at the start which file tablets are to trust', () => {
    expect(hoppel.said()).toMatch(/Tablets warn .*tls\/hoppel\.crt/);
  });
  it('lets a tablet in by a cookie that goes by https alone', async () => {
    expect((await ask('GET', '/station')).text).toContain('Hoppel station');
    const { code } = (await (await fetch(`${hoppel.url}/api/tablets`)).json()) as Tablets;
    const { status, cookies } = await ask('POST', '/api/station/door', { code });
    expect(status).toBe(204);
    expect(cookies[0]).toMatch(/; HttpOnly; Secure; SameSite=Strict$/);
  });
  it('is refused where the certificate is not trusted', async () => {
    await expect(fetch(`https://localhost:${port}/station`)).rejects.toThrow('fetch failed');
  });
});

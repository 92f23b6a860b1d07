import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import express, { type Express } from 'express';
import request from 'supertest';
import { errorHandler } from '../errors/errorHandler.ts';
import { security } from './security.ts';
import { webRoutes } from './webRoutes.ts';

describe('the interface', () => {
  let folder: string;
  let app: Express;
  let hasPassphrase = false;
  const toTeachers: string[] = [];
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-web-'));
    mkdirSync(join(folder, 'web/assets'), { recursive: true });
    writeFileSync(join(folder, 'secret.txt'), 'class list');
    writeFileSync(join(folder, 'web/index.html'), 'teacher<meta nonce="__NONCE__">');
    writeFileSync(join(folder, 'web/station.html'), 'station');
    writeFileSync(join(folder, 'web/assets/a-1234.js'), 'code');
    app = express()
      .use(...security)
      .use(
        webRoutes(join(folder, 'web'), {
          hasPassphrase: () => hasPassphrase,
          onTeachersPage: ({ path }) => void toTeachers.push(path),
        }),
      )
      .use(errorHandler);
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it.each([
    ['/', 'teacher'],
    ['/class/3', 'teacher'],
    ['/board/7', 'teacher'],
    ['/station', 'station'],
    ['/station/3/alone', 'station'],
    ['/stationery', 'teacher'],
  ])('%s is the %s’s page', async (path, page) =>
    expect((await request(app).get(path).expect(200)).text.split('<')[0]).toBe(page),
  );
  const AWAY = '192.168.1.2:4930';
  const COOKIE = 'hoppel-teacher=x';
  it.each([
    ['/', undefined, '/station', '/station'],
    ['/teacher', undefined, '/station', 'teacher'],
    ['/', COOKIE, '/station', 'teacher'],
    ['/class/3', COOKIE, '/station', 'teacher'],
    ['/remote', undefined, 'teacher', 'teacher'],
    ['/station', COOKIE, 'station', 'station'],
  ])('%s on another device that shows %s is %s, and with a passphrase %s', async (path, cookie, without, withOne) => {
    const shown = async (): Promise<string> => {
      const asked = request(app).get(path).set('Host', AWAY);
      const { text, headers } = await (cookie === undefined ? asked : asked.set('Cookie', cookie));
      return headers['location'] ?? text.split('<')[0]!;
    };
    expect(await shown()).toBe(without);
    hasPassphrase = true;
    expect(await shown()).toBe(withOne);
    hasPassphrase = false;
  });
  it('a teacher’s page is told of, so that it knows which class it looks at; a tablet’s is not', async () => {
    toTeachers.length = 0;
    for (const path of ['/class/3', '/station', '/assets/a-1234.js']) await request(app).get(path);
    expect(toTeachers).toEqual(['/class/3']);
  });
  it('a page shows a nonce of its own, and no script or style sheet stands in it by any other right', async () => {
    const nonces = new Set<string>();
    for (let i = 0; i < 3; i++) {
      const { text, headers } = await request(app).get('/');
      const [, nonce] = /nonce="([^"]+)"/.exec(text)!;
      expect(headers['content-security-policy']).toContain(`style-src-elem 'self' 'nonce-${nonce}'`);
      expect(headers['content-security-policy']).not.toMatch(/(default-src|style-src-elem|script-src)[^;]*unsafe/);
      nonces.add(nonce!);
    }
    expect(nonces.size).toBe(3);
  });
  it('built files may be kept, pages are asked for again', async () => {
    expect((await request(app).get('/assets/a-1234.js').expect(200)).headers['cache-control']).toContain('immutable');
    expect((await request(app).get('/').expect(200)).headers['cache-control']).not.toContain('immutable');
  });
  it('a built file that is not there is not answered with a page', async () => {
    const logged = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { body } = await request(app).get('/assets/b-9999.js').expect(404);
    const { calls } = logged.mock;
    logged.mockRestore();
    expect([body.code, calls]).toEqual(['not-found', []]);
  });
  it.each(['/../secret.txt', '/%2e%2e/secret.txt', '/assets/%2e%2e/%2e%2e/secret.txt'])(
    '%s gives nothing away',
    async (path) => {
      expect((await request(app).get(path)).text).not.toContain('class list');
    },
  );
});

import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import express, { type Express } from 'express';
import request from 'supertest';
import { errorHandler } from '../errors/errorHandler.ts';
import { webRoutes } from './webRoutes.ts';

describe('the interface', () => {
  let folder: string;
  let app: Express;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-web-'));
    mkdirSync(join(folder, 'web/assets'), { recursive: true });
    writeFileSync(join(folder, 'secret.txt'), 'class list');
    writeFileSync(join(folder, 'web/index.html'), 'teacher');
    writeFileSync(join(folder, 'web/station.html'), 'station');
    writeFileSync(join(folder, 'web/assets/a-1234.js'), 'code');
    app = express()
      .use(webRoutes(join(folder, 'web'), { hasPassphrase: () => false, onTeachersPage: () => undefined }))
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
  ])('%s is the %s’s page', async (path, page) => expect((await request(app).get(path).expect(200)).text).toBe(page));
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

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import request, { type Test } from 'supertest';
import { v4 as newId } from 'uuid';
import { createApp } from '../app.ts';
import { openStream } from '../live/stream.test.support.ts';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { TODAY, openSchool, type School } from '../school.test.support.ts';
import { createPresence } from './presence.ts';

describe('a data file that is moved or deleted while Hoppel runs', () => {
  let school: School;
  let server: Server;
  let url: string;
  let end: () => Promise<void>;
  beforeEach(async () => {
    school = await openSchool();
    const built = createApp({
      db: school.db,
      now: () => new Date(`${TODAY}T09:00:00`),
      isFileThere: createPresence(school.file),
    });
    end = built.end;
    server = createServer(built.app);
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterEach(async () => {
    await end();
    server.closeAllConnections();
    server.close();
    await school.close();
  });
  const note = (): Test =>
    request(url).post('/api/record/children/1/notes').send({ id: newId(), text: 'Turns the clock.' });

  it('is noticed before anything is said to be kept, told to every screen within a second or two, and over when it is back', async () => {
    const stream = await openStream(`${url}/api/live`);
    await stream.until(({ event }) => event === 'room');
    await note().expect(201);
    const elsewhere = join(dirname(school.file), 'elsewhere');
    mkdirSync(elsewhere);
    renameSync(school.file, join(elsewhere, 'class.sqlite'));
    const { status, body, headers } = await note();
    expect([status, body.code, headers['retry-after']]).toEqual([503, 'file-gone', '1']);
    await stream.until(({ event, data }) => event === 'room' && (data as { fileGone: boolean }).fileGone);
    renameSync(join(elsewhere, 'class.sqlite'), school.file);
    await note().expect(201);
    await stream.end();
  });
  it('is another file where one was put in its place: nothing is written into either', async () => {
    const aside = `${school.file}.aside`;
    renameSync(school.file, aside);
    mkdirSync(school.file);
    expect((await note()).body.code).toBe('file-gone');
    rmSync(school.file, { recursive: true });
    renameSync(aside, school.file);
  });
});

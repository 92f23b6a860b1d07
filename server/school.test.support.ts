import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Database } from 'better-sqlite3';
import request, { type Test } from 'supertest';
import { v4 as newId } from 'uuid';
import { makeDemo } from '../demo/makeDemo.ts';
import { createApp } from './app.ts';
import { openDatabase } from './db/open.ts';
import type { Log } from './log/requestLog.ts';
import { createOwnNames } from './names.ts';
import { openStream, type Stream } from './live/stream.test.support.ts';

/** A school for tests: the real app on a real data file in a temporary folder, at nine on a fixed Tuesday. */
export interface School {
  readonly db: Database;
  /** Path of the data file. */
  readonly file: string;
  readonly url: string;
  /** A tablet that comes in by the class's pictures, with a pass of its own. */
  tablet(): Promise<Tablet>;
  /** Sends an answer as the tablet does at which its child has sat. */
  answer(body: object): Test;
  get(path: string): Test;
  post(path: string, body: unknown): Test;
  put(path: string, body: unknown): Test;
  delete(path: string, body?: object): Test;
  /** Lets time pass. @param ms milliseconds */
  passTime(ms: number): void;
  /** Somebody sets the computer's clock, while no time passes. @param ms milliseconds later, or earlier where negative */
  setClock(ms: number): void;
  /** Breaks every connection that is open, as a computer does that slept. */
  cutConnections(): void;
  /** Begins to end, as at Ctrl-C: live streams are over, while requests are still answered. */
  beginEnd(): Promise<void>;
  /** Ends the server and starts a new one on the same file. */
  restart(): Promise<void>;
  close(): Promise<void>;
}

/** A device at the station. */
export interface Tablet {
  /** What it shows with each request. */
  readonly cookie: string;
  get(path: string): Test;
  post(path: string, body: unknown): Test;
  put(path: string, body: unknown): Test;
  delete(path: string, body?: object): Test;
  /** A child sits down. */
  sit(childId: number, seat?: string): Test;
  /** Its stream, with a seat or at the pictures. */
  listen(seat?: string): Promise<Stream>;
}

export const TODAY = '2026-11-24';

type Ask = Pick<Tablet, 'get' | 'post' | 'put' | 'delete'>;
/** Requests with a cookie or none. */
const asking = (url: () => string, cookie = ''): Ask => {
  const withCookie = (test: Test): Test => (cookie === '' ? test : test.set('Cookie', cookie));
  return {
    get: (path) => withCookie(request(url()).get(`/api${path}`)),
    post: (path, body) => withCookie(request(url()).post(`/api${path}`)).send(body as object),
    put: (path, body) => withCookie(request(url()).put(`/api${path}`)).send(body as object),
    delete: (path, body) => withCookie(request(url()).delete(`/api${path}`)).send(body),
  };
};

/** The demo class as a file's bytes, made once for all schools of a test file. */
let demoBytes: Buffer | undefined;
const demoFile = (): Buffer => {
  if (demoBytes !== undefined) return demoBytes;
  const db = openDatabase(':memory:');
  makeDemo(db, TODAY);
  demoBytes = db.serialize();
  db.close();
  return demoBytes;
};

export const openSchool = async ({ demo = true, log }: { demo?: boolean; log?: Log } = {}): Promise<School> => {
  const folder = mkdtempSync(join(tmpdir(), 'hoppel-school-'));
  const file = join(folder, 'class.sqlite');
  let db: Database;
  let server: Server;
  let endLive: () => Promise<void>;
  let ownUrl = '';
  let lan = false;
  let passed = 0;
  let setBy = 0;
  if (demo) writeFileSync(file, demoFile());
  const start = async (): Promise<void> => {
    db = openDatabase(file);
    const { app, end } = createApp({
      db,
      now: () => new Date(new Date(`${TODAY}T09:00:00`).getTime() + passed + setBy),
      ticks: () => passed,
      makeUp: makeDemo,
      ...(log && { log }),
      reach: {
        lan: () => lan,
        letNetworkIn: async (on) => void (lan = on),
        addresses: () => [ownUrl],
        own: () => ownUrl,
        isOwnName: createOwnNames(['192.168.1.2', '192.168.1.20']),
      },
    });
    endLive = end;
    server = createServer(app);
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    ownUrl = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;
  };
  const stop = async (): Promise<void> => {
    await endLive();
    const ended = new Promise((done) => server.close(done));
    server.closeAllConnections();
    await ended;
    db.close();
  };
  await start();
  const url = (): string => ownUrl.replace(/\/$/, '');
  const tabletWith = (cookie: string): Tablet => {
    const ask = asking(url, cookie);
    return {
      ...ask,
      cookie,
      sit: (childId, seat = newId()) => ask.post('/station/seats', { childId, seat }),
      listen: (seat) => openStream(`${url()}/api/station/live${seat === undefined ? '' : `?seat=${seat}`}`, cookie),
    };
  };
  /** A pass of a tablet at which a child of a class has sat, written into the data file as the door and the seat do. */
  const passOf = (childId: number): string => {
    const pass = `test-${childId}`;
    const hash = createHash('sha256').update(pass).digest('hex');
    db.prepare(
      `INSERT INTO tablet (pass, class_id, simulated, let_in_at)
      SELECT ?, class_id, 0, ? FROM open_class WHERE true
      ON CONFLICT (pass) DO UPDATE SET class_id = excluded.class_id`,
    ).run(hash, `${TODAY}T08:00:00Z`);
    db.prepare(
      `INSERT INTO tablet_child (tablet_id, child_id)
      SELECT t.id, c.id FROM tablet AS t, child AS c WHERE t.pass = ? AND c.id = ?
      ON CONFLICT DO NOTHING`,
    ).run(hash, childId);
    return `hoppel-tablet=${pass}`;
  };
  return {
    ...asking(url),
    file,
    get db() {
      return db;
    },
    get url() {
      return url();
    },
    tablet: async () => {
      const { body } = await request(url()).get('/api/tablets').expect(200);
      const reply = await request(url()).post('/api/station/door').send({ code: body.code }).expect(204);
      return tabletWith(reply.get('Set-Cookie')![0]!.split(';')[0]!);
    },
    answer: (body) => asking(url, passOf((body as { childId?: number }).childId ?? 1)).post('/answers', body),
    passTime: (ms) => {
      passed += ms;
    },
    setClock: (ms) => {
      setBy += ms;
    },
    cutConnections: () => server.closeAllConnections(),
    beginEnd: () => endLive(),
    restart: async () => {
      await stop();
      await start();
    },
    close: async () => {
      await stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
};

/** What is sent in reply, as bytes, whatever its type. @throws unless it is 200 */
export const bytesOf = async (asked: Test): Promise<{ bytes: Buffer; headers: Record<string, string> }> => {
  const { body, headers } = await asked
    .buffer(true)
    .parse((res, done) => {
      const chunks: Buffer[] = [];
      res.on('data', (chunk: Buffer) => chunks.push(chunk));
      res.on('end', () => done(null, Buffer.concat(chunks)));
    })
    .expect(200);
  return { bytes: body as Buffer, headers: headers as Record<string, string> };
};

/** Today's lesson of the demo class. */
export const LESSON = 8;

/** Begins the show-me round of today's lesson. */
export const beginRound = async (school: School, source?: object): Promise<{ id: string; times: number[] }> => {
  const { body } = await school
    .post('/rounds', { id: newId(), lessonId: LESSON, ...(source && { source }) })
    .expect(201);
  const { id, entries } = body.round as { id: string; entries: { item: { shown: number } }[] };
  return { id, times: entries.map(({ item }) => item.shown) };
};

/** An answer a tablet would send: a clock set to a time, given in hand angles. */
export const tabletAnswer = (childId: number, roundId: string, index: number, time: number, id: string = newId()) => ({
  id,
  childId,
  answer: { kind: 'hands', hour: (time / 2) % 360, minute: (time * 6) % 360 },
  to: { setting: 'round', roundId, index },
});

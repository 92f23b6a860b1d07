import { mkdtempSync, rmSync } from 'node:fs';
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

/** A school for tests: the real app on a real data file in a temporary folder, at nine on a fixed Tuesday. */
export interface School {
  readonly db: Database;
  readonly url: string;
  /** The cookie of a tablet that knows the class's pictures; empty before the code was looked at. */
  pass(): string;
  get(path: string): Test;
  post(path: string, body: unknown): Test;
  put(path: string, body: unknown): Test;
  delete(path: string): Test;
  /** Lets time pass. @param ms milliseconds */
  passTime(ms: number): void;
  /** Breaks every connection that is open, as a computer does that slept. */
  cutConnections(): void;
  /** Ends the server and starts a new one on the same file. */
  restart(): Promise<void>;
  close(): Promise<void>;
}

export const TODAY = '2026-11-24';

export const openSchool = async ({ demo = true } = {}): Promise<School> => {
  const folder = mkdtempSync(join(tmpdir(), 'hoppel-school-'));
  const file = join(folder, 'class.sqlite');
  let db: Database;
  let server: Server;
  let endLive: () => Promise<void>;
  let ownUrl = '';
  let passed = 0;
  const start = async (): Promise<void> => {
    db = openDatabase(file);
    const { app, end } = createApp({
      db,
      now: () => new Date(new Date(`${TODAY}T09:00:00`).getTime() + passed),
      reach: { lan: false, addresses: () => [ownUrl], own: () => ownUrl },
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
  if (demo) {
    makeDemo(db!, TODAY);
    // Looked at once, the class has its pictures.
    await request(server!).get('/api/tablets');
  }
  /** What a tablet shows that knows the class's pictures. */
  const pass = (): string => {
    const found = db.prepare<[], string>('SELECT token FROM class_door JOIN open_class USING (class_id)').pluck().get();
    return found === undefined ? '' : `hoppel-class=${found}`;
  };
  const withPass = (test: Test): Test => test.set('Cookie', pass());
  return {
    get db() {
      return db;
    },
    get url() {
      return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    },
    pass,
    get: (path) => withPass(request(server).get(`/api${path}`)),
    post: (path, body) => withPass(request(server).post(`/api${path}`)).send(body as object),
    put: (path, body) => withPass(request(server).put(`/api${path}`)).send(body as object),
    delete: (path) => withPass(request(server).delete(`/api${path}`)),
    passTime: (ms) => {
      passed += ms;
    },
    cutConnections: () => server.closeAllConnections(),
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

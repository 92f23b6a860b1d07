import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { createServer, type Server } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { createApp, type App } from '../app.ts';
import { ROUTES } from '../access/routeTable.ts';
import { LESSON, TODAY, bytesOf, openSchool, tabletAnswer, beginRound, type School } from '../school.test.support.ts';
import { createReader, type Reader } from './reader.ts';

/** The same but for the moment a PDF was made, and the name that is made of it. */
const undated = (bytes: Buffer): string => bytes.toString('latin1').replace(/\/CreationDate \(.*?\)|\/ID \[.*?\]/g, '');

describe('what takes long', () => {
  let school: School;
  let reader: Reader;
  let built: App;
  let server: Server;
  let url: string;
  let sheetId: string;
  const now = (): Date => new Date(`${TODAY}T09:00:00`);
  const inThread = (path: string) => request(url).get(`/api${path}`);

  beforeAll(async () => {
    school = await openSchool();
    sheetId = newId();
    reader = createReader(school.file);
    built = createApp({ db: school.db, now, reader });
    server = createServer(built.app);
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(async () => {
    await built.end();
    server.closeAllConnections();
    server.close();
    await school.close();
  });

  it.each(ROUTES.filter(({ isLong }) => isLong).map(({ path }) => path))(
    'is the same from its thread: %s',
    async (path) => {
      const filled = path
        .replace(':thing', 'blank-faces')
        .replace(':skill', 'half-past-read')
        .replace(/:(id|number)\b/, path.startsWith('/record') ? '1' : sheetId)
        .replace(/:\w+/, '1');
      const here = await school.get(filled);
      const there = await inThread(filled);
      expect([filled, there.status, there.headers['content-type'], there.headers['content-disposition']]).toEqual([
        filled,
        here.status,
        here.headers['content-type'],
        here.headers['content-disposition'],
      ]);
      if (here.status !== 200) return expect(there.body).toEqual(here.body);
      const [a, b] = [await bytesOf(school.get(filled)), await bytesOf(inThread(filled))];
      expect(undated(b.bytes) === undated(a.bytes)).toBe(true);
    },
  );
  it('knows of an answer, a correction and a child that was deleted as soon as they are kept', async () => {
    const views = async (): Promise<unknown> => {
      const [here, there] = [await request(url).get('/api/record/children/1'), await school.get('/record/children/1')];
      // The other server's memory of corrections is its own: it is asked for what was given.
      expect(here.body.answers.map(({ id }: { id: string }) => id)).toEqual(
        there.body.answers.map(({ id }: { id: string }) => id),
      );
      return here.body;
    };
    const before = await views();
    const { id } = await beginRound(school);
    const answer = tabletAnswer(1, id, 0, 30);
    await school.answer(answer).expect(201);
    const after = await views();
    expect(after).not.toEqual(before);
    await request(url)
      .post('/api/record/corrections')
      .send({ id: newId(), answerId: answer.id, says: 'had' })
      .expect(201);
    const corrected = (await request(url).get('/api/record/children/1')).body;
    expect(corrected.skills).not.toEqual((after as { skills: unknown }).skills);
    await request(url).delete('/api/children/2').send({ name: 'Bram' });
    expect((await request(url).get('/api/record/class')).body.children).toHaveLength(21);
  });
  it('groups are solved there and kept here', async () => {
    const lessons = (await school.get('/classroom')).body.lessons as { id: number; kind: string; day: string }[];
    const check = lessons.filter(({ kind, day }) => kind === 'check' && day <= TODAY).at(-1)!;
    await request(url)
      .put(`/api/lessons/${LESSON}/decision`)
      .send({ id: newId(), decision: 'go-on-with-group' })
      .expect(200);
    const { body } = await request(url).post('/api/groups/again').send({ checkId: check.id }).expect(200);
    expect(body.view.kept.groups.length).toBeGreaterThan(0);
    expect((await school.get('/groups')).body.view.kept).toEqual(body.view.kept);
    expect((await request(url).post('/api/groups/again').send({ checkId: 9999 })).body.code).toBe('unknown-lesson');
  });
  it('ends with who asked for it, and goes on for who asks next', async () => {
    const going = Array.from({ length: 5 }, () => inThread('/exchange/families.pdf'));
    for (const one of going) {
      one.end(() => undefined);
      one.abort();
    }
    await wait(200);
    const { bytes } = await bytesOf(inThread('/exchange/overview.pdf'));
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
  });
  it('is asked again in a moment where too much waits, and works in a new thread once one is gone', async () => {
    const many = await Promise.all(Array.from({ length: 40 }, () => inThread('/exchange/overview.pdf')));
    const statuses = new Set(many.map(({ status }) => status));
    expect([...statuses].sort()).toEqual([200, 503]);
    await reader.end();
    await inThread('/record/class').expect(200);
  });
});

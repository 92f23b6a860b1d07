import { connect } from 'node:net';
import { gzipSync } from 'node:zlib';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, jest } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { LESSON, beginRound, openSchool, type School } from '../school.test.support.ts';

describe('what no page of Hoppel’s sends', () => {
  let school: School;
  let logged: jest.SpiedFunction<typeof console.error>;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());
  beforeEach(() => {
    logged = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(() => {
    // A fault of who sends is none of the server's: it is answered, and nothing is logged.
    const { calls } = logged.mock;
    logged.mockRestore();
    expect(calls).toEqual([]);
  });
  const send = (path: string, body: string | Buffer, headers: Record<string, string>) => {
    const sent = request(school.url).post(`/api${path}`).set('Content-Type', 'application/json').set(headers);
    sent.write(body);
    return sent;
  };

  it.each([
    ['broken compression', Buffer.from('this is no gzip'), { 'Content-Encoding': 'gzip' }],
    ['compression that breaks off', gzipSync('{"id":1}').subarray(0, 12), { 'Content-Encoding': 'gzip' }],
    ['compression nobody knows', '{}', { 'Content-Encoding': 'hare' }],
    ['another character set', '{}', { 'Content-Type': 'application/json; charset=klingon' }],
    ['no JSON', '{"id":', {}],
  ])('%s is malformed', async (_what, body, headers) => {
    const reply = await send('/children', body, headers as Record<string, string>);
    expect([reply.status, reply.body.code]).toEqual([400, 'malformed']);
  });
  it('a little that unfolds to more than may be is too large', async () => {
    const reply = await send('/children', gzipSync(Buffer.alloc(5_000_000, 32)), { 'Content-Encoding': 'gzip' });
    expect([reply.status, reply.body.code]).toEqual([413, 'too-large']);
  });
  it.each([['/children'], ['/plan'], ['/answers']])('what is nested without end is malformed at %s', async (path) => {
    const { cookie } = await school.tablet();
    const deep = `${'['.repeat(30_000)}${']'.repeat(30_000)}`;
    const reply = await send(path, deep, { Cookie: cookie });
    expect([reply.status, reply.body.code]).toEqual([400, 'malformed']);
  });
  it('is malformed too where a tablet may tell of anything', async () => {
    const { cookie } = await school.tablet();
    const deep = `${'{"a":'.repeat(40_000)}1${'}'.repeat(40_000)}`;
    const reply = await request(school.url)
      .put(`/api/station/set-aside/${newId()}`)
      .set('Cookie', cookie)
      .set('Content-Type', 'application/json')
      .send(`{"childId":1,"code":"malformed","answer":${deep}}`);
    expect([reply.status, reply.body.code]).toEqual([400, 'malformed']);
    await school.get('/tablets').expect(200);
  });
  it('an upload that is broken off disturbs nobody', async () => {
    const { port } = new URL(school.url);
    const socket = connect(Number(port), '127.0.0.1');
    socket.write(
      `POST /api/children HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Type: application/json\r\nContent-Length: 90\r\n\r\n{"na`,
    );
    await new Promise((done) => setTimeout(done, 50));
    socket.destroy();
    await new Promise((done) => setTimeout(done, 50));
    await school.get('/classroom').expect(200);
  });
  it('a picture that is in no list is malformed', async () => {
    for (const picture of ['../../secret', 'tractor'])
      await school.put('/day/routine', { entries: [{ name: 'Lunch', picture, at: 700 }] }).expect(400);
  });
  it('a round of another class is unknown', async () => {
    const { id } = await beginRound(school);
    const other = await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    const moved = await school.post(`/rounds/${id}/moves`, { move: 'next', version: 0 });
    expect([moved.status, moved.body.code]).toEqual([404, 'unknown-round']);
    const [first] = other.body.classes as { id: number }[];
    await school.put('/classes/open', { classId: first!.id }).expect(200);
  });
  it('is kept by no browser and nothing between: names and answers are in it', async () => {
    for (const path of ['/classroom', '/record/class', '/nothing', '/station'])
      expect((await school.get(path)).headers['cache-control']).toBe('no-store');
  });
});

describe('two things that belong together', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(async () => {
    jest.restoreAllMocks();
    await school.close();
  });
  const refuse = (table: string): void => {
    school.db.exec(`CREATE TRIGGER never BEFORE INSERT ON ${table} BEGIN SELECT RAISE(ABORT, 'no'); END`);
  };

  it('settings and the unit’s change are stored together or not at all', async () => {
    const before = (await school.get('/classroom').expect(200)).body.settings;
    refuse('plan_state');
    await school.put('/settings', { ...before, hourFinding: 'smaller' }).expect(500);
    expect((await school.get('/classroom').expect(200)).body.settings).toEqual(before);
    school.db.exec('DROP TRIGGER never');
    await school.put('/settings', { ...before, hourFinding: 'smaller' }).expect(200);
    expect((await school.get('/classroom').expect(200)).body.settings.hourFinding).toBe('smaller');
  });
  it('a stand-in’s answer and that it is one', async () => {
    const { code } = (await school.get('/tablets').expect(200)).body;
    const door = await request(school.url).post('/api/station/door').send({ code, simulated: true }).expect(204);
    const cookie = door.get('Set-Cookie')![0]!.split(';')[0]!;
    const ask = (path: string, body: object) =>
      request(school.url).post(`/api${path}`).set('Cookie', cookie).send(body);
    await ask('/station/seats', { childId: 2, seat: newId() }).expect(200);
    const answer = {
      id: newId(),
      childId: 2,
      answer: { kind: 'hands', hour: 90, minute: 0 },
      to: { setting: 'alone', lessonId: LESSON, item: { kind: 'set', shown: 180 }, attempt: 1 },
    };
    refuse('stand_in_answer');
    await ask('/answers', answer).expect(500);
    const { answers } = (await school.get('/record/children/2').expect(200)).body as { answers: { id: string }[] };
    expect(answers.map(({ id }) => id)).not.toContain(answer.id);
  });
});

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request, { type Test } from 'supertest';
import { v4 as newId } from 'uuid';
import { openStream } from '../live/stream.test.support.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { createPairing } from './pairing.ts';

/** The teacher's tablet: it reaches the school under its address on the classroom network. */
const HOST = '192.168.1.2:4930';

describe('a second device of the teacher’s', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const away = (test: Test, cookie?: string): Test => {
    const asked = test.set('Host', HOST);
    return cookie === undefined ? asked : asked.set('Cookie', cookie);
  };
  const join = (code: string): Test => away(request(school.url).post('/api/remote/join').send({ code }));
  const code = async (): Promise<string> => (await school.get('/remote').expect(200)).body.code;
  const letIn = async (): Promise<string> => {
    const reply = await join(await code()).expect(204);
    return (reply.get('Set-Cookie') ?? [])[0]!;
  };

  it('comes in with the code the board shows, and its key cannot be read by a page', async () => {
    const cookie = await letIn();
    expect(cookie).toMatch(/^hoppel-remote=[\w-]{40,}; .*HttpOnly; SameSite=Strict$/);
    const { body } = await away(request(school.url).get('/api/classroom'), cookie).expect(200);
    expect(body.children).toHaveLength(22);
    await away(request(school.url).get('/api/board'), cookie).expect(200);
    await away(
      request(school.url)
        .post('/api/board/commands')
        .send({ id: newId(), boardId: newId(), wish: { do: 'next' } }),
      cookie,
    ).expect(202);
  });
  it('gets no verdict, before the reveal or after, no home language, and none of the unit', async () => {
    await school.put('/children/3', { homeLanguage: 'de' }).expect(200);
    const round = await beginRound(school);
    const cookie = await letIn();
    const stream = await openStream(`${school.url}/api/live`, cookie, HOST);
    const teacher = await openStream(`${school.url}/api/live`);
    await school.answer(tabletAnswer(1, round.id, 0, 180)).expect(201);
    await teacher.until(({ data }) => JSON.stringify(data)?.includes('verdict'));
    const board = await away(request(school.url).get('/api/board'), cookie).expect(200);
    expect(board.body).toMatchObject({ round: { id: round.id }, answers: [] });
    const classroom = await away(request(school.url).get('/api/classroom'), cookie).expect(200);
    expect(classroom.body.children[2]).toMatchObject({ id: 3, homeLanguage: null });
    await school.post(`/rounds/${round.id}/moves`, { move: 'next', version: 0 }).expect(200);
    await stream.until(({ data }) => (data as { round?: { phase: string } } | null)?.round?.phase === 'think');
    const heard = JSON.stringify([stream.heard, board.body, classroom.body]);
    expect(heard).not.toMatch(/verdict|"de"|segments|choices/);
    expect(stream.heard.map(({ event }) => event)).not.toContain('record');
    await Promise.all([stream.end(), teacher.end()]);
  });
  it.each([
    ['get', '/record/class'],
    ['get', '/record/children/1'],
    ['get', '/remote'],
    ['get', '/plan/unit.json'],
    ['put', '/settings'],
    ['put', '/board/view'],
    ['post', '/rounds'],
    ['post', '/children'],
  ] as const)('may not %s %s: results and plan stay on the teacher’s computer', async (method, path) => {
    const reply = await away(request(school.url)[method](`/api${path}`), await letIn());
    expect([reply.status, reply.body.code]).toEqual([403, 'teacher-only']);
  });
  it('is not let in by a wrong code, a made-up key or none', async () => {
    const wrong = await join('12');
    expect([wrong.status, wrong.body.code]).toEqual([403, 'wrong-code']);
    for (const cookie of [undefined, 'hoppel-remote=anything'])
      expect((await away(request(school.url).get('/api/classroom'), cookie)).status).toBe(403);
  });
  it('can be sent away by the teacher: its stream ends, and it is asked for a code again', async () => {
    const cookie = await letIn();
    const stream = await openStream(`${school.url}/api/live`, cookie, HOST);
    await stream.until(({ event }) => event === 'view');
    const { body } = await school.get('/tablets').expect(200);
    expect(body.remotes).toEqual([expect.objectContaining({ listens: true })]);
    expect((await school.delete(`/tablets/remotes/${body.remotes[0].id}`).expect(200)).body.remotes).toEqual([]);
    await stream.over;
    await away(request(school.url).get('/api/board'), cookie).expect(403);
  });
  it('cannot try codes until one fits: after five wrong ones it waits longer and longer', async () => {
    for (let tries = 0; tries < 4; tries++) expect((await join('no')).body.code).toBe('wrong-code');
    const last = await join('no');
    expect([last.status, last.body.code]).toEqual([429, 'too-many-tries']);
    expect((await join(await code())).body.code).toBe('too-many-tries');
    school.passTime(5000);
    expect((await join('no')).body.code).toBe('too-many-tries');
    school.passTime(9000);
    expect((await join(await code())).body.code).toBe('too-many-tries');
    school.passTime(1000);
    await join(await code()).expect(204);
  });
});

describe('pairing', () => {
  let now = 0;
  const pairing = () =>
    createPairing(
      () => now,
      () => new Date(now),
    );
  const HERE = '192.168.1.30';
  const BOARD = 'a board';
  const classOf = () => 1;

  it('lets a device in for a school day, then asks again', () => {
    now = 0;
    const { code, join, letInBy } = pairing();
    const { token } = join(code(BOARD), HERE, classOf);
    now = 11 * 3_600_000;
    expect(letInBy(token)).toMatchObject({ letInAt: '1970-01-01T00:00:00.000Z' });
    now = 13 * 3_600_000;
    expect(letInBy(token)).toBeUndefined();
  });
  it('lets one device in by a code: it stands on a board that a class can read', () => {
    const { code, join } = pairing();
    const shown = code(BOARD);
    join(shown, HERE, classOf);
    expect(() => join(shown, HERE, classOf)).toThrow();
  });
  it('takes the code as it is read aloud, in two parts', () => {
    const { code, join, letInBy } = pairing();
    const spoken = ` ${code(BOARD).slice(0, 3)} ${code(BOARD).slice(3)} `;
    expect(letInBy(join(spoken, HERE, classOf).token)).toBeDefined();
  });
});

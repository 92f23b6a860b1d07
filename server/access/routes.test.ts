import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import request, { type Test } from 'supertest';
import { openSchool, type School } from '../school.test.support.ts';
import { ROUTES, type RouteRow, type Who } from './routeTable.ts';

/** An address by which another device reaches the school. */
const AWAY = '192.168.1.2:4930';
/** Codes by which somebody is turned away before anything is looked at. */
const TURNED_AWAY = ['teacher-only', 'code-needed', 'passphrase-needed', 'covered'];
const PASSPHRASE = 'eleven green hares';

/** A path of a row with something at each place. */
const pathOf = ({ path }: RouteRow): string =>
  `/api${path.replace(/:(id|boardId|seat|note)\b/g, '00000000-0000-4000-8000-000000000000').replace(/:\w+/g, '1')}`;

describe('every route', () => {
  let school: School;
  const visitors: Record<string, (test: Test) => Test> = {};
  const cookieOf = (reply: request.Response, name: string): string =>
    (reply.get('Set-Cookie') ?? []).find((one) => one.startsWith(`${name}=`))!.split(';')[0]!;
  const enter = async (): Promise<string> => {
    const reply = await request(school.url).post('/api/entry').set('Host', AWAY).send({ passphrase: PASSPHRASE });
    return cookieOf(reply.status === 200 ? reply : ({ get: () => [] } as never), 'hoppel-teacher');
  };

  /** What is said to a visitor at a route: nothing is in the message, so that little is done. */
  const said = async (row: RouteRow, by: string): Promise<string> => {
    const { method } = row;
    // A stream goes on; its head says as much.
    const asked = row.isStream ? request(school.url).head(pathOf(row)) : request(school.url)[verb(method)](pathOf(row));
    const reply = await visitors[by]!(asked);
    if (row.isStream) return reply.status === 401 || reply.status === 403 ? 'teacher-only' : 'let in';
    const { code } = (reply.body ?? {}) as { code?: string };
    expect([row.path, code === 'failed']).toEqual([row.path, false]);
    return TURNED_AWAY.includes(code ?? '') ? code! : 'let in';
  };
  const verb = (method: RouteRow['method']) => method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  /** Whom a kind of route lets in. */
  const MAY: Readonly<Record<Who, readonly string[]>> = {
    anybody: ['teacher', 'own computer', 'covered', 'remote', 'tablet', 'tablet out', 'nobody'],
    tablet: ['tablet'],
    remote: ['teacher', 'covered', 'remote'],
    board: ['teacher', 'covered'],
    teacher: ['teacher'],
  };

  beforeAll(async () => {
    school = await openSchool();
    const { cookie: tablet } = await school.tablet();
    const out = await school.tablet();
    const passes = (await school.get('/tablets').expect(200)).body.passes as { tabletId: number }[];
    await school.delete(`/tablets/passes/${passes.at(-1)!.tabletId}`).expect(200);
    const { code } = (await school.get('/remote').expect(200)).body;
    const joined = await request(school.url).post('/api/remote/join').set('Host', AWAY).send({ code }).expect(204);
    await school.put('/entry/passphrase', { before: null, passphrase: PASSPHRASE }).expect(200);
    const covered = await enter();
    await request(school.url).post('/api/entry/cover').set('Cookie', covered).expect(200);
    const remote = cookieOf(joined, 'hoppel-remote');
    const away =
      (cookie?: string) =>
      (test: Test): Test =>
        cookie === undefined ? test.set('Host', AWAY) : test.set('Host', AWAY).set('Cookie', cookie);
    Object.assign(visitors, {
      'own computer': (test: Test) => test,
      covered: away(covered),
      remote: away(remote),
      tablet: away(tablet),
      'tablet out': away(out.cookie),
      nobody: away(),
    });
  });
  afterAll(() => school.close());

  it('is written once', () => {
    const all = ROUTES.map(({ method, path }) => `${method} ${path}`);
    expect(all.filter((one, i) => all.indexOf(one) !== i)).toEqual([]);
    expect(all.length).toBeGreaterThan(100);
  });
  it.each(['own computer', 'covered', 'remote', 'tablet', 'tablet out', 'nobody'])(
    'lets %s in only where the table says so',
    async (by) => {
      // Where a device goes out, a code is changed or all are asked again, others are asked first.
      const rows = ROUTES.filter(({ path, method }) => `${method} ${path}` !== 'DELETE /entry');
      for (const row of rows) {
        const expected = MAY[row.who].includes(by);
        expect([row.method, row.path, (await said(row, by)) === 'let in']).toEqual([row.method, row.path, expected]);
      }
    },
  );
  it('leads the teacher to something that is there, on another device too', async () => {
    for (const row of ROUTES.filter(({ who }) => who !== 'tablet')) {
      // What is done to one row's end must not hinder the next: each comes in anew.
      const teacher = (test: Test) => test.set('Host', AWAY).set('Cookie', cookie);
      const cookie = await enterAgain();
      visitors['teacher'] = teacher;
      expect([row.method, row.path, await said(row, 'teacher')]).toEqual([row.method, row.path, 'let in']);
    }
  });
  let held: string | undefined;
  const enterAgain = async (): Promise<string> => {
    const works =
      held !== undefined &&
      (await request(school.url).get('/api/health').set('Host', AWAY).set('Cookie', held)).status === 200;
    return works ? held! : (held = await enter());
  };
  it('that is in no row is not found, though there were code for it', async () => {
    for (const path of [
      '/api/nothing',
      '/api/classes',
      '/api/plan',
      '/api/record',
      '/api/board/view',
      '/api/entry/x',
    ]) {
      const { body, status } = await request(school.url).get(path);
      expect([path, status, body.code]).toEqual([path, 404, 'not-found']);
    }
  });
  it('has one name only: no other spelling of its path leads past the table', async () => {
    for (const path of [
      '/api/RECORD/class',
      '/api/record/class/',
      '/api//record/class',
      '/api/./record/class',
      '/api/record%2Fclass',
      '/API/record/class',
      '/api/station/../record/class',
    ])
      expect([path, [401, 403, 404].includes((await request(school.url).get(path).set('Host', AWAY)).status)]).toEqual([
        path,
        true,
      ]);
  });
});

import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { isThisMachine } from './machine.ts';
import { visitorFrom } from './visitor.ts';

describe('who may see the class', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());

  it.each([
    ['127.0.0.1', true],
    ['::1', true],
    ['::ffff:127.0.0.1', true],
    ['127.8.0.1', true],
    ['192.168.1.20', false],
    ['::ffff:10.0.0.7', false],
    ['1127.0.0.1', false],
    [undefined, false],
  ])('%s is this machine: %p', (address, own) => expect(isThisMachine(address)).toBe(own));

  it.each([
    '/classroom',
    '/board',
    '/record/class',
    '/record/children/1',
    '/lessons/7/desk',
    '/plan/unit.json',
    '/plan/plan.pdf',
    '/live',
    '/nothing',
  ])('a page of another name cannot read %s', async (path) => {
    const reply = await request(school.url).get(`/api${path}`).set('Host', 'garden.example');
    expect([reply.status, reply.body.code]).toEqual([403, 'other-name']);
  });
  it.each(['/api/station', '/station', '/', '/api/station/door'])(
    'a page of another name gets nothing at %s',
    async (path) => {
      const reply = await request(school.url).get(path).set('Host', 'garden.example');
      expect([reply.status, reply.body.code]).toEqual([403, 'other-name']);
    },
  );
  it.each([
    [{ Origin: 'http://garden.example' }, 403],
    [{ Origin: 'null' }, 403],
    [{ 'Sec-Fetch-Site': 'cross-site' }, 403],
    [{ 'Sec-Fetch-Site': 'same-site' }, 403],
    [{ 'Sec-Fetch-Site': 'same-origin' }, 200],
    [{}, 200],
  ])('a page elsewhere changes nothing: %j is answered %d', async (headers, status) => {
    const before = (await school.get('/tablets').expect(200)).body.code;
    const sent = await request(school.url).post('/api/tablets/code').set(headers);
    expect(sent.status).toBe(status);
    const after = (await school.get('/tablets').expect(200)).body.code;
    expect(JSON.stringify(after) === JSON.stringify(before)).toBe(status === 403);
  });
  it('a page of Hoppel’s own may change things by whatever name it was opened', async () => {
    const { host } = new URL(school.url);
    await request(school.url).post('/api/tablets/code').set('Origin', `http://${host}`).expect(200);
  });
  it.each(['/api/live', '/api/station/live'])('who asks for the head of %s only is not kept waiting', async (path) => {
    const { cookie } = await school.tablet();
    await request(school.url).head(path).set('Cookie', cookie).expect(204);
  });
  it('a tablet on the classroom network is no teacher, whatever name it uses', () => {
    const asks = (remoteAddress: string, hostname: string): string =>
      visitorFrom({ socket: { remoteAddress }, hostname, headers: {} } as never, {
        teacher: { isSet: () => false, sessions: undefined as never },
        pairing: { letInBy: () => undefined },
      }).is;
    expect(asks('192.168.1.20', 'localhost')).toBe('stranger');
    expect(asks('127.0.0.1', 'localhost')).toBe('teacher');
  });
  it('a tablet gets names, pictures and the wording, and nothing anyone answered', async () => {
    const { body } = await request(school.url)
      .get('/api/station')
      .set('Host', '192.168.1.2:4930')
      .set('Cookie', (await school.tablet()).cookie)
      .expect(200);
    expect(Object.keys(body).sort()).toEqual(['children', 'className', 'settings']);
    expect(Object.keys(body.children[0]).sort()).toEqual(['id', 'name', 'picture']);
    expect(JSON.stringify(body)).not.toMatch(/verdict|right|wrong|finding/);
  });
  it('a reloaded tablet learns what its child has answered, and of whom else nothing', async () => {
    const round = await beginRound(school);
    await school.answer(tabletAnswer(1, round.id, 0, 180)).expect(201);
    const { sit } = await school.tablet();
    expect((await sit(1).expect(200)).body).toMatchObject({
      childId: 1,
      roundId: round.id,
      answered: [{ index: 0, answer: { kind: 'hands', hour: 90, minute: 0 } }],
    });
    expect((await sit(2).expect(200)).body).toMatchObject({
      childId: 2,
      roundId: round.id,
      answered: [],
    });
    expect((await sit(99).expect(404)).body.code).toBe('unknown-child');
  });
  it('an address there is nothing at says so', async () => {
    const reply = await school.get('/nothing');
    expect([reply.status, reply.body.code]).toEqual([404, 'not-found']);
  });
});

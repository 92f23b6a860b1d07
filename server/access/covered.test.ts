import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { WRONG_RULES } from '../../core/misconceptions/index.ts';
import { LESSON, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { openStream } from '../live/stream.test.support.ts';
import { ROUTES } from './routeTable.ts';

const PASSPHRASE = 'eleven green hares';
const GONE = 'Zebulon';
const NOTE = 'Counts on her fingers.';
/** What nobody may read while results are covered: needs, levels, languages, notes, and who moved away. */
const SECRETS = [
  ...WRONG_RULES.map((rule) => `"${rule}"`),
  '"secure"',
  '"getting-there"',
  '"beginning"',
  '"deu"',
  NOTE,
  GONE,
];

describe('while results are covered', () => {
  let school: School;
  let covered: string;
  let names: string[];
  let pileId: string;
  let roundId: string;
  const cookieIn = (reply: request.Response): string => reply.get('Set-Cookie')![0]!.split(';')[0]!;
  const asTeacher = async (): Promise<string> =>
    cookieIn(await request(school.url).post('/api/entry').send({ passphrase: PASSPHRASE }).expect(200));
  const open = (path: string) => request(school.url).get(path).set('Cookie', covered);

  beforeAll(async () => {
    school = await openSchool();
    await school.put('/children/1', { homeLanguage: 'deu' }).expect(200);
    await school.put('/children/2', { name: GONE }).expect(200);
    await school.put('/children/2', { movedAway: true }).expect(200);
    await school.post('/record/children/1/notes', { id: newId(), text: NOTE }).expect(201);
    // A check that was decided on has groups, each for what its children need.
    const lessons = (await school.get('/classroom')).body.lessons as { id: number; kind: string; day: string }[];
    const check = lessons.filter(({ kind, day }) => kind === 'check' && day <= '2026-11-24').at(-1)!;
    await school.put(`/lessons/${check.id}/decision`, { id: newId(), decision: 'go-on-with-group' }).expect(200);
    pileId = newId();
    await school.post('/piles', { id: pileId, origin: { from: 'lesson', lessonId: check.id } });
    roundId = (await beginRound(school)).id;
    await school.answer(tabletAnswer(1, roundId, 0, 180)).expect(201);
    const { body } = await school.get('/classroom').expect(200);
    names = (body.children as { name: string }[]).map(({ name }) => `"${name}"`);
    const told = JSON.stringify(body);
    expect(SECRETS.filter((secret) => told.includes(secret))).toEqual(
      expect.arrayContaining(['"deu"', `${GONE}`, '"numeral-as-minutes"']),
    );
    await school.put('/entry/passphrase', { before: null, passphrase: PASSPHRASE }).expect(200);
    covered = await asTeacher();
    await request(school.url).post('/api/entry/cover').set('Cookie', covered).expect(200);
  });
  afterAll(() => school.close());

  it.each(ROUTES.filter(({ method, isStream }) => method === 'GET' && !isStream).map(({ path }) => path))(
    'GET %s tells nothing of a child but what a board shows',
    async (path) => {
      const filled = path
        .replace('/piles/:id', `/piles/${pileId}`)
        .replace('/rounds/:id', `/rounds/${roundId}`)
        .replace('/lessons/:id', `/lessons/${LESSON}`)
        .replace(':index', '0')
        .replace(/:(thing)/, 'blank-faces')
        .replace(/:skill/, 'oclock-read')
        .replace(/:\w+/g, '1');
      const reply = await open(`/api${filled}`);
      const told = JSON.stringify(reply.body) + (reply.text ?? '');
      expect([path, SECRETS.filter((secret) => told.includes(secret))]).toEqual([path, []]);
      // Names stand in one field of one reply: the children a board has pictures of.
      const unnamed = path === '/classroom' ? { ...(reply.body as object), children: [] } : (reply.body as object);
      expect([path, names.filter((name) => JSON.stringify(unnamed).includes(name))]).toEqual([path, []]);
    },
  );
  it('a board still has its class: pictures to tap, today’s lessons, the day', async () => {
    const { body } = await open('/api/classroom').expect(200);
    expect(body).toMatchObject({ groups: [], movedAway: [], plan: null });
    expect(body.children[0]).toEqual({
      id: 1,
      name: 'Ada',
      picture: expect.any(String),
      absent: false,
      homeLanguage: null,
    });
    expect(body.lessons.length).toBeGreaterThan(5);
    expect(body.day.routine.length).toBeGreaterThan(3);
  });
  it('no stream tells a name, need, language or note, whatever is done meanwhile', async () => {
    const stream = await openStream(`${school.url}/api/live`, covered);
    await stream.until(({ event }) => event === 'room');
    const teacher = await asTeacher();
    const send = (method: 'post' | 'put', path: string, body: object) =>
      request(school.url)[method](`/api${path}`).set('Cookie', teacher).send(body);
    await send('post', '/record/children/1/notes', { id: newId(), text: NOTE }).expect(201);
    await send('put', '/children/1', { homeLanguage: 'deu' }).expect(200);
    await send('post', '/groups/again', {});
    await school.answer(tabletAnswer(3, roundId, 0, 180)).expect(201);
    await send('put', '/classes/opened', { name: 'Hill Room' }).expect(200);
    await stream.until(({ event }) => event === 'answer');
    await stream.until(({ event }) => event === 'classroom');
    const told = JSON.stringify(stream.heard.map(({ data }) => data));
    expect([...SECRETS, ...names].filter((one) => told.includes(one))).toEqual([]);
    await stream.end();
  });
});

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request, { type Test } from 'supertest';
import { v4 as newId } from 'uuid';
import { openStream, type Stream } from '../live/stream.test.support.ts';
import { LESSON, openSchool, type School } from '../school.test.support.ts';

const AWAY = '192.168.1.2:4930';

/** A browser of the teacher's: it keeps the cookie that says which class it looks at. */
interface Browser {
  readonly cookie: () => string;
  get(path: string): Test;
  put(path: string, body: object): Promise<request.Response>;
  post(path: string, body: object): Promise<request.Response>;
  listen(): Promise<Stream>;
}

describe('several classes open at once', () => {
  let school: School;
  let a: Browser;
  let b: Browser;
  let clover: number;
  let fern: number;

  const browser = async (): Promise<Browser> => {
    let cookie = '';
    const keep = (reply: request.Response): request.Response => {
      const [fresh] = (reply.get('Set-Cookie') ?? []).filter((one) => one.startsWith('hoppel-screen='));
      if (fresh !== undefined) cookie = fresh.split(';')[0]!;
      return reply;
    };
    const made: Browser = {
      cookie: () => cookie,
      get: (path) => request(school.url).get(`/api${path}`).set('Cookie', cookie),
      put: async (path, body) => keep(await request(school.url).put(`/api${path}`).set('Cookie', cookie).send(body)),
      post: async (path, body) => keep(await request(school.url).post(`/api${path}`).set('Cookie', cookie).send(body)),
      listen: () => openStream(`${school.url}/api/live`, cookie),
    };
    keep(await made.get('/classroom').expect(200));
    return made;
  };
  const nameOn = async (one: Browser): Promise<string> => (await one.get('/classroom').expect(200)).body.class.name;
  const codeOn = async (one: Browser) => (await one.get('/tablets').expect(200)).body.code as string[];
  const letIn = async (code: readonly string[]): Promise<string> => {
    const reply = await request(school.url).post('/api/station/door').set('Host', AWAY).send({ code }).expect(204);
    return reply.get('Set-Cookie')![0]!.split(';')[0]!;
  };
  const station = (cookie: string): Test => request(school.url).get('/api/station').set('Cookie', cookie);
  const view = (boardId: string) => ({
    boardId,
    seq: 1,
    done: null,
    mode: 'clock',
    minutes: 180,
    lenses: [],
    opened: [],
    title: '',
    place: null,
    say: '',
    sayOnBoard: false,
    phase: null,
    children: [],
    demonstration: null,
  });

  beforeEach(async () => {
    school = await openSchool();
    a = await browser();
    b = await browser();
    clover = (await a.get('/classroom')).body.class.id;
    const made = await b.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Zoë'] });
    fern = made.body.class.id;
  });
  afterEach(() => school.close());

  it('each screen looks at the class it opened, through a restart; a new one begins with the one opened last', async () => {
    expect([await nameOn(a), await nameOn(b)]).toEqual(['Clover Room', 'Fern Room']);
    await school.restart();
    expect([await nameOn(a), await nameOn(b)]).toEqual(['Clover Room', 'Fern Room']);
    expect(await nameOn(await browser())).toBe('Fern Room');
    await a.put('/classes/opened', { name: 'Hill Room' });
    expect([await nameOn(a), await nameOn(b)]).toEqual(['Hill Room', 'Fern Room']);
  });
  it('each has its own round, settings, board and stream', async () => {
    const [atClover, atFern] = [await a.listen(), await b.listen()];
    await atFern.until(({ event }) => event === 'room');
    await a.post('/rounds', { id: newId(), lessonId: LESSON });
    await atClover.until(({ data }) => Boolean((data as { round?: unknown } | null)?.round));
    expect((await b.get('/board')).body.round).toBeNull();
    const { settings } = (await a.get('/classroom')).body;
    await a.put('/settings', { ...settings, locale: 'en-GB' });
    expect((await b.get('/classroom')).body.settings.locale).toBe('en-US');
    await a.put('/board/view', view(newId()));
    await b.put('/classes/opened', { name: 'Moss Room' });
    await atFern.until(({ event }) => event === 'classroom');
    expect(atFern.heard.filter(({ event, data }) => event === 'view' && data !== null)).toEqual([]);
    expect(JSON.stringify(atFern.heard)).not.toContain('"entries"');
    await Promise.all([atClover.end(), atFern.end()]);
  });
  it('the pictures say to which a tablet belongs, and both work at the same time', async () => {
    const [atClover, atFern] = [await letIn(await codeOn(a)), await letIn(await codeOn(b))];
    expect((await station(atClover).expect(200)).body.className).toBe('Clover Room');
    expect((await station(atFern).expect(200)).body.className).toBe('Fern Room');
    // A child of the other class is nobody there.
    const ada = (await b.get('/classroom')).body.children[0].id;
    const sit = await request(school.url)
      .post('/api/station/seats')
      .set('Cookie', atClover)
      .send({ childId: ada, seat: newId() });
    expect([sit.status, sit.body.code]).toEqual([404, 'unknown-child']);
  });
  it('no two have the same pictures', async () => {
    const codes = new Set<string>();
    for (let i = 0; i < 20; i++) {
      await a.post('/tablets/code', {});
      codes.add(JSON.stringify(await codeOn(a)));
    }
    expect(codes).not.toContain(JSON.stringify(await codeOn(b)));
  });
  it('one closes with its last screen: its tablets start from their pictures, and come back with it', async () => {
    const tablet = await letIn(await codeOn(a));
    const c = await browser();
    await c.put('/classes/open', { classId: clover });
    await a.put('/classes/open', { classId: fern });
    await station(tablet).expect(200); // on c it is still open
    await c.put('/classes/open', { classId: fern });
    expect((await station(tablet).expect(401)).body.code).toBe('code-needed');
    await school.restart();
    expect((await station(tablet).expect(401)).body.code).toBe('code-needed');
    await a.put('/classes/open', { classId: clover });
    await station(tablet).expect(200);
  });
  it('one that was closed is open again once a screen that was away looks at it', async () => {
    const tablet = await letIn(await codeOn(a));
    const asleep = await browser();
    await asleep.put('/classes/open', { classId: clover });
    school.passTime(13 * 3_600_000);
    await a.put('/classes/open', { classId: fern });
    await station(tablet).expect(401);
    expect(await nameOn(asleep)).toBe('Clover Room');
    await station(tablet).expect(200);
  });
  it('a screen that goes to another takes its windows and its board along, and nobody else’s', async () => {
    const [own, others] = [await a.listen(), await b.listen()];
    await a.put('/board/view', view(newId()));
    await own.until(({ event, data }) => event === 'view' && data !== null);
    const moved = await a.put('/classes/open', { classId: fern });
    expect(moved.body.class.name).toBe('Fern Room');
    // Its window hears Fern Room's board now, where the board it had stands.
    await a.post('/children', { names: ['Ines'] });
    await own.until(({ event }) => event === 'classroom');
    await others.until(({ event }) => event === 'classroom');
    expect((await b.get('/classroom')).body.children).toHaveLength(3);
    const fresh = await b.listen();
    await fresh.until(({ event, data }) => event === 'view' && data !== null);
    await Promise.all([own.end(), others.end(), fresh.end()]);
  });
  it('a remote steers the board whose code it gave, and goes with it', async () => {
    const { code } = (await a.get('/remote').expect(200)).body;
    expect((await b.get('/remote')).body.code).not.toBe(code);
    const reply = await request(school.url).post('/api/remote/join').set('Host', AWAY).send({ code }).expect(204);
    const remote = reply.get('Set-Cookie')![0]!.split(';')[0]!;
    const at = async (): Promise<string> =>
      (await request(school.url).get('/api/classroom').set('Host', AWAY).set('Cookie', remote)).body.class.name;
    expect(await at()).toBe('Clover Room');
    expect((await b.get('/tablets')).body.remotes).toEqual([]);
    await a.put('/classes/open', { classId: fern });
    expect(await at()).toBe('Fern Room');
  });
  it('one that is deleted leaves its screens at another', async () => {
    const stream = await a.listen();
    await stream.until(({ event }) => event === 'room');
    const c = await browser();
    await c.put('/classes/open', { classId: clover });
    await c.post('/classes/opened/erase', { name: 'Clover Room' });
    expect([await nameOn(a), await nameOn(c)]).toEqual(['Fern Room', 'Fern Room']);
    await b.put('/classes/opened', { name: 'Moss Room' });
    await stream.until(({ event }) => event === 'classroom');
    await stream.end();
  });
  it('a made-up class that is put away where another is looked at leaves that one as it is', async () => {
    await b.post('/classes/made-up/away', {});
    expect([await nameOn(a), await nameOn(b)]).toEqual(['Fern Room', 'Fern Room']);
  });
  it.each(['0.0123456789abcdef', '999.0123456789abcdef', 'x', "1' OR 1=1", '-1.0123456789abcdef'])(
    'a screen that says %j looks at the one opened last',
    async (said) => {
      const reply = await request(school.url).get('/api/classroom').set('Cookie', `hoppel-screen=${said}`).expect(200);
      expect(reply.body.class.name).toBe('Fern Room');
    },
  );
});

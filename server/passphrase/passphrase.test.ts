import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request, { type Test } from 'supertest';
import { openStream } from '../live/stream.test.support.ts';
import { openSchool, type School } from '../school.test.support.ts';

const AWAY = '192.168.1.2:4930';
const WORDS = 'eleven green hares';
const FIREFOX = 'Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0';

describe('the teacher’s passphrase', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  const away = (test: Test, cookie?: string): Test =>
    cookie === undefined ? test.set('Host', AWAY) : test.set('Host', AWAY).set('Cookie', cookie);
  const cookieIn = (reply: request.Response): string =>
    (reply.get('Set-Cookie') ?? []).find((one) => one.startsWith('hoppel-teacher='))!;
  const tokenIn = (reply: request.Response): string => cookieIn(reply).split(';')[0]!;
  const choose = async (passphrase = WORDS): Promise<string> =>
    tokenIn(await school.put('/entry/passphrase', { before: null, passphrase }).expect(200));
  const enter = (passphrase = WORDS, cookie?: string): Test =>
    away(request(school.url).post('/api/entry').set('User-Agent', FIREFOX).send({ passphrase }), cookie);
  const seen = async (cookie?: string) =>
    (await away(request(school.url).get('/api/classroom'), cookie)) as { status: number; body: { code?: string } };
  const codeOf = async (test: Test): Promise<string> => (await test).body.code as string;

  it('is offered, not demanded: without one the own computer is in, and no other', async () => {
    expect((await school.get('/entry').expect(200)).body).toEqual({
      passphrase: 'unasked',
      device: 'in',
      own: true,
      wrong: null,
    });
    expect((await away(request(school.url).get('/api/entry'))).body).toMatchObject({ device: 'out', own: false });
    expect((await seen()).body.code).toBe('teacher-only');
    expect(await codeOf(enter())).toBe('teacher-only');
    expect((await school.post('/entry/without', { before: null }).expect(200)).body.passphrase).toBe('skipped');
    expect((await school.get('/classroom')).status).toBe(200);
    await school.restart();
    expect((await school.get('/entry')).body.passphrase).toBe('skipped');
  });
  it('once chosen lets in who knows it: on the own computer, and on a second device the whole teacher’s side', async () => {
    const own = await choose();
    expect((await school.get('/classroom')).body.code).toBe('passphrase-needed');
    expect((await seen()).body.code).toBe('passphrase-needed');
    await request(school.url).get('/api/record/class').set('Cookie', own).expect(200);
    const second = tokenIn(await enter().expect(200));
    const { body } = await away(request(school.url).get('/api/record/class'), second).expect(200);
    expect(body.children).toHaveLength(22);
    await away(request(school.url).put('/api/classes/opened').send({ name: 'Hill Room' }), second).expect(200);
  });
  it('gives a cookie no page can read and no other site can send, for a school day', async () => {
    await choose();
    expect(cookieIn(await enter())).toMatch(
      /^hoppel-teacher=[\w-]{43}; Max-Age=43200; Path=\/; Expires=.*; HttpOnly; SameSite=Strict$/,
    );
    const cookie = tokenIn(await enter());
    school.passTime(11.9 * 3_600_000);
    expect((await seen(cookie)).status).toBe(200);
    school.passTime(0.2 * 3_600_000);
    expect((await seen(cookie)).body.code).toBe('passphrase-needed');
  });
  it('holds through a restart; a clock set back a day lets nobody stay longer', async () => {
    await choose();
    const cookie = tokenIn(await enter());
    await school.restart();
    expect((await seen(cookie)).status).toBe(200);
    school.setClock(-86_400_000);
    expect((await seen(cookie)).body.code).toBe('passphrase-needed');
    expect((await seen(tokenIn(await enter()))).status).toBe(200);
  });
  it('is stored hashed with what it was hashed by; neither it nor a token stands in the file', async () => {
    const token = await choose();
    const row = school.db.prepare('SELECT * FROM passphrase').get();
    expect(row).toMatchObject({ state: 'set', cost: 32768, block_size: 8, parallel: 1 });
    school.db.pragma('wal_checkpoint(TRUNCATE)');
    const bytes = readFileSync(school.file).toString('latin1');
    expect(bytes).not.toContain('green hares');
    expect(bytes).not.toContain(token.split('=')[1]!);
  });
  it('of a weaker or stronger kind, as another version stored it, still lets in', async () => {
    await choose();
    const { scryptSync } = await import('node:crypto');
    const salt = Buffer.alloc(16, 7);
    const hash = scryptSync(WORDS, salt, 32, { N: 1024, r: 4, p: 2 });
    school.db
      .prepare('UPDATE passphrase SET hash = ?, salt = ?, cost = 1024, block_size = 4, parallel = 2')
      .run(hash, salt);
    await enter().expect(200);
    expect(await codeOf(enter('eleven green hare'))).toBe('wrong-passphrase');
  });
  it.each(['  eleven green hares ', 'eleven green hares'.normalize('NFD')])('is %j too', async (typed) => {
    await choose();
    await enter(typed).expect(200);
  });
  it.each([['short'], ['       a       '], ['x'.repeat(201)], [''], [null], [{ $ne: '' }]])(
    'cannot be %j',
    async (passphrase) => {
      expect(await codeOf(school.put('/entry/passphrase', { before: null, passphrase }))).toBe('malformed');
      expect((await school.get('/entry')).body.passphrase).toBe('unasked');
    },
  );
  it('chosen in two windows at once is the first one’s; the other is told that there is one', async () => {
    const both = await Promise.all(
      ['eleven green hares', 'twelve red radishes'].map((passphrase) =>
        school.put('/entry/passphrase', { before: null, passphrase }),
      ),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    const [chosen, other] = both[0]!.status === 200 ? [WORDS, 'twelve red radishes'] : ['twelve red radishes', WORDS];
    await enter(chosen).expect(200);
    expect(await codeOf(enter(other))).toBe('wrong-passphrase');
  });
  it('of before lets nobody in from the moment another was chosen', async () => {
    const own = await choose();
    const changing = request(school.url)
      .put('/api/entry/passphrase')
      .set('Cookie', own)
      .send({ before: WORDS, passphrase: 'twelve red radishes' })
      .then((reply) => reply);
    const tried = await Promise.all(Array.from({ length: 6 }, (_, i) => enter().set('X-Try', String(i))));
    expect((await changing).status).toBe(200);
    // Whoever came in before it was changed was asked anew by it; nobody is in by the old one now.
    for (const reply of tried)
      if (reply.status === 200) expect((await seen(tokenIn(reply))).body.code).toBe('passphrase-needed');
  });
  it('is changed or given up only by who knows it; then every other device is asked anew', async () => {
    const own = await choose();
    const second = tokenIn(await enter());
    const put = (body: object): Test => request(school.url).put('/api/entry/passphrase').set('Cookie', own).send(body);
    expect(await codeOf(put({ before: null, passphrase: 'another long one' }))).toBe('passphrase-is-set');
    expect(await codeOf(put({ before: 'not that one', passphrase: 'another long one' }))).toBe('wrong-passphrase');
    const fresh = tokenIn(await put({ before: WORDS, passphrase: 'another long one' }).expect(200));
    expect((await seen(second)).body.code).toBe('passphrase-needed');
    expect((await seen(own)).body.code).toBe('passphrase-needed');
    expect((await seen(fresh)).status).toBe(200);
    const without = (before: string): Test =>
      request(school.url).post('/api/entry/without').set('Cookie', fresh).send({ before });
    expect(await codeOf(without(WORDS))).toBe('wrong-passphrase');
    expect((await without('another long one').expect(200)).body.passphrase).toBe('skipped');
    await school.get('/classroom').expect(200);
    expect((await seen(fresh)).body.code).toBe('teacher-only');
  });

  describe('guessed at', () => {
    it('slows the guesser down, for longer and longer, and through a restart', async () => {
      await choose();
      for (let tries = 0; tries < 4; tries++) expect(await codeOf(enter('guess'))).toBe('wrong-passphrase');
      expect(await codeOf(enter('guess'))).toBe('too-many-tries');
      expect(await codeOf(enter())).toBe('too-many-tries');
      await school.restart();
      expect(await codeOf(enter())).toBe('too-many-tries');
      school.passTime(5000);
      expect(await codeOf(enter('guess'))).toBe('too-many-tries');
      school.passTime(9000);
      expect(await codeOf(enter())).toBe('too-many-tries');
      school.passTime(1000);
      await enter().expect(200);
      // Whoever knew it begins afresh.
      expect(await codeOf(enter('guess'))).toBe('wrong-passphrase');
    });
    it('by many tries at once is no quicker', async () => {
      await choose();
      const codes = await Promise.all(Array.from({ length: 12 }, () => codeOf(enter('guess'))));
      expect(codes.filter((code) => code === 'wrong-passphrase').length).toBeLessThan(5);
      expect(await codeOf(enter())).toBe('too-many-tries');
    });
    it('keeps nobody out for long whose clock was set back', async () => {
      await choose();
      for (let tries = 0; tries < 5; tries++) await enter('guess');
      school.setClock(-86_400_000);
      expect(await codeOf(enter())).toBe('too-many-tries');
      school.passTime(5000);
      await enter().expect(200);
    });
    it('is told to the teacher, until she has seen it', async () => {
      const own = await choose();
      const state = async () => (await request(school.url).get('/api/entry').set('Cookie', own)).body.wrong;
      expect(await state()).toBeNull();
      await enter('guess');
      await enter('guess');
      // Her own mistake, put right at once, is told too; what was right is not.
      await enter();
      expect(await state()).toEqual({ count: 2, lastAt: '2026-11-24T09:00:00.000Z' });
      expect((await away(request(school.url).get('/api/entry'))).body.wrong).toBeNull();
      await request(school.url).post('/api/entry/tries-seen').set('Cookie', own).expect(200);
      expect(await state()).toBeNull();
    });
  });

  describe('covers results', () => {
    const cover = (cookie: string): Test => away(request(school.url).post('/api/entry/cover'), cookie).expect(200);
    it('in one step, while the board goes on; with the passphrase they are back', async () => {
      await choose();
      const cookie = tokenIn(await enter());
      expect((await cover(cookie)).body.device).toBe('covered');
      expect(await codeOf(away(request(school.url).get('/api/record/class'), cookie))).toBe('covered');
      expect((await seen(cookie)).status).toBe(200);
      await away(request(school.url).get('/api/board'), cookie).expect(200);
      // Through a restart too.
      await school.restart();
      expect(await codeOf(away(request(school.url).get('/api/record/class'), cookie))).toBe('covered');
      expect(await codeOf(enter('not it', cookie))).toBe('wrong-passphrase');
      expect((await enter(WORDS, cookie).expect(200)).body.device).toBe('in');
      await away(request(school.url).get('/api/record/class'), cookie).expect(200);
    });
    it('on that device alone', async () => {
      const own = await choose();
      const cookie = tokenIn(await enter());
      await cover(cookie);
      await request(school.url).get('/api/record/class').set('Cookie', own).expect(200);
    });
    it('from its stream too: it begins anew and hears nothing of the record', async () => {
      await choose();
      const cookie = tokenIn(await enter());
      const before = await openStream(`${school.url}/api/live`, cookie, AWAY);
      await before.until(({ event }) => event === 'room');
      await cover(cookie);
      await before.over;
      const stream = await openStream(`${school.url}/api/live`, cookie, AWAY);
      await stream.until(({ event }) => event === 'room');
      const other = tokenIn(await enter());
      const note = { id: '11111111-1111-4111-8111-111111111111', text: 'Turns the clock.' };
      await away(request(school.url).post('/api/record/children/1/notes').send(note), other).expect(201);
      await away(request(school.url).put('/api/classes/opened').send({ name: 'Hill Room' }), other).expect(200);
      await stream.until(({ event }) => event === 'classroom');
      expect(stream.heard.map(({ event }) => event)).not.toContain('record');
      await stream.end();
    });
  });

  describe('has devices', () => {
    it('that are listed by what they are, and sent away: their streams end', async () => {
      const own = await choose();
      const cookie = tokenIn(await enter());
      const stream = await openStream(`${school.url}/api/live`, cookie, AWAY);
      await stream.until(({ event }) => event === 'room');
      const list = async () =>
        (await request(school.url).get('/api/entry/devices').set('Cookie', own).expect(200)).body.devices;
      const [first, second] = await list();
      expect(first).toMatchObject({ own: true, isThis: true, covered: false });
      expect(second).toMatchObject({ device: 'Firefox, Linux', own: false, isThis: false });
      await request(school.url).delete(`/api/entry/devices/${second.id}`).set('Cookie', own).expect(200);
      await stream.over;
      expect(await list()).toHaveLength(1);
      expect((await seen(cookie)).body.code).toBe('passphrase-needed');
    });
    it('that go out by themselves', async () => {
      await choose();
      const cookie = tokenIn(await enter());
      expect((await away(request(school.url).delete('/api/entry'), cookie).expect(200)).body.device).toBe('out');
      expect((await seen(cookie)).body.code).toBe('passphrase-needed');
    });
    it('none of which listens on when a passphrase is chosen', async () => {
      const stream = await openStream(`${school.url}/api/live`);
      await stream.until(({ event }) => event === 'room');
      await choose();
      await stream.over;
    });
  });
  it('keeps a rehearsal’s pages too', async () => {
    const own = await choose();
    const ask = (path: string) => request(school.url).get(`/rehearsal/api${path}`);
    const begin = { id: '11111111-1111-4111-8111-111111111111', lessonId: 8 };
    await request(school.url).post('/api/rehearsal').set('Cookie', own).send(begin).expect(201);
    expect((await ask('/classroom')).body.code).toBe('passphrase-needed');
    await ask('/classroom').set('Cookie', own).expect(200);
  });
});

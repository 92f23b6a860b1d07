import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { WRONG_RULES } from '../../core/misconceptions/index.ts';
import { CODE_PICTURES } from '../../core/pictures/index.ts';
import { openStream } from '../live/stream.test.support.ts';
import { SILENT_MS } from './seats.ts';
import { LESSON, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());

/** What a child sends that practises alone. */
const aloneAnswer = (childId: number) => ({
  id: newId(),
  childId,
  answer: { kind: 'hands', hour: 90, minute: 0 },
  to: { setting: 'alone', lessonId: LESSON, item: { kind: 'set', shown: 180 }, attempt: 1 },
});
const code = async (): Promise<string[]> => (await school.get('/tablets').expect(200)).body.code;
/** A device that has never been here. */
const knock = (given: readonly string[], more = {}) =>
  request(school.url)
    .post('/api/station/door')
    .send({ code: given, ...more });

describe('the door', () => {
  it('opens to the pictures in their order, and a tablet is known from then on', async () => {
    await request(school.url).get('/api/station').expect(401);
    const reply = await knock(await code()).expect(204);
    const cookie = reply.get('Set-Cookie')![0]!;
    expect(cookie).toMatch(/HttpOnly/);
    await request(school.url).get('/api/station').set('Cookie', cookie.split(';')[0]!).expect(200);
  });
  it('stays shut to other pictures, another order, and what are no pictures', async () => {
    const right = await code();
    expect((await knock([...right].reverse()).expect(403)).body.code).toBe('wrong-code');
    const others = CODE_PICTURES.filter((picture) => !right.includes(picture)).slice(0, 4);
    expect((await knock(others).expect(403)).body.code).toBe('wrong-code');
    await knock(['radish', 'tractor', 'bee', 'snail']).expect(400);
    await knock(['radish']).expect(400);
  });
  it('shuts for a while against a device that tries them all, also to the right pictures, and the teacher sees it', async () => {
    const right = await code();
    for (let i = 0; i < 4; i++) await knock([...right].reverse()).expect(403);
    await knock([...right].reverse()).expect(429);
    await knock(right).expect(429);
    expect((await school.get('/tablets').expect(200)).body.tries).toBe(5);
    school.passTime(5000);
    await knock(right).expect(204);
    expect((await school.get('/tablets').expect(200)).body.tries).toBe(0);
  });
  it('has four pictures where an older Hoppel had three, and tablets that are in stay in', async () => {
    const tablet = await school.tablet();
    school.db.prepare('UPDATE door SET code = \'["bee","boot","wren"]\'').run();
    expect(await code()).toHaveLength(4);
    await tablet.get('/station').expect(200);
  });
  it('ends the streams of the pass a tablet had before when it comes in anew', async () => {
    const tablet = await school.tablet();
    const stream = await tablet.listen();
    await request(school.url)
      .post('/api/station/door')
      .set('Cookie', tablet.cookie)
      .send({ code: await code() })
      .expect(204);
    await stream.over;
  });
  it('lets a pass listen at a few streams only: the oldest ends', async () => {
    const tablet = await school.tablet();
    const streams = [];
    for (let i = 0; i < 6; i++) streams.push(await tablet.listen());
    await Promise.all([streams[0]!.over, streams[1]!.over]);
    await streams[5]!.until(({ event }) => event === 'round');
    await Promise.all(streams.map((stream) => stream.end()));
  });
  it('has new pictures when the teacher wants it, and tablets are asked again', async () => {
    const tablet = await school.tablet();
    await tablet.get('/station').expect(200);
    const stream = await tablet.listen();
    await school.post('/tablets/code', {}).expect(200);
    expect((await tablet.get('/station').expect(401)).body.code).toBe('code-needed');
    // It hears that it must look, and nothing more.
    await stream.until(({ event }) => event === 'classroom');
    stream.heard.length = 0;
    await beginRound(school);
    await school.get('/tablets').expect(200);
    expect(stream.heard).toEqual([]);
    await stream.end();
  });
  it('keeps its pictures over a restart', async () => {
    const before = await code();
    await school.restart();
    expect(await code()).toEqual(before);
  });
  it('lets no answer through from outside', async () => {
    const answer = { id: newId(), childId: 1, answer: { kind: 'yes-no', yes: true }, to: {} };
    await request(school.url).post('/api/answers').send(answer).expect(401);
  });
});

describe('a pass', () => {
  it('is one tablet’s own: two tablets show different ones, and what is stored cannot be shown', async () => {
    const [one, other] = [await school.tablet(), await school.tablet()];
    expect(one.cookie).not.toBe(other.cookie);
    const stored = school.db.prepare<[], string>('SELECT pass FROM tablet').pluck().all();
    for (const pass of stored)
      await request(school.url).get('/api/station').set('Cookie', `hoppel-tablet=${pass}`).expect(401);
  });
  it('can be withdrawn by itself: that tablet is asked for the pictures, its child is free, others go on', async () => {
    const [lost, kept] = [await school.tablet(), await school.tablet()];
    const seat = newId();
    await lost.sit(2, seat).expect(200);
    await kept.sit(3).expect(200);
    const stream = await lost.listen(seat);
    const { passes } = (await school.get('/tablets')).body;
    expect(passes).toMatchObject([
      { childId: 2, listens: true },
      { childId: 3, listens: false },
    ]);
    const { body } = await school.delete(`/tablets/passes/${passes[0].tabletId}`).expect(200);
    expect(body.passes).toMatchObject([{ childId: 3 }]);
    expect(body.seats).toMatchObject([{ childId: 3 }]);
    await stream.until(({ event }) => event === 'away');
    expect((await lost.get('/station').expect(401)).body.code).toBe('code-needed');
    expect((await lost.put(`/station/seats/${seat}`, {}).expect(401)).body.code).toBe('code-needed');
    await kept.get('/station').expect(200);
    await kept.sit(2).expect(200);
    await stream.end();
  });
  it('comes anew with the pictures, and the tablet may still bring what its child did before', async () => {
    const tablet = await school.tablet();
    await tablet.sit(4).expect(200);
    await school.post('/tablets/code', {}).expect(200);
    const answer = aloneAnswer(4);
    expect((await tablet.post('/answers', answer).expect(401)).body.code).toBe('code-needed');
    const reply = await knock(await code())
      .set('Cookie', tablet.cookie)
      .expect(204);
    const cookie = reply.get('Set-Cookie')![0]!.split(';')[0]!;
    expect(cookie).not.toBe(tablet.cookie);
    await request(school.url).post('/api/answers').set('Cookie', cookie).send(answer).expect(201);
    // The old pass is good for nothing any more.
    await tablet.get('/station').expect(401);
  });
  it('keeps over a restart, and so does what a child may still send', async () => {
    const tablet = await school.tablet();
    await tablet.sit(4).expect(200);
    await school.restart();
    await tablet.get('/station').expect(200);
    await tablet.post('/answers', aloneAnswer(4)).expect(201);
  });
  it('answers only for children who sit at it or sat there, of whatever class', async () => {
    const tablet = await school.tablet();
    const refused = async (childId: number) => (await tablet.post('/answers', aloneAnswer(childId))).body.code;
    expect(await refused(1)).toBe('other-child');
    await tablet.sit(1).expect(200);
    expect(await refused(2)).toBe('other-child');
    await tablet.post('/answers', aloneAnswer(1)).expect(201);
    await tablet.sit(2).expect(200);
    // What the child before did without a network comes late, and is kept.
    await tablet.post('/answers', aloneAnswer(1)).expect(201);
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    const ofFern = await school.tablet();
    expect((await ofFern.post('/answers', aloneAnswer(1)).expect(403)).body.code).toBe('other-child');
  });
  it('is for the class that is open to it: no child of another class can sit there or be answered for', async () => {
    const before = await school.tablet();
    const { body } = await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    const ada = body.children[0].id;
    expect((await before.sit(ada).expect(401)).body.code).toBe('code-needed');
    const tablet = await school.tablet();
    expect((await tablet.sit(1).expect(404)).body.code).toBe('unknown-child');
    await tablet.sit(ada).expect(200);
  });
  it('of a stand-in there is in the made-up class only', async () => {
    await knock(await code(), { simulated: true }).expect(204);
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    expect((await knock(await code(), { simulated: true }).expect(409)).body.code).toBe('no-stand-ins');
  });
  it('lets one child sit at a time: the one before gives its place up', async () => {
    const [tablet, other] = [await school.tablet(), await school.tablet()];
    const first = newId();
    await tablet.sit(2, first).expect(200);
    const stream = await tablet.listen(first);
    await tablet.sit(3).expect(200);
    // A second page of the same tablet: the first goes back to the pictures.
    await stream.until(({ event }) => event === 'away');
    expect((await tablet.put(`/station/seats/${first}`, {}).expect(409)).body.code).toBe('seat-lost');
    await other.sit(2).expect(200);
    await stream.end();
  });
  it('knows no seat of another tablet', async () => {
    const [mine, other] = [await school.tablet(), await school.tablet()];
    const seat = newId();
    await mine.sit(2, seat).expect(200);
    expect((await other.put(`/station/seats/${seat}`, {}).expect(409)).body.code).toBe('seat-lost');
    await other.delete(`/station/seats/${seat}`).expect(204);
    const draft = { seat, roundId: newId(), index: 0, answer: { kind: 'hands', hour: 0, minute: 0 } };
    expect((await other.put('/station/draft', draft).expect(409)).body.code).toBe('seat-lost');
    const rest = { seat, asked: [{ item: { kind: 'read', shown: 60 }, verdict: 'right' }] };
    expect((await other.post('/station/rest', rest).expect(409)).body.code).toBe('seat-lost');
    await mine.put(`/station/seats/${seat}`, {}).expect(204);
  });
});

describe('all a tablet ever receives', () => {
  it('names no rule, share or verdict, though one tablet sits as every child in turn', async () => {
    const tablet = await school.tablet();
    const received: unknown[] = [(await tablet.get('/station').expect(200)).body];
    const round = await beginRound(school);
    for (let childId = 1; childId <= 22; childId++) {
      const seat = newId();
      const { body } = await tablet.sit(childId, seat).expect(200);
      const asked = body.practice.session.tasks.slice(0, 2).map((item: object) => ({ item, verdict: 'wrong' }));
      const stream = await tablet.listen(seat);
      await stream.until(({ event }) => event === 'round');
      received.push(
        body,
        (await tablet.post('/station/rest', { seat, asked }).expect(200)).body,
        (await tablet.post('/answers', { ...tabletAnswer(childId, round.id, 0, 15) }).expect(201)).body,
        (await tablet.sit(childId, seat).expect(200)).body,
        stream.heard,
      );
      await stream.end();
    }
    const text = JSON.stringify(received);
    // The class has reasons to tell: they are on the teacher's side.
    const known = JSON.stringify((await school.get('/record/class')).body);
    expect(WRONG_RULES.filter((rule) => known.includes(`"${rule}"`)).length).toBeGreaterThan(1);
    for (const rule of WRONG_RULES) expect(text).not.toContain(rule);
    expect(text).not.toMatch(/verdict|finding|suspicion|share|posterior|mastery|secure|homeLanguage|absent/);
  });
});

describe('a seat', () => {
  it('is for one child at one tablet: another tablet is refused while the first listens', async () => {
    const [tablet, other] = [await school.tablet(), await school.tablet()];
    const seat = newId();
    await tablet.sit(2, seat).expect(200);
    const stream = await tablet.listen(seat);
    expect((await other.sit(2).expect(409)).body.code).toBe('child-taken');
    await tablet.sit(2, seat).expect(200); // the same tablet, reloaded
    await stream.end();
  });
  it('is free again after a tap beside: choosing another picture gives the first one back', async () => {
    const [tablet, other] = [await school.tablet(), await school.tablet()];
    const seat = newId();
    await tablet.sit(2, seat).expect(200);
    await tablet.sit(3, seat).expect(200);
    await other.sit(2).expect(200);
    await tablet.delete(`/station/seats/${seat}`).expect(204);
    await (await school.tablet()).sit(3).expect(200);
  });
  it('can be taken back by the teacher: the tablet is told, and the child can sit elsewhere', async () => {
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(2, seat).expect(200);
    const stream = await tablet.listen(seat);
    const { body } = await school.delete('/tablets/seats/2').expect(200);
    expect(body.seats).toEqual([]);
    await stream.until(({ event }) => event === 'away');
    await (await school.tablet()).sit(2).expect(200);
    await stream.end();
  });
  it('shows on the teacher’s screen with its tablet listening or not', async () => {
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(4, seat).expect(200);
    const seats = async () => (await school.get('/tablets')).body.seats;
    expect(await seats()).toMatchObject([{ childId: 4, connected: false, simulated: false }]);
    const stream = await tablet.listen(seat);
    expect(await seats()).toMatchObject([{ childId: 4, connected: true, simulated: false }]);
    await stream.end();
  });
  it('is told to the teacher’s screens when it changes, not when a tablet only asks what comes next', async () => {
    const [tablet, other] = [await school.tablet(), await school.tablet()];
    const seat = newId();
    const teacher = await openStream(`${school.url}/api/live`);
    await tablet.sit(4, seat).expect(200);
    await teacher.until(({ event }) => event === 'tablets');
    teacher.heard.length = 0;
    await tablet.sit(4, seat).expect(200);
    await tablet.sit(4, seat).expect(200);
    await other.sit(5).expect(200);
    await teacher.until(({ event }) => event === 'tablets');
    expect(teacher.heard.filter(({ event }) => event === 'tablets')).toHaveLength(1);
    await teacher.end();
  });
  it('is for nobody who moved away', async () => {
    await school.put('/children/6', { movedAway: true }).expect(200);
    expect((await (await school.tablet()).sit(6).expect(404)).body.code).toBe('unknown-child');
  });
});

describe('a tablet that falls silent, its connection still open', () => {
  const seats = async () => (await school.get('/tablets')).body.seats;
  it('no longer counts as there, a round waits for it no more, and another may take its child', async () => {
    const [silent, lively, other] = [await school.tablet(), await school.tablet(), await school.tablet()];
    const [silentSeat, livelySeat] = [newId(), newId()];
    await silent.sit(4, silentSeat).expect(200);
    await lively.sit(5, livelySeat).expect(200);
    const streams = [await silent.listen(silentSeat), await lively.listen(livelySeat)];
    const teacher = await openStream(`${school.url}/api/live`);
    await teacher.until(({ data }) => (data as { stations?: number[] } | null)?.stations?.join() === '4,5');
    teacher.heard.length = 0;
    school.passTime(SILENT_MS - 1000);
    await lively.put(`/station/seats/${livelySeat}`, {}).expect(204);
    await other.sit(4).expect(409);
    school.passTime(1000);
    await teacher.until(({ data }) => (data as { stations?: number[] } | null)?.stations?.join() === '5');
    expect(await seats()).toMatchObject([
      { childId: 4, connected: false },
      { childId: 5, connected: true },
    ]);
    await other.sit(5).expect(409);
    await other.sit(4).expect(200);
    await streams[0]!.until(({ event }) => event === 'away');
    // Heard of again, it is told that the child is elsewhere.
    expect((await silent.put(`/station/seats/${silentSeat}`, {}).expect(409)).body.code).toBe('seat-lost');
    await Promise.all([...streams, teacher].map((stream) => stream.end()));
  });
  it('counts as there again with its next sign of life', async () => {
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(4, seat).expect(200);
    const stream = await tablet.listen(seat);
    school.passTime(SILENT_MS);
    expect(await seats()).toMatchObject([{ childId: 4, connected: false }]);
    await tablet.put(`/station/seats/${seat}`, {}).expect(204);
    expect(await seats()).toMatchObject([{ childId: 4, connected: true }]);
    await stream.end();
  });
});

describe('the wall', () => {
  it('hears what a child sets before it is done, and forgets it with the task', async () => {
    const round = await beginRound(school);
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(3, seat).expect(200);
    const teacher = await openStream(`${school.url}/api/live`);
    const draft = { seat, roundId: round.id, index: 0, answer: { kind: 'hands', hour: 12, minute: 34 } };
    await tablet.put('/station/draft', draft).expect(204);
    const heard = await teacher.until(({ event }) => event === 'draft');
    expect(heard.data).toEqual({ childId: 3, roundId: round.id, index: 0, answer: draft.answer, read: draft.answer });
    // A board opened later has it from the start.
    const later = await openStream(`${school.url}/api/live`);
    await later.until(({ event, data }) => event === 'drafts' && (data as { drafts: unknown[] }).drafts.length === 1);
    for (let version = 0; version < 8; version++)
      await school.post(`/rounds/${round.id}/moves`, { move: 'next', version }).expect(200);
    await teacher.until(
      ({ event, data }) =>
        event === 'drafts' &&
        (data as { index: number }).index === 1 &&
        (data as { drafts: unknown[] }).drafts.length === 0,
    );
    await tablet.put('/station/draft', draft).expect(204); // late: let go
    expect(teacher.heard.filter(({ event }) => event === 'draft')).toHaveLength(1);
    await Promise.all([teacher.end(), later.end()]);
  });
  it('takes nothing from a tablet without a child', async () => {
    const round = await beginRound(school);
    const tablet = await school.tablet();
    const draft = { seat: newId(), roundId: round.id, index: 0, answer: { kind: 'hands', hour: 0, minute: 0 } };
    expect((await tablet.put('/station/draft', draft).expect(409)).body.code).toBe('seat-lost');
  });
});

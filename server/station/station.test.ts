import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { CODE_PICTURES } from '../../core/pictures/index.ts';
import { openStream } from '../live/stream.test.support.ts';
import { SILENT_MS } from './seats.ts';
import { LESSON, beginRound, openSchool, type School } from '../school.test.support.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());

const code = async (): Promise<string[]> => (await school.get('/tablets').expect(200)).body.code;
/** A device that has never been here. */
const knock = (given: readonly string[], more = {}) =>
  request(school.url)
    .post('/api/station/door')
    .send({ code: given, ...more });
const sit = (childId: number, seat: string = newId()) => school.post('/station/seats', { childId, seat });

describe('the door', () => {
  it('opens to the three pictures in their order, and a tablet is known from then on', async () => {
    await request(school.url).get('/api/station').expect(401);
    const reply = await knock(await code()).expect(204);
    const cookie = reply.get('Set-Cookie')![0]!;
    expect(cookie).toMatch(/HttpOnly/);
    await request(school.url).get('/api/station').set('Cookie', cookie.split(';')[0]!).expect(200);
  });
  it('stays shut to other pictures, another order, and what are no pictures', async () => {
    const right = await code();
    expect((await knock([...right].reverse()).expect(403)).body.code).toBe('wrong-code');
    const others = CODE_PICTURES.filter((picture) => !right.includes(picture)).slice(0, 3);
    expect((await knock(others).expect(403)).body.code).toBe('wrong-code');
    await knock(['radish', 'tractor', 'bee']).expect(400);
    await knock(['radish']).expect(400);
  });
  it('shuts for a while against those who try them all, also to the right pictures', async () => {
    const right = await code();
    for (let i = 0; i < 39; i++) await knock([...right].reverse()).expect(403);
    await knock([...right].reverse()).expect(429);
    await knock(right).expect(429);
  });
  it('has new pictures when the teacher wants it, and tablets are asked again', async () => {
    await school.get('/station').expect(200);
    const before = school.pass();
    await school.post('/tablets/code', {}).expect(200);
    const reply = await request(school.url).get('/api/station').set('Cookie', before).expect(401);
    expect(reply.body.code).toBe('code-needed');
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

describe('a seat', () => {
  const listen = (seat: string) => openStream(`${school.url}/api/station/live?seat=${seat}`, school.pass());

  it('is for one child at one tablet: another tablet is refused while the first listens', async () => {
    const seat = newId();
    await sit(2, seat).expect(200);
    const stream = await listen(seat);
    expect((await sit(2).expect(409)).body.code).toBe('child-taken');
    await sit(2, seat).expect(200); // the same tablet, reloaded
    await stream.end();
  });
  it('is free again after a tap beside: choosing another picture gives the first one back', async () => {
    const seat = newId();
    await sit(2, seat).expect(200);
    await sit(3, seat).expect(200);
    await sit(2).expect(200);
    await school.delete(`/station/seats/${seat}`).expect(204);
    await sit(3).expect(200);
  });
  it('can be taken back by the teacher: the tablet is told, and the child can sit elsewhere', async () => {
    const seat = newId();
    await sit(2, seat).expect(200);
    const stream = await listen(seat);
    const { body } = await school.delete('/tablets/seats/2').expect(200);
    expect(body.seats).toEqual([]);
    await stream.until(({ event }) => event === 'away');
    await sit(2).expect(200);
    await stream.end();
  });
  it('shows on the teacher’s screen with its tablet listening or not', async () => {
    const seat = newId();
    await sit(4, seat).expect(200);
    const seats = async () => (await school.get('/tablets')).body.seats;
    expect(await seats()).toEqual([{ childId: 4, connected: false, simulated: false }]);
    const stream = await listen(seat);
    expect(await seats()).toEqual([{ childId: 4, connected: true, simulated: false }]);
    await stream.end();
  });
  it('is told to the teacher’s screens when it changes, not when a tablet only asks what comes next', async () => {
    const seat = newId();
    const teacher = await openStream(`${school.url}/api/live`);
    await sit(4, seat).expect(200);
    await teacher.until(({ event }) => event === 'tablets');
    teacher.heard.length = 0;
    await sit(4, seat).expect(200);
    await sit(4, seat).expect(200);
    await sit(5).expect(200);
    await teacher.until(({ event }) => event === 'tablets');
    expect(teacher.heard.filter(({ event }) => event === 'tablets')).toHaveLength(1);
    await teacher.end();
  });
});

describe('a tablet that falls silent, its connection still open', () => {
  const seats = async () => (await school.get('/tablets')).body.seats;
  it('no longer counts as there, a round waits for it no more, and another may take its child', async () => {
    const [silent, lively, other] = [newId(), newId(), newId()];
    await sit(4, silent).expect(200);
    await sit(5, lively).expect(200);
    const streams = [];
    for (const seat of [silent, lively])
      streams.push(await openStream(`${school.url}/api/station/live?seat=${seat}`, school.pass()));
    const teacher = await openStream(`${school.url}/api/live`);
    await teacher.until(({ data }) => (data as { stations?: number[] } | null)?.stations?.join() === '4,5');
    teacher.heard.length = 0;
    school.passTime(SILENT_MS - 1000);
    await school.put(`/station/seats/${lively}`, {}).expect(204);
    await sit(4, other).expect(409);
    school.passTime(1000);
    await teacher.until(({ data }) => (data as { stations?: number[] } | null)?.stations?.join() === '5');
    expect(await seats()).toMatchObject([
      { childId: 4, connected: false },
      { childId: 5, connected: true },
    ]);
    await sit(5, other).expect(409);
    await sit(4, other).expect(200);
    await streams[0]!.until(({ event }) => event === 'away');
    // Heard of again, it is told that the child is elsewhere.
    expect((await school.put(`/station/seats/${silent}`, {}).expect(409)).body.code).toBe('seat-lost');
    await Promise.all([...streams, teacher].map((stream) => stream.end()));
  });
  it('counts as there again with its next sign of life', async () => {
    const seat = newId();
    await sit(4, seat).expect(200);
    const stream = await openStream(`${school.url}/api/station/live?seat=${seat}`, school.pass());
    school.passTime(SILENT_MS);
    expect(await seats()).toMatchObject([{ childId: 4, connected: false }]);
    await school.put(`/station/seats/${seat}`, {}).expect(204);
    expect(await seats()).toMatchObject([{ childId: 4, connected: true }]);
    await stream.end();
  });
});

describe('what a child practises alone', () => {
  const seats = Array.from({ length: 10 }, () => newId());
  const practice = async (childId: number) => (await sit(childId, seats[childId]).expect(200)).body.practice;
  const answerAll = async (childId: number, lessonId: number, items: readonly object[]): Promise<void> => {
    for (const item of items) {
      const to = { setting: 'alone', lessonId, item, attempt: 1 };
      const answers: Record<string, object> = {
        set: { kind: 'hands', hour: 0, minute: 0 },
        'set-free': { kind: 'hands', hour: 0, minute: 0 },
        draw: { kind: 'strokes', strokes: [] },
      };
      const { kind } = item as { kind: string };
      await school
        .post('/answers', { id: newId(), childId, answer: answers[kind] ?? { kind: 'text', text: '4' }, to })
        .expect(201);
    }
  };

  it('is the lesson’s set, and when that is through, what it needs', async () => {
    const first = await practice(1);
    expect(first.set.length).toBeGreaterThan(2);
    await answerAll(1, first.lessonId, first.set);
    const after = await practice(1);
    expect(after).toMatchObject({ set: null, lessonId: LESSON });
    expect(after.needs.skills.length).toBeGreaterThan(3);
    const weights: number[] = Object.values(after.needs.suspicion);
    expect(weights.reduce((a, b) => a + b)).toBeCloseTo(1);
  });
  it('knows what this child’s answers so far speak for', async () => {
    const { body } = await school.get('/record/class');
    const swapper = body.children.find(
      ({ reason }: { reason: { rule: string } | null }) => reason?.rule === 'hands-swapped',
    );
    const { needs } = await practice(swapper.childId);
    const others = Object.entries(needs.suspicion as Record<string, number>).filter(
      ([rule]) => rule !== 'hands-swapped',
    );
    for (const [, weight] of others) expect(needs.suspicion['hands-swapped']).toBeGreaterThan(weight);
  });
  it('is what the teacher handed to it, and to it alone, until it is taken back', async () => {
    const id = newId();
    const source = { what: 'times', kinds: ['draw'], times: [180, 420] };
    const { body } = await school.post('/tablets/sets', { id, childIds: [5, 6], source }).expect(201);
    expect(body.sets).toEqual([{ id, childIds: [5, 6], what: 'times', count: 2 }]);
    expect((await practice(5)).set).toEqual([
      { kind: 'draw', shown: 180 },
      { kind: 'draw', shown: 420 },
    ]);
    expect((await practice(7)).key).not.toBe(id);
    await school.post('/tablets/sets', { id, childIds: [5, 6], source }).expect(201); // sent again
    expect((await school.get('/tablets')).body.sets).toHaveLength(1);
    await school.delete(`/tablets/sets/${id}`).expect(200);
    expect((await practice(5)).key).not.toBe(id);
  });
  it('can be handed to all at once, as what each of them needs', async () => {
    await school.post('/tablets/sets', { id: newId(), childIds: null, source: { what: 'needs' } }).expect(201);
    expect((await practice(8)).set).toBeNull();
  });
  it('tells tablets to look again when something is handed', async () => {
    const stream = await openStream(`${school.url}/api/station/live`, school.pass());
    await school.post('/tablets/sets', { id: newId(), childIds: null, source: { what: 'lesson' } }).expect(201);
    await stream.until(({ event }) => event === 'classroom');
    await stream.end();
  });
});

describe('the wall', () => {
  it('hears what a child sets before it is done, and forgets it with the task', async () => {
    const round = await beginRound(school);
    const seat = newId();
    await sit(3, seat).expect(200);
    const teacher = await openStream(`${school.url}/api/live`);
    const draft = { seat, roundId: round.id, index: 0, answer: { kind: 'hands', hour: 12, minute: 34 } };
    await school.put('/station/draft', draft).expect(204);
    const heard = await teacher.until(({ event }) => event === 'draft');
    expect(heard.data).toEqual({ childId: 3, roundId: round.id, index: 0, answer: draft.answer });
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
    await school.put('/station/draft', draft).expect(204); // late: let go
    expect(teacher.heard.filter(({ event }) => event === 'draft')).toHaveLength(1);
    await Promise.all([teacher.end(), later.end()]);
  });
  it('takes nothing from a tablet without a child', async () => {
    const round = await beginRound(school);
    const draft = { seat: newId(), roundId: round.id, index: 0, answer: { kind: 'hands', hour: 0, minute: 0 } };
    expect((await school.put('/station/draft', draft).expect(409)).body.code).toBe('seat-lost');
  });
});

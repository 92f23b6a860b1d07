import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import { MOST_POINTS } from '../../core/strokes/index.ts';
import { LESSON, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

describe('an answer from a tablet', () => {
  let school: School;
  let round: { id: string; times: number[] };
  beforeEach(async () => {
    school = await openSchool();
    round = await beginRound(school);
  });
  afterEach(() => school.close());

  const rows = (): number => school.db.prepare<[], { n: number }>('SELECT COUNT(*) AS n FROM answer').get()!.n;
  /** Sends it and says what came back, and how many rows it added. */
  const send = async (body: object) => {
    const before = rows();
    const { status, body: reply } = await school.answer(body);
    return { status, code: reply.code, message: reply.message, added: rows() - before };
  };

  /** The newest row of a child, as its page shows it. */
  const latestOf = async (childId: number) =>
    (await school.get(`/record/children/${childId}`).expect(200)).body.answers[0];
  const verdictOf = (id: string): string =>
    school.db.prepare<[string], string>('SELECT verdict FROM answer WHERE id = ?').pluck().get(id)!;

  it('is marked and kept whole, with item, answer, verdict, findings, source and time', async () => {
    const shown = round.times[0]!;
    const swapped = tabletAnswer(2, round.id, 0, shown); // then the hands of a child who swaps them at 2 o'clock
    expect(shown).toBe(120);
    swapped.answer = { kind: 'hands', hour: 5, minute: 60 }; // 12:10
    const { body } = await school.answer(swapped).expect(201);
    const findings = [{ kind: 'rule', rule: 'hands-swapped' }];
    expect(body).toEqual({ id: swapped.id });
    const page = await school.get('/record/children/2').expect(200);
    expect(page.body.answers[0]).toEqual({
      id: swapped.id,
      says: null,
      why: null,
      pileId: null,
      task: null,
      childId: 2,
      lessonId: LESSON,
      roundId: round.id,
      roundIndex: 0,
      attempt: 1,
      item: { kind: 'set', shown: 120 },
      answer: swapped.answer,
      read: swapped.answer,
      verdict: 'wrong',
      findings,
      source: 'tablet',
      storedAt: new Date('2026-11-24T09:00:00').toISOString(),
      day: '2026-11-24',
    });
  });
  it('sent again with the same id is stored once and answered the same', async () => {
    const answer = tabletAnswer(1, round.id, 0, round.times[0]!);
    const first = await school.answer(answer).expect(201);
    const again = await school.answer(answer).expect(200);
    expect(again.body).toEqual(first.body);
    expect(school.db.prepare('SELECT COUNT(*) AS n FROM answer WHERE round_id IS NOT NULL').get()).toEqual({ n: 1 });
  });
  it('is refused under an id that another answer has', async () => {
    const answer = tabletAnswer(1, round.id, 0, round.times[0]!);
    await school.answer(answer).expect(201);
    expect(await send({ ...answer, childId: 2 })).toMatchObject({ status: 409, code: 'id-taken', added: 0 });
    expect(await send(tabletAnswer(1, round.id, 0, 0, answer.id))).toMatchObject({ code: 'id-taken', added: 0 });
  });
  it('survives a restart', async () => {
    const answer = tabletAnswer(1, round.id, 0, round.times[0]!);
    await school.answer(answer).expect(201);
    await school.restart();
    expect((await school.answer(answer).expect(200)).body).toEqual({ id: answer.id });
    expect((await latestOf(1)).verdict).toBe('right');
  });
  it('to the lesson’s set alone is kept; only the first attempt counts', async () => {
    const alone = (attempt: number, time: number) => ({
      ...tabletAnswer(5, round.id, 0, time),
      to: { setting: 'alone', lessonId: LESSON, item: { kind: 'set', shown: 180 }, attempt },
    });
    await school.answer(alone(1, 15)).expect(201);
    await school.answer(alone(2, 180)).expect(201);
    const { body } = await school.get('/record/children/5').expect(200);
    expect(body.answers.filter(({ source }: { source: string }) => source === 'tablet')).toMatchObject([
      { verdict: 'wrong', attempt: 1, roundId: null },
    ]);
  });
  it('is never changed afterwards, not even by hand', () => {
    for (const change of [
      "verdict = 'right'",
      "answer = '{}'",
      "read = '{}'",
      "day = '2026-11-25'",
      "item = '{}', reader = 9",
    ])
      expect(() => school.db.prepare(`UPDATE answer SET ${change}`).run()).toThrow('append-only');
  });

  it.each([
    ['an unknown child', () => tabletAnswer(999, round.id, 0, 0), 404, 'unknown-child'],
    ['an unknown round', () => tabletAnswer(1, newId(), 0, 0), 404, 'unknown-round'],
    ['a task that is not asked yet', () => tabletAnswer(1, round.id, 1, 0), 409, 'not-asked-yet'],
    [
      'angles that are not finite',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), answer: { kind: 'hands', hour: null, minute: 0 } }),
      400,
      'malformed',
    ],
    [
      'angles off the dial',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), answer: { kind: 'hands', hour: 361, minute: 0 } }),
      400,
      'malformed',
    ],
    [
      'an answer of another kind than the task',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), answer: { kind: 'time', time: 180 } }),
      400,
      'malformed',
    ],
    [
      'a tap that only a teacher can make',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), answer: { kind: 'observed', got: true } }),
      400,
      'malformed',
    ],
    [
      'a place left empty, which only a teacher finds on paper',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), answer: { kind: 'no-answer', why: 'empty' } }),
      400,
      'malformed',
    ],
    ['an id that is none', () => tabletAnswer(1, round.id, 0, 0, 'seven'), 400, 'malformed'],
    [
      'words that do not belong there',
      () => ({ ...tabletAnswer(1, round.id, 0, 0), verdict: 'right' }),
      400,
      'malformed',
    ],
    ['nothing at all', () => ({}), 400, 'malformed'],
  ] as const)('with %s is refused in a sentence, and nothing is stored', async (_, body, status, code) => {
    const sent = await send(body());
    expect(sent).toMatchObject({ status, code, added: 0 });
    expect(sent.message).toMatch(/^[A-Z].+\.( \(.+\))?$/);
  });
  it('is marked by what the class has agreed on', async () => {
    const written = (text: string) => ({
      id: newId(),
      childId: 1,
      answer: { kind: 'text', text },
      to: { setting: 'alone', lessonId: LESSON, item: { kind: 'write-digital', shown: 270 }, attempt: 1 },
    });
    const markedAs = async (text: string): Promise<string> => {
      const answer = written(text);
      await school.answer(answer).expect(201);
      return verdictOf(answer.id);
    };
    expect(await markedAs('4.30')).toBe('right');
    const { body } = await school.get('/classroom').expect(200);
    await school.put('/settings', { ...body.settings, otherForms: 'named' }).expect(200);
    expect(await markedAs('4.30')).toBe('wrong');
    expect(await markedAs('4:30')).toBe('right');
    // It stays this class's way when a late answer comes in while another class is open.
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    expect(await markedAs('4.30')).toBe('wrong');
  });
  it('is kept however wildly a child scribbled', async () => {
    // As long as numbers get: a pencil outside the face, late in the lesson.
    const scribble = Array.from({ length: MOST_POINTS }, (_, i) => ({ x: -123.45, y: -678.91, ms: 5_000_000 + i }));
    const item = { kind: 'draw', shown: 270 };
    const to = { setting: 'alone', lessonId: LESSON, item, attempt: 1 };
    await school.answer({ id: newId(), childId: 2, answer: { kind: 'strokes', strokes: [scribble] }, to }).expect(201);
    const latest = await latestOf(2);
    expect(latest.verdict).toBe('unreadable');
    expect(latest.answer.strokes[0]).toHaveLength(MOST_POINTS);
  });
  it('a second answer to the same task is refused', async () => {
    await school.answer(tabletAnswer(1, round.id, 0, 180)).expect(201);
    expect(await send(tabletAnswer(1, round.id, 0, 420))).toMatchObject({
      status: 409,
      code: 'already-answered',
      added: 0,
    });
  });
  it('to a round that is over is refused', async () => {
    await beginRound(school);
    expect(await send(tabletAnswer(1, round.id, 0, 0))).toMatchObject({ status: 409, code: 'round-closed', added: 0 });
  });
  it.each([
    ['text that is not JSON', '{"id":', 'application/json', 400, 'malformed'],
    [
      'an angle of 1e999, which is infinite',
      '{"id":"5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11","childId":1,"answer":{"kind":"hands","hour":1e999,"minute":0},"to":{"setting":"round","roundId":"5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11","index":0}}',
      'application/json',
      400,
      'malformed',
    ],
    ['a body over the limit', JSON.stringify({ id: 'x'.repeat(600_000) }), 'application/json', 413, 'too-large'],
    ['a form instead of JSON', 'id=1', 'application/x-www-form-urlencoded', 400, 'malformed'],
  ])('%s is refused and nothing is stored', async (_, text, type, status, code) => {
    const before = rows();
    const { cookie } = await school.tablet();
    const reply = await request(school.url)
      .post('/api/answers')
      .set('Cookie', cookie)
      .set('Content-Type', type)
      .send(text);
    expect([reply.status, reply.body.code]).toEqual([status, code]);
    expect(rows()).toBe(before);
  });
});

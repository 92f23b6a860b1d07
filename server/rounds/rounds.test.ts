import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { LESSON, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { defaultChoices } from '../../core/planning/index.ts';

describe('a round', () => {
  let school: School;
  let round: { id: string; times: number[] };
  beforeEach(async () => {
    school = await openSchool();
    round = await beginRound(school);
  });
  afterEach(() => school.close());

  const board = async () => {
    const { body } = await school.get('/board').expect(200);
    // Which is the newer is another test's.
    return { ...body, saidAs: undefined };
  };
  const move = (version: number, name = 'next') => school.post(`/rounds/${round.id}/moves`, { move: name, version });
  const moveTo = async (phase: string): Promise<void> => {
    for (let state = await board(); state.round.phase !== phase; state = await board())
      await move(state.round.version).expect(200);
  };

  it('asks the six times of the lesson’s show-me segment', async () => {
    const { body } = await school.get('/classroom').expect(200);
    const segment = body.lessons[LESSON - 1].segments.find(({ kind }: { kind: string }) => kind === 'show-me');
    expect(round.times).toEqual(segment.times);
  });
  it('begun again with the same id is the same round, where it stands', async () => {
    await move(0).expect(200);
    const { body } = await school.post('/rounds', { id: round.id, lessonId: LESSON }).expect(201);
    expect(body.round).toMatchObject({ id: round.id, phase: 'think' });
  });
  it('is moved once by two boards that press at the same time', async () => {
    const [first, second] = await Promise.all([move(0), move(0)]);
    expect([first.status, second.status].sort()).toEqual([200, 409]);
    expect((first.status === 409 ? first : second).body.code).toBe('round-moved-on');
    expect((await board()).round).toMatchObject({ phase: 'think', version: 1 });
  });
  it('goes on after a restart where it was, with what was answered and who is away', async () => {
    await move(0).expect(200);
    await school.put(`/rounds/${round.id}/away`, { away: [4, 9] }).expect(200);
    await school.answer(tabletAnswer(1, round.id, 0, round.times[0]!)).expect(201);
    const before = await board();
    await school.restart();
    expect(await board()).toEqual(before);
    expect(before.round).toMatchObject({ phase: 'think', version: 1, away: [4, 9] });
    expect(before.answers).toHaveLength(1);
  });
  it('keeps what the teacher tapped, once, and lets the latest tap count', async () => {
    await moveTo('missed');
    const tap = { id: newId(), childId: 2, got: false };
    const taps = { index: 0, taps: [tap, { id: newId(), childId: 3, got: true }] };
    await school.post(`/rounds/${round.id}/taps`, taps).expect(200);
    await school.post(`/rounds/${round.id}/taps`, taps).expect(200);
    const stored = school.db
      .prepare<[string], { source: string }>('SELECT source FROM answer WHERE round_id = ?')
      .all(round.id);
    expect(stored).toEqual([{ source: 'teacher' }, { source: 'teacher' }]);
    await school
      .post(`/rounds/${round.id}/taps`, { index: 0, taps: [{ id: newId(), childId: 2, got: true }] })
      .expect(200);
    const { answers } = await board();
    expect(answers).toHaveLength(2);
    expect(answers.find(({ childId }: { childId: number }) => childId === 2)).toMatchObject({ verdict: 'right' });
  });
  it('lets the teacher correct a tablet’s answer without losing it', async () => {
    await moveTo('missed');
    await school.answer(tabletAnswer(2, round.id, 0, 15)).expect(201);
    await school
      .post(`/rounds/${round.id}/taps`, { index: 0, taps: [{ id: newId(), childId: 2, got: true }] })
      .expect(200);
    expect((await board()).answers).toMatchObject([{ childId: 2, verdict: 'right', source: 'teacher' }]);
    expect(school.db.prepare('SELECT COUNT(*) AS n FROM answer WHERE round_id = ?').get(round.id)).toEqual({ n: 2 });
  });
  it('keeps all of a batch of taps or none', async () => {
    await moveTo('missed');
    const taps = [
      { id: newId(), childId: 2, got: false },
      { id: newId(), childId: 999, got: false },
    ];
    await school.post(`/rounds/${round.id}/taps`, { index: 0, taps }).expect(404);
    expect((await board()).answers).toEqual([]);
  });
  it('is over after the last item; back takes the end back, a new round does not let it return', async () => {
    await moveTo('done');
    expect((await board()).round.closed).toBe(true);
    const { version } = (await board()).round;
    await move(version).expect(409);
    await move(version, 'back').expect(200);
    expect((await board()).round).toMatchObject({ phase: 'missed', closed: false });
    await moveTo('done');
    const ended = (await board()).round.version;
    await beginRound(school);
    const refused = await move(ended, 'back').expect(409);
    expect(refused.body.code).toBe('round-closed');
  });
  it('can be ended early, and then takes no more answers', async () => {
    const { version } = (await board()).round;
    await move(version, 'end').expect(200);
    expect((await board()).round).toMatchObject({ index: 0, phase: 'done', closed: true });
    expect((await school.answer(tabletAnswer(1, round.id, 0, 0)).expect(409)).body.code).toBe('round-closed');
    await move(version + 1, 'back').expect(200);
    expect((await board()).round).toMatchObject({ index: 0, phase: 'ask', closed: false });
  });
  it('carries who is away over to the next round of the day', async () => {
    await school.put(`/rounds/${round.id}/away`, { away: [14] }).expect(200);
    await beginRound(school);
    expect((await board()).round.away).toEqual([14]);
  });
  it('left open on an earlier day does not come back', async () => {
    school.db.prepare("UPDATE round SET day = '2026-11-23'").run();
    expect((await board()).round).toBeNull();
    const tablet = await (await school.tablet()).listen();
    expect(await tablet.next('round')).toBeNull();
    await tablet.end();
  });
  it('is what the class view then tells of, child by child and time by time', async () => {
    const before = (await school.get('/record/class').expect(200)).body;
    await school.answer(tabletAnswer(1, round.id, 0, round.times[0]!)).expect(201);
    await moveTo('missed');
    await school
      .post(`/rounds/${round.id}/taps`, { index: 0, taps: [{ id: newId(), childId: 4, got: false }] })
      .expect(200);
    const after = (await school.get('/record/class').expect(200)).body;
    const set = (view: typeof after, childId: number) =>
      view.children.find((child: { childId: number }) => child.childId === childId).skills['oclock-set'];
    expect(set(after, 1)).toMatchObject({ right: set(before, 1).right + 1, answers: set(before, 1).answers + 1 });
    expect(set(after, 4)).toMatchObject({ right: set(before, 4).right, answers: set(before, 4).answers + 1 });
    const time = (view: typeof after) => view.times.find((one: { time: number }) => one.time === round.times[0]);
    const was = time(before) ?? { children: 0, childrenRight: 0 };
    // One of the two had it.
    expect(time(after).childrenRight).toBeLessThanOrEqual(was.childrenRight + 1);
    expect(time(after).children).toBeGreaterThanOrEqual(Math.max(2, was.children));
  });
  it('is refused for a lesson without one, an unknown lesson, and an unknown round', async () => {
    expect((await school.post('/rounds', { id: newId(), lessonId: 1 }).expect(404)).body.code).toBe('not-found');
    expect((await school.post('/rounds', { id: newId(), lessonId: 99 }).expect(404)).body.code).toBe('unknown-lesson');
    expect((await school.post(`/rounds/${newId()}/moves`, { move: 'next', version: 0 }).expect(404)).body.code).toBe(
      'unknown-round',
    );
  });
  it('an id that a round of another class has is refused, and is no fault of the server’s', async () => {
    const { id } = await beginRound(school);
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    const { body } = await school
      .post('/plan', { id: newId(), choices: defaultChoices('2026-11-24', 'fern') })
      .expect(201);
    const lesson = body.lessons.find(({ segments }: { segments: { kind: string }[] }) =>
      segments.some(({ kind }) => kind === 'show-me'),
    );
    const reply = await school.post('/rounds', { id, lessonId: lesson.id });
    expect([reply.status, reply.body.code]).toEqual([409, 'id-taken']);
  });
});

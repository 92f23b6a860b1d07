import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Round } from '../../contract/index.ts';
import { LESSON, openSchool, type School } from '../school.test.support.ts';

describe('rounds of many tasks', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  const begin = (source: object, id = newId()) => school.post('/rounds', { id, lessonId: LESSON, source });
  const board = async (): Promise<Round> => (await school.get('/board').expect(200)).body.round;
  const move = async (name = 'next'): Promise<Round> => {
    const { id, version } = await board();
    return (await school.post(`/rounds/${id}/moves`, { move: name, version }).expect(200)).body.round;
  };
  const moveTo = async (phase: string): Promise<Round> => {
    let round = await board();
    while (round.phase !== phase) round = await move();
    return round;
  };
  const tap = async (childId: number, got: boolean) => {
    const { id, index } = await board();
    await school.post(`/rounds/${id}/taps`, { index, taps: [{ id: newId(), childId, got }] }).expect(200);
  };

  it('come from any part of the lesson that asks something, with spare ones of the same sort', async () => {
    const { body } = await school.get('/classroom').expect(200);
    const { segments } = body.lessons[LESSON - 1];
    const at = segments.findIndex(({ kind }: { kind: string }) => kind === 'together');
    const round: Round = (await begin({ what: 'segment', at }).expect(201)).body.round;
    expect(round.entries.map(({ item }) => item)).toEqual(segments[at].items);
    expect(round.spares.length).toBeGreaterThan(0);
    expect(round.spares.every(({ kind }) => kind === 'read')).toBe(true);
  });
  it('are made on the spot, the same again for the same id', async () => {
    const id = newId();
    const source = { what: 'surprise', tasks: ['read', 'yet'] };
    const first: Round = (await begin(source, id).expect(201)).body.round;
    expect(first.entries.map(({ item }) => item.kind)).toEqual(['read', 'yet', 'read', 'yet', 'read', 'yet']);
    expect((await begin(source, id).expect(201)).body.round).toEqual(first);
  });
  it('ask the times a teacher picked, in that order', async () => {
    const round: Round = (await begin({ what: 'times', tasks: ['choose-clock'], times: [240, 60] }).expect(201)).body
      .round;
    expect(round.entries.map(({ item }) => [item.kind, 'shown' in item && item.shown])).toEqual([
      ['choose-clock', 240],
      ['choose-clock', 60],
    ]);
  });
  it.each([
    ['a part that is not there', { what: 'segment', at: 19 }, 404, 'not-found'],
    ['a part that asks nothing', { what: 'segment', at: 1 }, 409, 'nothing-to-ask'],
    ['no times', { what: 'times', tasks: ['read'], times: [] }, 400, 'malformed'],
    ['a task nobody can be given at once', { what: 'surprise', tasks: ['pair'] }, 400, 'malformed'],
  ])('are refused for %s', async (_, source, status, code) => {
    const reply = await begin(source);
    expect([reply.status, reply.body.code]).toEqual([status, code]);
  });

  it('keep what the teacher tapped under the kind of task that was asked', async () => {
    await begin({ what: 'times', tasks: ['write-digital'], times: [240, 60] }).expect(201);
    await moveTo('missed');
    await tap(2, false);
    const { body } = await school.get('/record/children/2').expect(200);
    const last = body.answers.find(({ roundId }: { roundId: string | null }) => roundId !== null);
    expect(last).toMatchObject({ item: { kind: 'write-digital', shown: 240 }, verdict: 'wrong', source: 'teacher' });
  });
  it('ask what somebody missed once more later, and tell that it is for the second time', async () => {
    await begin({ what: 'times', tasks: ['set'], times: [240, 60, 120, 300] }).expect(201);
    await moveTo('missed');
    await tap(2, false);
    const round = await move();
    expect(round.entries.map(({ item, origin }) => [(item as { shown: number }).shown, origin])).toEqual([
      [240, 'planned'],
      [60, 'planned'],
      [120, 'planned'],
      [240, 'again'],
      [300, 'planned'],
    ]);
    await moveTo('missed');
    await tap(2, true);
    expect((await move()).entries).toHaveLength(5);
  });
  it('do not when the teacher does not want it; the wish holds for the next round of the day too', async () => {
    await begin({ what: 'times', tasks: ['set'], times: [240, 60] }).expect(201);
    const { id } = await board();
    const pace = { thinkSeconds: 0, countdown: false, repeatMissed: false, prompt: 'digits' };
    expect((await school.put(`/rounds/${id}/pace`, pace).expect(200)).body.round).toMatchObject(pace);
    expect((await move()).phase).toBe('show');
    await moveTo('missed');
    await tap(2, false);
    expect((await move()).entries).toHaveLength(2);
    expect((await begin({ what: 'surprise', tasks: ['set'] }).expect(201)).body.round).toMatchObject(pace);
  });
  it('take the thinking time of the plan at first', async () => {
    await begin({ what: 'surprise', tasks: ['set'] }).expect(201);
    expect(await board()).toMatchObject({ thinkSeconds: 10, countdown: true, repeatMissed: true, prompt: 'both' });
    const { id } = await board();
    await school
      .put(`/rounds/${id}/pace`, { thinkSeconds: 31, countdown: true, repeatMissed: true, prompt: 'both' })
      .expect(400);
  });

  it('have their coming tasks put in another order, once, and not behind a board’s back', async () => {
    await begin({ what: 'times', tasks: ['set'], times: [240, 60, 120, 300] }).expect(201);
    const { id, version } = await board();
    const order = (wanted: number[], from = version) =>
      school.put(`/rounds/${id}/order`, { order: wanted, version: from });
    const { body } = await order([3, 1]).expect(200);
    expect(body.round.entries.map(({ item }: { item: { shown: number } }) => item.shown)).toEqual([240, 300, 60]);
    expect((await order([1, 2])).body.code).toBe('round-moved-on');
    expect((await order([0], version + 1)).body.code).toBe('malformed');
    await school.restart();
    expect((await board()).entries).toHaveLength(3);
  });
  it('go on after their end with spare tasks, and keep those answers too', async () => {
    await begin({ what: 'times', tasks: ['set'], times: [240] }).expect(201);
    const done = await moveTo('done');
    expect(done.spares.length).toBeGreaterThan(0);
    const on = await move('more');
    expect(on).toMatchObject({ phase: 'ask', index: 1, closed: false });
    expect(on.entries[1]).toEqual({ item: done.spares[0], origin: 'spare' });
    await moveTo('missed');
    await tap(5, false);
    expect((await school.get('/board')).body.answers).toMatchObject([{ childId: 5, index: 1, verdict: 'wrong' }]);
  });
});

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

describe('what a teacher says of an answer afterwards', () => {
  let school: School;
  let round: { id: string; times: number[] };
  beforeEach(async () => {
    school = await openSchool();
    round = await beginRound(school);
  });
  afterEach(() => school.close());

  /** Child 2 sets the first clock of the round an hour late. */
  const wrongAnswer = async (): Promise<string> => {
    const answer = tabletAnswer(2, round.id, 0, round.times[0]! + 60);
    await school.answer(answer).expect(201);
    return answer.id;
  };
  const correct = (answerId: string, says: string, id: string = newId()) =>
    school.post('/record/corrections', { id, answerId, says });
  const page = async () => (await school.get('/record/children/2').expect(200)).body;
  const board = async () => (await school.get('/board').expect(200)).body;
  /** How its tasks of the round's kind stand: right ones of all. */
  const counted = async () => {
    const { skills } = await page();
    return Object.values(skills as Record<string, { right: number; answers: number }>).reduce(
      (sum, { right, answers }) => ({ right: sum.right + right, answers: sum.answers + answers }),
      { right: 0, answers: 0 },
    );
  };

  it('counts at once on every screen, while the answer stays as it was given', async () => {
    const before = await counted();
    const id = await wrongAnswer();
    expect(await counted()).toEqual({ right: before.right, answers: before.answers + 1 });
    expect((await board()).counts[0]).toEqual({ given: 1, missed: 1 });
    await correct(id, 'had').expect(201);
    expect(await counted()).toEqual({ right: before.right + 1, answers: before.answers + 1 });
    expect((await board()).counts[0]).toEqual({ given: 1, missed: 0 });
    expect((await page()).answers[0]).toMatchObject({
      id,
      verdict: 'wrong',
      answer: { kind: 'hands' },
      source: 'tablet',
      says: 'had',
    });
    const { body: task } = await school.get(`/rounds/${round.id}/answers/0`).expect(200);
    expect(task).toMatchObject([{ id, childId: 2, verdict: 'wrong', says: 'had' }]);
  });

  it('takes an answer out, and puts it back as it was given', async () => {
    const before = await page();
    const id = await wrongAnswer();
    const given = await page();
    await correct(id, 'out').expect(201);
    const without = await page();
    expect(without.skills).toEqual(before.skills);
    expect(without.reason).toEqual(before.reason);
    expect((await board()).counts[0]).toEqual({ given: 0, missed: 0 });
    expect(without.answers[0]).toMatchObject({ id, says: 'out' });
    await correct(id, 'as-given').expect(201);
    expect(await page()).toEqual(given);
  });

  it('takes it out of a round whatever was noted before it', async () => {
    const taps = [{ id: newId(), childId: 2, got: true }];
    await school.post(`/rounds/${round.id}/taps`, { index: 0, taps }).expect(200);
    const before = await counted();
    const id = await wrongAnswer();
    await correct(id, 'out').expect(201);
    expect(await counted()).toEqual({ right: before.right - 1, answers: before.answers - 1 });
  });

  it('holds after a restart, and is kept once however often it is sent', async () => {
    const id = await wrongAnswer();
    const sent = newId();
    await correct(id, 'missed').expect(201);
    await correct(id, 'had', sent).expect(201);
    await correct(id, 'had', sent).expect(200);
    await correct(id, 'out', sent).expect(409);
    const before = await page();
    await school.restart();
    expect(await page()).toEqual(before);
    expect(school.db.prepare('SELECT COUNT(*) AS n FROM correction').get()).toEqual({ n: 2 });
  });

  it('is about answers of this class only', async () => {
    await correct(newId(), 'had').expect(404);
    const id = await wrongAnswer();
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    await correct(id, 'had').expect(404);
    await correct(id, 'perhaps').expect(400);
  });

  it('is remembered of a round that is over, until another one has begun', async () => {
    const move = async (kind: string) => {
      const { body } = await school.get('/board');
      return school.post(`/rounds/${round.id}/moves`, { move: kind, version: body.round.version }).expect(200);
    };
    await move('end');
    const tap = (childId: number) =>
      school.post(`/rounds/${round.id}/taps`, { index: 0, taps: [{ id: newId(), childId, got: false }] });
    const { body } = await tap(3).expect(200);
    expect(body.counts[0]).toEqual({ given: 1, missed: 1 });
    await beginRound(school);
    await tap(4).expect(409);
  });
});

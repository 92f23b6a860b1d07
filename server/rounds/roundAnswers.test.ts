import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { timeOf } from '../../core/clock/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { pointsIn, type Stroke } from '../../core/strokes/index.ts';
import { anyStyle, simulateDrawing } from '../../core/simulation/index.ts';
import { openStream, type Stream } from '../live/stream.test.support.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

/** Largest message the board is sent for one answer, and for a whole class's, in bytes. */
const MOST_BYTES = 10_000;
const sizeOf = (data: unknown): number => JSON.stringify(data).length;

/** A line there and back again and again, of so many points. */
const longLine = (points: number): Stroke =>
  Array.from({ length: points }, (_, i) => ({ x: Math.abs((i % 100) - 50), y: -(i % 80), ms: i * 16 }));

describe('what the board is told of answers', () => {
  let school: School;
  let teacher: Stream;
  beforeEach(async () => {
    school = await openSchool();
    teacher = await openStream(`${school.url}/api/live`);
  });
  afterEach(async () => {
    await teacher.end();
    await school.close();
  });
  const drawing = (childId: number, roundId: string, strokes: readonly Stroke[]) => ({
    id: newId(),
    childId,
    answer: { kind: 'strokes', strokes },
    to: { setting: 'round', roundId, index: 0 },
  });
  const drawRound = () => beginRound(school, { what: 'times', tasks: ['draw'], times: [timeOf(3), timeOf(9)] });

  it('a drawing comes without its lines, which are there for who asks', async () => {
    const { id } = await drawRound();
    const strokes = simulateDrawing({ hour: 90, minute: 0 }, anyStyle(seededRng(3)), seededRng(4));
    await school.answer(drawing(1, id, strokes)).expect(201);
    await school.answer(drawing(2, id, [longLine(3000), longLine(3000)])).expect(201);
    const [first, second] = [await teacher.next('answer'), await teacher.next('answer')];
    expect(first).toMatchObject({
      roundId: id,
      answer: { childId: 1, index: 0, read: { kind: 'drawing', hands: [{}, {}] } },
      count: { given: 1 },
    });
    expect(second).toMatchObject({
      answer: { childId: 2, read: { kind: 'drawing', hands: [], problem: 'scribble' } },
      count: { given: 2 },
    });
    expect(Math.max(sizeOf(first), sizeOf(second))).toBeLessThan(MOST_BYTES);
    expect(JSON.stringify(first)).not.toContain('"strokes"');
    const { answers } = (await school.get('/board')).body;
    expect(answers).toEqual([(first as { answer: unknown }).answer, (second as { answer: unknown }).answer]);
    await teacher.end();
    await school.restart();
    expect((await school.get('/board')).body.answers).toEqual(answers);
    const one = await school.get(`/rounds/${id}/answers/0?child=1`).expect(200);
    expect(one.body).toMatchObject([{ childId: 1, answer: { kind: 'strokes', strokes } }]);
    const all = await school.get(`/rounds/${id}/answers/0`).expect(200);
    expect(all.body).toHaveLength(2);
    await school.get(`/rounds/${id}/answers/x`).expect(400);
    await school.get(`/rounds/${newId()}/answers/0`).expect(404);
  });
  it('a drawing in the making is shown with as many points as a tile needs', async () => {
    const { id } = await drawRound();
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(5, seat).expect(200);
    const answer = { kind: 'strokes', strokes: [longLine(5000), longLine(2)] };
    await tablet.put('/station/draft', { seat, roundId: id, index: 0, answer }).expect(204);
    const draft = (await teacher.next('draft')) as { answer: { strokes: Stroke[] } };
    expect(sizeOf(draft)).toBeLessThan(MOST_BYTES);
    expect(pointsIn(draft.answer.strokes)).toBeGreaterThan(100);
    expect(draft.answer.strokes.map((stroke) => stroke.at(-1))).toEqual(answer.strokes.map((stroke) => stroke.at(-1)));
  });
  it('thirty answers to each of many tasks make no state of the board larger than ten kilobytes', async () => {
    await school.post('/children', { names: Array.from({ length: 8 }, (_, i) => `Guest ${i + 1}`) }).expect(201);
    const { children } = (await school.get('/classroom')).body as { children: { id: number }[] };
    const { id, times } = await beginRound(school);
    for (let index = 0, version = 0; index < 3; index++) {
      for (const child of children) await school.answer(tabletAnswer(child.id, id, index, times[index]!)).expect(201);
      for (let at = index; at === index; version++)
        at = (await school.post(`/rounds/${id}/moves`, { move: 'next', version })).body.round.index;
    }
    const { body } = await school.get('/board').expect(200);
    expect(body.answers).toEqual([]);
    expect(body.counts.slice(0, 4)).toEqual([...Array(3).fill({ given: 30, missed: 0 }), { given: 0, missed: 0 }]);
    expect(Math.max(...teacher.heard.map(({ data }) => sizeOf(data)))).toBeLessThan(MOST_BYTES);
  });
  it('what the teacher corrects, and what is taken out, counts at once', async () => {
    const { id, times } = await beginRound(school);
    await school.answer(tabletAnswer(2, id, 0, (times[0]! + 180) % 720)).expect(201);
    expect((await school.get('/board')).body.counts[0]).toEqual({ given: 1, missed: 1 });
    await school.post(`/rounds/${id}/taps`, { index: 0, taps: [{ id: newId(), childId: 2, got: true }] }).expect(200);
    expect((await school.get('/board')).body.counts[0]).toEqual({ given: 1, missed: 0 });
    school.db.prepare('INSERT INTO stand_in_answer (answer_id) SELECT id FROM answer WHERE round_id = ?').run(id);
    await school.delete('/tablets/stand-ins').expect(200);
    expect((await school.get('/board')).body.counts[0]).toEqual({ given: 0, missed: 0 });
  });
  it('one that is older than what a screen has can be told by its number', async () => {
    const first = (await school.get('/board')).body.saidAs;
    const second = (await school.get('/board')).body.saidAs;
    expect(second.run).toBe(first.run);
    expect(second.seq).toBeGreaterThan(first.seq);
    await teacher.end();
    await school.restart();
    expect((await school.get('/board')).body.saidAs.run).not.toBe(first.run);
  });
});

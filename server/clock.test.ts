import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { openStream } from './live/stream.test.support.ts';
import { beginRound, bytesOf, openSchool, tabletAnswer, type School } from './school.test.support.ts';

const DAY_MS = 24 * 3_600_000;

describe('a clock that somebody puts back a day', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  it('lets the round on the board go on, with what was answered', async () => {
    const { id, times } = await beginRound(school);
    await school.answer(tabletAnswer(1, id, 0, times[0]!)).expect(201);
    school.setClock(-DAY_MS);
    expect((await school.get('/board')).body).toMatchObject({
      round: { id },
      counts: [{ given: 1 }, {}, {}, {}, {}, {}],
    });
    await school.answer(tabletAnswer(2, id, 0, times[0]!)).expect(201);
    await school.post(`/rounds/${id}/moves`, { move: 'next', version: 0 }).expect(200);
    school.setClock(2 * DAY_MS);
    expect((await school.get('/board')).body.round).toBeNull();
  });
  it('keeps no child out of a seat whose tablet fell silent', async () => {
    const [one, other] = [await school.tablet(), await school.tablet()];
    await one.sit(3).expect(200);
    await other.sit(3).expect(409);
    school.setClock(-DAY_MS);
    await other.sit(3).expect(409);
    school.passTime(21_000);
    await other.sit(3).expect(200);
  });
  it('does not hold the door shut longer than it is', async () => {
    const tablet = await school.tablet();
    const { code } = (await school.get('/tablets')).body as { code: string[] };
    const wrong = [...code].reverse();
    for (let tries = 0; tries < 5; tries++) await tablet.post('/station/door', { code: wrong });
    await tablet.post('/station/door', { code }).expect(429);
    school.setClock(-DAY_MS);
    school.passTime(5000);
    await tablet.post('/station/door', { code }).expect(204);
  });
});

describe('a computer with an empty battery, whose clock says 1970', () => {
  it('dates what is answered by the last day there was, tells every screen, and its class can still be moved', async () => {
    const school = await openSchool();
    try {
      const stream = await openStream(`${school.url}/api/live`);
      await stream.until(({ event }) => event === 'room');
      const { id } = await beginRound(school);
      await school.answer(tabletAnswer(1, id, 0, 180)).expect(201);
      school.setClock(new Date('1970-01-01T00:05:00Z').getTime() - new Date('2026-11-24T09:00:00').getTime());
      await stream.until(({ event, data }) => event === 'room' && (data as { clockWrong: boolean }).clockWrong);
      const late = { ...tabletAnswer(2, id, 0, 180) };
      await school.answer(late).expect(201);
      const row = school.db.prepare('SELECT day, stored_at FROM answer WHERE id = ?').get(late.id);
      expect(row).toMatchObject({ day: '2026-11-24', stored_at: expect.stringMatching(/^2026-11-24T/) });
      const { bytes } = await bytesOf(school.get('/moving/class.json'));
      const other = await openSchool({ demo: false });
      try {
        const file = bytes.toString();
        await other.post('/moving/arrivals', JSON.parse(file)).expect(201);
      } finally {
        await other.close();
      }
      await stream.end();
    } finally {
      await school.close();
    }
  });
});

describe('a lesson', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const fixed = async (): Promise<number[]> => (await school.get('/classroom')).body.fixed as number[];
  const alone = (lessonId: number) => ({
    id: newId(),
    childId: 2,
    answer: { kind: 'hands', hour: 90, minute: 0 },
    to: { setting: 'alone', lessonId, item: { kind: 'set', shown: 180 }, attempt: 1 },
  });

  it('that is still to come is fixed by no tablet that answers to it, and by its own day once it is there', async () => {
    const { lessons } = (await school.get('/classroom')).body as { lessons: { id: number; day: string }[] };
    const before = await fixed();
    const toCome = lessons.filter(({ id }) => !before.includes(id));
    expect(toCome.length).toBeGreaterThan(5);
    for (const { id } of toCome) await school.answer(alone(id)).expect(201);
    const today = toCome.filter(({ day }) => day === '2026-11-24').map(({ id }) => id);
    expect((await fixed()).filter((id) => !before.includes(id))).toEqual(today);
  });
  it('is fixed by a round the class had in it', async () => {
    const { lessons } = (await school.get('/classroom')).body as { lessons: { id: number; day: string }[] };
    const later = lessons.find(({ day }) => day > '2026-11-24')!;
    const source = { what: 'times', tasks: ['set'], times: [180] };
    const { body } = await school.post('/rounds', { id: newId(), lessonId: later.id, source }).expect(201);
    expect(await fixed()).not.toContain(later.id);
    await school.answer(tabletAnswer(1, body.round.id as string, 0, 180)).expect(201);
    expect(await fixed()).toContain(later.id);
    // What stand-ins answered is taken out again, and fixes nothing then.
    school.db
      .prepare('INSERT INTO stand_in_answer (answer_id) SELECT id FROM answer WHERE round_id = ?')
      .run(body.round.id);
    await school.delete('/tablets/stand-ins').expect(200);
    expect(await fixed()).not.toContain(later.id);
  });
});

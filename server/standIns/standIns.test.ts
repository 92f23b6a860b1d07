import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { openStream } from '../live/stream.test.support.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

/** Milliseconds a made-up room may take for anything, on a slow machine too. */
const UNTIL_MS = 40_000;

describe('a room of stand-ins', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const rows = (): number => school.db.prepare<[], number>('SELECT COUNT(*) FROM answer').pluck().get()!;
  const answeredNow = (): number =>
    school.db
      .prepare<[], number>(
        "SELECT COUNT(DISTINCT child_id) FROM answer WHERE round_id IS NOT NULL AND source = 'simulated'",
      )
      .pluck()
      .get()!;
  const until = async (holds: () => Promise<boolean> | boolean): Promise<void> => {
    const end = Date.now() + UNTIL_MS;
    while (Date.now() < end) {
      if (await holds()) return;
      await new Promise((wait) => setTimeout(wait, 20));
    }
    throw new Error('it never came to that');
  };
  const fill = (pace = 60) => school.post('/tablets/stand-ins', { pace });
  /** A small class, where a full one is not the point. */
  const SIX = 6;
  const onlySix = async (): Promise<void> => {
    for (let id = SIX + 1; id <= 22; id++) await school.put(`/children/${id}`, { movedAway: true }).expect(200);
  };
  const sitting = async (): Promise<number> => (await school.get('/tablets')).body.seats.length;
  const running = async (): Promise<number> => (await school.get('/tablets')).body.standIns.running;
  const answered = async (): Promise<number> => (await school.get('/board')).body.answers.length;

  it('sits down, answers a round at tablets of its own, and is gone in one step with all it answered', async () => {
    await onlySix();
    const before = rows();
    await fill().expect(201);
    await until(async () => (await sitting()) === SIX);
    await beginRound(school);
    await until(async () => (await answered()) === SIX);
    const { body } = await school.get('/board');
    expect(new Set(body.answers.map(({ source }: { source: string }) => source))).toEqual(new Set(['simulated']));
    const verdicts = new Set(body.answers.map(({ verdict }: { verdict: string }) => verdict));
    expect(verdicts).toContain('right');
    expect((await school.get('/tablets')).body.standIns).toMatchObject({ running: SIX });
    const after = await school.delete('/tablets/stand-ins').expect(200);
    expect(after.body).toMatchObject({ seats: [], standIns: { running: 0, answers: 0 } });
    expect(rows()).toBe(before);
  });
  it('lets the wall see its hands turn, and practises alone when no round asks', async () => {
    await onlySix();
    const before = rows();
    await fill().expect(201);
    await until(() => rows() > before + 30);
    await beginRound(school);
    const teacher = await openStream(`${school.url}/api/live`);
    await teacher.until(({ event }) => event === 'draft');
    await teacher.end();
  });
  it('leaves the seats of real children alone, and gives way to one who comes', async () => {
    await onlySix();
    await (await school.tablet()).sit(1).expect(200);
    await fill().expect(201);
    await until(async () => (await sitting()) === SIX);
    const seats = (await school.get('/tablets')).body.seats as { childId: number; simulated: boolean }[];
    expect(seats.find(({ childId }) => childId === 1)!.simulated).toBe(false);
    await (await school.tablet()).sit(2).expect(200);
    await until(async () => (await running()) === SIX - 2);
    // It answers for that child no more: the child's own answer is the only one.
    const round = await beginRound(school);
    await until(async () => (await answered()) === SIX - 2);
    await school.answer(tabletAnswer(2, round.id, 0, 180)).expect(201);
  });
  it('takes none of a real child’s answers with it', async () => {
    await onlySix();
    await fill().expect(201);
    const round = await beginRound(school);
    await school.answer(tabletAnswer(1, round.id, 0, 180)).expect(201);
    await until(async () => (await answered()) === SIX);
    await school.delete('/tablets/stand-ins').expect(200);
    const { body } = await school.get('/board');
    expect(body.answers).toMatchObject([{ childId: 1, source: 'tablet' }]);
  });
  it('stays when connections break, and answers all the same', async () => {
    await onlySix();
    await fill().expect(201);
    await until(async () => (await sitting()) === SIX);
    await beginRound(school);
    await until(() => answeredNow() > 1);
    for (let cut = 0; cut < 20; cut++) {
      school.cutConnections();
      await new Promise((wait) => setTimeout(wait, 10));
    }
    await until(() => answeredNow() === SIX);
    expect(await running()).toBe(SIX);
  });
  it('comes into no real class', async () => {
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    expect((await fill().expect(409)).body.code).toBe('no-stand-ins');
  });
});

import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { beginRound, openSchool, type School } from '../school.test.support.ts';
import { FERN_CHOICES as choices, openFernRoom } from './fernRoom.test.support.ts';

describe('a unit that could not be read again', () => {
  let school: School;
  beforeEach(async () => {
    school = await openFernRoom();
  });
  afterEach(() => school.close());
  const state = async () => (await school.get('/classroom').expect(200)).body;
  const make = async (over = {}) => school.post('/plan', { id: newId(), choices: { ...choices, ...over } });
  const skip = (version: number, day: string) =>
    school.post('/plan/changes', { id: newId(), version, change: { kind: 'skip', day, name: 'fire drill' } });

  it.each(['9999-12-25', '0001-01-01', '1999-12-31', '2200-01-01'])('cannot begin on %s', async (firstDay) => {
    const { status, body } = await make({ firstDay });
    expect([status, body.code]).toEqual([400, 'malformed']);
    expect((await state()).plan).toBeNull();
  });
  it('is refused as a whole where its last lessons would fall behind the last day there is', async () => {
    const { status, body } = await make({ firstDay: '2199-12-25' });
    expect([status, body.code]).toEqual([409, 'cannot-be-kept']);
    expect((await state()).plan).toBeNull();
    await school.restart();
    expect((await state()).plan).toBeNull();
    await make().then(({ status: after }) => expect(after).toBe(201));
  });
  it('is refused with one skipped day too many, and stays as it was', async () => {
    await make();
    const days = Array.from({ length: 200 }, (_, i) => {
      const day = new Date(Date.UTC(2028, 0, 1 + i)).toISOString().slice(0, 10);
      return { from: day, to: day, name: 'closed' };
    });
    school.db.prepare("UPDATE plan_state SET plan = json_set(plan, '$.skipped', json(?))").run(JSON.stringify(days));
    await school.restart();
    const before = await state();
    const { status, body } = await skip(before.plan.version, before.lessons[3].day);
    expect([status, body.code]).toEqual([409, 'cannot-be-kept']);
    expect(await state()).toEqual(before);
  });
});

describe('what is stored and cannot be read', () => {
  let school: School;
  let said: ReturnType<typeof jest.spyOn>;
  beforeEach(async () => {
    school = await openSchool();
    said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(async () => {
    said.mockRestore();
    await school.close();
  });

  it('of a unit falls back to the newest state that can be, says so, and goes on from there', async () => {
    const before = (await school.get('/classroom')).body;
    const change = { kind: 'skip', day: before.lessons.at(-1).day, name: 'fire drill' };
    for (const day of [change.day, before.lessons.at(-2).day]) {
      const { version } = (await school.get('/classroom')).body.plan;
      await school.post('/plan/changes', { id: newId(), version, change: { ...change, day } }).expect(200);
    }
    school.db.prepare("UPDATE plan_state SET plan = '{}' WHERE seq > ?").run(before.plan.version);
    await school.restart();
    const { body } = await school.get('/classroom').expect(200);
    expect(body.plan).toMatchObject({ version: before.plan.version, fellBack: true });
    expect(body.lessons).toEqual(before.lessons);
    const { version } = body.plan;
    const after = await school.post('/plan/changes', { id: newId(), version, change }).expect(200);
    expect(after.body.plan.fellBack).toBe(false);
    await school.post('/plan/undo', { version: after.body.plan.version }).expect(200);
    await school.restart();
    expect((await school.get('/classroom')).body.lessons).toEqual(before.lessons);
    expect(said).toHaveBeenCalled();
  });
  it('of a round is the server’s fault and not the tablet’s, and nobody is put out by it', async () => {
    const { id } = await beginRound(school);
    const tablet = await school.tablet();
    const seat = newId();
    await tablet.sit(3, seat).expect(200);
    const stream = await tablet.listen(seat);
    await stream.next('round');
    school.db.prepare("UPDATE round SET entries = '[]' WHERE id = ?").run(id);
    await stream.end();
    const answer = { kind: 'hands', hour: 90, minute: 0 };
    const sent = { id: newId(), childId: 3, answer, to: { setting: 'round', roundId: id, index: 0 } };
    const refused = await tablet.post('/answers', sent);
    expect([refused.status, refused.body.code]).toEqual([500, 'unreadable-stored']);
    expect((await school.get('/board').expect(200)).body.round).toBeNull();
    await school.get('/classroom').expect(200);
    const alone = {
      ...sent,
      id: newId(),
      to: { setting: 'alone', lessonId: 8, item: { kind: 'set', shown: 180 }, attempt: 1 },
    };
    await tablet.post('/answers', alone).expect(201);
    // A round begun anew is the one on the board, and the room goes on.
    await beginRound(school);
    await school.get('/board').expect(200);
  });
});

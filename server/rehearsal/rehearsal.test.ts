import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import request from 'supertest';
import { BoardState, Classroom, Desk, MaybeRehearsal, Rehearsal, type Round } from '../../contract/index.ts';
import { defaultChoices } from '../../core/planning/index.ts';
import { openSchool, type School } from '../school.test.support.ts';

describe('a rehearsal', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  const begin = async (lessonId = 8, id = newId()): Promise<Rehearsal> => {
    const { body } = await school.post('/rehearsal', { id, lessonId }).expect(201);
    return MaybeRehearsal.parse(body).rehearsal!;
  };
  /** Asks the made-up school. */
  const inside = (path: string) => request(school.url).get(`/rehearsal/api${path}`);
  const insidePost = (path: string, body: object) => request(school.url).post(`/rehearsal/api${path}`).send(body);
  const made = async (): Promise<Classroom> => Classroom.parse((await inside('/classroom').expect(200)).body);
  const real = async (): Promise<Classroom> => Classroom.parse((await school.get('/classroom').expect(200)).body);
  const beginRound = async (number: number): Promise<Round> => {
    const lesson = (await made()).lessons[number - 1]!;
    const { body } = await insidePost('/rounds', { id: newId(), lessonId: lesson.id }).expect(201);
    return BoardState.parse(body).round!;
  };
  const board = async () => BoardState.parse((await inside('/board').expect(200)).body);
  const answered = async (round: Round, seconds: number): Promise<number> => {
    const asked = { roundId: round.id, index: round.index, seconds };
    return (await school.post('/rehearsal/answers', asked).expect(200)).body.answered as number;
  };

  it('leaves no row behind: whatever is done in it, nothing of the school’s own file is written', async () => {
    const rows = (): unknown =>
      school.db
        .prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table' ORDER BY name")
        .pluck()
        .all()
        .map((table) => [table, school.db.prepare(`SELECT COUNT(*) FROM "${table}"`).pluck().get()]);
    const written = (): unknown => school.db.prepare('SELECT total_changes()').pluck().get();
    const before = [rows(), written(), (await school.get('/lessons/8/desk')).body];
    const { ticketAt } = await begin();
    const round = await beginRound(8);
    await insidePost(`/rounds/${round.id}/moves`, { move: 'next', version: 0 }).expect(200);
    expect(await answered(round, 60)).toBeGreaterThan(15);
    await school.post('/rehearsal/ticket', {}).expect(200);
    const lesson = (await made()).lessons[ticketAt! - 1]!;
    await insidePost('/plan/changes', {
      id: newId(),
      version: (await made()).plan!.version,
      change: { kind: 'skip', day: lesson.day, name: 'snow' },
    }).expect(200);
    await school.delete('/rehearsal').expect(200);
    expect([rows(), written(), (await school.get('/lessons/8/desk')).body]).toEqual(before);
  });
  it('has as many children as the class, none of them by the name of one of the class', async () => {
    const { children, seen } = await begin();
    const [ours, theirs] = [await real(), await made()];
    expect(children).toBe(ours.children.length);
    expect(seen).toBe(ours.children.length);
    const names = ours.children.map(({ name }) => name);
    for (const { name } of theirs.children) expect(names).not.toContain(name);
    expect(theirs.lessons.map(({ key, day, segments }) => [key, day, segments])).toEqual(
      ours.lessons.map(({ key, day, segments }) => [key, day, segments]),
    );
    expect(theirs.settings).toEqual(ours.settings);
    expect(theirs.today).toBe(ours.lessons[7]!.day);
  });
  it('says beforehand how long its round takes and which times are likely to go wrong', async () => {
    const { tasks, minutes } = await begin();
    const round = await beginRound(8);
    expect(tasks.map(({ item }) => item)).toEqual(round.entries.map(({ item }) => item));
    for (const { missed } of tasks) {
      expect(missed).toBeGreaterThan(0.2);
      expect(missed).toBeLessThan(22);
    }
    expect(minutes).toBeGreaterThan(2);
    expect(minutes).toBeLessThan(8);
  });
  it('lets children answer as they come to it, each once, the later the more', async () => {
    await begin();
    const round = await beginRound(8);
    await insidePost(`/rounds/${round.id}/moves`, { move: 'next', version: 0 }).expect(200);
    const early = await answered(round, 5);
    const late = await answered(round, 30);
    expect(late).toBeGreaterThan(early);
    expect(await answered(round, 30)).toBe(late);
    const { answers } = await board();
    expect(answers.length).toBe(late);
    expect(new Set(answers.map(({ childId }) => childId)).size).toBe(late);
    // What is late, for a task before, is let go.
    expect(await answered({ ...round, index: 3 }, 30)).toBe(0);
  });
  it('comes out the same for the same id, and otherwise for another', async () => {
    const run = async (id: string): Promise<unknown> => {
      await begin(8, id);
      await school.post('/rehearsal/ticket', {}).expect(200);
      const { body } = await inside('/lessons/11/desk').expect(200);
      await school.delete('/rehearsal').expect(200);
      return Desk.parse(body).known!.levels.map(({ level }) => level);
    };
    const [one, two] = [newId(), newId()];
    const first = await run(one);
    expect(await run(one)).toEqual(first);
    expect(await run(two)).not.toEqual(first);
  });
  it('shows at the desk what the ticket would say, and hands it in once', async () => {
    const { ticketAt } = await begin();
    const known = async () => Desk.parse((await inside(`/lessons/${ticketAt}/desk`).expect(200)).body).known!;
    await school.post('/rehearsal/ticket', {}).expect(200);
    const first = await known();
    expect(first.levels.filter(({ level }) => level !== 'not-seen').length).toBe(22);
    expect(first.check.number).toBe(ticketAt! - 1);
    await school.post('/rehearsal/ticket', {}).expect(200);
    expect(await known()).toEqual(first);
  });
  it('is one at a time, and begun again with the same id the same', async () => {
    const first = await begin();
    expect(await begin(8, first.id)).toEqual(first);
    const second = await begin(9);
    expect(second.number).toBe(9);
    expect((await school.get('/rehearsal').expect(200)).body.rehearsal.id).toBe(second.id);
  });
  it('of a lesson without a show-me round takes what its class can be asked', async () => {
    const { source, tasks } = await begin(9);
    expect(source).toEqual({ what: 'segment', at: expect.any(Number) });
    expect(tasks.length).toBeGreaterThan(1);
  });
  it('is refused with a sentence where there is nothing to rehearse, or nobody', async () => {
    expect((await school.post('/rehearsal', { id: newId(), lessonId: 3 }).expect(409)).body.code).toBe('past');
    await school.post('/rehearsal', { id: newId(), lessonId: 99 }).expect(404);
    await school.post('/rehearsal', { id: 'x', lessonId: 8 }).expect(400);
    await school.post('/rehearsal/answers', { roundId: newId(), index: 0, seconds: 5 }).expect(404);
    await school.post('/rehearsal/ticket', {}).expect(404);
    await inside('/classroom').expect(404);
    const page = await request(school.url).get('/rehearsal/board/8').expect(302);
    expect(page.headers['location']).toBe('/');
    const fresh = await openSchool({ demo: false });
    try {
      await fresh.post('/rehearsal', { id: newId(), lessonId: 1 }).expect(404);
    } finally {
      await fresh.close();
    }
  });
  it('of a class of one whom nobody has seen is drawn from what children usually do', async () => {
    const fresh = await openSchool({ demo: false });
    try {
      await fresh.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
      await fresh.post('/plan', { id: newId(), choices: defaultChoices('2026-11-24', 'fern') }).expect(201);
      const { lessons } = Classroom.parse((await fresh.get('/classroom')).body);
      // What clocks are for is talked about: nobody is asked anything at once.
      await fresh.post('/rehearsal', { id: newId(), lessonId: lessons[0]!.id }).expect(409);
      const { body } = await fresh.post('/rehearsal', { id: newId(), lessonId: lessons[7]!.id }).expect(201);
      expect(body.rehearsal).toMatchObject({ children: 1, seen: 0, number: 8 });
      await fresh.post('/rehearsal/ticket', {}).expect(200);
    } finally {
      await fresh.close();
    }
  });
  it('is over with the server, and no rehearsal is in a rehearsal', async () => {
    await begin();
    await insidePost('/rehearsal', { id: newId(), lessonId: 8 }).expect(404);
    await school.restart();
    expect((await school.get('/rehearsal').expect(200)).body.rehearsal).toBeNull();
  });
});

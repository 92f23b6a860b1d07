import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { TODAY, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

describe('the desk', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  it('keeps ticks and decisions, the latest of which counts', async () => {
    await school.put('/lessons/8/ready/tablets', { ticked: true }).expect(200);
    await school.put('/lessons/8/ready/tablets', { ticked: true }).expect(200);
    await school.put('/lessons/8/ready/geared-clock', { ticked: false }).expect(200);
    await school.put('/lessons/8/decision', { id: newId(), decision: 'go-on' }).expect(200);
    await school.put('/lessons/8/decision', { id: newId(), decision: 'go-on-with-group' }).expect(200);
    await school.restart();
    const { body } = await school.get('/lessons/8/desk').expect(200);
    expect(body.ticked).toEqual(['paper-clocks', 'tablets']);
    expect(body.known.decided).toBe('go-on-with-group');
  });
  it('passes over a check that nobody has answered yet', async () => {
    const { body } = await school.get('/lessons/12/desk').expect(200);
    expect(body.known.check).toMatchObject({ number: 7, skill: 'oclock-read' });
  });
  it('knows nothing before the first check, and takes no decision then', async () => {
    expect((await school.get('/lessons/2/desk').expect(200)).body.known).toBeNull();
    await school.put('/lessons/2/decision', { id: newId(), decision: 'go-on' }).expect(404);
    await school.put('/lessons/8/ready/a%20pony', { ticked: true }).expect(400);
    await school.get('/lessons/99/desk').expect(404);
  });
  it('knows what its own check says, as soon as somebody has answered it', async () => {
    expect((await school.get('/lessons/7/desk').expect(200)).body.known.check).toMatchObject({ number: 7 });
    expect((await school.get('/lessons/6/desk').expect(200)).body.known.check).toMatchObject({ number: 5 });
  });
  it('keeps a note for the day after, and shows it there', async () => {
    await school.put('/lessons/8/note', { note: 'Show 3:00 beside 12:15 once more.' }).expect(200);
    await school.restart();
    expect((await school.get('/lessons/8/desk')).body.note).toBe('Show 3:00 beside 12:15 once more.');
    expect((await school.get('/lessons/9/desk')).body.noteBefore).toBe('Show 3:00 beside 12:15 once more.');
    await school.put('/lessons/8/note', { note: 'x'.repeat(2001) }).expect(400);
  });
  it('decides by the class’s own thresholds', async () => {
    await school.put('/classes/opened', { thresholds: { goOn: 99, withGroup: 99 } }).expect(200);
    expect((await school.get('/lessons/8/desk')).body.known.suggestion).toBe('teach-again');
  });
  it('says beforehand what teaching it again costs, and changes nothing by saying it', async () => {
    type Lessons = { id: number; day: string }[];
    const lessons = async (): Promise<Lessons> => (await school.get('/classroom')).body.lessons;
    const before = await lessons();
    const { again } = (await school.get('/lessons/8/desk').expect(200)).body;
    expect(await lessons()).toEqual(before);
    await school.put('/lessons/8/decision', { id: newId(), decision: 'teach-again' }).expect(200);
    const after = await lessons();
    const pushed = before.filter(({ id, day }) => after.find((one) => one.id === id)!.day !== day);
    expect(again).toEqual({ pushed: pushed.length, ends: after.at(-1)!.day });
    expect(again.pushed).toBeGreaterThan(1);
    expect((await school.get('/lessons/2/desk')).body.again).toBeNull();
  });
  it('says how each time of the warm-up went last, and what faded more once the class missed it; one tap brings that back', async () => {
    type Back = { time: number; last: { day: string; asked: number; missed: number } | null };
    const warmUp = async (id: number) =>
      (await school.get(`/lessons/${id}/desk`).expect(200)).body.warmUp as {
        at: number;
        times: Back[];
        instead: Back[] | null;
      };
    const today = await warmUp(8);
    expect(today.times.every(({ last }) => last !== null && last.day < TODAY && last.asked > 15)).toBe(true);
    const before = await warmUp(9);
    expect(before.instead).toBeNull();
    const { id: roundId, times } = await beginRound(school);
    const { children } = (await school.get('/classroom')).body as { children: { id: number }[] };
    const board = async () =>
      (await school.get('/board')).body.round as { index: number; phase: string; version: number };
    const wrong = (time: number): number => (time + 120) % 720;
    for (const [index, time] of times.entries()) {
      for (let at = await board(); at.index < index || at.phase !== 'think'; at = await board())
        await school.post(`/rounds/${roundId}/moves`, { move: 'next', version: at.version }).expect(200);
      for (const { id } of children) await school.answer(tabletAnswer(id, roundId, index, wrong(time))).expect(201);
    }
    const after = await warmUp(9);
    expect(after.times.map(({ time }) => time)).toEqual(before.times.map(({ time }) => time));
    const instead = after.instead!;
    expect(instead.filter(({ time }) => times.slice(0, 3).includes(time)).length).toBeGreaterThan(1);
    // What a class missed the round asks once more.
    for (const { last } of instead.filter(({ time }) => times.slice(0, 3).includes(time)))
      expect(last).toEqual({ day: TODAY, asked: 2 * children.length, missed: 2 * children.length });
    const { plan } = (await school.get('/classroom')).body;
    const wanted = instead.map(({ time }) => time);
    const change = { kind: 'times', lessonId: 9, at: after.at, times: wanted };
    await school.post('/plan/changes', { id: newId(), version: plan.version, change }).expect(200);
    expect((await warmUp(9)).times.map(({ time }) => time)).toEqual(wanted);
    expect((await warmUp(9)).instead).toBeNull();
    // A past lesson's warm-up is nobody's to choose any more.
    expect((await school.get('/lessons/7/desk')).body.warmUp).toBeNull();
    for (const bad of [[], [60, 60], [721], [...Array(9).keys()].map((hour) => hour * 60)]) {
      const { version } = (await school.get('/classroom')).body.plan;
      const sent = { id: newId(), version, change: { ...change, times: bad } };
      const { status } = await school.post('/plan/changes', sent);
      expect([bad.length, status]).toEqual([bad.length, 400]);
    }
  });
  it('puts a lesson in when it is taught again, aimed at the reasons found, once', async () => {
    const before = (await school.get('/classroom')).body;
    const decision = { id: newId(), decision: 'teach-again' };
    await school.put('/lessons/8/decision', decision).expect(200);
    await school.put('/lessons/8/decision', decision).expect(200);
    const after = (await school.get('/classroom')).body;
    expect(after.lessons).toHaveLength(before.lessons.length + 1);
    expect(after.lessons[7]).toMatchObject({ key: 'again', day: '2026-11-24', skills: ['oclock-read'] });
    expect(after.lessons[8]).toMatchObject({ id: 8, day: '2026-11-25' });
    expect(after.plan.undo).toMatchObject({ kind: 'insert', rules: expect.arrayContaining(['hands-swapped']) });
    const { body } = await school.post('/plan/undo', { version: after.plan.version }).expect(200);
    expect(body.lessons).toEqual(before.lessons);
  });
  it('does not hold any more once the lesson it put in was taken back, and holds again when that is done again', async () => {
    const decided = async () => (await school.get('/lessons/8/desk').expect(200)).body.known.decided as string | null;
    const step = async (which: 'undo' | 'redo') => {
      const { version } = (await school.get('/classroom').expect(200)).body.plan;
      await school.post(`/plan/${which}`, { version }).expect(200);
    };
    await school.put('/lessons/8/decision', { id: newId(), decision: 'go-on' }).expect(200);
    await school.put('/lessons/8/decision', { id: newId(), decision: 'teach-again' }).expect(200);
    expect(await decided()).toBe('teach-again');
    await step('undo');
    expect(await decided()).toBe('go-on');
    await step('redo');
    expect(await decided()).toBe('teach-again');
    // What is changed in the unit afterwards takes nothing back.
    const { version } = (await school.get('/classroom').expect(200)).body.plan;
    const change = { kind: 'title', lessonId: 8, title: 'Clocks' };
    await school.post('/plan/changes', { id: newId(), version, change }).expect(200);
    expect(await decided()).toBe('teach-again');
  });
});

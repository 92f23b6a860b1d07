import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { v4 as newId } from 'uuid';
import {
  ChildAnswers,
  ChildHistory,
  ClassView,
  ForecastBase,
  LikelyStates,
  SkillView,
  type Classroom,
} from '../../contract/index.ts';
import { wrapToDial } from '../../core/clock/index.ts';
import { isInvisible, predict } from '../../core/misconceptions/index.ts';
import { skillOfItem } from '../../core/skills/index.ts';
import { CLOVER_ROOM } from '../../demo/clover.ts';
import { createChildView } from './childView.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());
const theClass = async () => ClassView.parse((await school.get('/record/class').expect(200)).body);
const theChild = async (id: number) =>
  ChildAnswers.parse((await school.get(`/record/children/${id}`).expect(200)).body);
const theSkill = async (skill: string) =>
  SkillView.parse((await school.get(`/record/skills/${skill}`).expect(200)).body);
const idOf = (name: string): number => CLOVER_ROOM.findIndex((child) => child.name === name) + 1;
const of = ({ children }: ClassView, name: string) => children.find(({ childId }) => childId === idOf(name))!;

/** What is set by who takes one hand for the other. @param time minutes after twelve */
const swapped = (time: number) => {
  const predicted = predict('hands-swapped', { kind: 'set', shown: wrapToDial(time) });
  return predicted.kind === 'answers' ? predicted.own[0] : undefined;
};

describe('the class', () => {
  it('is told of every child what it needs, how sure that is, and the task that would tell most', async () => {
    const view = await theClass();
    expect(of(view, 'Otis').reason).toMatchObject({ need: 'hands', rule: 'hands-swapped' });
    expect(of(view, 'Vito').reason?.need).toBe('direction');
    for (const { next, last, failed } of view.children) {
      expect(next).not.toBeNull();
      expect(last).toMatch(/^2026-11-/);
      expect(failed).toBe(false);
    }
    // Theo slips in nearly every other task, in no way that repeats.
    expect(of(view, 'Theo')).toMatchObject({ reason: null, noPattern: true });
    expect(of(view, 'Ada')).toMatchObject({ reason: null, noPattern: false });
  });
  it('is given a task for a child of whom nothing more is to be told: one in which its need would show', async () => {
    for (let round = 0; round < 2; round++) {
      const { id, times } = await beginRound(school);
      for (const [index, time] of times.entries())
        if (swapped(time) !== undefined)
          await school.answer({ ...tabletAnswer(idOf('Bram'), id, index, 0), answer: swapped(time) });
      await school.post(`/rounds/${id}/moves`, { move: 'end', version: 0 });
    }
    const { reason, next } = of(await theClass(), 'Bram');
    expect(reason!.need).toBe('hands');
    expect(isInvisible('hands-swapped', next!)).toBe(false);
  });
  it('is told what was secure and has not been seen for three weeks', async () => {
    expect((await theClass()).children.flatMap(({ again }) => again)).toEqual([]);
    school.setClock(22 * 24 * 60 * 60 * 1000);
    const ada = of(await theClass(), 'Ada');
    expect(ada.again).toContain('oclock-read');
    expect(ada.skills['oclock-read']!.level).toBe('secure');
  });
  it('stands without a child that cannot be judged, and says so of it', () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const view = createChildView({
      children: { homeLanguageOf: () => undefined },
      judged: { ofChild: (id) => ({ answers: id === 1 ? [undefined as never] : [], version: 1 }) },
      lessons: { all: () => [] },
      settings: { changes: () => [] },
      now: () => new Date('2026-11-24T09:00:00'),
    });
    const [spoilt, other] = view.ofSome([1, 2]);
    const calls = said.mock.calls.length;
    said.mockRestore();
    expect(calls).toBe(1);
    expect(spoilt!.made).toMatchObject({ failed: true, skills: {}, reasons: [], missed: 0 });
    expect(other!.made.failed).toBe(false);
  });
});

describe('a skill in the class', () => {
  it('is told by its times, its wrong answers and its days', async () => {
    const view = await theSkill('oclock-read');
    const children = await Promise.all(CLOVER_ROOM.map(({ name }) => theChild(idOf(name))));
    const wrong = children.flatMap(({ answers }) =>
      answers.filter(({ item, verdict }) => item.kind === 'read' && verdict === 'wrong'),
    );
    expect(wrong.length).toBeGreaterThan(10);
    const counted = view.wrong.filter(({ item }) => item.kind === 'read');
    expect(counted.reduce((sum, { count }) => sum + count, 0)).toBe(wrong.length);
    expect([...view.wrong].sort((a, b) => b.count - a.count)).toEqual(view.wrong);
    expect(view.wrong.some(({ rule, childIds }) => rule === 'hands-swapped' && childIds.includes(idOf('Bram')))).toBe(
      true,
    );
    expect(view.times.every(({ children: asked, childrenRight }) => childrenRight <= asked)).toBe(true);
  });
  it('ends with what the class is told today', async () => {
    const { history } = await theSkill('oclock-read');
    const levels = (await theClass()).children.map(({ skills }) => skills['oclock-read']?.level);
    const count = (level: string): number => levels.filter((one) => one === level).length;
    expect(history.at(-1)).toMatchObject({
      secure: count('secure'),
      gettingThere: count('getting-there'),
      beginning: count('beginning'),
    });
    expect(history.map(({ day }) => day)).toEqual([...history.map(({ day }) => day)].sort());
    expect(history.at(-1)!.lessons).toHaveLength(1);
  });
  it('that nobody was asked is empty, and one that is none is refused', async () => {
    expect(await theSkill('half-past-draw')).toMatchObject({ times: [], wrong: [], history: [] });
    await school.get('/record/skills/flying').expect(400);
  });
});

describe('the answers of a child that are looked at', () => {
  const looked = async (query: string) =>
    ChildAnswers.parse((await school.get(`/record/children/2${query}`).expect(200)).body);
  it('are the latest, as many as were wished, and it is said whether there are older ones', async () => {
    const { answers, more } = await looked('');
    expect([answers.length > 10, more]).toEqual([true, false]);
    const some = await looked('?count=5');
    expect(some).toMatchObject({ answers: answers.slice(0, 5), more: true });
    expect(await looked(`?count=${answers.length}`)).toMatchObject({ answers, more: false });
    // What is said of the child does not go by what is looked at.
    expect({ ...some, answers, more }).toEqual(await looked(''));
  });
  it('are those of one skill, or some by their ids, and never another child’s', async () => {
    const { answers, reasons } = await looked('');
    const ofSkill = answers.filter(({ item }) => skillOfItem(item) === 'oclock-read');
    expect((await looked('?skill=oclock-read')).answers).toEqual(ofSkill);
    expect(await looked('?skill=oclock-read&count=1')).toMatchObject({ answers: ofSkill.slice(0, 1), more: true });
    const ids = reasons[0]!.forIds;
    expect((await looked(`?only=${ids.join()}`)).answers.map(({ id }) => id)).toEqual(ids.toReversed());
    const [other] = (await theChild(3)).answers;
    expect((await looked(`?only=${other!.id}`)).answers).toEqual([]);
  });
  it.each(['count=0', 'count=x', 'skill=flying', 'only=', 'only=1,2', 'page=2'])(
    'are refused for %s',
    async (query) => {
      await school.get(`/record/children/2?${query}`).expect(400);
    },
  );
});

describe('a child', () => {
  it('is shown day by day, up to what is said today', async () => {
    const { days } = ChildHistory.parse((await school.get('/record/children/1/history').expect(200)).body);
    const { skills } = await theChild(1);
    expect(days.at(-1)!.skills['oclock-read']).toEqual(skills['oclock-read']);
    await school.get('/record/children/999/history').expect(404);
  });
  it('has what was done about its need, and what came of it', async () => {
    const bram = idOf('Bram');
    await school.post('/tablets/sets', { id: newId(), childIds: [bram], source: { what: 'needs' } }).expect(201);
    expect((await theChild(bram)).reasons[0]!.tried).toMatchObject([
      { what: 'practice', day: '2026-11-24', since: { of: 0 }, result: 'too-early' },
    ]);
    expect((await theChild(idOf('Lotte'))).reasons[0]!.tried).toEqual([]);
  });
  it('does not count an answer, with the reason why, until that is taken back', async () => {
    const round = await beginRound(school);
    const answer = tabletAnswer(2, round.id, 0, round.times[0]! + 60);
    await school.answer(answer).expect(201);
    const out = { id: newId(), answerId: answer.id, says: 'out', why: 'helped' };
    await school.post('/record/corrections', out).expect(201);
    await school.post('/record/corrections', out).expect(200);
    await school.post('/record/corrections', { ...out, why: 'slip' }).expect(409);
    expect((await theChild(2)).answers[0]).toMatchObject({ id: answer.id, says: 'out', why: 'helped' });
    await school.post('/record/corrections', { id: newId(), answerId: answer.id, says: 'as-given' }).expect(201);
    expect((await theChild(2)).answers[0]).toMatchObject({ says: null, why: null });
    await school.post('/record/corrections', { ...out, id: newId(), says: 'had' }).expect(400);
    await school.post('/record/corrections', { ...out, id: newId(), why: 'tired' }).expect(400);
  });
});

describe('what is thought of a child', () => {
  it('stays as it is when it is renamed, another child answers, an answer is sent again, the English changes, and after a restart', async () => {
    const reasonOf = async (name: string) => of(await theClass(), name).reason;
    const before = await reasonOf('Otis');
    expect(before).toMatchObject({ need: 'hands' });
    const round = await beginRound(school);
    await school.answer(tabletAnswer(idOf('Ada'), round.id, 0, round.times[0]!)).expect(201);
    expect(await reasonOf('Otis')).toEqual(before);
    await school.put(`/children/${idOf('Otis')}`, { name: 'Otto' }).expect(200);
    expect(await reasonOf('Otis')).toEqual(before);
    const index = round.times.findIndex((time) => swapped(time) !== undefined);
    const own = { ...tabletAnswer(idOf('Otis'), round.id, index, 0), answer: swapped(round.times[index]!) };
    await school.answer(own).expect(201);
    const once = await reasonOf('Otis');
    expect(once!.share).not.toBe(before!.share);
    await school.answer(own).expect(200);
    expect(await reasonOf('Otis')).toEqual(once);
    const { settings } = (await school.get('/classroom').expect(200)).body;
    await school.put('/settings', { ...settings, locale: 'en-GB' }).expect(200);
    expect(await reasonOf('Otis')).toMatchObject({ need: once!.need, rule: once!.rule, share: once!.share });
    await school.restart();
    expect(await reasonOf('Otis')).toMatchObject({ need: once!.need, rule: once!.rule, share: once!.share });
  });
});

describe('a convention that was changed', () => {
  it('is said beside what it may explain, also after a restart', async () => {
    const { settings } = (await school.get('/classroom').expect(200)).body;
    await school.put('/settings', { ...settings, handNames: 'short-long' }).expect(200);
    const round = await beginRound(school);
    // Bram takes one hand for the other once more, the day the hands got other names.
    const index = round.times.findIndex((time) => swapped(time) !== undefined);
    const answer = { ...tabletAnswer(idOf('Bram'), round.id, index, 0), answer: swapped(round.times[index]!) };
    await school.answer(answer).expect(201);
    await school.restart();
    const { reasons } = await theChild(idOf('Bram'));
    expect(reasons[0]!.for).toBeGreaterThan(16);
    expect(reasons[0]!.beside).toContainEqual({ kind: 'convention', convention: 'handNames', day: '2026-11-24' });
    expect((await theChild(idOf('Vito'))).reasons[0]!.beside.map(({ kind }) => kind)).not.toContain('convention');
  });
});

describe('notes about a child', () => {
  const note = (text: string, id: string = newId()) => ({ id, text });
  it('are kept with their day, once each, the latest first', async () => {
    const first = note('Turns the clock by itself.');
    await school.post('/record/children/3/notes', first).expect(201);
    await school.post('/record/children/3/notes', first).expect(200);
    await school.post('/record/children/3/notes', note('Says "half past" at home.')).expect(201);
    await school.restart();
    expect((await theChild(3)).notes).toMatchObject([
      { text: 'Says "half past" at home.' },
      { ...first, day: '2026-11-24' },
    ]);
    expect((await theChild(4)).notes).toEqual([]);
  });
  it('are gone when they are taken back', async () => {
    const kept = note('Mixes the hands up when tired.');
    await school.post('/record/children/3/notes', kept).expect(201);
    await school.delete(`/record/children/4/notes/${kept.id}`).expect(200);
    expect((await theChild(3)).notes).toHaveLength(1);
    await school.delete(`/record/children/3/notes/${kept.id}`).expect(200);
    await school.delete(`/record/children/3/notes/${kept.id}`).expect(200);
    expect(school.db.prepare('SELECT COUNT(*) AS left FROM child_note').get()).toEqual({ left: 0 });
  });
  it('are refused where they say nothing, too much, or of a child that is not here', async () => {
    for (const text of ['', '   ', 'x'.repeat(501)])
      await school.post('/record/children/3/notes', note(text)).expect(400);
    await school.post('/record/children/999/notes', note('Good.')).expect(404);
    const one = note('Good.');
    await school.post('/record/children/3/notes', one).expect(201);
    await school.post('/record/children/4/notes', one).expect(409);
    await school.post('/record/children/3/notes', { ...one, text: 'Better.' }).expect(409);
    await school.delete('/record/children/3/notes/x').expect(400);
  });
});

describe('how likely children do what', () => {
  it('is told of the class, or of some, as shares that sum to one', async () => {
    const of = async (query = '') =>
      LikelyStates.parse((await school.get(`/record/likely${query}`).expect(200)).body).states;
    const all = await of();
    expect(Object.values(all).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 6);
    expect(all.none).toBeGreaterThan(all['hands-swapped']);
    const bram = await of(`?children=${idOf('Bram')}`);
    expect(bram['hands-swapped']).toBeGreaterThan(0.5);
    await school.get('/record/likely?children=999').expect(404);
    await school.get('/record/likely?children=1,x').expect(400);
  });
});

describe('what a forecast is made from', () => {
  it('is every child’s answers by day and skill, without a name, and the lessons ahead', async () => {
    const base = ForecastBase.parse((await school.get('/record/forecast').expect(200)).body);
    const { children, lessons, today } = (await school.get('/classroom')).body as Classroom;
    expect(base.children).toHaveLength(children.length);
    expect(JSON.stringify(base)).not.toContain('Bram');
    expect(base.checked).toBe('oclock-read');
    expect(base.ahead.map(({ day }) => day)).toEqual(lessons.filter(({ day }) => day >= today).map(({ day }) => day));
    const { answers } = await theChild(idOf('Ada'));
    const counted = answers.filter(({ verdict }) => verdict !== 'unreadable');
    const ofAda = base.children[children.findIndex(({ name }) => name === 'Ada')]!;
    expect(ofAda.reduce((sum, one) => sum + one.answers, 0)).toBe(counted.length);
    for (const skill of base.taught) expect(base.skills).toContain(skill);
  });
});

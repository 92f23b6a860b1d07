import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Classroom, Pile, PileDeed, PileMark, PileNews, PileSource, PileSummary } from '../../contract/index.ts';
import { explain } from '../../core/misconceptions/index.ts';
import { offersOf } from '../../core/checking/index.ts';
import type { Answer } from '../../core/items/index.ts';
import { codeText, sheetOfLesson } from '../../core/sheets/index.ts';
import { openStream } from '../live/stream.test.support.ts';
import { LESSON, beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';

/** The demo class's last check, and a child who was not there. */
const CHECK = 7;
const WRONG: Answer = { kind: 'no-answer', why: 'empty' };

describe('piles of paper', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const classroom = async (): Promise<Classroom> => (await school.get('/classroom').expect(200)).body;
  const open = async (source: PileSource, id = newId()): Promise<Pile> =>
    (await school.post('/piles', { id, source }).expect((res) => expect(res.status).toBeLessThan(300))).body;
  const refused = async (source: unknown, code: string): Promise<void> => {
    const { body } = await school.post('/piles', { id: newId(), source });
    expect(body.code).toBe(code);
  };
  const read = async ({ id }: Pick<Pile, 'id'>): Promise<Pile> => (await school.get(`/piles/${id}`).expect(200)).body;
  const markOf = (pile: Pile, row: number, task: number, answer?: Answer): Extract<PileDeed, { what: 'mark' }> => {
    const { childId, form } = pile.children[row]!;
    const item = pile.forms[form]![task]!;
    const context = {
      conventions: pile.printed!.conventions,
      suspected: [],
      common: [],
      given: [],
      writing: 'line' as const,
    };
    return { what: 'mark', id: newId(), childId, task, item, answer: answer ?? offersOf(item, context)[0]!.answer };
  };
  const deed = ({ id }: Pick<Pile, 'id'>, ...deeds: PileDeed[]) => school.post(`/piles/${id}/deeds`, { deeds });
  const find = (pile: Pile, childId: number, task: number): PileMark | undefined =>
    pile.marks.find((one) => one.childId === childId && one.task === task);
  const answersIn = (): number =>
    school.db.prepare<[], number>("SELECT COUNT(*) FROM answer WHERE source = 'paper'").pluck().get()!;
  /** Prints a lesson's ticket, as the desk does. @param childIds for whom; nobody's names where there are none */
  const print = async (lessonId = CHECK, childIds?: readonly (number | null)[]): Promise<number> => {
    const { lessons, settings, children } = await classroom();
    const lesson = lessons.find(({ id }) => id === lessonId)!;
    const made = sheetOfLesson(
      { lesson, before: lessons.filter(({ number }) => number < lesson.number) },
      'ticket',
      settings,
    );
    if (!('content' in made)) throw new Error('no ticket');
    const id = newId();
    const sheet = { version: 1, lessonId, part: 'ticket', source: 1, childIds: [], ...made };
    await school.put(`/sheets/${id}`, sheet).expect(200);
    const copies = (childIds ?? children.map((child) => child.id)).map((childId, i) => ({ childId, form: i % 2 }));
    const { body } = await school.post(`/sheets/${id}/printings`, { id: newId(), version: 1, copies }).expect(201);
    return body.number;
  };

  it('are one pile whatever they are opened from: the stone, the printing, a code of one of its pages', async () => {
    const printing = await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    expect(pile).toMatchObject({ kind: 'printing', lessonId: CHECK, printed: { number: printing } });
    expect(pile.children).toHaveLength(22);
    expect(pile.children.map(({ copy, form }) => [copy, form])).toEqual(
      Array.from({ length: 22 }, (_, i) => [i + 1, i % 2]),
    );
    const code = codeText({ printing, copy: 5, page: 1 });
    for (const source of [
      { kind: 'printing', printing },
      { kind: 'code', code: code.toLowerCase() },
    ] as const)
      expect((await open(source)).id).toBe(pile.id);
    const { body } = await school.get('/piles').expect(200);
    expect(body).toMatchObject([{ id: pile.id, marked: 0, children: 22 }]);
  });
  it('of a lesson without paper have the lesson’s own tasks, and another pile once they are others', async () => {
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    expect(pile).toMatchObject({ kind: 'lesson', printed: null });
    expect(pile.forms[0]!.length).toBeGreaterThan(3);
    expect((await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' })).id).toBe(pile.id);
  });
  it('take marks once each, keep every one, and the latest to a place counts', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const first = markOf(pile, 0, 0);
    await deed(pile, first).expect(200);
    await deed(pile, first).expect(200);
    const other = markOf(pile, 0, 0, WRONG);
    const { body } = (await deed(pile, other).expect(200)) as { body: PileNews };
    expect(body.places).toMatchObject([{ task: 0, mark: { answerId: other.id, verdict: 'wrong', source: 'paper' } }]);
    expect(answersIn()).toBe(2);
    expect((await read(pile)).marks).toHaveLength(1);
    const { body: taken } = await deed(pile, { ...first, answer: WRONG }).expect(409);
    expect(taken.code).toBe('id-taken');
  });
  it('take a mark back, which then counts nowhere, and is kept', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const mark = markOf(pile, 0, 0);
    await deed(pile, mark).expect(200);
    const before = (await school.get(`/record/children/${mark.childId}`).expect(200)).body.answers.length;
    const back: PileDeed = { what: 'take-back', id: newId(), childId: mark.childId, task: 0, answerId: mark.id };
    const { body } = await deed(pile, back).expect(200);
    expect(body.places).toEqual([{ childId: mark.childId, task: 0, mark: null }]);
    await deed(pile, back).expect(200);
    expect((await read(pile)).marks).toEqual([]);
    expect(answersIn()).toBe(1);
    expect((await school.get(`/record/children/${mark.childId}`).expect(200)).body.answers.length).toBe(before);
    await deed(pile, { ...back, id: newId(), task: 1 }).expect(404);
    await deed(pile, { ...back, id: newId(), answerId: newId() }).expect(404);
  });
  it('change nothing where one of several is refused: not what is kept, and not what is said of the child', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const mark = markOf(pile, 0, 0);
    await deed(pile, mark).expect(200);
    const view = async () => (await school.get('/record/class').expect(200)).body;
    const before = await view();
    const back: PileDeed = { what: 'take-back', id: newId(), childId: mark.childId, task: 0, answerId: mark.id };
    await deed(pile, markOf(pile, 0, 1), back, { ...markOf(pile, 1, 0), task: 30 }).expect(409);
    expect(await view()).toEqual(before);
    await deed(pile, markOf(pile, 0, 1)).expect(200);
    await deed(pile, back).expect(200);
    expect((await read(pile)).marks.map(({ task }) => task)).toEqual([1]);
    const { children } = await view();
    const again = await school.restart().then(view);
    expect(again.children).toEqual(children);
  });
  it('tell every screen of each mark, whose last one holds though both are kept', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const stream = await openStream(`${school.url}/api/live`);
    const [mine, yours] = [markOf(pile, 3, 1), markOf(pile, 3, 1, WRONG)];
    await deed(pile, mine).expect(200);
    await deed(pile, yours).expect(200);
    const told = [await stream.next('pile'), await stream.next('pile')] as PileNews[];
    expect(told.map(({ places }) => places[0]!.mark!.answerId)).toEqual([mine.id, yours.id]);
    expect(find(await read(pile), mine.childId, 1)).toMatchObject({ answerId: yours.id, verdict: 'wrong' });
    expect(answersIn()).toBe(2);
    await stream.end();
  });
  it('say who is missing; a late one counts for its check, on the day it comes', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const { childId, form } = pile.children[2]!;
    const away: PileDeed = { what: 'child', id: newId(), childId, away: true, form };
    await deed(pile, away).expect(200);
    await deed(pile, away).expect(200);
    expect((await read(pile)).children[2]!.away).toBe(true);
    school.setClock(24 * 60 * 60 * 1000);
    await deed(pile, { ...away, id: newId(), away: false }).expect(200);
    const late = markOf(pile, 2, 0);
    await deed(pile, late, markOf(pile, 4, 0)).expect(200);
    const days = school.db
      .prepare<[], { id: string; day: string }>("SELECT id, day FROM answer WHERE source = 'paper'")
      .all();
    expect(days.find(({ id }) => id === late.id)!.day).toBe('2026-11-25');
    expect(days.find(({ id }) => id !== late.id)!.day).toBe(pile.day);
    expect(pile.day < '2026-11-24').toBe(true);
  });
  it('have the other form where a neighbour’s paper was taken', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const { childId } = pile.children[0]!;
    const ofB = markOf(pile, 1, 0);
    expect((await deed(pile, { ...ofB, childId }).expect(409)).body.code).toBe('task-changed');
    await deed(pile, { what: 'child', id: newId(), childId, away: false, form: 1 }).expect(200);
    await deed(pile, { ...ofB, id: newId(), childId }).expect(200);
    await deed(pile, { what: 'child', id: newId(), childId, away: false, form: 2 }).expect(400);
  });
  it('of copies without names are everybody’s; of copies for some, theirs alone', async () => {
    await print(CHECK, [null, null, null]);
    expect((await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' })).children).toHaveLength(22);
    const some = await print(CHECK, [3, 5]);
    const pile = await open({ kind: 'printing', printing: some });
    expect(pile.children.map(({ childId }) => childId).sort()).toEqual([3, 5]);
    const { body } = await deed(pile, { ...markOf(pile, 0, 0), childId: 7 }).expect(409);
    expect(body.code).toBe('not-in-pile');
  });
  it('mark a round that was held, and what tablets answered stands there already', async () => {
    await refused({ kind: 'round' }, 'no-round');
    const { id, times } = await beginRound(school);
    await school.answer(tabletAnswer(4, id, 0, times[0]!)).expect(201);
    const pile = await open({ kind: 'round' });
    expect(pile).toMatchObject({ kind: 'round', lessonId: LESSON, printed: null });
    expect(pile.forms).toEqual([[expect.objectContaining({ shown: times[0] })]]);
    expect(find(pile, 4, 0)).toMatchObject({ verdict: 'right', source: 'tablet' });
    const item = pile.forms[0]![0]!;
    const answer: Answer = { kind: 'hands', hour: 0, minute: 0 };
    await deed(pile, { what: 'mark', id: newId(), childId: 5, task: 0, item, answer }).expect(200);
    expect(find(await read(pile), 5, 0)).toMatchObject({ source: 'teacher', verdict: 'wrong' });
    const { body } = await school.get(`/rounds/${id}/answers/0`).expect(200);
    expect(body.map((one: PileMark) => one.childId).sort()).toEqual([4, 5]);
  });
  it('need no paper: any six times', async () => {
    const items = [3, 5, 8].map((hour) => ({ kind: 'read' as const, shown: (hour * 60) as never }));
    const id = newId();
    const pile = await open({ kind: 'tasks', items }, id);
    expect(pile).toMatchObject({ id, kind: 'tasks', lessonId: LESSON, forms: [items], day: '2026-11-24' });
    expect((await open({ kind: 'tasks', items }, id)).id).toBe(id);
    // From another window, too.
    expect((await open({ kind: 'tasks', items })).id).toBe(id);
    const { body } = await school.post('/piles', { id, source: { kind: 'tasks', items: items.slice(1) } }).expect(409);
    expect(body.code).toBe('id-taken');
    school.setClock(24 * 60 * 60 * 1000);
    expect((await open({ kind: 'tasks', items }, id)).id).toBe(id);
    expect((await open({ kind: 'tasks', items })).id).not.toBe(id);
  });

  describe('of what does not belong', () => {
    it('a code that is none, a letter that is wrong, a copy there never was: a sentence, and no pile', async () => {
      const printing = await print();
      const code = codeText({ printing, copy: 5, page: 1 });
      await refused({ kind: 'code', code: 'hello' }, 'unknown-code');
      await refused({ kind: 'code', code: code.replace(/.$/, code.endsWith('2') ? '3' : '2') }, 'unknown-code');
      await refused({ kind: 'code', code: codeText({ printing, copy: 99, page: 1 }) }, 'unknown-code');
      await refused({ kind: 'code', code: codeText({ printing: printing + 1, copy: 1, page: 1 }) }, 'unknown-code');
      await refused({ kind: 'lesson', lessonId: 999, part: 'ticket' }, 'unknown-lesson');
      await refused({ kind: 'lesson', lessonId: 1, part: 'ticket' }, 'nothing-to-mark');
      expect((await school.get('/piles').expect(200)).body).toEqual([]);
    });
    it('a page and a pile of another class', async () => {
      const printing = await print();
      const pile = await open({ kind: 'printing', printing });
      const mark = markOf(pile, 0, 0);
      await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
      await refused({ kind: 'code', code: codeText({ printing, copy: 1, page: 1 }) }, 'code-of-another-class');
      await refused({ kind: 'printing', printing }, 'unknown-sheet');
      expect((await school.get(`/piles/${pile.id}`).expect(404)).body.code).toBe('unknown-pile');
      await deed(pile, mark).expect(404);
      await refused({ kind: 'tasks', items: [{ kind: 'read', shown: 60 }] }, 'no-unit');
      expect(answersIn()).toBe(0);
    });
    it('a child who moved away, a task the paper does not have, an answer of another kind: nothing of all that was sent', async () => {
      await print();
      const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
      const gone = pile.children[1]!;
      await school.put(`/children/${gone.childId}`, { movedAway: true }).expect(200);
      const good = markOf(pile, 0, 0);
      expect((await deed(pile, good, markOf(pile, 1, 0)).expect(404)).body.code).toBe('unknown-child');
      expect((await deed(pile, good, { ...markOf(pile, 2, 0), task: 5 }).expect(409)).body.code).toBe('task-changed');
      expect((await deed(pile, good, { ...markOf(pile, 2, 0), task: 30 }).expect(409)).body.code).toBe('task-changed');
      await deed(pile, good, markOf(pile, 2, 0, { kind: 'unit', unit: 'hour' })).expect(400);
      await school.post(`/piles/${pile.id}/deeds`, { deeds: [] }).expect(400);
      expect(answersIn()).toBe(0);
      expect((await read(pile)).children.map(({ childId }) => childId)).not.toContain(gone.childId);
    });
    it('paper of before the lesson was changed is marked as it was printed, and says so', async () => {
      await print();
      const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
      expect(pile.printed!.changedSince).toBe(true);
    });
  });

  it('say what they say: tasks, the hardest, whose is missing, reasons, what the check says, tablets beside it', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    const marks = pile.children
      .slice(0, 21)
      .flatMap((_, row) =>
        pile.forms[0]!.map((_item, task) => markOf(pile, row, task, task === 2 && row < 12 ? WRONG : undefined)),
      );
    await deed(pile, ...marks).expect(200);
    const summary: PileSummary = (await school.get(`/piles/${pile.id}/summary`).expect(200)).body;
    expect(summary.hardest).toBe(2);
    expect(summary.tasks[2]).toEqual({ task: 2, given: 21, right: 9 });
    expect(summary.unmarked).toEqual([pile.children[21]!.childId]);
    expect(summary.known!.check.id).toBe(CHECK);
    expect(summary.known!.suggestion).not.toBeNull();
    for (const { children, paper } of summary.tablets) {
      expect(children).toBeGreaterThan(0);
      expect(paper.given).toBeGreaterThan(0);
    }
    expect(summary.taps).toBe(0);
  });
  it('are there after a restart, and suspect of a child what its answers speak for', async () => {
    await print();
    const pile = await open({ kind: 'lesson', lessonId: CHECK, part: 'ticket' });
    await deed(pile, markOf(pile, 0, 0)).expect(200);
    await school.restart();
    const again = await read(pile);
    expect(again.marks).toHaveLength(1);
    const suspects = again.children.filter(({ suspected }) => suspected.length > 0);
    expect(suspects.length).toBeGreaterThan(0);
    const { body } = await school.get(`/record/children/${suspects[0]!.childId}`).expect(200);
    const fitting = body.answers.flatMap((one: { item: never; answer: never }) => explain(one.item, one.answer));
    expect(fitting).toContain(suspects[0]!.suspected[0]);
  });
});

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Arrival, Classroom, TakeIn } from '../../contract/index.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { bringAll, fill, lookedAt, takeIn, takenAlong, type ClassesFile } from './moved.test.support.ts';

describe('children of a file that come into a class that is here', () => {
  let from: School;
  let to: School;
  let fern: Classroom;
  beforeEach(async () => {
    from = await openSchool();
    to = await openSchool({ demo: false });
    fern = (await to.post('/classes', { id: newId(), name: 'Fern Room', children: ['Bram', 'Xenia'] }).expect(201))
      .body;
  });
  afterEach(async () => {
    await from.close();
    await to.close();
  });
  const state = async (school: School): Promise<Classroom> => (await school.get('/classroom').expect(200)).body;
  /** Into Fern Room, those who are said as those who are here. */
  const into = ({ classes: [one] }: Arrival, same: Readonly<Record<string, number>>): TakeIn => ({
    as: 'into',
    number: one!.number,
    classId: fern.class!.id,
    children: one!.children.map(({ number, name, here }) => ({ number, childId: here ?? same[name] ?? null })),
  });
  const bram = (): number => fern.children.find(({ name }) => name === 'Bram')!.id;
  const rows = (school: School): Record<string, number> =>
    Object.fromEntries(
      ['answer', 'correction', 'round', 'lesson', 'child', 'child_note', 'pile', 'printing', 'sheet_version'].map(
        (table) => [table, school.db.prepare<[], number>(`SELECT COUNT(*) FROM ${table}`).pluck().get()!],
      ),
    );
  const answersOf = async (school: School, id: number) =>
    (await school.get(`/record/children/${id}`).expect(200)).body.answers as {
      id: string;
      day: string;
      verdict: string;
    }[];

  it('bring all they did: who is the same child goes on with it, who is new is added with a picture of its own', async () => {
    await fill(from);
    const looked = await lookedAt(to, await takenAlong(from, 'class'));
    expect(looked.here).toMatchObject([{ name: 'Fern Room', children: [{ name: 'Bram' }, { name: 'Xenia' }] }]);
    await takeIn(to, looked.id, [into(looked, { Bram: bram() })]).expect(200);
    const now = await state(to);
    expect(now.classes.map(({ name }) => name)).toEqual(['Fern Room']);
    expect(now.children).toHaveLength(2 + 21 - 1);
    expect(now.movedAway).toHaveLength(1);
    expect(new Set(now.children.map(({ picture }) => picture)).size).toBe(22);
    expect(now.children.filter(({ name }) => name === 'Bram')).toMatchObject([{ id: bram(), homeLanguage: 'nl' }]);
    expect((await answersOf(to, bram())).map(({ id }) => id)).toEqual((await answersOf(from, 2)).map(({ id }) => id));
    expect((await to.get(`/record/children/${bram()}`)).body.notes).toMatchObject([
      { text: 'Counts with blue marbles.' },
    ]);
    // How the class is led stays as it was here.
    expect(now.plan).toBeNull();
    expect(now.settings).toEqual(fern.settings);
    expect(to.db.pragma('foreign_key_check')).toEqual([]);
    const view = async (school: School, id: number) =>
      (await school.get('/record/class').expect(200)).body.children.find(
        (one: { childId: number }) => one.childId === id,
      );
    const before = await view(from, 2);
    expect(await view(to, bram())).toMatchObject({ skills: before.skills });
    await to.get('/sheets').expect(200);
    await to.get('/board').expect(200);
  });
  it('bring nothing twice, and what was done since', async () => {
    const first = await lookedAt(to, await takenAlong(from, 'class'));
    await takeIn(to, first.id, [into(first, { Bram: bram() })]).expect(200);
    const once = rows(to);
    const again = await lookedAt(to, await takenAlong(from, 'class'));
    expect(again.classes[0]!.here).toEqual({ classId: fern.class!.id, name: 'Fern Room' });
    await takeIn(to, again.id, [into(again, {})]).expect(200);
    expect(rows(to)).toEqual(once);
    const { id, times } = await beginRound(from);
    for (const child of [2, 3]) await from.answer(tabletAnswer(child, id, 0, times[0]!)).expect(201);
    const later = await lookedAt(to, await takenAlong(from, 'class'));
    await takeIn(to, later.id, [into(later, {})]).expect(200);
    // The lesson of that round is the first time here.
    const more = { answer: once['answer']! + 2, round: once['round']! + 1, lesson: once['lesson']! + 1 };
    expect(rows(to)).toEqual({ ...once, ...more });
    expect((await answersOf(to, bram())).map((one) => one.id)).toEqual((await answersOf(from, 2)).map((one) => one.id));
  });
  it('stand in the order in which they answered, also where what comes is older than what was here', async () => {
    // The class moved, went on here, and what was still on the first computer comes after.
    const file = JSON.parse(await takenAlong(from, 'class')) as ClassesFile;
    const late = structuredClone(file);
    const cut = file.classes[0]!['answer']!.filter(({ day }) => day !== '2026-11-23');
    expect(cut.length).toBeLessThan(file.classes[0]!['answer']!.length);
    file.classes[0]!['answer'] = cut;
    await bringAll(to, JSON.stringify(file));
    const lesson = (await state(to)).lessons[7]!.id;
    const { body } = await to.post('/rounds', { id: newId(), lessonId: lesson }).expect(201);
    const bramHere = (await state(to)).children.find(({ name }) => name === 'Bram')!.id;
    await to.answer(tabletAnswer(bramHere, body.round.id, 0, body.round.entries[0].item.shown)).expect(201);
    const looked = await lookedAt(to, JSON.stringify(late));
    const wish = { ...into(looked, {}), classId: looked.classes[0]!.here!.classId };
    await takeIn(to, looked.id, [wish]).expect(200);
    const days = (await answersOf(to, bramHere)).map(({ day }) => day).reverse();
    expect(days).toEqual([...days].sort());
    expect(days.at(-1)).toBe('2026-11-24');
    expect(days).toContain('2026-11-23');
    // They are append-only as before.
    expect(() => to.db.prepare('UPDATE answer SET seq = 1').run()).toThrow();
    const ada = (await state(to)).children.find(({ name }) => name === 'Ada')!.id;
    const before = await answersOf(to, ada);
    await to.answer(tabletAnswer(ada, body.round.id, 0, body.round.entries[0].item.shown)).expect(201);
    expect((await answersOf(to, ada)).slice(1)).toEqual(before);
  });
  it('are refused where they would be another child’s, or are in another class; nothing comes in', async () => {
    const text = await takenAlong(from, 'class');
    const first = await lookedAt(to, text);
    await takeIn(to, first.id, [into(first, { Bram: bram() })]).expect(200);
    const before = rows(to);
    const again = await lookedAt(to, text);
    const wish = into(again, {}) as Extract<TakeIn, { as: 'into' }>;
    const xenia = fern.children.find(({ name }) => name === 'Xenia')!.id;
    const swapped = wish.children.map((one) => (one.childId === bram() ? { ...one, childId: xenia } : one));
    const refused = async (one: TakeIn) => (await takeIn(to, again.id, [one])).body.code;
    expect(await refused({ ...wish, children: swapped })).toBe('here-otherwise');
    expect(await refused({ ...wish, children: wish.children.map((one) => ({ ...one, childId: bram() })) })).toBe(
      'malformed',
    );
    const { body: moss } = await to.post('/classes', { id: newId(), name: 'Moss Room', children: ['Ida'] }).expect(201);
    const fresh = wish.children.map((one) => ({ ...one, childId: null }));
    expect(await refused({ ...wish, classId: moss.class.id, children: fresh })).toBe('here-otherwise');
    // More children than there are pictures.
    expect((await to.post('/children', { names: Array.from({ length: 38 }, (_, i) => `Child ${i}`) })).status).toBe(
      201,
    );
    const full = { ...JSON.parse(text), classes: [] } as ClassesFile;
    const other = structuredClone((JSON.parse(text) as ClassesFile).classes[0]!);
    full.classes.push({ class: other['class']!, child: other['child']!, lesson: [] });
    full.classes[0]!['class']![0]!['plan_seq'] = null;
    const many = await lookedAt(to, JSON.stringify(full));
    const into39 = {
      ...into(many, {}),
      classId: moss.class.id,
      children: many.classes[0]!.children.map(({ number }) => ({ number, childId: null })),
    };
    expect((await takeIn(to, many.id, [into39])).body.code).toBe('class-full');
    expect({ ...rows(to), child: before['child'] }).toEqual(before);
  });
});

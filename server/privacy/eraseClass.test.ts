import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { Classroom } from '../../contract/index.ts';
import { openSchool, type School } from '../school.test.support.ts';
import { ABOUT_CHILD } from './childData.ts';
import { ABOUT_CLASS } from './eraseClass.ts';

describe('a class that is deleted', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const erase = (name: string) => school.post('/classes/opened/erase', { name });
  const state = async (): Promise<Classroom> => Classroom.parse((await school.get('/classroom').expect(200)).body);
  const count = (table: string): number =>
    school.db.prepare<[], number>(`SELECT COUNT(*) FROM ${table}`).pluck().get()!;

  it('has every table that belongs to a class in its list: none can be added and forgotten', () => {
    const points = (table: string): string[] =>
      (school.db.pragma(`foreign_key_list(${table})`) as { table: string }[]).map((key) => key.table);
    const tables = school.db.prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table'").pluck().all();
    // Whatever points at a class, or at something that does.
    const found = new Set(['class']);
    for (let before = 0; before < found.size;) {
      before = found.size;
      for (const table of tables) if (points(table).some((one) => found.has(one))) found.add(table);
    }
    const known = [...Object.keys(ABOUT_CHILD), ...ABOUT_CLASS.map(([table]) => table)];
    // Those that go with an answer; the class and its children keep a number.
    const others = ['class', 'child', 'correction', 'stand_in_answer'];
    expect([...found].sort()).toEqual([...new Set([...known, ...others])].sort());
  });
  it('is gone with all its children, from every table and from the bytes of the file; the first start comes', async () => {
    await school.post('/record/children/2/notes', { id: newId(), text: 'Counts with blue marbles.' }).expect(201);
    await school.put('/lessons/8/note', { note: 'Show Bram the short hand.' }).expect(200);
    await school.tablet();
    expect((await erase('Clover').expect(400)).body.code).toBe('malformed');
    expect((await state()).class?.name).toBe('Clover Room');
    const reply = Classroom.parse((await erase('Clover Room').expect(200)).body);
    expect(reply.class).toBeNull();
    expect(reply.classes).toEqual([]);
    for (const table of [...Object.keys(ABOUT_CHILD), ...ABOUT_CLASS.map(([one]) => one)])
      expect([table, count(table)]).toEqual([table, 0]);
    for (const end of ['', '-wal']) {
      const bytes = readFileSync(`${school.file}${end}`);
      const words = ['Bram', 'Lotte', 'Clover Room', 'blue marbles', 'short hand'];
      expect(words.filter((word) => bytes.includes(word))).toEqual([]);
    }
    expect(school.db.pragma('foreign_key_check')).toEqual([]);
    await school.restart();
    expect((await state()).class).toBeNull();
  });
  it('leaves another class as it is, and opens it', async () => {
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bo'] }).expect(201);
    const fern = await state();
    const demo = fern.classes.find(({ name }) => name === 'Clover Room')!;
    await school.put('/classes/open', { classId: demo.id }).expect(200);
    await erase('Clover Room').expect(200);
    const now = await state();
    expect(now.class?.name).toBe('Fern Room');
    expect(now.children).toEqual(fern.children);
    await school.put('/classes/open', { classId: demo.id }).expect(404);
    // The made-up class can be had anew, and its children get no number of those before.
    await school.post('/classes/made-up', {}).expect(201);
    const anew = await state();
    expect(anew.children).toHaveLength(22);
    expect(Math.min(...anew.children.map(({ id }) => id))).toBeGreaterThan(22);
    await school.get('/lessons/' + anew.lessons[7]!.id + '/desk').expect(200);
  });
});

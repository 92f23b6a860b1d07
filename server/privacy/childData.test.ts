import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { ChildStored, Classroom } from '../../contract/index.ts';
import { openSchool, tabletAnswer, beginRound, type School } from '../school.test.support.ts';
import { ABOUT_CHILD } from './childData.ts';

describe('what is stored of a child', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  const classroom = async (): Promise<Classroom> => Classroom.parse((await school.get('/classroom').expect(200)).body);
  const stored = async (id: number): Promise<ChildStored> =>
    ChildStored.parse((await school.get(`/children/${id}/stored`).expect(200)).body);
  const rows = (id: number): number =>
    Object.entries(ABOUT_CHILD).reduce(
      (sum, [table, where]) =>
        sum +
        (school.db
          .prepare<[{ id: number }], number>(`SELECT COUNT(*) FROM ${table} WHERE ${where}`)
          .pluck()
          .get({ id }) ?? 0),
      0,
    );
  /** Bram with something in every table. */
  const BRAM = 2;
  const NOTE = 'Counts along with the blue marbles.';
  const fill = async (): Promise<void> => {
    await school.post(`/record/children/${BRAM}/notes`, { id: newId(), text: NOTE }).expect(201);
    await school.put('/groups/pairs', { childIds: [BRAM, 5], sits: 'apart' }).expect(200);
    await school.put(`/children/${BRAM}`, { homeLanguage: 'nl' }).expect(200);
    const { id, times } = await beginRound(school);
    await school.answer(tabletAnswer(BRAM, id, 0, times[0]!)).expect(201);
  };

  it('is found in every table that points at a child: none can be added and forgotten', () => {
    const tables = school.db
      .prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table'")
      .pluck()
      .all()
      .filter((table) =>
        (school.db.pragma(`foreign_key_list(${table})`) as { table: string }[]).some((key) => key.table === 'child'),
      );
    expect(tables.sort()).toEqual(Object.keys(ABOUT_CHILD).sort());
  });
  it('is said by what it is, and given as a file with all of it', async () => {
    await fill();
    const now = await stored(BRAM);
    expect(now).toMatchObject({ notes: 1, pairs: 1, tablets: 1, corrections: 0, backupDays: null });
    expect(now.child).toMatchObject({ name: 'Bram', homeLanguage: 'nl', movedAway: false });
    expect(now.answers).toBeGreaterThan(30);
    expect(now.days![1]).toBe('2026-11-24');
    const { body, headers } = await school.get(`/children/${BRAM}/stored.json`).expect(200);
    expect(headers['content-disposition']).toContain('attachment');
    expect(body).toMatchObject({ format: 'hoppel-child', version: 1, child: { name: 'Bram' } });
    expect(body.answer).toHaveLength(now.answers);
    expect(body.answer[0].item.kind).toBeDefined();
    expect(body.child_note[0].text).toBe(NOTE);
    // Nothing of another child is in it.
    expect(JSON.stringify(body)).not.toContain('Lotte');
  });
  it('is deleted by whoever says its name, and by nobody else', async () => {
    for (const body of [{}, { name: '' }, { name: 'Ada' }]) await school.delete(`/children/${BRAM}`, body).expect(400);
    await school.get(`/children/${BRAM}/stored`).expect(200);
  });
  it('is gone from the very bytes of the file once it is deleted, and nothing of anybody else', async () => {
    await fill();
    const before = (await classroom()).children;
    const lotte = before.find(({ name }) => name === 'Lotte')!.id;
    const ofLotte = await stored(lotte);
    school.db.pragma('wal_checkpoint(TRUNCATE)');
    expect(readFileSync(school.file).includes(NOTE)).toBe(true);
    const reply = await school.delete(`/children/${BRAM}`, { name: 'Bram' }).expect(200);
    expect(Classroom.parse(reply.body).children.map(({ id }) => id)).toEqual(
      before.map(({ id }) => id).filter((id) => id !== BRAM),
    );
    expect(rows(BRAM)).toBe(0);
    for (const end of ['', '-wal']) {
      const bytes = readFileSync(`${school.file}${end}`);
      expect([end, bytes.includes(NOTE), bytes.includes('Bram')]).toEqual([end, false, false]);
    }
    expect(await stored(lotte)).toEqual(ofLotte);
    expect(school.db.pragma('foreign_key_check')).toEqual([]);
    expect(school.db.pragma('integrity_check', { simple: true })).toBe('ok');
    await school.get(`/children/${BRAM}/stored`).expect(404);
    await school.delete(`/children/${BRAM}`, { name: 'Bram' }).expect(404);
    await school.get(`/record/children/${BRAM}`).expect(404);
    // Views of the class go on without it, after a restart too.
    const seen = async (): Promise<number[]> =>
      (await school.get('/record/class').expect(200)).body.children.map(({ childId }: { childId: number }) => childId);
    expect(await seen()).not.toContain(BRAM);
    await school.restart();
    expect(await seen()).not.toContain(BRAM);
    await school.get('/lessons/8/desk').expect(200);
    await school.get('/groups').expect(200);
  });
  it('leaves a number that no other child gets: what its tablet still sends is taken for nobody', async () => {
    const { id, times } = await beginRound(school);
    const tablet = await school.tablet();
    await tablet.sit(BRAM).expect(200);
    await school.delete(`/children/${BRAM}`, { name: 'Bram' }).expect(200);
    await school.post('/children', { names: ['Bram'] }).expect(201);
    const fresh = (await classroom()).children.find(({ name }) => name === 'Bram')!;
    expect(fresh.id).not.toBe(BRAM);
    const late = await tablet.post('/answers', tabletAnswer(BRAM, id, 0, times[0]!));
    expect(late.status).toBeGreaterThanOrEqual(400);
    expect(late.status).toBeLessThan(500);
    expect(rows(fresh.id)).toBe(0);
    expect(rows(BRAM)).toBe(0);
  });
  it('is a child’s of this class, or nobody’s', async () => {
    await school.get('/children/9999/stored').expect(404);
    await school.get('/children/x/stored').expect(400);
    await school.delete('/children/9999', { name: 'Bram' }).expect(404);
    await school.delete('/children/0', { name: 'Bram' }).expect(404);
  });
  it('is deleted of a child that moved away, too', async () => {
    await school.put(`/children/${BRAM}`, { movedAway: true }).expect(200);
    expect((await stored(BRAM)).child.movedAway).toBe(true);
    const { body } = await school.delete(`/children/${BRAM}`, { name: 'Bram' }).expect(200);
    expect(Classroom.parse(body).movedAway).toEqual([]);
  });
});

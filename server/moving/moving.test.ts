import { Readable } from 'node:stream';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { v4 as newId } from 'uuid';
import type { ClassView, Classroom, TakeIn } from '../../contract/index.ts';
import { beginRound, openSchool, tabletAnswer, type School } from '../school.test.support.ts';
import { readArrival } from './arrival.ts';
import { ROWS, columnsOf, type MovedTable } from './rows.ts';
import { MOVING } from './tables.ts';
import {
  bringAll,
  fill,
  lookedAt,
  sendTo,
  takeIn,
  takenAlong,
  timeless,
  type ClassesFile,
} from './moved.test.support.ts';

describe('a class that is taken along', () => {
  let from: School;
  let to: School;
  beforeEach(async () => {
    from = await openSchool();
    to = await openSchool({ demo: false });
  });
  afterEach(async () => {
    await from.close();
    await to.close();
  });
  const state = async (school: School): Promise<Classroom> => (await school.get('/classroom').expect(200)).body;
  const count = (school: School, table: string): number =>
    school.db.prepare<[], number>(`SELECT COUNT(*) FROM ${table}`).pluck().get()!;
  const sound = (school: School): void => {
    expect(school.db.pragma('foreign_key_check')).toEqual([]);
    expect(school.db.pragma('integrity_check', { simple: true })).toBe('ok');
  };

  it('takes every table and column of a class with it, but those that belong to a computer', () => {
    const STAYS = ['calendar', 'calendar_event', 'door', 'tablet', 'tablet_child', 'open_class'];
    const COLUMNS_THAT_STAY: Partial<Record<MovedTable, string[]>> = {
      class: ['put_away', 'open'],
      child: ['erased'],
      lesson_template: ['taken_out'],
    };
    const tables = from.db.prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table'").pluck().all();
    const points = (table: string): string[] =>
      (from.db.pragma(`foreign_key_list(${table})`) as { table: string }[]).map((key) => key.table);
    const found = new Set(['class']);
    for (let before = 0; before < found.size;) {
      before = found.size;
      for (const table of tables) if (points(table).some((one) => found.has(one))) found.add(table);
    }
    expect([...found].filter((table) => !STAYS.includes(table)).sort()).toEqual(Object.keys(MOVING).sort());
    for (const table of Object.keys(ROWS) as MovedTable[]) {
      const columns = from.db.prepare<[string], string>('SELECT name FROM pragma_table_info(?)').pluck().all(table);
      expect([table, [...columnsOf(table), ...(COLUMNS_THAT_STAY[table] ?? [])].sort()]).toEqual([
        table,
        columns.sort(),
      ]);
    }
  });
  it('comes back as it was, to the last letter, with everything a screen shows', async () => {
    await fill(from);
    // Of a child that was deleted a number stays in old lists; nothing else of it goes along.
    const { children } = (await from.get('/classroom')).body as { children: { id: number; name: string }[] };
    await from.delete('/children/7', { name: children.find(({ id }) => id === 7)!.name }).expect(200);
    const text = await takenAlong(from, 'all');
    const file = JSON.parse(text) as ClassesFile;
    expect(file).toMatchObject({ format: 'hoppel-classes', version: 1, templates: [{}], classes: [{}] });
    expect(file.classes[0]!['child']).toHaveLength(21);
    expect(file.classes[0]!['answer']!.length).toBe(count(from, 'answer'));
    expect(text).not.toMatch(/scrypt|passphrase|"pass"|"token"/);
    await bringAll(to, text);
    expect(timeless(await takenAlong(to, 'all'))).toBe(timeless(text));
    sound(to);
    for (const school of [from, to]) await school.restart();
    const demo = await state(to);
    for (const path of [
      '/classroom',
      '/record/class',
      '/record/children/2',
      '/lessons/8/desk',
      '/lessons/9/desk',
      '/groups',
      '/sheets',
      '/piles',
      '/templates',
      '/board',
      '/children/2/stored',
      `/record/skills/${demo.lessons[7]!.skills[0]}`,
    ]) {
      const [a, b] = [await from.get(path).expect(200), await to.get(path).expect(200)];
      const plain = (body: object): object => ({ ...body, serverNow: 0, saidAs: 0, round: 0 });
      expect([path, plain(b.body)]).toEqual([path, plain(a.body)]);
    }
    // A unit can still be taken back to what it was.
    const { body } = await to.post('/plan/undo', { version: demo.plan!.version }).expect(200);
    expect(body.lessons[9].title).not.toBe('Blue clocks');
  });
  it('goes on beside classes that are here, under other numbers', async () => {
    await to.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada', 'Bo'] }).expect(201);
    const fern = await state(to);
    await fill(from);
    await bringAll(to, await takenAlong(from, 'class'));
    const now = await state(to);
    expect(now.class?.name).toBe('Clover Room');
    expect(now.classes.map(({ name }) => name)).toEqual(['Fern Room', 'Clover Room']);
    const before = await state(from);
    expect(now.children.map(({ name, picture }) => [name, picture])).toEqual(
      before.children.map(({ name, picture }) => [name, picture]),
    );
    expect(now.children.some(({ id }) => fern.children.some((one) => one.id === id))).toBe(false);
    expect(now.lessons.map(({ day, key, title }) => [day, key, title])).toEqual(
      before.lessons.map(({ day, key, title }) => [day, key, title]),
    );
    const names = (one: Classroom, ids: readonly number[]): string[] =>
      ids.map((id) => [...one.children, ...one.movedAway].find((child) => child.id === id)!.name);
    expect(now.groups.length).toBeGreaterThan(0);
    expect(now.groups.map(({ childIds }) => names(now, childIds))).toEqual(
      before.groups.map(({ childIds }) => names(before, childIds)),
    );
    const levels = async (school: School, one: Classroom) =>
      ((await school.get('/record/class').expect(200)).body as ClassView).children.map((child) => [
        names(one, [child.childId])[0],
        child.reason?.rule ?? null,
        Object.values(child.skills).map(({ level, share }) => [level, share]),
      ]);
    expect(await levels(to, now)).toEqual(await levels(from, before));
    sound(to);
    // The class before is untouched.
    await to.put('/classes/open', { classId: fern.class!.id }).expect(200);
    expect((await state(to)).children).toEqual(fern.children);
  });
  it('is written as it was when it was asked for, whatever is answered meanwhile', async () => {
    const before = count(from, 'answer');
    const { id, times } = await beginRound(from);
    const got = await new Promise<string>((done, failed) => {
      let text = '';
      let sent: Promise<unknown> | undefined;
      void request(from.url)
        .get('/api/moving/class.json')
        .buffer(true)
        .parse((res, end) => {
          res.on('data', (chunk: Buffer) => {
            text += chunk.toString('utf8');
            sent ??= from
              .answer(tabletAnswer(1, id, 0, times[0]!))
              .expect(201)
              .then();
          });
          res.on('end', () => end(null, null));
        })
        .then(async () => {
          await sent;
          done(text);
        }, failed);
    });
    expect((JSON.parse(got) as ClassesFile).classes[0]!['answer']).toHaveLength(before);
    expect(count(from, 'answer')).toBe(before + 1);
  });
  it('is brought in once, however often it is sent', async () => {
    const text = await takenAlong(from, 'class');
    const { id, classes } = await lookedAt(to, text);
    expect(classes[0]).toMatchObject({ name: 'Clover Room', here: null, sheets: 0 });
    expect(classes[0]!.children[0]).toMatchObject({ name: 'Ada', here: null });
    const wish = [{ as: 'own' as const, number: classes[0]!.number }];
    await takeIn(to, id, wish).expect(200);
    await takeIn(to, id, wish).expect(200);
    expect((await state(to)).classes).toHaveLength(1);
    // The same file once more is told, and refused.
    const again = await lookedAt(to, text);
    expect(again.classes[0]!.here).toMatchObject({ name: 'Clover Room' });
    expect(again.classes[0]!.children.every((one) => one.here === one.number)).toBe(true);
    const answers = count(to, 'answer');
    expect((await takeIn(to, again.id, wish).expect(409)).body.code).toBe('here-already');
    expect(count(to, 'answer')).toBe(answers);
    expect((await takeIn(to, newId(), wish).expect(404)).body.code).toBe('arrival-gone');
    await to.delete(`/moving/arrivals/${again.id}`).expect(204);
    expect((await takeIn(to, again.id, wish).expect(404)).body.code).toBe('arrival-gone');
  });
  it('is refused where the file is none, in the middle, of another kind or from a newer version, and nothing comes in', async () => {
    const text = await takenAlong(from, 'class');
    const file = JSON.parse(text) as ClassesFile;
    const changed = (change: (file: ClassesFile) => void): string => {
      const copy = structuredClone(file);
      change(copy);
      return JSON.stringify(copy);
    };
    const first = (table: MovedTable) => (copy: ClassesFile) => copy.classes[0]![table]![0]!;
    const bad: [what: string, text: string, says: RegExp][] = [
      ['nothing', '', /empty/],
      ['no JSON', 'Clover Room', /not JSON/],
      ['the middle', text.slice(0, text.length / 2), /ends in the middle/],
      ['behind its end', `${text}x`, /not JSON/],
      ['another kind', '{"format":"hoppel-unit","version":1}', /another kind of file/],
      ['another version', changed((copy) => (copy.version = 2)), /another version/],
      ['a newer Hoppel', changed((copy) => (copy.schema = 9999)), /newer Hoppel/],
      ['no version of rows', changed((copy) => (copy.schema = 1.5)), /schema/],
      ['no class', changed((copy) => (copy.classes = [])), /no class/],
      ['an unknown table', changed((copy) => (copy.classes[0]!['passphrase'] = [{}])), /has no passphrase/],
      ['an unknown column', changed((copy) => (first('child')(copy)['x; DROP TABLE child'] = 1)), /has no x; DROP/],
      ['no row', changed((copy) => (copy.classes[0]!['child']![0] = [] as never)), /must be a row/],
      ['a name too long', changed((copy) => (first('child')(copy)['name'] = 'a'.repeat(41))), /child\[0\]: name/],
      ['no answer', changed((copy) => (first('answer')(copy)['answer'] = { kind: 'none' })), /answer\[0\]: answer/],
      ['a child twice', changed((copy) => copy.classes[0]!['child']!.push(first('child')(copy))), /UNIQUE/],
      ['a lesson that is none', changed((copy) => (first('answer')(copy)['lesson_id'] = 999)), /points at a lesson/],
      ['no day', changed((copy) => (first('answer')(copy)['day'] = 'today')), /day/],
    ];
    for (const [what, body, says] of bad) {
      const problem: unknown = await readArrival(Readable.from([Buffer.from(body)])).catch((error: unknown) => error);
      expect([what, problem]).toEqual([what, expect.objectContaining({ code: 'bad-file' })]);
      expect(String(problem)).toMatch(says);
    }
    // And as a file that is sent: the one that fails last.
    const [what, body, says] = bad.at(-1)!;
    const { body: problem, status } = await sendTo(to, body);
    expect([what, status, problem.code]).toEqual([what, 400, 'bad-file']);
    expect(problem.message).toMatch(says);
    expect(count(to, 'class')).toBe(0);
  });
  it('says what is wrong with a large file at its begin, too, while the rest of it is still on its way', async () => {
    const large = Buffer.concat([Buffer.from('{"format":"a film","frames":["'), Buffer.alloc(30_000_000, 'x')]);
    const reply = await fetch(`${to.url}/api/moving/arrivals`, { method: 'POST', body: large });
    expect(reply.status).toBe(400);
    expect(await reply.json()).toMatchObject({
      code: 'bad-file',
      message: expect.stringContaining('another kind of file'),
    });
    const other = Buffer.concat([Buffer.from('<html>'), Buffer.alloc(30_000_000, 'x')]);
    const second = await fetch(`${to.url}/api/moving/arrivals`, { method: 'POST', body: other });
    expect(second.status).toBe(400);
    expect(await second.json()).toMatchObject({ code: 'bad-file' });
  });
  it('reaches into no class that is here, whatever the file says', async () => {
    await bringAll(to, await takenAlong(from, 'class'));
    const file = JSON.parse(await takenAlong(from, 'class')) as ClassesFile;
    const [clover] = file.classes;
    // A class of its own that says it answered in a lesson of the one beside it.
    const fern = {
      class: [{ ...clover!['class']![0]!, id: 90, sender_id: newId(), name: 'Fern Room', plan_seq: null }],
      child: [{ ...clover!['child']![0]!, id: 90, class_id: 90 }],
      answer: [
        { ...clover!['answer']![0]!, id: newId(), seq: 9_999_999, child_id: 90, round_id: null, round_index: null },
      ],
    };
    file.classes.push(fern);
    const { id, classes } = await lookedAt(to, JSON.stringify(file));
    expect(classes.map(({ name }) => name)).toEqual(['Clover Room', 'Fern Room']);
    const { body } = await takeIn(to, id, [{ as: 'own', number: 90 }]).expect(400);
    expect(body).toMatchObject({ code: 'bad-file', message: expect.stringContaining('of another class') });
    expect(count(to, 'class')).toBe(1);
    const wishes: [string, TakeIn[], number][] = [
      ['no class of the file', [{ as: 'own', number: 4711 }], 400],
      [
        'one class twice',
        [
          { as: 'own', number: 90 },
          { as: 'own', number: 90 },
        ],
        400,
      ],
      ['into no class', [{ as: 'into', number: 90, classId: 77, children: [{ number: 90, childId: null }] }], 404],
      ['a child that is none', [{ as: 'into', number: 90, classId: 1, children: [{ number: 90, childId: 99 }] }], 404],
      ['nobody said who', [{ as: 'into', number: 90, classId: 1, children: [] }], 400],
    ];
    for (const [what, wish, status] of wishes)
      expect([what, (await takeIn(to, id, wish)).status]).toEqual([what, status]);
  });
  it('comes in class by class: one that is refused leaves those before it in, and what is said again goes on', async () => {
    const file = JSON.parse(await takenAlong(from, 'class')) as ClassesFile;
    const clover = file.classes[0]!;
    const fern = {
      class: [{ ...clover['class']![0]!, id: 90, sender_id: newId(), name: 'Fern Room', plan_seq: null }],
      child: [{ ...clover['child']![0]!, id: 90, class_id: 90 }],
    };
    file.classes.push(fern);
    const { id, classes } = await lookedAt(to, JSON.stringify(file));
    const own = classes.map(({ number }): TakeIn => ({ as: 'own', number }));
    const nowhere: TakeIn = { as: 'into', number: 90, classId: 77, children: [{ number: 90, childId: null }] };
    await takeIn(to, id, [own[0]!, nowhere]).expect(404);
    expect((await state(to)).classes.map(({ name }) => name)).toEqual(['Clover Room']);
    const answers = count(to, 'answer');
    await takeIn(to, id, own).expect(200);
    expect((await state(to)).classes.map(({ name }) => name)).toEqual(['Clover Room', 'Fern Room']);
    expect(count(to, 'answer')).toBe(answers);
    sound(to);
  });
  it('is not taken along by who may not see it, nor from a school without one', async () => {
    await to.get('/moving/class.json').expect(409);
    await to.get('/moving/all.json').expect(409);
    const tablet = await from.tablet();
    for (const path of ['/moving/class.json', '/moving/all.json']) {
      const { status } = await tablet.get(path).set('Host', '192.168.1.2').set('X-Forwarded-For', '192.168.1.20');
      expect([path, status]).toEqual([path, 403]);
    }
  });
});

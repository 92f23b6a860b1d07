import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { MOST_COPIES, type Classroom } from '../../contract/index.ts';
import { THINGS, asPrinted, type PaperItem } from '../../core/sheets/index.ts';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';
import { RECIPE, sheetOf } from './sheet.test.support.ts';

describe('sheets', () => {
  let school: School;
  let folder: string;
  beforeAll(async () => {
    school = await openSchool();
    folder = mkdtempSync(join(tmpdir(), 'hoppel-pdf-'));
  });
  afterAll(async () => {
    rmSync(folder, { recursive: true, force: true });
    await school.close();
  });
  const classroom = async (): Promise<Classroom> => (await school.get('/classroom').expect(200)).body;
  const kept = async (sheet = sheetOf()): Promise<string> => {
    const id = newId();
    await school.put(`/sheets/${id}`, sheet).expect(200);
    return id;
  };
  const pdf = (path: string) => bytesOf(school.get(path).expect('Content-Type', 'application/pdf'));
  /** What a reader of PDFs says of one. */
  const read = (bytes: Buffer): { pages: number; info: string; structure: string; text: string } => {
    const file = join(folder, `${newId()}.pdf`);
    writeFileSync(file, bytes);
    const info = execFileSync('pdfinfo', [file]).toString();
    const structure = execFileSync('pdfinfo', ['-struct-text', file]).toString();
    const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
    return { pages: Number(/Pages:\s+(\d+)/.exec(info)![1]), info, structure, text };
  };

  it('are kept in versions, each as it was, and the same one again keeps nothing twice', async () => {
    const first = sheetOf();
    const id = await kept(first);
    await school.put(`/sheets/${id}`, first).expect(200);
    const second = { ...first, version: 2, content: { ...first.content, title: 'Another title' } };
    await school.put(`/sheets/${id}`, second).expect(200);
    const refused = await school.put(`/sheets/${id}`, { ...first, version: 2 }).expect(409);
    expect(refused.body.code).toBe('sheet-moved-on');
    await school.put(`/sheets/${id}`, { ...first, version: 9 }).expect(409);
    await school.restart();
    expect((await school.get(`/sheets/${id}`).expect(200)).body).toEqual({ ...second, id });
    const rows = school.db.prepare('SELECT version FROM sheet_version WHERE sheet_id = ? ORDER BY version').pluck();
    expect(rows.all(id)).toEqual([1, 2]);
    expect(() => school.db.prepare("UPDATE sheet_version SET sheet = '{}'").run()).toThrow('append-only');
  });

  it('are printed for each child, who got which form is remembered, and the thing is ticked', async () => {
    const { children, lessons } = await classroom();
    const lesson = lessons.find(({ kind, day }) => kind === 'check' && day > '2026-11-24')!;
    const id = await kept(sheetOf({ lessonId: lesson.id, part: 'ticket' }));
    const job = {
      id: newId(),
      version: 1,
      copies: children.map(({ id: childId }, i) => ({ childId, form: i % 2 })),
    };
    const { body: printing } = await school.post(`/sheets/${id}/printings`, job).expect(201);
    expect(printing).toMatchObject({ copies: children.length, pages: children.length, version: 1 });
    // Sent again it is the same printing.
    expect((await school.post(`/sheets/${id}/printings`, job).expect(201)).body).toEqual(printing);
    const { ticked } = (await school.get(`/lessons/${lesson.id}/desk`).expect(200)).body;
    expect(ticked).toContain('ticket-paper');
    const got = school.db
      .prepare<[number], { child_id: number; form: number }>(
        'SELECT child_id, form FROM printed_copy WHERE printing_id = ? ORDER BY number',
      )
      .all(printing.number);
    expect(got).toEqual(job.copies.map(({ childId, form }) => ({ child_id: childId, form })));

    const { bytes, headers } = await pdf(`/sheets/printings/${printing.number}/sheet.pdf`);
    expect(headers['content-disposition']).toMatch(/^inline; filename="Half past which hour\.pdf"/);
    const { pages, info, structure, text } = read(bytes);
    expect(pages).toBe(children.length);
    expect(info).toMatch(/Title:\s+Half past: which hour\?/);
    expect(info).toMatch(/Tagged:\s+yes/);
    expect(bytes.includes('/Lang (en-US)')).toBe(true);
    // Each child's name is a heading for who hears the page.
    for (const { name } of children) expect(structure).toMatch(new RegExp(`H1[^\\n]*\\n\\s*"${name}"`));
    for (const { name } of children) expect(text).toContain(name);
    // To the byte, after a restart and with the class's conventions changed in between.
    const { settings } = await classroom();
    await school.put('/settings', { ...settings, digitalForm: '04:30' }).expect(200);
    await school.restart();
    expect((await pdf(`/sheets/printings/${printing.number}/sheet.pdf`)).bytes.equals(bytes)).toBe(true);
    await school.put('/settings', settings).expect(200);
    const { body: list } = await school.get('/sheets').expect(200);
    expect(list[0]).toMatchObject({ id, lessonId: lesson.id, type: 'ticket', tasks: 6, printings: [printing] });
  });

  it('have a key with the answers, how they are read, and reasons of wrong ones', async () => {
    const id = await kept();
    const copies = [{ childId: null, form: 0 }];
    const { body } = await school.post(`/sheets/${id}/printings`, { id: newId(), version: 1, copies }).expect(201);
    const { bytes } = await pdf(`/sheets/printings/${body.number}/key.pdf`);
    const { text } = read(bytes);
    expect(text).toContain('Key: Half past: which hour? · A');
    expect(text).toContain('Key: Half past: which hour? · B');
    expect(text).toContain('Hands swapped');
    // It is there before anything was printed, too.
    expect(read((await pdf(`/sheets/${id}/key.pdf`)).bytes).text).toContain('Hands swapped');
    expect(text).toMatch(/The hour hand (has just passed|points to) \d+\./);
  });

  it('give each child a form of its own by what it needs, another for children who need another', async () => {
    const { children } = await classroom();
    const childIds = children.map(({ id }) => id);
    const { body } = await school
      .post('/sheets/own-forms', { recipe: { ...RECIPE, forms: 'own' }, childIds })
      .expect(200);
    expect(body.forms).toHaveLength(children.length);
    for (const form of body.forms as PaperItem[][])
      expect(form.map(({ kind }) => kind)).toEqual([
        'choose-clock',
        'choose-clock',
        'write-digital',
        'write-digital',
        'draw',
        'draw',
      ]);
    expect(new Set(body.forms.map((form: PaperItem[]) => JSON.stringify(form))).size).toBeGreaterThan(18);
    const own = sheetOf({ childIds, content: { ...sheetOf().content, forms: body.forms } });
    const id = await kept(own);
    const { text } = read((await pdf(`/sheets/${id}/key.pdf`)).bytes);
    for (const { name } of children) expect(text).toContain(`Key: Half past: which hour? · ${name}`);
    await school.put(`/sheets/${newId()}`, { ...own, childIds: [99_999] }).expect(404);
  });

  it.each(THINGS)('have %s to print as it is', async (thing) => {
    const { lessons } = await classroom();
    const { bytes } = await pdf(`/sheets/things/${thing}.pdf?lesson=${lessons[7]!.id}`);
    expect(read(bytes).pages).toBeGreaterThan(0);
  });
  it('say with a paper clock what care scissors and fasteners need', async () => {
    const { text } = read((await pdf('/sheets/things/paper-clock.pdf')).bytes);
    expect(text).toMatch(/choke/);
    expect(text).toMatch(/own rules come first/);
  });

  it.each([
    [
      '5,000 copies',
      { copies: Array.from({ length: 5000 }, () => ({ childId: null, form: 0 })) },
      400,
      `${MOST_COPIES}`,
    ],
    ['nobody to get one', { copies: [] }, 400, 'nobody'],
    ['a child nobody knows', { copies: [{ childId: 99_999, form: 0 }] }, 404, ''],
    ['a form that is not there', { version: 2, copies: [{ childId: null, form: 2 }] }, 400, 'form'],
    ['a form that only a later version has', { version: 1, copies: [{ childId: null, form: 1 }] }, 400, 'form'],
    ['a version that is not there', { version: 5, copies: [{ childId: null, form: 0 }] }, 404, ''],
  ])('refuse %s and keep nothing', async (_, over, status, said) => {
    const single = sheetOf({}, { forms: 'one' });
    const id = await kept(single);
    await school.put(`/sheets/${id}`, { ...sheetOf(), version: 2 }).expect(200);
    const before = school.db.prepare('SELECT COUNT(*) FROM printing').pluck().get();
    const { body } = await school.post(`/sheets/${id}/printings`, { id: newId(), version: 1, ...over }).expect(status);
    expect(body.message).toContain(said);
    expect(school.db.prepare('SELECT COUNT(*) FROM printing').pluck().get()).toBe(before);
  });
  it('refuse a child who moved away', async () => {
    const id = await kept();
    const { children } = await classroom();
    await school.put(`/children/${children[3]!.id}`, { movedAway: true }).expect(200);
    const copies = [{ childId: children[3]!.id, form: 0 }];
    const { body } = await school.post(`/sheets/${id}/printings`, { id: newId(), version: 1, copies }).expect(404);
    expect(body.code).toBe('unknown-child');
    await school.put(`/children/${children[3]!.id}`, { movedAway: false }).expect(200);
  });
  it.each([
    ['a task without a paper form', { forms: [[{ kind: 'set', shown: 240 }]] }],
    ['no task', { forms: [[]] }],
    ['no title', { title: ' ' }],
    ['no such face', { outline: 'heart' }],
  ])('refuse %s', async (_, over) => {
    const sheet = sheetOf();
    await school.put(`/sheets/${newId()}`, { ...sheet, content: { ...sheet.content, ...over } }).expect(400);
  });
  it('are known to their own class alone', async () => {
    const id = await kept();
    await school.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ida'] }).expect(201);
    await school.get(`/sheets/${id}`).expect(404);
    await school.put(`/sheets/${id}`, sheetOf()).expect(409);
    expect((await school.get('/sheets').expect(200)).body).toEqual([]);
    await school.get('/sheets/printings/1/sheet.pdf').expect(404);
  });
  it('are kept by a class, and where there is none this is said', async () => {
    const empty = await openSchool({ demo: false });
    try {
      const { body } = await empty.put(`/sheets/${newId()}`, sheetOf()).expect(409);
      expect(body.code).toBe('no-class');
    } finally {
      await empty.close();
    }
  });
  it('print any lesson’s tasks, those too that are done with fingers', () => {
    expect(asPrinted({ kind: 'set', shown: 240 as never })).toEqual({ kind: 'draw', shown: 240 });
    expect(asPrinted({ kind: 'set', shown: 0 as never })).toEqual({ kind: 'write-digital', shown: 0 });
  });
  it('keep the fonts that ship in the file', async () => {
    const file = join(folder, 'fonts.pdf');
    writeFileSync(file, (await pdf('/sheets/things/test-page.pdf')).bytes);
    const fonts = execFileSync('pdffonts', [file]).toString();
    expect(fonts).toMatch(/Andika.*yes yes yes/);
    expect(readFileSync(file).length).toBeLessThan(200_000);
  });
});

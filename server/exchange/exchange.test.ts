import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { ClassView } from '../../contract/index.ts';
import { ANSWER_COLUMNS, readResults, readTable } from '../../core/exchange/index.ts';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';

describe('what goes out', () => {
  let school: School;
  let folder: string;
  beforeAll(async () => {
    school = await openSchool();
    folder = mkdtempSync(join(tmpdir(), 'hoppel-out-'));
    // A name that a spreadsheet would take for a formula, and one with letters beyond ASCII.
    await school.put('/children/1', { name: '=HYPERLINK("x")' }).expect(200);
    await school.put('/children/2', { name: 'Zoë' }).expect(200);
  });
  afterAll(async () => {
    rmSync(folder, { recursive: true, force: true });
    await school.close();
  });
  const text = async (path: string): Promise<string> =>
    (await bytesOf(school.get(`/exchange${path}`))).bytes.toString('utf8');
  const pdfText = async (path: string): Promise<string> => {
    const { bytes } = await bytesOf(school.get(`/exchange${path}`).expect('Content-Type', 'application/pdf'));
    const file = join(folder, `${newId()}.pdf`);
    writeFileSync(file, bytes);
    return execFileSync('pdftotext', ['-layout', file, '-']).toString();
  };
  const answers = (): number => school.db.prepare<[], number>('SELECT COUNT(*) FROM answer').pluck().get()!;

  it('has every answer on a line of its own, names that are formulas disarmed', async () => {
    const file = await text('/answers.csv');
    expect(file.startsWith('\uFEFFanswer_id,day,')).toBe(true);
    expect(file).toContain('"\'=HYPERLINK(""x"")"');
    const [head, ...lines] = readTable(file);
    expect(head).toEqual(ANSWER_COLUMNS);
    expect(lines).toHaveLength(answers());
    expect(new Set(lines.map(([id]) => id)).size).toBe(lines.length);
    const names = new Set(lines.map((line) => line[ANSWER_COLUMNS.indexOf('child')]));
    expect(names).toContain('=HYPERLINK("x")');
    expect(names).toContain('Zoë');
    expect(lines.every((line) => line.length === ANSWER_COLUMNS.length)).toBe(true);
  });
  it('says what counts and what does not', async () => {
    const { body } = await school.get('/record/children/3').expect(200);
    const [first] = body.answers as { id: string }[];
    await school.post('/record/corrections', { id: newId(), answerId: first!.id, says: 'out' }).expect(201);
    const lines = readTable(await text('/answers.csv'));
    const line = lines.find(([id]) => id === first!.id)!;
    expect(line.slice(-2)).toEqual(['out', 'no']);
  });
  it('tells mastery and the class as the Class screen does', async () => {
    const view: ClassView = (await school.get('/record/class').expect(200)).body;
    const lines = readTable(await text('/mastery.csv')).slice(1);
    const wanted = view.children.flatMap(({ childId, skills }) =>
      Object.entries(skills).map(([skill, { level, right }]) => `${childId} ${skill} ${level} ${right}`),
    );
    expect(lines.map(([id, , skill, level, , right]) => `${id} ${skill} ${level} ${right}`).sort()).toEqual(
      wanted.sort(),
    );
    const overview = readTable(await text('/overview.csv'));
    expect(overview).toHaveLength(23);
    const reason = view.children.find((one) => one.reason !== null)!;
    expect(overview.find(([id]) => id === String(reason.childId))!.slice(2, 4)).toEqual([
      reason.reason!.need,
      reason.reason!.rule ?? '',
    ]);
  });
  it('has statements without a name in them, unless names are asked for', async () => {
    const plain = await text('/statements.json');
    const statements = JSON.parse(plain) as { actor: { name?: string } }[];
    expect(statements).toHaveLength(answers());
    expect(plain).not.toContain('HYPERLINK');
    expect(statements.some(({ actor }) => 'name' in actor)).toBe(false);
    const named = JSON.parse(await text('/statements.json?names=1')) as { actor: { name: string } }[];
    expect(new Set(named.map(({ actor }) => actor.name)).has('Zoë')).toBe(true);
    await school.get('/exchange/statements.json?names=yes').expect(400);
  });
  it('prints the class on a page, and a page for each family that tells of no other child', async () => {
    const overview = await pdfText('/overview.pdf');
    expect(overview).toContain('Clover Room');
    for (const name of ['Zoë', 'Cleo', 'Vito']) expect(overview).toContain(name);
    const families = (await pdfText('/families.pdf')).split('\f').filter((page) => page.trim() !== '');
    expect(families).toHaveLength(22);
    const one = await pdfText('/families/4.pdf');
    expect(one).toContain('Davi and the clock');
    expect(one).toContain('One thing to do at home');
    for (const other of ['Cleo', 'Zoë', 'Vito', '%']) expect(one).not.toContain(other);
    await school.get('/exchange/families/99.pdf').expect(404);
  });
  it('gives a pile out as it can be read in again', async () => {
    const items = [
      { kind: 'write-digital', shown: 270 },
      { kind: 'draw', shown: 180 },
    ];
    const { body: pile } = await school.post('/piles', { id: newId(), source: { kind: 'tasks', items } }).expect(201);
    const mark = (childId: number, task: number, answer: object) => ({
      ...{ what: 'mark', id: newId(), childId, task, item: items[task], answer, fromFile: true },
    });
    const deeds = [
      mark(1, 0, { kind: 'text', text: '430' }),
      mark(2, 0, { kind: 'no-answer', why: 'empty' }),
      mark(2, 1, {
        kind: 'drawn',
        hands: [
          { angle: 105, reach: 50 },
          { angle: 180, reach: 80 },
        ],
      }),
    ];
    await school.post(`/piles/${pile.id}/deeds`, { deeds }).expect(200);
    const file = await text(`/piles/${pile.id}/results.csv`);
    const { settings, children } = (await school.get('/classroom').expect(200)).body;
    const results = readResults(
      file,
      children.map(({ id, name }: { id: number; name: string }) => ({ childId: id, name, items: pile.forms[0] })),
      { conventions: settings, writing: 'line' },
    );
    expect(results).toMatchObject({ unread: [] });
    expect('read' in results && results.read.map(({ childId, task, answer }) => [childId, task, answer.kind])).toEqual([
      [1, 0, 'text'],
      [2, 0, 'no-answer'],
      [2, 1, 'drawn'],
    ]);
    const stored = school.db.prepare<[], string>('SELECT source FROM answer WHERE pile_id IS NOT NULL').pluck().all();
    expect(stored).toEqual(['file', 'file', 'file']);
    await school.get(`/exchange/piles/${newId()}/results.csv`).expect(404);
  });
  it('of a class nobody has answered in yet is empty, and of no class refused', async () => {
    const empty = await openSchool({ demo: false });
    await empty.get('/exchange/answers.csv').expect(409);
    await empty.get('/exchange/overview.pdf').expect(409);
    await empty.post('/classes', { id: newId(), name: 'Fern Room', children: ['Ada'] }).expect(201);
    expect(readTable((await empty.get('/exchange/answers.csv').expect(200)).text)).toEqual([ANSWER_COLUMNS]);
    expect((await empty.get('/exchange/statements.json').expect(200)).body).toEqual([]);
    await empty.get('/exchange/families.pdf').expect(200);
    await empty.close();
  });
});

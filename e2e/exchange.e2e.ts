import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Classroom, Pile, PileList } from '../contract/index.ts';
import { readTable } from '../core/exchange/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();
const folder = mkdtempSync(join(tmpdir(), 'hoppel-exchange-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
await browser.downloadTo(folder);

const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const names = async (): Promise<string[]> => (await asked<Classroom>('/classroom')).children.map(({ name }) => name);
const pileNow = async (): Promise<Pile> => asked(`/piles/${(await asked<PileList>('/piles'))[0]!.id}`);
/** A file with these bytes, for a field that takes one. */
const file = (name: string, bytes: Buffer | string): string => {
  const path = join(folder, name);
  writeFileSync(path, bytes);
  return path;
};
const downloaded = async (name: string): Promise<string> => {
  await soon(async () => readFileSync(join(folder, name), 'utf8').length).toBeGreaterThan(10);
  return readFileSync(join(folder, name), 'utf8');
};

describe('a class list from a file', () => {
  it('says what would be added, what is there already and what stands there twice, and keeps nothing before that', async () => {
    await page.driver.get(`${hoppel.url}/settings/class`);
    // Windows-1252, surname first, semicolons, a heading: 0xEB is ë.
    const list =
      'Nr;Last name;First name\r\n1;Fern;Ada\r\n2;Moss;Zo\xEB\r\n3;"Reed; the tall";Wanja\r\n4;Sorrel;=Yara\r\n3;"Reed; the tall";Wanja\r\n';
    await (await page.find('aside input[type="file"]')).sendKeys(file('class.csv', Buffer.from(list, 'latin1')));
    await page.says('In the class already: Ada');
    await page.says('Wanja: there twice');
    expect(await page.text('.preview')).toBe('Zoë\nWanja\n=Yara');
    await expectNoFault(page.driver);
    const before = await names();
    expect(before).toHaveLength(22);
    await page.tap('Add');
    await soon(names).toEqual([...before, 'Zoë', 'Wanja', '=Yara']);
  });
});

describe('results from a file', () => {
  it('are read by the same grammar as at the desk, what is not understood is listed, and kept only then', async () => {
    await page.driver.get(`${hoppel.url}/lessons/7`);
    await page.tap('Mark: Ticket');
    await page.find('.offers');
    await page.tap('Results from a file');
    await page.find('.results');
    const { forms } = await pileNow();
    await (
      await page.find('.results input')
    ).sendKeys(file('in.csv', 'item;child;answer\n1;Zoë;A\n2;Zoë;b\n1;Nobody;A\n1;Bram;purple\n9;Bram;A\n3;Bram;-'));
    await page.says('3 lines understood. 3 lines were not.');
    for (const why of ['no child of this pile is called so', 'the answer was not understood', 'has no such task'])
      await page.says(why);
    await expectNoFault(page.driver);
    expect((await pileNow()).marks).toEqual([]);
    await page.tap('Keep 3 marks');
    await soon(async () => (await pileNow()).marks.map(({ source, task }) => `${source} ${task}`)).toEqual([
      'file 0',
      'file 1',
      'file 2',
    ]);
    expect(forms[0]!.length).toBeGreaterThan(2);
  });
  it('of the wrong kind are refused whole, with a sentence', async () => {
    await page.tap('Results from a file');
    await (await page.find('.results input')).sendKeys(file('one.csv', 'Ada\nBram'));
    await page.says('fewer than three columns');
    await (await page.find('.results input')).sendKeys(file('long.csv', 'Ada,1,A\n'.repeat(10_000)));
    await page.says('more lines than a pile of paper can have');
    expect((await pileNow()).marks).toHaveLength(3);
  });
  it('go out and come in again the same', async () => {
    await page.tap('This pile as such a file');
    const out = await downloaded('results.csv');
    expect(readTable(out)).toHaveLength(4);
    const before = (await pileNow()).marks;
    await (await page.find('.results input')).sendKeys(file('again.csv', out));
    await page.tap('Keep 3 marks');
    await soon(async () => (await pileNow()).marks.map(({ answerId }) => answerId)).not.toEqual(
      before.map(({ answerId }) => answerId),
    );
    const plain = (marks: Pile['marks']) =>
      marks
        .map(({ childId, task, read }) => ({ childId, task, read }))
        .sort((a, b) => a.childId - b.childId || a.task - b.task);
    await soon(async () => plain((await pileNow()).marks)).toEqual(plain(before));
  });
});

describe('the record', () => {
  it('is taken out from the Class screen, names that are formulas disarmed', async () => {
    await page.driver.get(`${hoppel.url}/class`);
    await page.tap('Take out');
    await page.says('by your school’s own rules');
    await expectNoFault(page.driver);
    await page.tap('The class as a table');
    const table = await downloaded('overview.csv');
    expect(table).toContain("'=Yara");
    expect(readTable(table).map((row) => row[1])).toContain('=Yara');
  });
  it('has a page for a family on the child’s own page', async () => {
    await page.driver.get(`${hoppel.url}/class/2`);
    const link = await page.find('a.family');
    const reply = await fetch((await link.getAttribute('href'))!);
    expect(reply.headers.get('Content-Type')).toBe('application/pdf');
    await page.press(Key.ESCAPE);
  });
});

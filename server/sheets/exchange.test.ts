import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { v4 as newId } from 'uuid';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { digital, say } from '../../core/wording/index.ts';
import { timeOfItem } from '../../core/items/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { makeItem } from '../../core/making/index.ts';
import { PAPER_KINDS, asPrinted, contentOf, usualRecipe, type PaperItem } from '../../core/sheets/index.ts';
import type { PutSheet } from '../../contract/index.ts';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';

const recipe = usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']);
/** One task of every kind there is. */
const every = PAPER_KINDS.map((kind): PaperItem => asPrinted(makeItem(kind, seededRng(4))));
const sheet = {
  version: 1,
  lessonId: null,
  part: null,
  source: null,
  childIds: [],
  recipe,
  content: contentOf(recipe, { title: 'Ein Blatt & <mehr>', iCan: '' }, [every]),
} as unknown as PutSheet;

type Node = Record<string, unknown>;
const list = (one: unknown): Node[] => (one === undefined ? [] : Array.isArray(one) ? one : [one as Node]);
const parser = new XMLParser({ ignoreAttributes: false, trimValues: true, parseTagValue: false });
/** Every element of a name, wherever it is. */
const all = (node: unknown, name: string): Node[] => {
  if (Array.isArray(node)) return node.flatMap((one) => all(one, name));
  if (typeof node !== 'object' || node === null) return [];
  return Object.entries(node).flatMap(([key, value]) => [
    ...(key === name ? list(value).map((one) => (typeof one === 'object' ? one : ({ '#text': one } as Node))) : []),
    ...all(value, name),
  ]);
};

describe('a sheet taken out and read in', () => {
  let school: School;
  let id: string;
  beforeAll(async () => {
    school = await openSchool();
    id = newId();
    await school.put(`/sheets/${id}`, sheet).expect(200);
  });
  afterAll(() => school.close());
  const bytes = async (path: string): Promise<Buffer> => (await bytesOf(school.get(path))).bytes;
  const readIn = (body: object) => school.post('/sheets/file', { id: newId(), ...body });

  it('is the same sheet by JSON, of no lesson, and the same file read in twice keeps nothing twice', async () => {
    const text = (await bytes(`/sheets/${id}/sheet.json`)).toString();
    const fresh = newId();
    const { body } = await school.post('/sheets/file', { id: fresh, text }).expect(201);
    expect(body).toEqual({ ...sheet, id: fresh });
    await school.post('/sheets/file', { id: fresh, text }).expect(201);
    const rows = school.db.prepare('SELECT COUNT(*) FROM sheet_version WHERE sheet_id = ?').pluck();
    expect(rows.get(fresh)).toBe(1);
  });
  it('is the same sheet by its package of QTI items', async () => {
    const zip = (await bytes(`/sheets/${id}/qti.zip`)).toString('base64');
    const { body } = await readIn({ zip }).expect(201);
    expect(body.content).toEqual(sheet.content);
  });
  it.each([
    ['no JSON', { text: '{ "format": }' }, 'line 1, column 13'],
    ['a unit file', { text: '{ "format": "hoppel-unit" }' }, 'format: must be "hoppel-sheet"'],
    ['a fault in a task', {}, 'content.forms[0][2].shown'],
    ['no zip', { zip: Buffer.from('not a zip at all').toString('base64') }, 'no zip file'],
    [
      'a zip of something else',
      { zip: Buffer.from(zipSync({ 'a.txt': strToU8('a') })).toString('base64') },
      'not a sheet',
    ],
  ])('is refused with %s, and nothing is kept', async (what, body, place) => {
    const before = school.db.prepare('SELECT COUNT(*) FROM sheet_version').pluck().get();
    let sent: object = body;
    if (what === 'a fault in a task') {
      const file = JSON.parse((await bytes(`/sheets/${id}/sheet.json`)).toString());
      file.content.forms[0][2].shown = 721;
      sent = { text: JSON.stringify(file) };
    }
    const { body: said } = await readIn(sent).expect(400);
    expect(said).toMatchObject({ code: 'bad-file', message: expect.stringContaining(place) });
    expect(school.db.prepare('SELECT COUNT(*) FROM sheet_version').pluck().get()).toBe(before);
  });
  it('is refused where it is 5 MB', async () => {
    const { body } = await readIn({ text: 'a'.repeat(5_000_000) }).expect(413);
    expect(body.code).toBe('too-large');
  });

  describe('as a package of QTI 3.0 items', () => {
    let files: Record<string, Uint8Array>;
    let items: { readonly name: string; readonly root: Node }[];
    beforeAll(async () => {
      files = unzipSync(await bytes(`/sheets/${id}/qti.zip`));
      items = Object.entries(files)
        .filter(([name]) => /task-\d+\.xml$/.test(name))
        .map(([name, data]) => ({ name, root: parser.parse(strFromU8(data))['qti-assessment-item'] as Node }));
    });
    it('has XML that is well formed, and an item for each task but those in which hands are drawn', () => {
      for (const [name, data] of Object.entries(files))
        if (/\.(xml|svg)$/.test(name)) expect(XMLValidator.validate(strFromU8(data))).toBe(true);
      expect(items).toHaveLength(every.filter(({ kind }) => kind !== 'draw' && kind !== 'set-hour-hand').length);
      expect(strFromU8(files['left-out.txt']!)).toMatch(/^Left out: 2 tasks in which hands are drawn\./);
    });
    it('has in each item what the standard wants of one', () => {
      for (const { root } of items) {
        expect(root['@_xmlns']).toBe('http://www.imsglobal.org/xsd/imsqtiasi_v3p0');
        expect(root['@_identifier']).toMatch(/^[A-Za-z_][\w.-]*$/);
        for (const name of ['title', 'adaptive', 'time-dependent', 'xml:lang']) expect(root[`@_${name}`]).toBeDefined();
        // In this order: what is answered, what comes of it, what is asked, how it is scored.
        expect(Object.keys(root).filter((name) => !name.startsWith('@_'))).toEqual([
          'qti-response-declaration',
          'qti-outcome-declaration',
          'qti-item-body',
          'qti-response-processing',
        ]);
        const response = root['qti-response-declaration'] as Node;
        const interactions = ['choice', 'match', 'order', 'text-entry', 'hottext'].flatMap((kind) =>
          all(root['qti-item-body'], `qti-${kind}-interaction`),
        );
        expect(interactions).toHaveLength(1);
        expect(interactions[0]!['@_response-identifier']).toBe(response['@_identifier']);
        expect((root['qti-response-processing'] as Node)['@_template']).toMatch(/\/(match_correct|map_response)\.xml$/);
        // Right values are among what can be answered.
        const choices = ['qti-simple-choice', 'qti-simple-associable-choice', 'qti-hottext'].flatMap((name) =>
          all(root['qti-item-body'], name).map((one) => String(one['@_identifier'])),
        );
        expect(new Set(choices).size).toBe(choices.length);
        const right = all(response['qti-correct-response'], 'qti-value').map((one) => String(one['#text']));
        expect(right.length).toBeGreaterThan(0);
        if (response['@_base-type'] === 'identifier') for (const value of right) expect(choices).toContain(value);
        if (response['@_base-type'] === 'directedPair')
          for (const value of right) for (const end of value.split(' ')) expect(choices).toContain(end);
        if (response['@_cardinality'] === 'single') expect(right).toHaveLength(1);
      }
      const used = (kind: string): number =>
        items.filter(({ root }) => all(root, `qti-${kind}-interaction`).length > 0).length;
      for (const kind of ['choice', 'match', 'order', 'text-entry', 'hottext']) expect(used(kind)).toBeGreaterThan(0);
    });
    it('has a manifest that lists every file once, and no file that is not listed', () => {
      const { manifest } = parser.parse(strFromU8(files['imsmanifest.xml']!)) as { manifest: Node };
      expect((manifest['metadata'] as Node)['schema']).toBe('QTI Package');
      const resources = all(manifest, 'resource');
      const listed = resources.flatMap((one) => list(one['file']).map((file) => String(file['@_href'])));
      expect([...listed, 'imsmanifest.xml'].sort()).toEqual(Object.keys(files).sort());
      expect(new Set(resources.map((one) => one['@_identifier'])).size).toBe(resources.length);
      for (const one of resources) expect(listed).toContain(one['@_href']);
    });
    it('shows pictures that are there, each with words that do not give the time away', () => {
      let seen = 0;
      for (const { name, root } of items)
        for (const picture of all(root, 'img')) {
          seen += 1;
          expect(files[`${name.split('/')[0]}/${String(picture['@_src'])}`]).toBeDefined();
          expect(picture['@_alt']).toMatch(/^((hour|minute) hand (on \d+|between \d+ and \d+)|a clock with an arrow)/);
          expect(picture['@_alt']).not.toMatch(/o’clock|half past|:/);
        }
      expect(seen).toBeGreaterThan(8);
    });
    it('says in no title, name or prompt what is asked', () => {
      items.forEach(({ root }, i) => {
        const item = every.filter(({ kind }) => kind !== 'draw' && kind !== 'set-hour-hand')[i]!;
        const time = timeOfItem(item);
        const title = String(root['@_title']);
        expect(title).toMatch(/^Task \d+$/);
        if (time !== undefined)
          for (const said of [digital(time, DEFAULT_CONVENTIONS), say(time, DEFAULT_CONVENTIONS)])
            expect([title, String(root['@_identifier'])].join(' ')).not.toContain(said);
      });
    });
    it('takes a time as any keyboard and class writes it', () => {
      const place = every.findIndex(({ kind }) => kind === 'write-digital');
      const written = items.find(({ name }) => name.endsWith(`task-${place + 1}.xml`))!;
      const keys = all(written.root, 'qti-map-entry').map((one) => String(one['@_map-key']));
      const time = timeOfItem(every.find(({ kind }) => kind === 'write-digital')!)!;
      const [hour, minute] = [Math.floor(time / 60) || 12, time % 60];
      const two = (value: number): string => String(value).padStart(2, '0');
      expect(keys).toEqual(expect.arrayContaining([`${hour}:${two(minute)}`, `${two(hour)}:${two(minute)}`]));
      expect(keys.some((key) => key.includes("'"))).toBe(minute === 0);
    });
    it('has no identifier twice, and a test that bundles the items in order', () => {
      const ids = items.map(({ root }) => String(root['@_identifier']));
      expect(new Set(ids).size).toBe(ids.length);
      const test = parser.parse(strFromU8(files['test.xml']!)) as Node;
      expect(
        all(test, 'qti-assessment-item-ref')
          .map((one) => String(one['@_identifier']))
          .sort(),
      ).toEqual(ids.sort());
      for (const one of all(test, 'qti-assessment-item-ref')) expect(files[String(one['@_href'])]).toBeDefined();
    });
    it('is the same package for the same sheet', async () => {
      expect((await bytes(`/sheets/${id}/qti.zip`)).equals(await bytes(`/sheets/${id}/qti.zip`))).toBe(true);
    });
  });
});

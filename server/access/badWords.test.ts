import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { v4 as newId } from 'uuid';
import { composeForms, contentOf, usualRecipe } from '../../core/sheets/index.ts';
import { LESSON, bytesOf, openSchool, type School } from '../school.test.support.ts';

/** What nobody should be able to do harm with, wherever it is written. */
const BAD: readonly (readonly [what: string, words: string])[] = [
  ['HTML', '<img src=x onerror=alert(1)>'],
  ['HTML that ends what is round it', '"></title><script>alert(1)</script>'],
  ['a template', '{{constructor.constructor("x")()}} ${7*7}'],
  ['a message key', '@:app.name {count}|'],
  ['a formula', '=HYPERLINK("http://garden.example";"x")'],
  ['another', '+1+cmd|x'],
  ['a quote and a break', '";\r\n"x'],
  ['a calendar’s end', 'x\r\nEND:VEVENT\r\nBEGIN:VEVENT'],
  ['a PDF’s end', ') Tj ET endstream endobj (\\'],
  ['SQL', "'; DROP TABLE child; --"],
  ['a path', '../../../etc/passwd'],
  ['a prototype', '__proto__'],
  ['letters that turn', '\u202Egnirts\u202C'],
  ['letters beyond', 'Zoë Łukasz 🐇 名前'],
  ['half a letter', 'a\uD800b'],
  ['nothing', 'a\u0000b'],
  ['signs that are not seen', 'a\u200B\u2028\u0085b'],
];

describe('bad words', () => {
  let school: School;
  let version: number;
  let children: { id: number; name: string }[];
  let sheetId: string;
  beforeAll(async () => {
    school = await openSchool();
    await school.post('/groups/again', { checkId: LESSON - 1 }).expect(200);
    ({ children } = (await school.get('/classroom').expect(200)).body);
  });
  afterAll(() => school.close());

  /** Every text a teacher can write that stands on some screen or page. @returns status of each */
  const writeAll = async (words: string): Promise<[string, number][]> => {
    const { plan, lessons, settings, day } = (await school.get('/classroom').expect(200)).body;
    version = plan.version as number;
    const { key, skills, segments } = lessons[LESSON - 1] as { key: string; skills: unknown; segments: object[] };
    const groups = (await school.get('/groups').expect(200)).body.kept?.groups ?? [];
    const recipe = usualRecipe('ticket', settings, ['oclock']);
    const composed = composeForms(recipe, []);
    const content = contentOf(
      recipe,
      { title: words.slice(0, 60), iCan: words },
      'forms' in composed ? composed.forms : [],
    );
    const said: [string, number][] = [];
    const write = async (field: string, method: 'put' | 'post', path: string, body: object): Promise<void> => {
      const reply = await school[method](path, body);
      said.push([field, reply.status]);
      if (reply.status >= 400) expect([field, reply.body.code]).toEqual([field, 'malformed']);
    };
    const change = async (field: string, made: object): Promise<void> => {
      await write(field, 'post', '/plan/changes', { id: newId(), version, change: made });
      if (said.at(-1)![1] < 300) version += 1;
    };
    await write('class', 'put', '/classes/opened', { name: words });
    await write('child', 'put', `/children/${children[2]!.id}`, { name: words });
    await write('note on a child', 'post', `/record/children/${children[2]!.id}/notes`, { id: newId(), text: words });
    await write('note on a lesson', 'put', `/lessons/${LESSON}/note`, { note: words });
    const entries = (day.routine as { name: string; picture: string; at: number }[]).map(
      ({ picture, at, name }, i) => ({
        name: i === 0 ? words : name,
        picture,
        at,
      }),
    );
    await write('day', 'put', '/day/routine', { entries });
    await change('title', { kind: 'title', lessonId: LESSON + 2, title: words });
    await change('day off', { kind: 'skip', day: '2026-12-18', name: words });
    await change('day off, taken back', { kind: 'unskip', day: '2026-12-18' });
    await write('template', 'post', '/templates', { id: newId(), lesson: { key, skills, segments, title: words } });
    sheetId = newId();
    const sheet = { version: 1, lessonId: null, part: null, source: null, childIds: [], recipe, content };
    await write('sheet', 'put', `/sheets/${sheetId}`, sheet);
    if (groups.length > 0)
      await write('group', 'put', '/groups', {
        checkId: LESSON - 1,
        groups: (groups as { id: number; childIds: number[] }[]).map(({ id, childIds }) => ({
          id,
          name: words.slice(0, 30),
          childIds,
          held: [],
          isLocked: false,
        })),
        absent: [],
      });
    return said;
  };

  it.each(BAD)('%s is kept as it was written or refused, and everything that has it still opens', async (_, words) => {
    const said = await writeAll(words);
    expect(said.filter(([, status]) => status >= 500)).toEqual([]);
    // A change of the unit that changes nothing, and a sheet seen before, are answered too.
    expect(said.filter(([, status]) => ![200, 201, 400, 409].includes(status))).toEqual([]);
    const state = (await school.get('/classroom').expect(200)).body;
    const wasKept = said.find(([field]) => field === 'child')![1] === 200;
    // Half a letter cannot be written anywhere: signs stand for it.
    if (wasKept && !/\p{Surrogate}/u.test(words)) expect(state.children[2].name).toBe(words.trim());
    expect(state.children).toHaveLength(22);

    for (const path of ['/exchange/answers.csv', '/exchange/mastery.csv', '/exchange/overview.csv']) {
      const { text } = await school.get(path).expect(200);
      const { data } = Papa.parse<string[]>(text.trim(), { delimiter: ',' });
      expect(new Set(data.map((row) => row.length)).size).toBe(1);
      expect(data.flat().filter((cell) => /^[=+\-@\t\r]/.test(cell) && !/^-?[\d.]+$/.test(cell))).toEqual([]);
    }
    const events = new ICAL.Component(ICAL.parse((await school.get('/plan/unit.ics').expect(200)).text) as never);
    expect(events.getAllSubcomponents('vevent')).toHaveLength(state.lessons.length);
    for (const path of ['/plan/unit.json', `/children/${children[2]!.id}/stored.json`, '/exchange/statements.json'])
      await school.get(path).expect(200);
    for (const path of ['/plan/plan.pdf', `/exchange/families/${children[2]!.id}.pdf`, `/sheets/${sheetId}/key.pdf`]) {
      const { bytes, headers } = await bytesOf(school.get(path));
      expect([path, headers['content-type'], bytes.subarray(0, 5).toString()]).toEqual([
        path,
        'application/pdf',
        '%PDF-',
      ]);
      expect(bytes.subarray(-8).toString()).toContain('%%EOF');
    }
    expect(headersOf(await school.get('/plan/unit.ics'))).not.toMatch(/[\r\n]/);
  });
  const headersOf = ({ headers }: { headers: Record<string, unknown> }): string => Object.values(headers).join(' ');
});

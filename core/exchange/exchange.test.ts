import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { readEntry } from '../checking/index.ts';
import { ITEM_KINDS, answersOf, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import { describeItem } from '../reporting/index.ts';
import {
  ANSWER_COLUMNS,
  EXTENSIONS,
  MASTERY_COLUMNS,
  OVERVIEW_COLUMNS,
  RESULT_FAULTS,
  answerLine,
  delimiterOf,
  entryText,
  masteryTable,
  newNames,
  overviewTable,
  readResults,
  readTable,
  statementOf,
  writeTable,
  type RecordedAnswer,
} from './index.ts';
import { markGiven as mark, asRead, response } from '../marking/given.test.support.ts';

const DOC = readFileSync(new URL('../../docs/exchange.md', import.meta.url), 'utf8');
const LINE = { conventions: DEFAULT_CONVENTIONS, writing: 'line' as const };

describe('a table as a file', () => {
  it('comes back as it was, whatever stands in it', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('=1+1', "'=1+1", "''-2", ' +x', '@a', '-', 'a;b,c\td', '"', 'Zoë', 'line\nline', '\r', '|'),
    );
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: 2, maxLength: 5 }), { minLength: 1, maxLength: 8 }),
        fc.constantFrom('en-US', 'de-DE'),
        (rows, locale) => {
          const columns = Math.min(...rows.map(({ length }) => length));
          // A heading, as every file has, and no line that is empty throughout: such lines are left out.
          const table = [
            Array.from({ length: columns }, (_, i) => `column ${i}`),
            ...rows.map((row) => ['x', ...row.slice(1, columns)]),
          ];
          expect(readTable(writeTable(table, locale))).toEqual(table);
        },
      ),
    );
  });
  it('has columns separated as a spreadsheet of the language expects', () => {
    expect([delimiterOf('en-US'), delimiterOf('en-GB'), delimiterOf('de'), delimiterOf('nl')]).toEqual([
      ',',
      ',',
      ';',
      ';',
    ]);
    expect(writeTable([['a', 'b']], 'de')).toBe('\uFEFFa;b\r\n');
  });
  it.each(['=HYPERLINK("x")', '+1', '-1', '@x', '\t=1', ' =1', "'=1"])('disarms %j', (cell) => {
    const text = writeTable(
      [
        ['child', 'task'],
        ['Ada', cell],
      ],
      'en-US',
    );
    expect(readTable(text)[1]).toEqual(['Ada', cell]);
    expect(/(^|[",;\n])\s*[=+\-@\t]/m.test(text.replace('\uFEFF', '').replaceAll('"x"', ''))).toBe(false);
  });
  it.each([
    ['tabs, as pasted columns have', 'child\ttask\nAda\t1'],
    ['semicolons', 'child;task\r\nAda;1\r\n'],
    ['a line that names the delimiter', '\uFEFFsep=;\r\nchild;task\r\nAda;1'],
    ['quotes', '"child","task"\n"Ada","1"'],
    ['empty lines', '\nchild|task\n\nAda|1\n\n'],
  ])('is read with %s', (_, text) =>
    expect(readTable(text)).toEqual([
      ['child', 'task'],
      ['Ada', '1'],
    ]),
  );
});

describe('a class list', () => {
  it('is held against who is there: to be added, there already, twice', () => {
    expect(newNames(['Ada', 'Zoë', 'Bram', 'zoë', 'Bram'], ['ADA'])).toEqual({
      fresh: ['Zoë', 'Bram'],
      there: ['Ada'],
      doubles: ['zoë', 'Bram'],
      areTwo: false,
    });
    // Two lines that differ are two children; the same line twice is one.
    expect(newNames(['Ada', 'Ada'], [], ['Fern Ada', 'Moss Ada']).areTwo).toBe(true);
    expect(newNames(['Ada', 'Ada'], [], ['Fern Ada', 'Fern Ada']).areTwo).toBe(false);
    // The same letters, written as one sign or as two.
    expect(newNames(['Zoe\u0308'], ['Zoë']).fresh).toEqual([]);
  });
});

describe('an answer as it is typed', () => {
  it.each(ITEM_KINDS)('%s: the right one is read back as right', (kind) => {
    for (const time of [timeOf(3), timeOf(4, 30)]) {
      const item = makeItem(kind, seededRng(4), [time]);
      const right = rightAnswers(item)[0]!;
      const entry = readEntry(item, entryText(asRead(right), DEFAULT_CONVENTIONS), LINE);
      const wanted = kind === 'judge-clock' ? ['right', 'wrong'] : ['right'];
      expect(wanted).toContain(mark(item, entry!.answer).verdict);
    }
  });
});

describe('results made elsewhere', () => {
  const ITEMS: Item[] = [
    { kind: 'write-digital', shown: timeOf(4, 30) },
    { kind: 'draw', shown: timeOf(3) },
  ];
  const CHILDREN = [
    { childId: 1, name: 'Ada', items: ITEMS },
    { childId: 2, name: 'Zoë', items: ITEMS.slice(0, 1) },
    { childId: 3, name: 'Bo', items: ITEMS },
    { childId: 4, name: 'Bo', items: ITEMS },
  ];
  const read = (text: string) => {
    const results = readResults(text, CHILDREN, LINE);
    if ('problem' in results) throw new Error(results.problem);
    return results;
  };
  it('are read with columns in any order, tasks by number or by what they ask', () => {
    const { read: rows, unread } = read(
      `answer;child;task\n430;ada;1\n5:00;Ada;${describeItem(ITEMS[1]!, DEFAULT_CONVENTIONS)}\n-;ZOË;1.`,
    );
    expect(unread).toEqual([]);
    expect(rows.map(({ childId, task, answer }) => [childId, task, answer.kind])).toEqual([
      [1, 0, 'text'],
      [1, 1, 'drawn'],
      [2, 0, 'no-answer'],
    ]);
    expect(rows[0]!.echo).toContain('the dots are missing');
  });
  it('are read without a heading as child, task, answer', () =>
    expect(read('Ada,1,4:30').read).toMatchObject([{ childId: 1, task: 0, item: ITEMS[0] }]));
  it('are listed where they cannot be read, each line with why', () => {
    const { read: rows, unread } = read(
      'child,task,answer\nUma,1,4:30\nBo,1,4:30\nAda,7,4:30\nZoë,2,3:00\nAda,2,kat\nAda,1,4:30\nAda,1,5:30\nAda',
    );
    expect(rows).toHaveLength(1);
    expect(unread.map(({ line, fault }) => [line, fault])).toEqual([
      [2, 'unknown-child'],
      [3, 'two-children'],
      [4, 'unknown-task'],
      [5, 'unknown-task'],
      [6, 'not-understood'],
      [8, 'twice'],
      [9, 'unknown-task'],
    ]);
    for (const { fault } of unread) expect(RESULT_FAULTS).toContain(fault);
  });
  it('are read as they were typed, though a spreadsheet saved them since', () => {
    const { read: rows, unread } = read(
      'sep=,\r\nFirst name,Question,Answer\r\n"Moss, Ada",1,08:30:00 AM\r\nAda Moss,2,3:00:00\r\nZoë,1,430\r\n',
    );
    expect(unread).toEqual([]);
    expect(rows.map(({ childId, task, answer }) => [childId, task, answer])).toEqual([
      [1, 0, { kind: 'text', text: '8:30' }],
      [1, 1, { kind: 'drawn', hands: [expect.objectContaining({ angle: 90 }), expect.objectContaining({ angle: 0 })] }],
      [2, 0, { kind: 'text', text: '430' }],
    ]);
  });
  it('are listed where a spreadsheet left two meanings', () => {
    const { read: rows, unread } = read('Ada,1,8.3\nZoë,1,04:30:00 PM\nAda,2,3.3');
    expect(unread.map(({ line, fault }) => [line, fault])).toEqual([
      [1, 'two-meanings'],
      [2, 'two-meanings'],
    ]);
    // Hands show half past three, whichever was typed.
    expect(rows).toMatchObject([{ childId: 1, task: 1 }]);
  });
  it.each([
    ['too-many-lines', 'Ada,1,4:30\n'.repeat(10_000)],
    ['too-few-columns', 'Ada\nZoë'],
    ['too-few-columns', 'Ada,4:30\nZoë,4:30'],
    ['nothing', '  \n'],
  ])('are refused whole: %s', (problem, text) => expect(readResults(text, CHILDREN, LINE)).toEqual({ problem }));
  it('come back the same as they went out', () => {
    const answers: [number, number, Answer][] = [
      [1, 0, { kind: 'text', text: '430' }],
      [1, 1, rightAnswers(ITEMS[1]!)[0]!],
      [2, 0, { kind: 'no-answer', why: 'illegible' }],
    ];
    const table = [
      ['child', 'task', 'answer'],
      ...answers.map(([childId, task, answer]) => [
        CHILDREN.find((one) => one.childId === childId)!.name,
        String(task + 1),
        entryText(asRead(answer), DEFAULT_CONVENTIONS),
      ]),
    ];
    expect(read(writeTable(table, 'de')).read.map(({ childId, task, answer }) => [childId, task, answer])).toEqual(
      answers,
    );
  });
});

const ROW: RecordedAnswer = {
  id: '11111111-1111-4111-8111-111111111111',
  childId: 7,
  name: '=Ada',
  lessonId: 3,
  lesson: 2,
  lessonTitle: 'Half past',
  day: '2026-11-24',
  storedAt: '2026-11-24T08:00:00.000Z',
  item: { kind: 'write-digital', shown: timeOf(4, 30) },
  answer: { kind: 'text', text: '5:30' },
  read: asRead({ kind: 'text', text: '5:30' }),
  verdict: 'wrong',
  findings: [{ kind: 'rule', rule: 'coming-hour' }],
  source: 'paper',
  attempt: 1,
  says: null,
  counts: true,
};

describe('what goes out', () => {
  it('has a line for each answer, every column described', () => {
    const line = Object.fromEntries(answerLine(ROW, DEFAULT_CONVENTIONS).map((cell, i) => [ANSWER_COLUMNS[i]!, cell]));
    expect(line).toMatchObject({
      child: '=Ada',
      task: 'Write 4:30 in digits',
      time: '4:30',
      answer: '5:30',
      answer_time: '5:30',
      verdict: 'wrong',
      reasons: 'coming-hour',
      counts: 'yes',
    });
    for (const column of [...ANSWER_COLUMNS, ...MASTERY_COLUMNS, ...OVERVIEW_COLUMNS])
      expect(DOC).toContain(`\`${column}\``);
  });
  it('has hands as they stood', () => {
    const set = answerLine(
      { ...ROW, ...response({ kind: 'set', shown: timeOf(3) }, { kind: 'hands', hour: 91.26, minute: 6 }) },
      DEFAULT_CONVENTIONS,
    );
    expect(set.slice(ANSWER_COLUMNS.indexOf('hour_hand'), ANSWER_COLUMNS.indexOf('hour_hand') + 2)).toEqual([
      '91.3',
      '6',
    ]);
  });
  it('tells mastery by child and skill, and the class in one table', () => {
    const mastery = {
      level: 'secure',
      share: 0.91,
      band: [0.7, 0.98],
      right: 9,
      answers: 10,
      last: '2026-11-24',
    } as const;
    const children = [
      { childId: 1, name: 'Ada', skills: { 'oclock-read': mastery }, need: undefined, rule: undefined },
      { childId: 2, name: 'Bo', skills: {}, need: 'between' as const, rule: 'coming-hour' as const },
    ];
    expect(masteryTable(children)[1]).toEqual(['1', 'Ada', 'oclock-read', 'secure', '0.910', '9', '10']);
    expect(overviewTable(children)).toEqual([
      [...OVERVIEW_COLUMNS, 'oclock-read'],
      ['1', 'Ada', '', '', '0', '0', '1', 'secure'],
      ['2', 'Bo', 'between', 'coming-hour', '0', '0', '0', 'not-seen'],
    ]);
  });

  describe('as statements', () => {
    const setting = { conventions: DEFAULT_CONVENTIONS, classKey: 'clover', withNames: false };
    type Parsed = {
      id: string;
      actor: { name?: string; account: { homePage: string; name: string } };
      verb: { id: string };
      object: {
        id: string;
        definition: {
          interactionType: string;
          extensions: object;
          choices?: { id: string }[];
          correctResponsesPattern: string[];
        };
      };
      result: { success?: boolean; response: string; extensions: object };
      context: { extensions: object };
      timestamp: string;
    };
    const statement = (row: RecordedAnswer, withNames = false): Parsed =>
      JSON.parse(JSON.stringify(statementOf(row, { ...setting, withNames }))) as Parsed;
    it('have no name unless it is asked for', () => {
      expect(JSON.stringify(statement(ROW))).not.toContain('Ada');
      expect(statement(ROW, true).actor.name).toBe('=Ada');
      expect(statement(ROW).actor.account).toEqual({ homePage: 'https://hoppel.invalid/class/clover', name: '7' });
    });
    it('are whole for every kind of task: ids and names are addresses, interactions those there are', () => {
      const TYPES = [
        'true-false',
        'choice',
        'fill-in',
        'long-fill-in',
        'matching',
        'performance',
        'sequencing',
        'likert',
        'numeric',
        'other',
      ];
      for (const kind of ITEM_KINDS) {
        const item = makeItem(kind, seededRng(2), [timeOf(4, 30)]);
        const answer = rightAnswers(item)[0]!;
        const { id, verb, object, result, context, timestamp } = statement({
          ...ROW,
          item,
          answer,
          read: asRead(answer),
          verdict: 'right',
        });
        expect(id).toMatch(/^[0-9a-f-]{36}$/);
        for (const iri of [
          verb.id,
          object.id,
          ...[object.definition, result, context].flatMap(({ extensions }) => Object.keys(extensions)),
        ])
          expect(() => new URL(iri)).not.toThrow();
        expect(TYPES).toContain(object.definition.interactionType);
        expect(object.definition.choices !== undefined).toBe(object.definition.interactionType === 'choice');
        expect(object.definition.correctResponsesPattern).toContain(result.response);
        expect(result.success).toBe(true);
        expect(new Date(timestamp).toISOString()).toBe(timestamp);
        expect(answersOf(kind)).toContain(answer.kind);
      }
    });
    it('say nothing of success where nobody can read the answer, and every verb and name is described', () => {
      expect(statement({ ...ROW, verdict: 'unreadable' }).result).not.toHaveProperty('success');
      for (const name of [...Object.values(EXTENSIONS), statement(ROW).verb.id]) expect(DOC).toContain(name);
    });
  });
});

import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { judgeLine } from './judgeLine.ts';

interface TruthCase {
  readonly n: number;
  readonly kind: string;
  readonly shown: string;
  readonly answer: unknown;
  readonly verdict: string;
  readonly consistent: readonly string[];
  readonly cannotRuleOut?: readonly string[];
  readonly why: string;
}
const { cases } = JSON.parse(readFileSync(new URL('truth.json', import.meta.url), 'utf8')) as { cases: TruthCase[] };
const judge = (asked: object): Record<string, unknown> => judgeLine(JSON.stringify(asked)) as Record<string, unknown>;
const sorted = (names: unknown): string[] => [...(names as string[])].sort();

describe('the judge', () => {
  it.each(cases.map((one) => [one.n, one.kind, one.shown, JSON.stringify(one.answer), one] as const))(
    'agrees with case %d: %s %s, answered %s',
    (_, _kind, _shown, _answer, one) => {
      const judged = judge(one);
      expect(judged['verdict']).toBe(one.verdict);
      expect(sorted(judged['consistent'])).toEqual(sorted(one.consistent));
      if (one.cannotRuleOut !== undefined) expect(sorted(judged['cannotRuleOut'])).toEqual(sorted(one.cannotRuleOut));
      expect(judged['n']).toBe(one.n);
    },
  );
  it.each([
    [{ say: '4:30' }, { say: 'half past four', written: '4:30' }],
    [
      { say: '4:30', conventions: { halfPastPhrase: 'thirty', digitalForm: '04:30' } },
      { say: 'four thirty', written: '04:30' },
    ],
    [{ say: '4:15', conventions: { locale: 'en-GB' } }, { say: 'quarter past four' }],
    [{ parse: 'half past 4' }, { time: '4:30', form: 'half-past' }],
    [{ parse: '430' }, { fault: 'colon-missing', meant: '4:30' }],
    [{ parse: 'half 4' }, { fault: 'half-without-past', meant: null }],
    [{ angles: '4:30' }, { short: 135, long: 180 }],
    [{ hands: { short: 135, long: 180 } }, { time: '4:30', residual: 0, possible: true }],
    [{ hands: { short: 120, long: 180 } }, { time: '4:30', residual: 15, possible: false }],
    [
      {
        strokes: [
          [
            [0, 0, 0],
            [0, -40, 50],
            [0, -80, 90],
          ],
          [
            [0, 0, 200],
            [50, 0, 300],
          ],
        ],
      },
      { short: { angle: 90 }, long: { angle: 0 }, offCentre: false },
    ],
    [{ kind: 'read', shown: 'half past 4', answer: 'half past 5' }, { consistent: ['coming', 'larger'] }],
    [{ strokes: [] }, { unreadable: 'nothing' }],
    [
      {
        strokes: [
          [
            [0, 0, 0],
            [0, -80, 90],
          ],
        ],
      },
      { one: { angle: 0 } },
    ],
    [
      { kind: 'SET', shown: '3:00', answer: { short: 7.5, long: 90 } },
      { verdict: 'wrong', consistent: ['swap'] },
    ],
    [
      { kind: 'MATCH', shown: '3:00', answer: '9:00', options: ['3:00', '9:00', '12:15'] },
      { verdict: 'wrong', consistent: ['mirror'] },
    ],
    [
      { kind: 'CHOOSE', shown: '9:00', answer: '900', options: ['9:00', '900', '9:0', '00:9'] },
      { consistent: ['nocolon'], cannotRuleOut: ['swap', 'half', 'longonly', 'mirror'] },
    ],
  ])('answers %j', (asked, answer) => expect(judge(asked)).toMatchObject(answer));
  it.each([
    ['not JSON', 'nonsense'],
    ['not a JSON object', '[1]'],
    ['must say what is asked', '{}'],
    ["neither o'clock nor half past", '{"kind":"READ","shown":"3:07","answer":"3:00"}'],
    ['is not a time', '{"say":"half past"}'],
    ['is not a time', '{"kind":"READ","shown":"3:00","answer":"hare"}'],
    ['kind', '{"kind":"GUESS","shown":"3:00","answer":"3:00"}'],
    ['among the options', '{"kind":"MATCH","shown":"3:00","answer":"1:00","options":["3:00","9:00"]}'],
    ['two or more', '{"kind":"MATCH","shown":"3:00","answer":"3:00"}'],
    ['answered by a text', '{"kind":"WRITE","shown":"3:00","answer":{"short":1,"long":2}}'],
    ['hands.short', '{"hands":{"short":null,"long":2}}'],
    ['conventions', '{"say":"4:30","conventions":{"english":"fr"}}'],
    ['strokes', '{"strokes":[[[0,0]]]}'],
  ])('says what is wrong with a line: %s', (words, line) =>
    expect(judgeLine(line)).toEqual({ error: expect.stringContaining(words) }),
  );
  it('judges line by line as a command, and goes on after a bad one', () => {
    const { stdout, status } = spawnSync('npm', ['run', '--silent', 'judge'], {
      input: '{"angles":"12:30"}\nnonsense\n\n{"parse":"4:30"}\n',
      encoding: 'utf8',
    });
    expect(
      stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as unknown),
    ).toEqual([{ short: 15, long: 180 }, { error: 'not JSON' }, { time: '4:30', form: 'digital' }]);
    expect(status).toBe(0);
  });
});

describe('all a child answered', () => {
  const read = (shown: string, answer: string, day?: string) => ({ kind: 'READ', shown, answer, ...(day && { day }) });
  const coming = [read('4:30', '5:30'), read('8:30', '9:30'), read('3:00', '3:00'), read('2:30', '3:30')];
  it('names a need with what speaks for it, and gives what would tell more', () => {
    const judged = judge({ n: 7, responses: coming, homeLanguage: 'de' });
    expect(judged).toMatchObject({ n: 7, named: 'between', fitsWith: null, for: [0, 1, 3], against: [] });
    expect((judged['beside'] as { kind: string }[])[0]).toEqual({ kind: 'home-language' });
    expect((judged['next'] as unknown[]).length).toBeGreaterThanOrEqual(2);
    const needs = Object.values(judged['needs'] as Record<string, number>);
    expect(needs.reduce((sum, share) => sum + share)).toBeCloseTo(1, 2);
    expect(judged['mastery']).toHaveProperty('half-past-read.level', 'beginning');
  });
  it('can be judged again by its own next cases', () => {
    const { next } = judge({ responses: coming }) as { next: { kind: string; shown: string; options?: string[] }[] };
    for (const { kind, shown, options } of next)
      expect(
        judge({
          kind,
          shown,
          answer: kind === 'DRAW' || kind === 'SET' ? { short: 10, long: 20 } : (options?.[0] ?? shown),
          options,
        }),
      ).toHaveProperty('verdict');
  });
  it('names nothing of nothing, of one answer, of right answers', () => {
    for (const responses of [[], coming.slice(0, 1), [read('3:00', '3:00'), read('4:30', '4:30')]])
      expect(judge({ responses })).toMatchObject({ named: null, fitsWith: null, for: [] });
  });
  it('says the same in whatever order a day’s answers came, and another thing once the child has learned', () => {
    // Places are of the order given.
    const said = (responses: readonly object[]): object => ({ ...judge({ responses }), for: [] });
    expect(said([...coming].reverse())).toEqual(said(coming));
    const days = [
      ...['1:30', '2:30', '4:30', '7:30', '8:30', '10:30'].map((shown) =>
        read(
          shown,
          shown.replace(/^\d+/, (hour) => String(Number(hour) + 1)),
          '2026-11-10',
        ),
      ),
      ...['1:30', '2:30', '4:30', '7:30', '8:30', '10:30'].map((shown) => read(shown, shown, '2026-11-11')),
    ];
    expect(judge({ responses: days.slice(0, 6) })['named']).toBe('between');
    expect(judge({ responses: days })['named']).toBeNull();
  });
  it('says which response is none', () => {
    expect(
      judge({ responses: [...coming, { kind: 'CHOOSE', shown: '9:00', answer: '9', options: ['900', '9:00'] }] }),
    ).toEqual({
      error: 'response 4: the answer is not among the options',
    });
    expect(judge({ responses: 'x' })).toHaveProperty('error');
  });
});

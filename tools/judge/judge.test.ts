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

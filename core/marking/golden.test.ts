import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { handAngles, timeOf, type DialTime } from '../clock/index.ts';
import { DRAWN_REACH, type Answer, type Item } from '../items/index.ts';
import { markGiven as mark } from './given.test.support.ts';

const time = (text: string): DialTime => {
  const [hour, minute] = text.split(':').map(Number);
  return timeOf(hour!, minute!);
};

/** "120/180 =" as a drawing: the short hand at 120 degrees, the long one at 180, both of one length. */
const drawing = (text: string): Answer => {
  const [angles, note] = text.split(' ') as [string, string?];
  const [short, long] = angles.split('/').map(Number) as [number, number?];
  if (long === undefined) return { kind: 'drawn', hands: [{ angle: short, reach: DRAWN_REACH.minute }] };
  return {
    kind: 'drawn',
    hands: [
      { angle: short, reach: note === '=' ? DRAWN_REACH.minute : DRAWN_REACH.hour },
      { angle: long, reach: DRAWN_REACH.minute },
    ],
    offCentre: note === 'beside',
  };
};

const answerOf = (kind: string, text: string): Answer => {
  switch (kind) {
    case 'read':
      return { kind: 'time', time: time(text) };
    case 'hour-hand':
      return { kind: 'hour', hour: Number(text) };
    case 'set':
      return { kind: 'hands', ...handAngles(time(text)) };
    case 'set-free': {
      const [hour, minute] = text.split('/').map(Number);
      return { kind: 'hands', hour: hour!, minute: minute! };
    }
    case 'draw':
      return drawing(text);
    default:
      return { kind: 'text', text };
  }
};

const rows = readFileSync(new URL('golden.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => line.split('|').map((cell) => cell.trim()) as [string, string, string, string, string]);

describe('judgements worked out by hand', () => {
  it('are at least a hundred and fifty, none of them twice', () => {
    expect(rows.length).toBeGreaterThanOrEqual(150);
    expect(new Set(rows.map(([kind, shown, answer]) => `${kind} ${shown} ${answer}`)).size).toBe(rows.length);
  });
  it.each(rows)('%s %s, answered %s: %s, %s', (kind, shown, answer, verdict, rules) => {
    const item = { kind, shown: time(shown) } as Item;
    const marking = mark(item, answerOf(kind, answer));
    const found = marking.findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : []));
    expect([marking.verdict, found.join(', ') || '-']).toEqual([verdict, rules]);
  });
});

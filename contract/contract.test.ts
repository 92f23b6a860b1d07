import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ITEM_KINDS, startingTime } from '../core/items/index.ts';
import { ALL_DIAL_TIMES, handAngles } from '../core/clock/index.ts';
import { readAndMark } from '../core/marking/index.ts';
import { CLOVER_ROOM } from '../demo/clover.ts';
import { seededRng } from '../core/common/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { makeItem } from '../core/making/index.ts';
import { simulateAnswer } from '../core/simulation/index.ts';
import { MOST_POINTS, MOST_STROKES } from '../core/strokes/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import {
  Answer,
  CalendarDay,
  Finding,
  Item,
  ReadAnswer,
  PostAnswer,
  PostMove,
  PostTaps,
  Problem,
  Settings,
  Time,
} from './index.ts';

const ID = '5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11';
const accepts = (schema: { safeParse(value: unknown): { success: boolean } }, value: unknown): boolean =>
  schema.safeParse(value).success;

describe('what crosses the wire', () => {
  it('a time is whole minutes after twelve, 0 to 719', () => {
    for (const time of ALL_DIAL_TIMES) expect(Time.parse(time)).toBe(time);
    for (const other of [-1, 720, 3.5, NaN, Infinity, '180', null, undefined]) expect(accepts(Time, other)).toBe(false);
  });
  it('an angle is finite and on the dial', () => {
    const hands = (hour: unknown, minute: unknown) => ({ kind: 'hands', hour, minute });
    for (const angle of [0, 0.5, 359.999, 360]) expect(accepts(Answer, hands(angle, angle))).toBe(true);
    for (const angle of [-0.1, 360.1, NaN, Infinity, '90', null]) {
      expect(accepts(Answer, hands(angle, 0))).toBe(false);
      expect(accepts(Answer, hands(0, angle))).toBe(false);
    }
  });
  it.each([
    [{ kind: 'hour', hour: 0 }],
    [{ kind: 'hour', hour: 13 }],
    [{ kind: 'time', time: 720 }],
    [{ kind: 'observed', got: 'yes' }],
    [{ kind: 'observed', got: true, score: 10 }],
    [{ kind: 'drawn' }],
    [null],
  ])('%j is no answer', (value) => expect(accepts(Answer, value)).toBe(false));
  it.each([
    [{ kind: 'name-part', part: 'spring' }],
    [{ kind: 'read' }],
    [{ kind: 'set', shown: '3:00' }],
    [{ kind: 'draw', shown: 721 }],
    [{ kind: 'choose-clock', shown: 180, options: [] }],
    [{ kind: 'day-order', events: ['lunch'] }],
  ])('%j is no item', (value) => expect(accepts(Item, value)).toBe(false));
  it('a drawing has as many points as a sheet has room for, and not one more', () => {
    const line = (length: number) => Array.from({ length }, (_, i) => ({ x: i % 100, y: 0, ms: i }));
    const drawn = (...lengths: number[]) => ({ kind: 'strokes', strokes: lengths.map(line) });
    expect(accepts(Answer, drawn(MOST_POINTS))).toBe(true);
    expect(accepts(Answer, drawn(MOST_POINTS - 1, 1))).toBe(true);
    expect(accepts(Answer, drawn(MOST_POINTS, 1))).toBe(false);
    expect(accepts(Answer, drawn(...Array.from({ length: MOST_STROKES }, () => 1)))).toBe(true);
    expect(accepts(Answer, drawn(...Array.from({ length: MOST_STROKES + 1 }, () => 1)))).toBe(false);
  });
  it('every answer a simulated child gives, and its marking, goes through unchanged', () =>
    fc.assert(
      fc.property(
        fc.integer(),
        fc.constantFrom(...CLOVER_ROOM),
        fc.constantFrom(...WRONG_RULES),
        (seed, { behaves }, rule) => {
          const rng = seededRng(seed);
          for (const kind of ITEM_KINDS) {
            const item = makeItem(kind, rng);
            const answer = simulateAnswer({ ...behaves, rule, faith: 0.7 }, item, rng);
            expect(Item.parse(JSON.parse(JSON.stringify(item)))).toEqual(item);
            expect(Answer.parse(JSON.parse(JSON.stringify(answer)))).toEqual(answer);
            const { read, findings } = readAndMark(item, answer, DEFAULT_CONVENTIONS);
            expect(ReadAnswer.parse(JSON.parse(JSON.stringify(read)))).toEqual(read);
            for (const finding of findings) expect(Finding.parse(finding)).toEqual(finding);
          }
        },
      ),
    ));
  it('every clock a child can leave behind goes through, where it started too', () => {
    for (const time of ALL_DIAL_TIMES) {
      expect(accepts(Answer, { kind: 'hands', ...handAngles(time) })).toBe(true);
      expect(accepts(Answer, { kind: 'hands', ...handAngles(startingTime(time)) })).toBe(true);
    }
  });
  it.each([
    ['a move that is none', PostMove, { move: 'jump', version: 0 }],
    ['a move from nowhere', PostMove, { move: 'next' }],
    ['a whole school tapped at once', PostTaps, { index: 0, taps: Array(61).fill({ id: ID, childId: 1, got: true }) }],
    ['an index that is no place', PostTaps, { index: -1, taps: [] }],
    [
      'a third attempt',
      PostAnswer,
      {
        id: ID,
        childId: 1,
        answer: { kind: 'observed', got: true },
        to: { setting: 'alone', lessonId: 1, item: { kind: 'set', shown: 0 }, attempt: 3 },
      },
    ],
    ['a snap that is none', Settings, { ...DEFAULT_CONVENTIONS, snap: 7 }],
    ['a convention that is none', Settings, { ...DEFAULT_CONVENTIONS, outline: 'star', snap: 1 }],
    ['a convention that is missing', Settings, { snap: 1 }],
    ['a code that is none', Problem, { code: 'oops', message: '' }],
    ['the thirtieth of February', CalendarDay, '2026-02-30'],
  ] as const)('%s is refused', (_, schema, value) => expect(accepts(schema, value)).toBe(false));
});

import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, OCLOCK_TIMES, handAngles, timeOf, type DialTime } from '../clock/index.ts';
import { startingTime, type Item } from '../items/index.ts';
import { answeredTime } from '../answers/index.ts';
import { handToHelp, mark, numeralOf } from './index.ts';

const set = (hour: number, minute = 0): Item => ({ kind: 'set', shown: timeOf(hour, minute) });
const read = (hour: number, minute = 0): Item => ({ kind: 'read', shown: timeOf(hour, minute) });
const hands = (hour: number, minute: number) => ({ kind: 'hands', ...handAngles(timeOf(hour, minute)) }) as const;
const said = (hour: number, minute: number) => ({ kind: 'time', time: timeOf(hour, minute) }) as const;
describe('a clock that was set', () => {
  it('is right at its own time, all 720 times', () => {
    for (const shown of ALL_DIAL_TIMES)
      expect(mark({ kind: 'set', shown }, { kind: 'hands', ...handAngles(shown) })).toEqual({
        verdict: 'right',
        findings: [],
        seen: { hourAngle: handAngles(shown).hour, minuteAngle: handAngles(shown).minute, time: shown },
      });
  });

  it.each([
    ['let go two minutes late', 3, 2, { kind: 'minute-hand-off', minutes: 2 }],
    ['let go four minutes early', 2, 56, { kind: 'minute-hand-off', minutes: -4 }],
    ['the hour that is passed is 2', 2, 55, { kind: 'hour-off', askedHour: 3, answeredHour: 2 }],
    ['another hour', 4, 0, { kind: 'hour-off', askedHour: 3, answeredHour: 4 }],
  ] as const)('for 3 o’clock tells what was seen: %s', (_, hour, minute, finding) =>
    expect(mark(set(3), hands(hour, minute)).findings).toEqual([finding]),
  );
  it('to 12 o’clock never speaks of swapped hands: a swap looks the same', () => {
    for (const shown of ALL_DIAL_TIMES)
      for (const finding of mark(set(12), { kind: 'hands', ...handAngles(shown) }).findings)
        expect(finding).not.toEqual({ kind: 'rule', rule: 'hands-swapped' });
  });
  it('is judged across 12 without a jump', () => {
    expect(mark(set(12), hands(11, 59)).verdict).toBe('right');
    expect(mark(set(12), hands(11, 57))).toMatchObject({
      verdict: 'nearly',
      findings: [{ kind: 'minute-hand-off', minutes: -3 }],
    });
  });
  it('is wrong where it stood before the child began, for every o’clock', () => {
    for (const shown of OCLOCK_TIMES)
      expect(mark({ kind: 'set', shown }, { kind: 'hands', ...handAngles(startingTime(shown)) }).verdict).toBe('wrong');
  });
});

describe('other answers', () => {
  it('an hour from the hour hand alone', () => {
    const item: Item = { kind: 'hour-hand', shown: timeOf(4, 30) };
    expect(mark(item, { kind: 'hour', hour: 4 }).verdict).toBe('right');
    expect(mark(item, { kind: 'hour', hour: 3 })).toMatchObject({
      verdict: 'wrong',
      findings: [{ kind: 'hour-off', askedHour: 4, answeredHour: 3 }],
    });
  });
  it('what a teacher saw counts for any item and tells no reason', () => {
    expect(mark(set(3), { kind: 'observed', got: true })).toEqual({ verdict: 'right', findings: [], seen: {} });
    expect(mark({ kind: 'name-part', part: 'face' }, { kind: 'observed', got: false })).toEqual({
      verdict: 'wrong',
      findings: [],
      seen: {},
    });
  });
  it('an answer that does not belong to the item is refused', () => {
    expect(() => mark(set(3), said(3, 0))).toThrow(RangeError);
    expect(() => mark(read(3), hands(3, 0))).toThrow(RangeError);
    expect(() => mark({ kind: 'name-part', part: 'face' }, { kind: 'hour', hour: 3 })).toThrow(RangeError);
    expect(() => mark(set(3), { kind: 'hands', hour: NaN, minute: 0 })).toThrow(RangeError);
  });
  it('amount to a time to draw, or to none', () => {
    expect(answeredTime({ kind: 'observed', got: true })).toBeUndefined();
    expect(answeredTime({ kind: 'hour', hour: 12 })).toBe(0);
    expect(answeredTime({ kind: 'time', time: 195 as DialTime })).toBe(195);
    expect(answeredTime(hands(3, 15))).toBe(195);
  });
});

describe('help with a clock that was not set right', () => {
  it('is about the minute hand first, then the hour hand, then none', () => {
    expect(handToHelp(timeOf(3), handAngles(timeOf(12, 15)))).toBe('minute');
    expect(handToHelp(timeOf(3), handAngles(timeOf(4)))).toBe('hour');
    expect(handToHelp(timeOf(3), handAngles(timeOf(3)))).toBeUndefined();
  });
  it('lights the numeral where that hand belongs', () => {
    expect(numeralOf('minute', timeOf(3))).toBe(12);
    expect(numeralOf('hour', timeOf(3))).toBe(3);
    expect(numeralOf('hour', timeOf(12, 30))).toBe(12);
  });
  it('starts each child far enough from the answer, and never on the hour or half past', () => {
    for (const shown of OCLOCK_TIMES) {
      const start = startingTime(shown);
      expect(start % 30).not.toBe(0);
      expect(handAngles(start).minute).not.toBe(handAngles(shown).hour);
      expect(handToHelp(shown, handAngles(start))).toBe('minute');
    }
  });
});

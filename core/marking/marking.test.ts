import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, OCLOCK_TIMES, handAngles, timeOf, type DialTime } from '../clock/index.ts';
import { startingTime, type Item } from '../items/index.ts';
import { answeredTime, handToHelp, mark, numeralOf } from './index.ts';

const set = (hour: number, minute = 0): Item => ({ kind: 'set', shown: timeOf(hour, minute) });
const read = (hour: number, minute = 0): Item => ({ kind: 'read', shown: timeOf(hour, minute) });
const hands = (hour: number, minute: number) => ({ kind: 'hands', ...handAngles(timeOf(hour, minute)) }) as const;
const said = (hour: number, minute: number) => ({ kind: 'time', time: timeOf(hour, minute) }) as const;
const rule = (name: string, hour: number, minute: number) => ({
  kind: 'rule',
  rule: name,
  answered: timeOf(hour, minute),
});

describe('a clock that was set', () => {
  it('is right at its own time, all 720 times', () => {
    for (const shown of ALL_DIAL_TIMES)
      expect(mark({ kind: 'set', shown }, { kind: 'hands', ...handAngles(shown) })).toEqual({
        verdict: 'right',
        findings: [],
      });
  });

  // The minute hand may stray 9 degrees, a minute and a half; up to 24 degrees, four minutes, it is nearly.
  it.each([
    ['3:01', 3, 1, 'right', []],
    ['2:59', 2, 59, 'right', []],
    ['3:02: let go two minutes late', 3, 2, 'nearly', [{ kind: 'minute-hand-off', minutes: 2 }]],
    ['2:56: let go four minutes early', 2, 56, 'nearly', [{ kind: 'minute-hand-off', minutes: -4 }]],
    ['3:05: five minutes are not nearly', 3, 5, 'wrong', []],
    ['2:55: the hour that is passed is 2', 2, 55, 'wrong', [{ kind: 'hour-off', askedHour: 3, answeredHour: 2 }]],
    ['4:00: another hour', 4, 0, 'wrong', [{ kind: 'hour-off', askedHour: 3, answeredHour: 4 }]],
    ['12:15: the long hand on the 3, the short one up', 12, 15, 'wrong', [rule('hands-swapped', 12, 15)]],
    ['3:15: the long hand on the 3, the short one not up', 3, 15, 'wrong', []],
    ['12:14: a minute beside the swap', 12, 14, 'wrong', [rule('hands-swapped', 12, 14)]],
  ] as const)('for 3 o’clock to %s', (_, hour, minute, verdict, findings) =>
    expect(mark(set(3), hands(hour, minute))).toEqual({ verdict, findings }),
  );

  it.each([
    ['8 o’clock: 11:40 is nearer to a short hand straight up than 12:40', 8, 11, 40],
    ['6 o’clock: 12:30 and 11:30 are as near', 6, 12, 30],
    ['6 o’clock: 12:30 and 11:30 are as near', 6, 11, 30],
    ['1 o’clock', 1, 12, 5],
  ])('with hands swapped for %s', (_, asked, hour, minute) =>
    expect(mark(set(asked), hands(hour, minute)).findings).toEqual([rule('hands-swapped', hour, minute)]),
  );

  it('to 12 o’clock never accuses: a swap looks the same', () => {
    for (const shown of ALL_DIAL_TIMES)
      for (const finding of mark(set(12), { kind: 'hands', ...handAngles(shown) }).findings)
        expect(finding.kind).not.toBe('rule');
  });
  it('for half past with the long hand on the 3 is a numeral taken for minutes', () =>
    expect(mark(set(4, 30), hands(4, 15)).findings).toEqual([rule('numeral-as-minutes', 4, 15)]));
  it('is judged across 12 without a jump', () => {
    expect(mark(set(12), hands(11, 59)).verdict).toBe('right');
    expect(mark(set(12), hands(11, 57))).toEqual({
      verdict: 'nearly',
      findings: [{ kind: 'minute-hand-off', minutes: -3 }],
    });
  });
  it('is wrong where it stood before the child began, for every o’clock', () => {
    for (const shown of OCLOCK_TIMES)
      expect(mark({ kind: 'set', shown }, { kind: 'hands', ...handAngles(startingTime(shown)) }).verdict).toBe('wrong');
  });
});

describe('a time that was read', () => {
  it.each([
    ['3:00 as 3:00', 3, 0, 3, 0, 'right', []],
    ['3:00 as 12:15', 3, 0, 12, 15, 'wrong', [rule('hands-swapped', 12, 15)]],
    ['3:00 as 12:00', 3, 0, 12, 0, 'wrong', [rule('hands-swapped', 12, 0)]],
    ['3:00 as 3:12', 3, 0, 3, 12, 'wrong', [rule('numeral-as-minutes', 3, 12)]],
    ['3:00 as 4:00', 3, 0, 4, 0, 'wrong', [{ kind: 'hour-off', askedHour: 3, answeredHour: 4 }]],
    ['3:00 as 3:30', 3, 0, 3, 30, 'wrong', []],
    ['12:00 as 12:12', 12, 0, 12, 12, 'wrong', [rule('numeral-as-minutes', 12, 12)]],
    ['4:30 as 4:06', 4, 30, 4, 6, 'wrong', [rule('numeral-as-minutes', 4, 6)]],
    ['4:30 as 6:20', 4, 30, 6, 20, 'wrong', [rule('hands-swapped', 6, 20)]],
    ['4:30 as 3:30: neither rule', 4, 30, 3, 30, 'wrong', [{ kind: 'hour-off', askedHour: 4, answeredHour: 3 }]],
    ['6:00 as 12:30', 6, 0, 12, 30, 'wrong', [rule('hands-swapped', 12, 30)]],
  ] as const)('%s', (_, hour, minute, saidHour, saidMinute, verdict, findings) =>
    expect(mark(read(hour, minute), said(saidHour, saidMinute))).toEqual({ verdict, findings }),
  );
});

describe('other answers', () => {
  it('an hour from the hour hand alone', () => {
    const item: Item = { kind: 'hour-hand', shown: timeOf(4, 30) };
    expect(mark(item, { kind: 'hour', hour: 4 }).verdict).toBe('right');
    expect(mark(item, { kind: 'hour', hour: 5 })).toEqual({
      verdict: 'wrong',
      findings: [{ kind: 'hour-off', askedHour: 4, answeredHour: 5 }],
    });
  });
  it('what a teacher saw counts for any item and tells no reason', () => {
    expect(mark(set(3), { kind: 'observed', got: true })).toEqual({ verdict: 'right', findings: [] });
    expect(mark({ kind: 'name-part', part: 'face' }, { kind: 'observed', got: false })).toEqual({
      verdict: 'wrong',
      findings: [],
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

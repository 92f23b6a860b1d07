import { describe, expect, it } from '@jest/globals';
import {
  ALL_DIAL_TIMES,
  DAY_MINUTES,
  HALVES,
  dayTime,
  halfOf,
  inHalf,
  isDayTime,
  onDial,
  timeOf,
  twelveHour,
} from './index.ts';

describe('a time of the day', () => {
  it.each([
    ['midnight', 0, 12, 0, 'am'],
    ['half past midnight', 30, 12, 30, 'am'],
    ['number time', 540, 9, 0, 'am'],
    ['a minute before noon', 719, 11, 59, 'am'],
    ['noon, the first moment of the second turn', 720, 12, 0, 'pm'],
    ['story', 750, 12, 30, 'pm'],
    ['hare feeding', 810, 1, 30, 'pm'],
    ['the last minute', 1439, 11, 59, 'pm'],
  ] as const)('%s reads so on a 12-hour clock', (_, minutes, hour, minute, half) =>
    expect(twelveHour(dayTime(minutes))).toEqual({ hour, minute, half }),
  );
  it('is on the dial twice a day, at each of its 720 times', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const half of HALVES) {
        const moment = inHalf(time, half);
        expect(onDial(moment)).toBe(time);
        expect(halfOf(moment)).toBe(half);
      }
    expect(new Set(ALL_DIAL_TIMES.flatMap((time) => HALVES.map((half) => inHalf(time, half)))).size).toBe(DAY_MINUTES);
  });
  it.each([-1, 1440, 2.5, NaN])('%d is none', (minutes) => {
    expect(isDayTime(minutes)).toBe(false);
    expect(() => dayTime(minutes)).toThrow(RangeError);
  });
  it('shows lunch with both hands at 12', () => expect(onDial(dayTime(12 * 60))).toBe(timeOf(12)));
});

import { describe, expect, it } from '@jest/globals';
import {
  ALL_DIAL_TIMES,
  DAY_MINUTES,
  HALVES,
  dayTime,
  halfOf,
  inHalf,
  inSchoolDay,
  isDayTime,
  onDial,
  timeOf,
  turnOnToDay,
  twelveHour,
  wrapToDay,
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
  it.each([
    [540, 540],
    [1440 + 90, 90],
    [-30, 1410],
    [1439.5, 1439.5],
  ])('a clock turned to %d minutes stands at %d of the day', (minutes, at) => expect(wrapToDay(minutes)).toBe(at));
  it.each([
    [540, 630, 630],
    [630, 540, 1440 + 540],
    [-30, 0, 0],
    [600, 600, 600],
  ])('from %d on to %d of the day is turning to %d', (minutes, at, to) =>
    expect(turnOnToDay(minutes, dayTime(at))).toBe(to),
  );
  it.each([
    [timeOf(8), 8 * 60],
    [timeOf(7), 7 * 60],
    [timeOf(12), 12 * 60],
    [timeOf(12, 30), 12 * 60 + 30],
    [timeOf(2), 14 * 60],
    [timeOf(6, 30), 18 * 60 + 30],
  ])('%d on a dial is %d of a school day', (time, at) => expect(inSchoolDay(time)).toBe(at));
});

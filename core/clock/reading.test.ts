import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  ALL_DIAL_TIMES,
  angleBetween,
  directionOf,
  handAngles,
  handsApart,
  isNearOverlap,
  isPossible,
  mirrored,
  normaliseAngle,
  readHands,
  timeOf,
} from './index.ts';

const anyAngle = fc.double({ min: 0, max: 360, maxExcluded: true, noNaN: true });

describe('the time that fits two hands best', () => {
  it('is the one a search through all 720 times finds', () =>
    fc.assert(
      fc.property(anyAngle, anyAngle, (hour, minute) => {
        const residuals = ALL_DIAL_TIMES.map((time) => {
          const exact = handAngles(time);
          return Math.hypot(angleBetween(hour, exact.hour), angleBetween(minute, exact.minute));
        });
        expect(readHands({ hour, minute }).residual).toBeCloseTo(Math.min(...residuals), 9);
      }),
    ));
});

describe('a clock that can be', () => {
  it('is every clock at its own time', () => {
    for (const time of ALL_DIAL_TIMES) expect(isPossible(handAngles(time))).toBe(true);
  });
  it.each([
    ['half past four with the hour hand on the 4 cannot be', 120, 180, false],
    ['half past four with the hour hand on the 5 cannot be', 150, 180, false],
    ['half past four with the hour hand half-way can be', 135, 180, true],
    ['7.5 degrees beside half-way still can be', 127.5, 180, true],
    ['a little more cannot', 127.4, 180, false],
    ['three o’clock with the hour hand half-way to 4 cannot be', 105, 0, false],
    ['three o’clock can be', 90, 0, true],
    ['both hands at 12 can be', 0, 0, true],
    ['both hands at 6 cannot be', 180, 180, false],
    ['both hands a hair before 12 can be', 359.9, 359.9, true],
    ['half past twelve can be, with the hour hand between 12 and 1', 15, 180, true],
    ['half past twelve with the hour hand between 11 and 12 is half past eleven', 345, 180, true],
  ])('%s', (_, hour, minute, possible) => expect(isPossible({ hour, minute })).toBe(possible));
  it('with its hands swapped is another one for 3:00, the same for 12:00, and none at all for 6:30', () => {
    const swapped = (hour: number, minute: number) => {
      const exact = handAngles(timeOf(hour, minute));
      return readHands({ hour: exact.minute, minute: exact.hour });
    };
    expect(swapped(3, 0).time).toBe(timeOf(12, 15));
    expect(swapped(12, 0)).toMatchObject({ time: timeOf(12, 0), residual: 0 });
    expect(isPossible({ hour: 180, minute: 195 })).toBe(false);
  });
});

describe('hands beside each other', () => {
  it.each([
    [12, 0, 0],
    [6, 0, 180],
    [3, 0, 90],
    [9, 0, 90],
    [6, 30, 15],
    [12, 30, 165],
    [1, 5, 2.5],
  ])('at %d:%d are %d degrees apart', (hour, minute, degrees) =>
    expect(handsApart(timeOf(hour, minute))).toBe(degrees),
  );
  it('hide each other at 12:00, 5:30 and 6:30, alone among o’clock and half past', () => {
    const hidden = ALL_DIAL_TIMES.filter((time) => time % 30 === 0 && isNearOverlap(time));
    expect(hidden).toEqual([timeOf(12), timeOf(5, 30), timeOf(6, 30)]);
  });
});

describe('a clock in a mirror', () => {
  it('has both hands turned the other way, at all 720 times, and back again', () => {
    for (const time of ALL_DIAL_TIMES) {
      const { hour, minute } = handAngles(time);
      expect(handAngles(mirrored(time))).toEqual({ hour: normaliseAngle(-hour), minute: normaliseAngle(-minute) });
      expect(mirrored(mirrored(time))).toBe(time);
    }
  });
  it.each([
    [timeOf(3), timeOf(9)],
    [timeOf(11, 30), timeOf(12, 30)],
    [timeOf(12), timeOf(12)],
    [timeOf(6), timeOf(6)],
  ])('at %d is %d', (time, image) => expect(mirrored(time)).toBe(image));
});

describe('the way round', () => {
  it.each([
    [0, 30, 'clockwise'],
    [350, 10, 'clockwise'],
    [10, 350, 'anticlockwise'],
    [0, 180, undefined],
    [40, 40, undefined],
  ] as const)('from %d to %d degrees is %s', (from, to, way) => expect(directionOf(from, to)).toBe(way));
});

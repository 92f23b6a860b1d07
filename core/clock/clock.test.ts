import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  ALL_DIAL_TIMES,
  SNAPS,
  angleBetween,
  angleOfPoint,
  dialTime,
  gearedAngles,
  handAngles,
  handAt,
  hourOf,
  minuteOf,
  normaliseAngle,
  readHands,
  snapMinutes,
  timeOf,
  turnBetween,
  turnHand,
  turnNearestTo,
  turnOnTo,
  wrapToDial,
} from './index.ts';

const times = fc.integer({ min: 0, max: 719 }).map(dialTime);

describe('angles of the hands', () => {
  // Worked by hand: 6 degrees a minute for the minute hand, 30 an hour and half a degree a minute for the hour hand.
  it.each([
    ['12:00', 12, 0, 0, 0],
    ['3:00', 3, 0, 90, 0],
    ['6:00', 6, 0, 180, 0],
    ['4:30', 4, 30, 135, 180],
    ['12:30', 12, 30, 15, 180],
    ['11:30', 11, 30, 345, 180],
    ['6:30', 6, 30, 195, 180],
    ['1:05', 1, 5, 32.5, 30],
    ['11:59', 11, 59, 359.5, 354],
  ])('at %s', (_, hour, minute, hourAngle, minuteAngle) =>
    expect(handAngles(timeOf(hour, minute))).toEqual({ hour: hourAngle, minute: minuteAngle }),
  );

  it('stand in [0, 360) at all 720 times, a half and six degrees further each minute', () => {
    for (const time of ALL_DIAL_TIMES) {
      const { hour, minute } = handAngles(time);
      expect(hour).toBe(time * 0.5);
      expect(minute).toBe((time % 60) * 6);
    }
    expect(ALL_DIAL_TIMES).toHaveLength(720);
  });

  it('are read back to the same time at all 720 times, without a residual', () => {
    for (const time of ALL_DIAL_TIMES)
      expect(readHands(handAngles(time))).toEqual({ time, hourOffBy: 0, minuteOffBy: 0, residual: 0 });
  });

  it('are read back when both hands stray by up to two and a half degrees', () =>
    fc.assert(
      fc.property(
        times,
        fc.double({ min: -2.5, max: 2.5, noNaN: true }),
        fc.double({ min: -2.5, max: 2.5, noNaN: true }),
        (time, dHour, dMinute) => {
          const { hour, minute } = handAngles(time);
          const read = readHands({ hour: hour + dHour, minute: minute + dMinute });
          expect(read.time).toBe(time);
          expect(read.hourOffBy).toBeCloseTo(Math.abs(dHour), 9);
          expect(read.minuteOffBy).toBeCloseTo(Math.abs(dMinute), 9);
        },
      ),
    ));

  it.each([
    ['both a hair before 12 are 12:00', 359.9, 359.9, 12, 0],
    ['the minute hand a hair before 12 belongs to the hour that begins', 89.9, 359.9, 3, 0],
    ['12:30 lies between 12 and 1', 15, 180, 12, 30],
    ['11:30 lies between 11 and 12', 345, 180, 11, 30],
    ['6:30 with the hour hand exactly on 6 still is nearest to 6:30', 180.1, 180, 6, 30],
  ])('%s', (_, hour, minute, readHour, readMinute) =>
    expect(readHands({ hour, minute }).time).toBe(timeOf(readHour, readMinute)),
  );

  it('say how far the hour hand is from its place: half past four with the hand on the 4 is 15 degrees off', () =>
    expect(readHands({ hour: 120, minute: 180 }).hourOffBy).toBe(15));

  it('that are not finite are refused', () => {
    expect(() => readHands({ hour: NaN, minute: 0 })).toThrow(RangeError);
    expect(() => readHands({ hour: 0, minute: Infinity })).toThrow(RangeError);
  });
});

describe('directions', () => {
  it('are the same after any whole turns, and never 360', () =>
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (degrees) => {
        const angle = normaliseAngle(degrees);
        expect(angle).toBeGreaterThanOrEqual(0);
        expect(angle).toBeLessThan(360);
      }),
    ));

  it.each([
    [350, 10, 20],
    [10, 350, -20],
    [0, 180, 180],
    [90, 90, 0],
  ])('from %d to %d is a turn of %d', (from, to, turn) => expect(turnBetween(from, to)).toBe(turn));

  it.each([
    [0, -50, 0],
    [50, 0, 90],
    [0, 50, 180],
    [-50, 0, 270],
  ])('of the point %d, %d is %d', (x, y, angle) => expect(angleOfPoint(x, y)).toBeCloseTo(angle, 9));
});

describe('times of a dial', () => {
  it('belong to the numeral last passed', () => {
    expect(hourOf(timeOf(12, 59))).toBe(12);
    expect(hourOf(timeOf(1, 0))).toBe(1);
    expect(minuteOf(timeOf(12, 59))).toBe(59);
  });
  it('wrap round at twelve both ways', () => {
    expect(wrapToDial(-1)).toBe(719);
    expect(wrapToDial(720)).toBe(0);
    expect(Object.is(wrapToDial(-0.2), 0)).toBe(true);
  });
  it.each([-1, 720, 1.5, NaN])('%d is none', (minutes) => expect(() => dialTime(minutes)).toThrow(RangeError));
  it.each([
    [0, 0],
    [13, 0],
    [3, 60],
    [3, -1],
  ])('%d:%d is none', (hour, minute) => expect(() => timeOf(hour, minute)).toThrow(RangeError));
});

describe('a geared clock', () => {
  it('turns the hour hand one twelfth as far as the minute hand', () => {
    const turned = turnHand(180, 'minute', 90); // 3:00, minute hand to the 3
    expect(turned).toBe(195);
    expect(gearedAngles(turned).hour - gearedAngles(180).hour).toBeCloseTo(90 / 12, 9);
  });
  it('lowers the hour when the minute hand goes back past 12', () => expect(turnHand(180, 'minute', 354)).toBe(179));
  it('raises the hour when the minute hand goes on past 12', () => expect(turnHand(239, 'minute', 0)).toBe(240));
  it('goes on past twelve o’clock and back without a jump', () => {
    expect(turnHand(719, 'minute', 6)).toBe(721);
    expect(turnHand(1, 'minute', 354)).toBe(-1);
    expect(turnHand(0, 'hour', 350)).toBeCloseTo(-20, 9);
  });
  it('makes 60 minutes of one whole turn of the minute hand, wherever it starts, both ways', () =>
    fc.assert(
      fc.property(fc.integer({ min: -2000, max: 2000 }), fc.constantFrom(1, -1), (start, way) => {
        let minutes = start;
        for (let step = 1; step <= 12; step++)
          minutes = turnHand(minutes, 'minute', gearedAngles(start).minute + way * 30 * step);
        expect(minutes).toBeCloseTo(start + way * 60, 6);
      }),
    ));
  it('makes twelve hours of one whole turn of the hour hand', () => {
    let minutes = 100;
    for (let step = 1; step <= 12; step++) minutes = turnHand(minutes, 'hour', 50 + 30 * step);
    expect(minutes).toBeCloseTo(820, 6);
  });
  it.each(SNAPS)('settles on the nearest %d minutes', (snap) =>
    fc.assert(
      fc.property(fc.double({ min: -3000, max: 3000, noNaN: true }), (minutes) => {
        const settled = snapMinutes(minutes, snap);
        expect(Math.abs(settled % snap)).toBe(0);
        expect(Math.abs(settled - minutes)).toBeLessThanOrEqual(snap / 2);
      }),
    ),
  );
  it('goes on clockwise to a time, or to it by the shorter way', () => {
    expect(turnOnTo(700, timeOf(12))).toBe(720);
    expect(turnOnTo(180, timeOf(3))).toBe(180);
    expect(turnOnTo(-30, timeOf(1))).toBe(60);
    expect(turnNearestTo(700, timeOf(11))).toBe(660);
    expect(turnNearestTo(10, timeOf(11))).toBe(-60);
    expect(turnNearestTo(1430, timeOf(12))).toBe(1440);
  });
});

describe('the hand a finger means', () => {
  const tips = { hour: 56, minute: 90 };
  it.each([
    ['at 12:00, far out: the minute hand', 0, -80, 0, 'minute'],
    ['at 12:00, near the middle: the hour hand under the finger', 0, -40, 0, 'hour'],
    ['at 6:00, on the hour hand', 0, 40, 360, 'hour'],
    ['at 3:00, on the hour hand', 45, 2, 180, 'hour'],
    ['at 3:00, on the minute hand', 2, -45, 180, 'minute'],
    ['at 3:00, beyond the hour hand’s tip and nearer to it than to the minute hand', 70, 5, 180, 'hour'],
    ['at 6:30, far out below: the minute hand', -4, 85, 390, 'minute'],
  ] as const)('%s', (_, x, y, minutes, hand) => expect(handAt({ x, y }, minutes, tips)).toBe(hand));

  it('is the minute hand at its tip and the hour hand at its tip, at every time but where one covers the other', () => {
    for (const time of ALL_DIAL_TIMES) {
      const angles = handAngles(time);
      if (angleBetween(angles.hour, angles.minute) < 12) continue;
      const at = (angle: number, r: number) => ({
        x: r * Math.sin((angle * Math.PI) / 180),
        y: -r * Math.cos((angle * Math.PI) / 180),
      });
      expect(handAt(at(angles.minute, 85), time, tips)).toBe('minute');
      expect(handAt(at(angles.hour, 50), time, tips)).toBe('hour');
    }
  });
});

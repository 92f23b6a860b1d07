import { describe, expect, it } from '@jest/globals';
import {
  ALL_DIAL_TIMES,
  TAUGHT_TIMES,
  angleBetween,
  angleOfPoint,
  handAngles,
  hourOf,
  minuteOf,
  timeOf,
} from '../clock/index.ts';
import {
  HALF_SIZE,
  HALF_TURN,
  HAND_TIPS,
  LENSES,
  NUMERALS,
  NUMERAL_STYLES,
  OUTLINES,
  QUARTERS,
  SECOND_HAND_PATH,
  hasTicks,
  hoursRoom,
  isInSector,
  lineToRim,
  minuteNumberPlaces,
  minuteTrail,
  numeralMeasures,
  numeralPlaces,
  outlinePath,
  outlineRadius,
  pointAt,
  roomAt,
  secondAngle,
  slicePath,
  ticks,
  tipWindow,
  toggleLens,
  type Lens,
} from './index.ts';

describe.each(OUTLINES)('a %s face', (outline) => {
  it('has its sides where its path says, at the top, right, bottom and left', () => {
    const { x, y } = HALF_SIZE[outline];
    expect([0, 90, 180, 270].map((angle) => outlineRadius(outline, angle))).toEqual([
      expect.closeTo(y, 9),
      expect.closeTo(x, 9),
      expect.closeTo(y, 9),
      expect.closeTo(x, 9),
    ]);
    expect(outlinePath(outline)).toMatch(new RegExp(`^M0 -${y}.*Z$`));
  });
  it('is the same left and right, above and below, and takes the hands in every direction', () => {
    for (let angle = 0; angle < 360; angle++) {
      const radius = outlineRadius(outline, angle);
      expect(outlineRadius(outline, -angle)).toBeCloseTo(radius, 9);
      expect(outlineRadius(outline, 180 - angle)).toBeCloseTo(radius, 9);
      expect(radius).toBeGreaterThan(HAND_TIPS.full.minute);
    }
  });
  it('has no jump in its outline', () => {
    for (let angle = 0; angle < 360; angle += 0.25)
      expect(Math.abs(outlineRadius(outline, angle + 0.25) - outlineRadius(outline, angle))).toBeLessThan(1);
  });
  it('divides the dial alike: numerals and marks stand in the directions of the hands', () => {
    for (const { numeral, x, y } of numeralPlaces('all', outline))
      expect(angleBetween(angleOfPoint(x, y), numeral * 30)).toBeLessThan(1e-9);
    for (const { angle, from, to } of ticks('full', outline)) {
      expect(angleBetween(angleOfPoint(from.x, from.y), angle)).toBeLessThan(1e-9);
      expect(Math.hypot(from.x, from.y)).toBeLessThan(outlineRadius(outline, angle));
      expect(Math.hypot(to.x, to.y)).toBeLessThan(Math.hypot(from.x, from.y));
    }
  });
  it('keeps numerals inside and clear of each other, and minute numbers outside', () => {
    const places = numeralPlaces('all', outline);
    for (const { numeral, x, y } of places) {
      expect(Math.hypot(x, y) + NUMERALS.size / 2).toBeLessThan(outlineRadius(outline, numeral * 30));
      for (const other of places)
        if (other.numeral !== numeral)
          expect(Math.hypot(x - other.x, y - other.y)).toBeGreaterThan(NUMERALS.size * 1.5);
    }
    for (const { minutes, x, y } of minuteNumberPlaces(outline))
      expect(Math.hypot(x, y)).toBeGreaterThan(outlineRadius(outline, minutes * 6));
  });
});

describe('the rounded square', () => {
  it('lies between the square and the circle at its corners', () => {
    expect(outlineRadius('rounded-square', 45)).toBeLessThan(outlineRadius('square', 45));
    expect(outlineRadius('rounded-square', 45)).toBeGreaterThan(100);
  });
});

describe('numerals', () => {
  it.each([
    ['all', 12],
    ['quarters', 4],
    ['ticks', 0],
    ['none', 0],
    ['roman', 12],
  ] as const)('%s are %d', (style, count) => expect(numeralPlaces(style)).toHaveLength(count));
  it('in quarters are 3, 6, 9 and 12', () =>
    expect(numeralPlaces('quarters').map(({ text }) => text)).toEqual(['3', '6', '9', '12']));
  it('in Roman have IIII for four and stand where the others do', () => {
    expect(numeralPlaces('roman').map(({ text }) => text)[3]).toBe('IIII');
    expect(numeralPlaces('roman', 'round', 75)[11]).toEqual({ ...numeralPlaces('all', 'round', 75)[11], text: 'XII' });
  });
  it.each(NUMERAL_STYLES)('of style %s stay clear of the marks, however wide they are', (style) => {
    const { size } = numeralMeasures(style);
    // A letter or digit of the typeface is at most 0.6 of its size wide, and 0.7 of it high.
    for (const { text, x, y } of numeralPlaces(style))
      for (const side of [-1, 1])
        for (const end of [-1, 1])
          expect(Math.hypot(x + (side * text.length * size * 0.6) / 2, y + end * size * 0.35)).toBeLessThan(90.2);
  });
  it('of minutes begin with 0 at the top and have no 60', () => {
    expect(minuteNumberPlaces().map(({ minutes }) => minutes)).toEqual([0, 5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55]);
    expect(minuteNumberPlaces()[0]).toMatchObject({ x: expect.closeTo(0, 9), y: expect.closeTo(-110, 9) });
  });
  it('or none: a face with nothing on it has no marks either', () =>
    expect(NUMERAL_STYLES.filter((style) => !hasTicks(style))).toEqual(['none']));
});

describe('lenses', () => {
  it('the hour’s room holds the hour hand’s tip at all 720 times, and the next one’s does not', () => {
    for (const time of ALL_DIAL_TIMES) {
      const tip = pointAt(handAngles(time).hour, HAND_TIPS.full.hour);
      expect(isInSector(tip, hoursRoom(hourOf(time)))).toBe(true);
      if (minuteOf(time) > 0) expect(isInSector(tip, hoursRoom((hourOf(time) % 12) + 1))).toBe(false);
    }
  });
  it('the room of 12 lies between 12 and 1', () => expect(hoursRoom(12)).toEqual({ from: 0, to: 30 }));
  it.each([0, 13, 1.5])('%d has no room', (hour) => expect(() => hoursRoom(hour)).toThrow(RangeError));
  it('half of the room is passed at half past, for every hour', () => {
    for (const time of TAUGHT_TIMES) expect(roomAt(time).passed).toBe(minuteOf(time) === 30 ? 0.5 : 0);
  });
  it('the hour hand is in the room of its hour until the very end', () => {
    expect(roomAt(timeOf(4) + 59.99)).toMatchObject({ hour: 4, from: 120, to: 150 });
    expect(roomAt(timeOf(5))).toMatchObject({ hour: 5, passed: 0 });
    expect(roomAt(-30)).toMatchObject({ hour: 11, passed: 0.5 });
    expect(roomAt(720 + 30)).toMatchObject({ hour: 12, passed: 0.5 });
  });
  it('the line to the rim goes on where the hour hand ends, in its direction', () => {
    for (const time of ALL_DIAL_TIMES.filter((_, i) => i % 7 === 0)) {
      const { from, to } = lineToRim(time);
      expect(angleBetween(angleOfPoint(from.x, from.y), handAngles(time).hour)).toBeLessThan(1e-9);
      expect(angleBetween(angleOfPoint(to.x, to.y), handAngles(time).hour)).toBeLessThan(1e-9);
      expect(Math.hypot(from.x, from.y)).toBeCloseTo(HAND_TIPS.full.hour);
    }
  });
  it.each(OUTLINES)('it ends inside the rim of a %s face, whichever way the hand points', (outline) => {
    for (const time of ALL_DIAL_TIMES.filter((_, i) => i % 7 === 0)) {
      const { to } = lineToRim(time, outline);
      expect(outlineRadius(outline, handAngles(time).hour) - Math.hypot(to.x, to.y)).toBeCloseTo(3);
    }
  });
  it('the four quarters are the whole turn', () =>
    expect(QUARTERS.map(({ from, to }) => [from, to])).toEqual([
      [0, 90],
      [90, 180],
      [180, 270],
      [270, 360],
    ]));
  it('several are on at once, each is taken away again, and those that need the same place give way', () => {
    expect(toggleLens(['hours-room'], 'half-turn')).toEqual(['half-turn', 'hours-room']);
    expect(toggleLens(['half-turn', 'hours-room'], 'half-turn')).toEqual(['hours-room']);
    expect(toggleLens(['hour-hand-alone', 'quarters'], 'minute-hand-alone')).toEqual(['quarters', 'minute-hand-alone']);
    expect(toggleLens(['magnifier', 'day-strip', 'quarters'], 'two-clocks')).toEqual(['quarters', 'two-clocks']);
    expect(toggleLens(['two-clocks'], 'day-strip')).toEqual(['day-strip']);
    const all = LENSES.reduce<readonly Lens[]>((on, lens) => toggleLens(on, lens), []);
    for (const lens of LENSES) expect(toggleLens(all, lens).includes(lens)).toBe(!all.includes(lens));
  });
  it('the trail ends at the minute hand, and at half past is half a turn', () => {
    expect(minuteTrail(timeOf(4, 30))).toEqual({ ...HALF_TURN, count: 30 });
    for (const time of ALL_DIAL_TIMES) expect(minuteTrail(time).to).toBe(handAngles(time).minute);
    expect(slicePath(0, minuteTrail(timeOf(4)).to, 90)).toBe('');
    expect(minuteTrail(timeOf(5), timeOf(4))).toEqual({ from: 0, to: 360, count: 60 });
    expect(minuteTrail(timeOf(4) + 4.99)).toMatchObject({ count: 4 });
    expect(slicePath(0, 90, 100)).toBe('M0 -100A100 100 0 0 1 100 0L0 0Z');
  });
  it('the magnifier looks at the tip of the hour hand, and half an hour stays inside it', () => {
    for (const time of TAUGHT_TIMES) {
      const here = tipWindow(time);
      const later = pointAt(handAngles(time).hour + 15, HAND_TIPS.full.hour);
      expect(angleBetween(angleOfPoint(here.x, here.y), handAngles(time).hour)).toBeLessThan(1e-9);
      expect(Math.hypot(later.x - here.x, later.y - here.y)).toBeLessThan(here.radius);
    }
  });
  it('the middle of the face is in no sector', () => expect(isInSector({ x: 0, y: 0 }, HALF_TURN)).toBe(false));
});

describe('the second hand', () => {
  it('moves six degrees a second', () => expect([0, 15, 30.5].map(secondAngle)).toEqual([0, 90, 183]));
  it.each([-1, 60, NaN])('%d seconds are none', (seconds) => expect(() => secondAngle(seconds)).toThrow(RangeError));
  it('is a slim needle with a weight behind the axle', () => expect(SECOND_HAND_PATH).toContain('-92'));
});

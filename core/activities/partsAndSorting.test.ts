import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, dayTime, handAngles, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { pointAt } from '../face/index.ts';
import { CLOCK_PARTS, HOW_LONG, UNITS } from '../items/index.ts';
import { SORTED_AT_ONCE, dayToSort, deedsToSort, inPlace, labelPlaces, partAt, takes } from './index.ts';

type Point = { readonly x: number; readonly y: number };
const cross = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
const intersect = (a: Point, b: Point, c: Point, d: Point): boolean =>
  cross(a, b, c) * cross(a, b, d) < 0 && cross(c, d, a) * cross(c, d, b) < 0;

describe('labels of a clock', () => {
  it('name each part once, point to the part they name, and stand in corners of their own', () => {
    for (const time of ALL_DIAL_TIMES) {
      const places = labelPlaces(time);
      expect(places.map(({ part }) => part)).toEqual(CLOCK_PARTS);
      expect(new Set(places.map(({ corner }) => `${corner.x} ${corner.y}`)).size).toBe(4);
      for (const { part, anchor } of places) expect([time, partAt(anchor, time)]).toEqual([time, part]);
    }
  });
  it('have lines that never cross', () => {
    for (const time of ALL_DIAL_TIMES) {
      const lines = labelPlaces(time).map(
        ({ anchor, corner }) => [anchor, { x: corner.x * 90, y: corner.y * 90 }] as const,
      );
      lines.forEach(([a, b], i) =>
        lines.slice(i + 1).forEach(([c, d]) => expect([time, intersect(a, b, c, d)]).toEqual([time, false])),
      );
    }
  });
});

describe('a tap on a part', () => {
  it('means the hand under the finger, the numerals, or the face', () => {
    const { hour, minute } = handAngles(timeOf(4, 30));
    expect(partAt(pointAt(hour, 30), timeOf(4, 30))).toBe('hour-hand');
    expect(partAt(pointAt(minute, 85), timeOf(4, 30))).toBe('minute-hand');
    expect(partAt(pointAt(300, 75), timeOf(4, 30))).toBe('numerals');
    expect(partAt(pointAt(300, 40), timeOf(4, 30))).toBe('face');
    expect(partAt(pointAt(300, 101), timeOf(4, 30))).toBeUndefined();
  });
  it('finds both hands where they lie on each other: the hour hand inside, the minute hand beyond its tip', () => {
    expect(partAt(pointAt(0, 40), timeOf(12))).toBe('hour-hand');
    expect(partAt(pointAt(0, 80), timeOf(12))).toBe('minute-hand');
  });
});

describe('what comes first', () => {
  const day = [480, 510, 540, 630, 660, 720, 720, 750, 810].map((at, id) => ({ id, at: dayTime(at) }));
  it('puts some pictures of the day on the board, out of order, none at the same time', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const shown = dayToSort(seededRng(seed), day);
      expect(shown).toHaveLength(SORTED_AT_ONCE);
      expect(new Set(shown.map(({ at }) => at)).size).toBe(SORTED_AT_ONCE);
      expect(inPlace(shown)).toContain(false);
    }
    for (let seed = 1; seed <= 20; seed++)
      expect(inPlace(dayToSort(seededRng(seed), day.slice(0, 2)))).toContain(false);
  });
  it('has nothing to sort in a day of one moment', () => {
    expect(dayToSort(seededRng(1), day.slice(5, 7))).toEqual([]);
    expect(dayToSort(seededRng(1), [])).toEqual([]);
  });
  it('knows which pictures are right where they lie', () => {
    expect(inPlace(day)).toEqual(day.map(() => true));
    expect(inPlace([day[0]!, day[2]!, day[1]!, day[3]!])).toEqual([true, false, false, true]);
    expect(inPlace([day[6]!, day[5]!])).toEqual([true, true]);
  });
});

describe('how long', () => {
  it('sorts two of each length, in no order that gives it away', () => {
    const orders = new Set<string>();
    for (let seed = 1; seed <= 50; seed++) {
      const deeds = deedsToSort(seededRng(seed));
      orders.add(deeds.map((deed) => HOW_LONG[deed]).join());
      for (const unit of UNITS) expect(deeds.filter((deed) => takes(deed, unit))).toHaveLength(2);
    }
    expect(orders.size).toBeGreaterThan(10);
  });
});

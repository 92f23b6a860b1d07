import { describe, expect, it } from '@jest/globals';
import { angleBetween, angleOfPoint, handAngles, timeOf } from '../clock/index.ts';
import {
  HAND_PATHS,
  HAND_TIPS,
  RING_GAP,
  arcPath,
  numeralPlaces,
  pointAt,
  ringBrickPath,
  ringsOnFace,
  sectorPath,
  ticks,
} from './index.ts';

/** Every number of a path, for measuring how far it reaches. */
const numbers = (path: string): number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('the face', () => {
  it('puts each numeral where the hour hand points at its o’clock', () => {
    const places = numeralPlaces();
    expect(places.map(({ numeral }) => numeral)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
    for (const { numeral, x, y } of places)
      expect(angleBetween(angleOfPoint(x, y), handAngles(timeOf(numeral)).hour)).toBeLessThan(1e-9);
  });
  it('has 12 at the top and 3 at the right', () => {
    const [, , three] = numeralPlaces('all', 'round', 75);
    const twelve = numeralPlaces('all', 'round', 75)[11]!;
    expect([three!.x, three!.y]).toEqual([expect.closeTo(75, 9), expect.closeTo(0, 9)]);
    expect([twelve.x, twelve.y]).toEqual([expect.closeTo(0, 9), expect.closeTo(-75, 9)]);
  });
  it('has sixty marks six degrees apart, every fifth longer; a small one has twelve', () => {
    const full = ticks('full');
    expect(full).toHaveLength(60);
    expect(full.filter(({ atHour }) => atHour)).toHaveLength(12);
    full.forEach(({ angle, from, to }, i) => {
      expect(angle).toBe(i * 6);
      expect(Math.hypot(to.x, to.y)).toBeLessThan(Math.hypot(from.x, from.y));
    });
    expect(ticks('small').map(({ angle }) => angle)).toEqual([0, 30, 60, 90, 120, 150, 180, 210, 240, 270, 300, 330]);
  });
  it('has an hour hand clearly shorter and stouter than the minute hand, in both sizes', () => {
    for (const size of ['full', 'small'] as const) {
      expect(HAND_TIPS[size].hour * 1.4).toBeLessThan(HAND_TIPS[size].minute);
      const widest = (path: string): number => Math.max(...numbers(path).filter((_, i) => i % 2 === 0));
      expect(widest(HAND_PATHS[size].hour)).toBeGreaterThan(widest(HAND_PATHS[size].minute) * 2);
      expect(Math.min(...numbers(HAND_PATHS[size].minute))).toBe(
        -HAND_TIPS[size].minute + (size === 'full' ? 1.6 : 3.7),
      );
    }
  });
});

describe('sectors', () => {
  it('start at 12 and go clockwise', () => {
    expect(sectorPath(0.25, 100)).toBe('M0 -100A100 100 0 0 1 100 0L0 0Z');
    expect(sectorPath(0.75, 100)).toBe('M0 -100A100 100 0 1 1 -100 0L0 0Z');
  });
  it('are nothing for none and the whole disc for all', () => {
    expect(sectorPath(0, 100)).toBe('');
    expect(sectorPath(1, 100)).toContain('Z');
    expect(sectorPath(1, 100)).not.toContain('L');
  });
  it.each([-0.1, 1.1, NaN])('refuse a share of %d', (share) =>
    expect(() => sectorPath(share, 100)).toThrow(RangeError),
  );
  it('draw a whole turn as an arc that ends just short of its start, for SVG draws nothing between equal points', () => {
    const [path, endX] = /^M0 -80A80 80 0 1 1 (-0\.\d+) -80$/.exec(arcPath(0, 360, 80)) ?? [];
    expect(path).toBeDefined();
    expect(Number(endX)).toBeGreaterThan(-0.05);
  });
  it.each([1, 2, 3, 4, 5, 6])('can be tapped in every brick of %d rings, and leave the middle free', (count) => {
    const rings = ringsOnFace(count);
    expect(rings[0]!.outer).toBe(100);
    expect(rings.at(-1)!.inner).toBeGreaterThan(20);
    rings.forEach(({ inner, outer }, i) => {
      expect(outer - inner).toBeGreaterThan(9);
      if (i > 0) expect(rings[i - 1]!.inner - outer).toBeCloseTo(RING_GAP, 9);
      for (let hour = 0; hour < 12; hour++) {
        const path = ringBrickPath(hour * 30 - 15, hour * 30 + 15, inner, outer, RING_GAP);
        expect(path).toMatch(/^M[-\d. ]+A[-\d. ]+L[-\d. ]+A[-\d. ]+Z$/);
      }
    });
  });
  it('refuse a ring that is none', () => {
    for (const [inner, outer] of [
      [-1, 22],
      [1, 22],
      [30, 30],
      [NaN, 20],
    ] as const)
      expect(() => ringBrickPath(0, 30, inner, outer, 3)).toThrow(RangeError);
  });
  it('leave half the gap on each side of a brick, at both radii', () => {
    const [x, y] = numbers(ringBrickPath(-15, 15, 50, 100, 6));
    const edge = pointAt(-15, 100);
    expect(Math.hypot(x! - edge.x, y! - edge.y)).toBeCloseTo(3, 1);
    const inner = /L(-?[\d.]+) (-?[\d.]+)A/.exec(ringBrickPath(-15, 15, 50, 100, 6))!;
    const innerEdge = pointAt(15, 50);
    expect(Math.hypot(Number(inner[1]) - innerEdge.x, Number(inner[2]) - innerEdge.y)).toBeCloseTo(3, 1);
  });
});

import type { FacePoint } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import { pointAt } from '../../face/index.ts';
import { normal } from './movement.ts';

/** A line as it is meant to go: places to pass, in face units. */
export type Line = readonly FacePoint[];

export const add = (a: FacePoint, b: FacePoint): FacePoint => ({ x: a.x + b.x, y: a.y + b.y });
/** From one place a distance in a direction, degrees clockwise from 12. */
export const from = (at: FacePoint, angle: number, distance: number): FacePoint => add(at, pointAt(angle, distance));
export const between = (a: FacePoint, b: FacePoint, share: number): FacePoint => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});
export const range = (rng: Rng, least: number, most: number): number => least + rng() * (most - least);

/** A round or oval that a child draws: it does not quite close, or overlaps. */
export const round = (rng: Rng, middle: FacePoint, radius: number): Line => {
  const begin = rng() * 360;
  const turn = range(rng, 330, 420) * (rng() < 0.5 ? 1 : -1);
  const [wide, high] = [radius * range(rng, 0.85, 1.15), radius * range(rng, 0.85, 1.15)];
  const steps = Math.max(8, Math.round(radius / 1.5));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const { x, y } = pointAt(begin + (turn * i) / steps, 1 + normal(rng) * 0.02);
    return { x: middle.x + x * wide, y: middle.y + y * high };
  });
};

/** Two barbs at a tip, in one line or in two. */
export const vee = (rng: Rng, tip: FacePoint, angle: number, size: number, inTwo: boolean): Line[] => {
  const open = range(rng, 25, 45);
  const [left, right] = [from(tip, angle + 180 + open, size), from(tip, angle + 180 - open, size)];
  return inTwo
    ? [
        [tip, left],
        [tip, right],
      ]
    : [[left, tip, right]];
};

/** A triangle at a tip, not filled. */
export const triangle = (rng: Rng, tip: FacePoint, angle: number, size: number): Line => {
  const open = range(rng, 22, 35);
  const [left, right] = [from(tip, angle + 180 + open, size), from(tip, angle + 180 - open, size)];
  return [left, tip, right, left];
};

/** A filled blob: round and round, ever smaller. */
export const blob = (rng: Rng, middle: FacePoint, radius: number): Line => {
  const steps = Math.round(range(rng, 18, 36));
  const begin = rng() * 360;
  return Array.from({ length: steps }, (_, i) => {
    const away = radius * (1 - (0.8 * i) / steps) * range(rng, 0.8, 1.2);
    return from(middle, begin + i * range(rng, 55, 75), away);
  });
};

/** A line filled by going to and fro across it. */
export const zigzag = (rng: Rng, begin: FacePoint, angle: number, length: number, wide: number): Line => {
  const turns = Math.max(6, Math.round(length / range(rng, 4, 9)));
  return Array.from({ length: turns + 1 }, (_, i) => {
    const side = (i % 2 === 0 ? 1 : -1) * wide * range(rng, 0.35, 0.6);
    return from(from(begin, angle, (length * i) / turns), angle + 90, side);
  });
};

/** How digits are drawn: lines in a box one wide and one high, from its upper left corner. */
const DIGITS: Readonly<Record<string, readonly (readonly (readonly [number, number])[])[]>> = {
  0: [
    [
      [0.5, 0],
      [0.05, 0.5],
      [0.5, 1],
      [0.95, 0.5],
      [0.5, 0],
    ],
  ],
  1: [
    [
      [0.3, 0.2],
      [0.6, 0],
      [0.6, 1],
    ],
  ],
  2: [
    [
      [0.1, 0.2],
      [0.5, 0],
      [0.9, 0.25],
      [0.1, 1],
      [0.95, 1],
    ],
  ],
  3: [
    [
      [0.1, 0.1],
      [0.8, 0.15],
      [0.4, 0.48],
      [0.9, 0.75],
      [0.1, 0.95],
    ],
  ],
  4: [
    [
      [0.7, 0],
      [0.05, 0.65],
      [0.95, 0.65],
    ],
    [
      [0.7, 0.3],
      [0.7, 1],
    ],
  ],
  5: [
    [
      [0.85, 0],
      [0.2, 0],
      [0.15, 0.45],
      [0.85, 0.6],
      [0.1, 1],
    ],
  ],
  6: [
    [
      [0.8, 0],
      [0.1, 0.6],
      [0.5, 1],
      [0.9, 0.7],
      [0.15, 0.65],
    ],
  ],
  7: [
    [
      [0.05, 0],
      [0.95, 0],
      [0.35, 1],
    ],
  ],
  8: [
    [
      [0.8, 0.15],
      [0.2, 0.2],
      [0.85, 0.75],
      [0.4, 1],
      [0.15, 0.75],
      [0.8, 0.2],
    ],
  ],
  9: [
    [
      [0.85, 0.3],
      [0.2, 0.35],
      [0.5, 0],
      [0.85, 0.25],
      [0.7, 1],
    ],
  ],
};

/** A number as a child writes it, about a place. */
export const digits = (rng: Rng, value: number, middle: FacePoint, high: number): Line[] => {
  const text = String(value);
  const wide = high * range(rng, 0.45, 0.7);
  const step = wide * 1.25;
  return [...text].flatMap((digit, i) => {
    const left = middle.x - (step * text.length) / 2 + i * step;
    return DIGITS[digit]!.map((line) =>
      line.map(([x, y]) => ({ x: left + x * wide, y: middle.y - high / 2 + y * high })),
    );
  });
};

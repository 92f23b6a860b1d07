import { pick, type Rng } from '../../common/index.ts';
import { pointAt } from '../../face/index.ts';
import { digits, from, range, zigzag, type Line } from './shapes.ts';
import { normal } from './movement.ts';

/** Drawings that show no time; nobody can read hands from them. */
export const SCRIBBLES = {
  zigzag: {
    lines: (rng: Rng): Line[] => {
      const angle = rng() * 360;
      const length = range(rng, 60, 170);
      const begin = from(pointAt(rng() * 360, range(rng, 0, 25)), angle + 180, length / 2);
      return [zigzag(rng, begin, angle, length, range(rng, 40, 150))];
    },
    tuned: true,
  },
  loops: {
    lines: (rng: Rng): Line[] => {
      const [rounds, radius] = [range(rng, 3, 8), range(rng, 20, 70)];
      const steps = Math.round(rounds * 10);
      const drift = { x: normal(rng) * 25, y: normal(rng) * 25 };
      return [
        Array.from({ length: steps + 1 }, (_, i) => {
          const { x, y } = pointAt((i / steps) * rounds * 360, radius * range(rng, 0.6, 1.2));
          return { x: x + (drift.x * i) / steps, y: y + (drift.y * i) / steps };
        }),
      ];
    },
    tuned: false,
  },
  'all-over': {
    lines: (rng: Rng): Line[] => [
      Array.from({ length: Math.round(range(rng, 12, 40)) }, () => pointAt(rng() * 360, 90 * Math.sqrt(rng()))),
    ],
    tuned: true,
  },
  'many-lines': {
    lines: (rng: Rng): Line[] =>
      Array.from({ length: Math.round(range(rng, 5, 12)) }, () => [
        pointAt(rng() * 360, 80 * Math.sqrt(rng())),
        pointAt(rng() * 360, 80 * Math.sqrt(rng())),
      ]),
    tuned: false,
  },
  'the-time-in-digits': {
    lines: (rng: Rng): Line[] => {
      const size = range(rng, 25, 50);
      return [
        ...digits(rng, pick(rng, [1, 2, 4, 7, 9]), { x: -size, y: 0 }, size),
        ...digits(rng, pick(rng, [30, 0]), { x: size * 0.5, y: 0 }, size),
      ];
    },
    tuned: false,
  },
} as const;
export type Scribble = keyof typeof SCRIBBLES;

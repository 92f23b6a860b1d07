import type { FacePoint } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { Stroke, StrokePoint } from '../../strokes/index.ts';

/** How steady a made-up child's hand is, and what its tablet tells of it. */
export interface Scrawler {
  /** Years. */
  readonly age: number;
  /** Face units a line strays from where it was meant to go (standard deviation half-way along). */
  readonly stray: number;
  /** Face units a second, in the middle of a line. */
  readonly speed: number;
  /** Reports a second of the tablet. */
  readonly reports: number;
  /** Share of reports that get lost. */
  readonly lost: number;
  /** Face units between two places the tablet can tell apart. */
  readonly pixel: number;
}

/** About normal: the sum of six even numbers. */
export const normal = (rng: Rng): number => {
  let sum = -3;
  for (let i = 0; i < 6; i++) sum += rng();
  return sum * Math.SQRT2;
};

/** Any child from four to eight, on any tablet: some report 60 times a second, some 240, and some lose a part. */
export const anyScrawler = (rng: Rng): Scrawler => {
  const age = 4 + rng() * 4;
  return {
    age,
    stray: (2.6 - 0.4 * (age - 4)) * (0.6 + 0.7 * rng()),
    speed: 120 + rng() * 420,
    reports: 60 + rng() * 180,
    lost: rng() < 0.3 ? rng() * 0.3 : 0,
    pixel: 0.3 + rng() * 0.7,
  };
};

/** Where a hand that starts and ends at rest is after a share of its time: minimum jerk (Flash and Hogan 1985). */
const atRestAtBothEnds = (share: number): number => share ** 3 * (10 - 15 * share + 6 * share * share);

/** Noise without jumps that is nothing at both ends of a line: a random walk held back, smoothed once. */
const tremor = (rng: Rng, steps: number, size: number): number[] => {
  let [walk, smooth] = [0, 0];
  const raw = Array.from({ length: steps + 1 }, () => {
    walk = walk * 0.93 + normal(rng) * 0.37;
    return (smooth += (walk - smooth) * 0.35);
  });
  const [first, last] = [raw[0]!, raw[steps]!];
  return raw.map((one, i) => size * (one - first - ((last - first) * i) / Math.max(1, steps)));
};

/** Face units between two places at which the way is worked out. */
const STEP = 2;
/** A turn by more than this many degrees is a corner: the hand stops there. */
const CORNER = 50;

const isCorner = (a: FacePoint, b: FacePoint, c: FacePoint): boolean => {
  const turn = Math.atan2(c.y - b.y, c.x - b.x) - Math.atan2(b.y - a.y, b.x - a.x);
  const folded = Math.abs(Math.atan2(Math.sin(turn), Math.cos(turn)));
  return (folded * 180) / Math.PI > CORNER;
};

/** A way cut at its corners. */
const legsOf = (places: readonly FacePoint[]): FacePoint[][] => {
  const legs: FacePoint[][] = [[places[0]!]];
  for (let i = 1; i < places.length; i++) {
    legs.at(-1)!.push(places[i]!);
    const next = places[i + 1];
    if (next !== undefined && isCorner(places[i - 1]!, places[i]!, next)) legs.push([places[i]!]);
  }
  return legs;
};

/** A line through places, at even distances of about `STEP`: Catmull and Rom's spline. */
const smooth = (places: readonly FacePoint[]): FacePoint[] => {
  const line: FacePoint[] = [places[0]!];
  for (let i = 0; i + 1 < places.length; i++) {
    const [a, b] = [places[i]!, places[i + 1]!];
    const [before, after] = [places[i - 1] ?? a, places[i + 2] ?? b];
    const steps = Math.max(1, Math.round(Math.hypot(b.x - a.x, b.y - a.y) / STEP));
    for (let step = 1; step <= steps; step++) {
      const t = step / steps;
      const along = (p: number, q: number, r: number, s: number): number =>
        0.5 * (2 * q + (r - p) * t + (2 * p - 5 * q + 4 * r - s) * t * t + (3 * q - p - 3 * r + s) * t ** 3);
      line.push({ x: along(before.x, a.x, b.x, after.x), y: along(before.y, a.y, b.y, after.y) });
    }
  }
  return line;
};

/**
 * What a tablet reports of a line: the way, gone with the hand's speed and tremor, looked at so many times a second.
 * @param begun milliseconds since the drawing began
 */
export const scrawled = (rng: Rng, scrawler: Scrawler, places: readonly FacePoint[], begun: number): Stroke => {
  const { stray, speed, reports, lost, pixel } = scrawler;
  const told: StrokePoint[] = [];
  const round = (value: number): number => Math.round(value / pixel) * pixel;
  let ms = begun;
  for (const leg of legsOf(places)) {
    const line = smooth(leg);
    const steps = line.length - 1;
    const length = steps * STEP;
    // A short leg is drawn as slowly as a long one, and strays less.
    const size = stray * Math.min(1, length / 50);
    const [across, along] = [tremor(rng, Math.max(1, steps), size), tremor(rng, Math.max(1, steps), size)];
    const lasts = 90 + (1000 * length) / speed;
    const looks = Math.max(2, Math.round((lasts * reports) / 1000));
    for (let look = told.length === 0 ? 0 : 1; look <= looks; look++) {
      const at = atRestAtBothEnds(look / looks) * steps;
      const i = Math.min(steps, Math.floor(at));
      const [p, q] = [line[i]!, line[Math.min(steps, i + 1)]!];
      if (look > 0 && look < looks && rng() < lost) continue;
      told.push({
        x: round(p.x + (q.x - p.x) * (at - i) + across[i]!),
        y: round(p.y + (q.y - p.y) * (at - i) + along[i]!),
        ms: Math.round(ms + (lasts * look) / looks),
      });
    }
    ms += lasts;
  }
  return told;
};

import type { FacePoint } from '../clock/index.ts';
import { ORIGIN, apart, mainAxis, middleOf } from './axis.ts';
import type { Run } from './runs.ts';

interface StraightLine {
  readonly at: FacePoint;
  readonly along: FacePoint;
  readonly length: number;
  /** Root mean square distance of its points from the line. */
  readonly stray: number;
  /** How near it comes to the clock's middle. */
  readonly nearest: number;
  readonly ends: readonly [FacePoint, FacePoint];
}

/** Only long, straight lines tell where the middle is, and the longest are enough. */
const TELLS = { length: 22, stray: 5, chord: 0.8, most: 6 };
/** A middle is looked for no farther from the clock's own. */
const FARTHEST_HUB = 36;
/** One nearer than this to the clock's own is that. */
const NEAREST_HUB = 7;
/** A line meets a middle when it passes no farther, and something of it lies no farther from it. */
const MEETS = { by: 10, reach: 16, reachOfClock: 50 };
/** Face units of line a middle must bring to be believed, for each face unit it lies beside the clock's own. */
const PRICE = 1;
/** What a line that goes past a middle is worth less, for each face unit behind it. */
const BEHIND = 0.9;

const lineOf = (points: readonly FacePoint[], spacing: number): StraightLine => {
  const at = middleOf(points);
  const along = mainAxis(points, at);
  let [squares, nearest] = [0, Infinity];
  for (const { x, y } of points) {
    squares += ((x - at.x) * along.y - (y - at.y) * along.x) ** 2;
    nearest = Math.min(nearest, Math.sqrt(x * x + y * y));
  }
  return {
    at,
    along,
    length: (points.length - 1) * spacing,
    ends: [points[0]!, points.at(-1)!],
    stray: Math.sqrt(squares / points.length),
    nearest,
  };
};
const tells = ({ length, stray, ends }: StraightLine): boolean =>
  length >= TELLS.length && stray <= TELLS.stray && apart(...ends) >= TELLS.chord * length;
const passes = ({ at, along }: StraightLine, hub: FacePoint): number =>
  Math.abs((hub.x - at.x) * along.y - (hub.y - at.y) * along.x);
const meeting = (a: StraightLine, b: StraightLine): FacePoint | undefined => {
  const cross = a.along.x * b.along.y - a.along.y * b.along.x;
  // Lines that are nearly one meet anywhere.
  if (Math.abs(cross) < 0.25) return undefined;
  const t = ((b.at.x - a.at.x) * b.along.y - (b.at.y - a.at.y) * b.along.x) / cross;
  return { x: a.at.x + a.along.x * t, y: a.at.y + a.along.y * t };
};
const nearest = (line: StraightLine, hub: FacePoint): number => {
  const [a, b] = line.ends;
  const t = Math.max(
    -line.length / 2,
    Math.min(line.length / 2, (hub.x - line.at.x) * line.along.x + (hub.y - line.at.y) * line.along.y),
  );
  const foot = { x: line.at.x + line.along.x * t, y: line.at.y + line.along.y * t };
  return Math.min(apart(hub, a), apart(hub, b), apart(hub, foot));
};
/** How much of a line lies on the other side of a middle than most of it. */
const behind = ({ ends: [a, b], along }: StraightLine, hub: FacePoint): number => {
  const side = (end: FacePoint): number => (end.x - hub.x) * along.x + (end.y - hub.y) * along.y;
  const [one, other] = [side(a), side(b)];
  return one * other >= 0 ? 0 : Math.min(Math.abs(one), Math.abs(other));
};
const worth = (lines: readonly StraightLine[], hub: FacePoint): number =>
  lines.reduce(
    (sum, line) => {
      // A curved line passes the middle it begins at, and one of two hands is bent there.
      const touches = hub === ORIGIN ? line.nearest : Math.min(apart(line.ends[0], hub), apart(line.ends[1], hub));
      const off = Math.min(passes(line, hub), touches) / MEETS.by;
      if (off >= 1 || nearest(line, hub) > (hub === ORIGIN ? MEETS.reachOfClock : MEETS.reach)) return sum;
      return sum + (line.length - BEHIND * behind(line, hub)) * (1 - off * off);
    },
    -PRICE * Math.hypot(hub.x, hub.y),
  );

/**
 * The point a drawing's hands turn about: the clock's own middle, or where long lines meet beside it. A drawing that is moved as a whole
 * is so read as if it were not.
 * @param runs seen from the clock's own middle
 */
export const hubOf = (strokes: readonly (readonly FacePoint[])[], runs: readonly Run[], spacing: number): FacePoint => {
  const whole = strokes.map((points) => lineOf(points, spacing));
  const lines = [
    ...whole,
    ...runs.filter(({ stroke }) => !tells(whole[stroke]!)).map(({ points }) => lineOf(points, spacing)),
  ]
    .filter(tells)
    .sort((a, b) => b.length - a.length)
    .slice(0, TELLS.most);
  if (lines.every((line) => passes(line, ORIGIN) < MEETS.by / 2)) return ORIGIN;
  let [best, most] = [ORIGIN, worth(lines, ORIGIN)];
  const look = (hub: FacePoint | undefined): void => {
    if (hub === undefined || Math.hypot(hub.x, hub.y) > FARTHEST_HUB) return;
    const found = worth(lines, hub);
    if (found > most) [best, most] = [hub, found];
  };
  lines.forEach((line, i) => {
    line.ends.forEach(look);
    for (const other of lines.slice(i + 1)) look(meeting(line, other));
  });
  return Math.hypot(best.x, best.y) < NEAREST_HUB ? ORIGIN : best;
};

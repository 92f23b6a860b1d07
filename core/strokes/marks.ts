import { angleOfPoint, type FacePoint } from '../clock/index.ts';
import { ORIGIN, apart, middleOf, turnAbout } from './axis.ts';
import { isKnotted } from './knot.ts';
import { extent, lengthOf, type Stroke } from './stroke.ts';

/**
 * What was drawn beside the hands and is no part of them.
 * - `dot`: a touch
 * - `tip`: an arrowhead, a blob or a ring at the end of a hand
 * - `ring`: a circle round a numeral, with the numeral
 * - `rim`: the rim, drawn over
 * - `middle`: something small about the middle
 * - `beside`: something small anywhere else: numerals, marks, a palm
 */
export const ASIDE = ['dot', 'tip', 'ring', 'rim', 'middle', 'beside'] as const;
export type Aside =
  { readonly kind: Exclude<(typeof ASIDE)[number], 'ring'> } | { readonly kind: 'ring'; readonly numeral: number };

/** A mark no larger is a dot; one a little larger too where it goes to and fro. */
const DOT = { extent: 4, largest: 10, winding: 1.5 };
export const isDot = (stroke: Stroke): boolean => {
  if (stroke.length === 0) return true;
  const across = extent(stroke);
  if (across > DOT.largest) return false;
  const length = lengthOf([stroke]);
  return across <= DOT.extent || (across <= DOT.largest && length > DOT.winding * across);
};

/** A knot is small, goes to and fro, and is about as wide as long, and does not come to the middle: a blob, a letter, not a short hand drawn over. */
const KNOT = { near: 14 };
export const isKnot = (points: readonly FacePoint[], length: number): boolean => {
  if (points.some(({ x, y }) => Math.hypot(x, y) < KNOT.near)) return false;
  return isKnotted(points, length);
};

/** A rim lies between these reaches, but for a part, and goes so many degrees round. */
const RIM = { from: 80, to: 118, part: 0.88, turn: 55 };
export const isRim = (points: readonly FacePoint[]): boolean => {
  let inside = 0;
  for (const { x, y } of points) {
    const squared = x * x + y * y;
    if (squared >= RIM.from ** 2 && squared <= RIM.to ** 2) inside += 1;
  }
  return inside >= RIM.part * points.length && turnAbout(points, ORIGIN) >= RIM.turn;
};

/** A line that goes round: nearly once at least, always about as far from its own middle; its ends lie no farther apart than this part of it. */
const RING = { open: 0.9, turn: 290, uneven: 0.3, least: 2.5, most: 30 };
export interface Ring {
  readonly middle: FacePoint;
  readonly radius: number;
}
export const ringOf = (points: readonly FacePoint[]): Ring | undefined => {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined || apart(first, last) > RING.open * extent(points)) return undefined;
  const middle = middleOf(points);
  let [sum, squares] = [0, 0];
  for (const point of points) {
    const radius = apart(point, middle);
    sum += radius;
    squares += radius * radius;
  }
  const radius = sum / points.length;
  if (radius < RING.least || radius > RING.most) return undefined;
  const uneven = Math.sqrt(Math.max(0, squares / points.length - radius * radius)) / radius;
  return uneven <= RING.uneven && turnAbout(points, middle) >= RING.turn ? { middle, radius } : undefined;
};

/** A ring about the middle no larger belongs to it. */
const ABOUT_MIDDLE = 14;
/** A ring is round a numeral when it is large enough to be, and its middle is no farther from where numerals stand. */
const ROUND_NUMERAL = { radius: 9, between: [55, 100], degrees: 11 } as const;
/** What a ring is, as far as that can be told before the hands are known. */
export const asideOfRing = ({ middle, radius }: Ring): Aside => {
  const reach = Math.hypot(middle.x, middle.y);
  if (reach <= ABOUT_MIDDLE) return { kind: 'middle' };
  const [from, to] = ROUND_NUMERAL.between;
  const angle = angleOfPoint(middle.x, middle.y);
  const numeral = Math.round(angle / 30) || 12;
  const off = Math.abs(angle - Math.round(angle / 30) * 30);
  if (radius >= ROUND_NUMERAL.radius && reach >= from && reach <= to && off <= ROUND_NUMERAL.degrees)
    return { kind: 'ring', numeral };
  return { kind: 'beside' };
};

/** Everything of a mark at a tip lies so near it, and something of it nearer. */
const AT_TIP = { all: 38, some: 12 };
export const isAtTip = (points: readonly FacePoint[], tip: FacePoint): boolean => {
  let nearest = Infinity;
  for (const point of points) {
    const away = apart(point, tip);
    if (away > AT_TIP.all) return false;
    if (away < nearest) nearest = away;
  }
  return nearest <= AT_TIP.some;
};

/** A bow drawn about the middle, such as a mouth: nowhere near it, and always about as far from it. */
const ARC = { near: 24, depth: 15, length: 130 };
export const isArc = (
  runs: readonly { readonly near: number; readonly far: number; readonly length: number }[],
): boolean =>
  runs.every(({ near }) => near >= ARC.near) &&
  Math.max(...runs.map(({ far }) => far)) - Math.min(...runs.map(({ near }) => near)) <= ARC.depth &&
  runs.reduce((sum, { length }) => sum + length, 0) <= ARC.length;

/**
 * A mark no larger than this is small: a digit, an eye, a touch; one that lies outside of the hands may be a
 * little larger, and one beyond the numerals as large as it likes. */
const SMALL = { extent: 30, outside: 52, outsideExtent: 44, beyond: 84 };
export const isSmall = (points: readonly FacePoint[]): boolean => {
  const across = extent(points);
  if (across <= SMALL.extent) return true;
  const outside = across <= SMALL.outsideExtent ? SMALL.outside : SMALL.beyond;
  return points.every(({ x, y }) => Math.hypot(x, y) >= outside);
};

import { angleOfPoint, type FacePoint } from '../clock/index.ts';
import { mainAxis, middleOf } from './axis.ts';
import { isKnotted } from './knot.ts';

/** A stretch of a stroke that goes outwards or inwards: a hand, a part of one, or something beside. */
export interface Run {
  /** Its points, seen from the middle the hands turn about, from the inner end to the outer. */
  readonly points: readonly FacePoint[];
  /** Which stroke it is of, and where in it, from 0. */
  readonly stroke: number;
  readonly place: number;
  /** Degrees clockwise from 12 of its outer part. */
  readonly angle: number;
  /** Face units from the middle to its near and its far end. */
  readonly near: number;
  readonly far: number;
  /** Face units along the line. */
  readonly length: number;
  /** Root mean square distance of its points from the straight line that fits them best, in face units. */
  readonly stray: number;
  /** How far that line passes beside the middle, in face units. */
  readonly miss: number;
  /** Points of a blob it ends in: the tip is in their middle. None where it ends otherwise. */
  readonly blob: readonly FacePoint[];
  /** Does it hang on a tip that its stroke had come to before? */
  readonly hangs: boolean;
}

/** How far a line must come back, in face units, before it counts as turned round. Wobble turns less. */
const TURN = 12;

/**
 * Places where a line turns from going outwards to coming back or the other way: the ends and every turn in the
 * distance from the middle that goes back by at least `TURN`.
 */
const turningPlaces = (radii: readonly number[]): number[] => {
  const places = [0];
  let [low, high] = [0, 0];
  let heading: 'out' | 'in' | undefined;
  for (let i = 1; i < radii.length; i++) {
    if (radii[i]! < radii[low]!) low = i;
    if (radii[i]! > radii[high]!) high = i;
    if (heading !== 'in' && radii[high]! - radii[i]! >= TURN) {
      if (high > 0) places.push(high);
      heading = 'in';
      low = i;
    } else if (heading !== 'out' && radii[i]! - radii[low]! >= TURN) {
      if (low > 0) places.push(low);
      heading = 'out';
      high = i;
    } else continue;
    if (heading === 'in') high = i;
    else low = i;
  }
  places.push(radii.length - 1);
  return [...new Set(places)].sort((a, b) => a - b);
};

/** A line that comes back so far, in face units, in the outer part of its reach has arrived: what comes then hangs on its tip. */
const ARRIVED = { back: 4, part: 0.55, before: 2 };
/** A run up to its tip, and what was drawn from there without turning far: barbs, a blob. */
const cutAtTip = (points: readonly FacePoint[]): (readonly FacePoint[])[] => {
  const radii = points.map(({ x, y }) => Math.sqrt(x * x + y * y));
  const isInward = radii[0]! > radii.at(-1)!;
  const outwards = isInward ? [...points].reverse() : points;
  if (isInward) radii.reverse();
  const far = Math.max(...radii);
  let tip = 0;
  for (let i = 0; i < radii.length; i++) {
    if (radii[i]! > radii[tip]!) tip = i;
    else if (radii[tip]! >= ARRIVED.part * far && radii[tip]! - radii[i]! >= ARRIVED.back) break;
  }
  if (points.length - tip < 4) return [outwards];
  // What hangs there begins a little before: the last bit up to the tip tells nothing of the hand.
  const cut = tip > 3 * ARRIVED.before ? tip - ARRIVED.before : tip;
  return [outwards.slice(0, cut + 1), outwards.slice(cut)];
};

/** Direction of the outer half of a run, weighed by reach: seen from the middle. */
const directionOf = (points: readonly FacePoint[], far: number): number => {
  let [x, y] = [0, 0];
  for (const point of points) {
    const reach = Math.hypot(point.x, point.y);
    if (reach < far / 2) continue;
    x += point.x;
    y += point.y;
  }
  return angleOfPoint(x, y);
};

const measure = (points: readonly FacePoint[], spacing: number, stroke: number, place: number, hangs: boolean): Run => {
  const [first, last] = [points[0]!, points.at(-1)!];
  const isInward = Math.hypot(first.x, first.y) > Math.hypot(last.x, last.y);
  const outwards = isInward ? [...points].reverse() : points;
  let [near, far] = [Infinity, 0];
  for (const { x, y } of points) {
    const reach = Math.sqrt(x * x + y * y);
    if (reach < near) near = reach;
    if (reach > far) far = reach;
  }
  const middle = middleOf(points);
  const own = mainAxis(points, middle);
  let squares = 0;
  for (const { x, y } of points) squares += ((x - middle.x) * own.y - (y - middle.y) * own.x) ** 2;
  return {
    points: outwards,
    stroke,
    place,
    angle: directionOf(points, far),
    near,
    far,
    length: (points.length - 1) * spacing,
    stray: Math.sqrt(squares / points.length),
    miss: Math.abs(middle.x * own.y - middle.y * own.x),
    hangs,
    blob: [],
  };
};

/**
 * Splits a stroke where it turns round, and measures each part.
 * @param points at even distances of `spacing` face units, seen from the middle
 * @param stroke its place among the strokes
 */
export const runsOf = (points: readonly FacePoint[], spacing: number, stroke: number): Run[] => {
  const radii = points.map(({ x, y }) => Math.sqrt(x * x + y * y));
  const places = turningPlaces(radii);
  return places.slice(1).flatMap((to, i) => {
    const part = points.slice(places[i]!, to + 1);
    const [own, hanging] = cutAtTip(part);
    const run = own!.length < 2 ? [] : [measure(own!, spacing, stroke, i, false)];
    if (hanging === undefined || hanging.length < 3) return run;
    const hangs = measure(hanging, spacing, stroke, i, true);
    return isKnotted(hanging, hangs.length)
      ? [...run.map((one) => ({ ...one, blob: hanging })), hangs]
      : [...run, hangs];
  });
};

import type { FacePoint } from '../clock/index.ts';
import { apart } from './axis.ts';

/** A point of a drawing: face units (middle 0,0, rim 100, y down) and milliseconds since the drawing began. */
export interface StrokePoint extends FacePoint {
  readonly ms: number;
}

/** One line drawn without lifting the pencil or finger. */
export type Stroke = readonly StrokePoint[];

/** Lines a drawing has at most, and points in all of them together: a face scribbled over and over. */
export const MOST_STROKES = 60;
export const MOST_POINTS = 6000;

/** Face units between points that are kept: far below the steps a drawing is read in, so that nothing is lost by it. */
const APART = 0.4;

/**
 * A line goes on. Points that lie on the one before are left out, and all of them when there is no room for more.
 * @param room points that still may come
 */
export const drawnOn = (stroke: Stroke, points: readonly StrokePoint[], room: number): Stroke => {
  const kept = [...stroke];
  for (const point of points) {
    const last = kept.at(-1);
    const isApart = last === undefined || Math.hypot(point.x - last.x, point.y - last.y) >= APART;
    if (isApart && kept.length - stroke.length < room) kept.push(point);
  }
  return kept;
};

/** Points in a whole drawing. */
export const pointsIn = (strokes: readonly Stroke[]): number => strokes.reduce((sum, { length }) => sum + length, 0);

/**
 * The drawing with fewer points, to be looked at: of each line its ends and, evenly, some between. Nothing is read from it.
 * @param most points of all lines together, and two more a line at most
 */
export const thinned = (strokes: readonly Stroke[], most: number): Stroke[] => {
  const share = most / pointsIn(strokes);
  if (share >= 1) return [...strokes];
  return strokes.map((stroke) => {
    const kept = Math.min(stroke.length, Math.max(2, Math.floor(stroke.length * share)));
    return Array.from({ length: kept }, (_, i) => stroke[Math.round((i * (stroke.length - 1)) / (kept - 1))]!);
  });
};

/** Length of all lines together, in face units. */
export const lengthOf = (strokes: readonly (readonly FacePoint[])[]): number => {
  let sum = 0;
  for (const stroke of strokes) for (let i = 1; i < stroke.length; i++) sum += apart(stroke[i]!, stroke[i - 1]!);
  return sum;
};
/** Distance between the farthest corners of the box round some points, in face units. */
export const extent = (points: readonly FacePoint[]): number => {
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { x, y } of points) {
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  return Math.hypot(right - left, bottom - top);
};
/**
 * The same line with its points at even distances, so that where a child was slow weighs no more than where it was quick.
 * @param spacing face units
 */
export const resampled = (points: readonly FacePoint[], spacing: number): FacePoint[] => {
  const [first] = points;
  if (first === undefined) return [];
  const result: FacePoint[] = [first];
  let last = first;
  let owed = spacing;
  for (let i = 1; i < points.length; i++) {
    const point = points[i]!;
    let left = apart(point, last);
    while (left >= owed && left > 0) {
      const share = owed / left;
      last = { x: last.x + (point.x - last.x) * share, y: last.y + (point.y - last.y) * share };
      result.push(last);
      left -= owed;
      owed = spacing;
    }
    owed -= left;
    last = point;
  }
  return result;
};

/** A line as an SVG path in face units; a dot where the finger only touched. */
export const strokePath = (stroke: Stroke): string => {
  const [first, ...rest] = stroke;
  if (first === undefined) return '';
  const start = `M${first.x.toFixed(1)} ${first.y.toFixed(1)}`;
  return rest.length === 0
    ? `${start}h.01`
    : start + rest.map(({ x, y }) => `L${x.toFixed(1)} ${y.toFixed(1)}`).join('');
};

import type { FacePoint } from '../clock/index.ts';

/** A point of a drawing: face units (middle 0,0, rim 100, y down) and milliseconds since the drawing began. */
export interface StrokePoint extends FacePoint {
  readonly ms: number;
}

/** One line drawn without lifting the pencil or finger. */
export type Stroke = readonly StrokePoint[];

/** Distance between the farthest corners of the box round some points, in face units. */
export const extent = (points: readonly FacePoint[]): number => {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  return Math.hypot(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
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
  for (const point of points.slice(1)) {
    let left = Math.hypot(point.x - last.x, point.y - last.y);
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

import { normaliseAngle, type FacePoint } from '../clock/index.ts';

/** A stretch of a stroke that goes outwards or inwards: a hand, a part of one, or something beside. */
export interface Run {
  /** Degrees clockwise from 12 in which it points: seen from the middle, or by itself when it lies beside the middle. */
  readonly angle: number;
  /** Face units from the middle to its near and its far end. */
  readonly near: number;
  readonly far: number;
  /** Face units along the line. */
  readonly length: number;
  /** Root mean square distance of its points from the straight line that fits them best, in face units. */
  readonly stray: number;
  /** Does that line miss the middle? */
  readonly offCentre: boolean;
}

/** A line at least so long, in face units, that misses the middle by so much is drawn beside it. */
const OFF_CENTRE = { length: 30, by: 13 };

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

/** Direction (unit vector) of the axis through a centre along which points spread most: total least squares. */
const mainAxis = (points: readonly FacePoint[], centre: FacePoint): FacePoint => {
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of points) {
    xx += (x - centre.x) ** 2;
    xy += (x - centre.x) * (y - centre.y);
    yy += (y - centre.y) ** 2;
  }
  // The eigenvector of [[xx, xy], [xy, yy]] with the larger eigenvalue: half the angle of (xx - yy, 2 xy).
  const half = Math.atan2(2 * xy, xx - yy) / 2;
  return { x: Math.cos(half), y: Math.sin(half) };
};

const middleOf = (points: readonly FacePoint[]): FacePoint => ({
  x: points.reduce((sum, { x }) => sum + x, 0) / points.length,
  y: points.reduce((sum, { y }) => sum + y, 0) / points.length,
});
const angleOf = ({ x, y }: FacePoint): number => normaliseAngle((Math.atan2(x, -y) * 180) / Math.PI);
const ORIGIN: FacePoint = { x: 0, y: 0 };

/** The axis, turned to point the way the points lie. */
const outward = (axis: FacePoint, towards: FacePoint): FacePoint =>
  axis.x * towards.x + axis.y * towards.y < 0 ? { x: -axis.x, y: -axis.y } : axis;

/** @param points at even distances @param spacing face units between them */
const measure = (points: readonly FacePoint[], spacing: number): Run => {
  const middle = middleOf(points);
  const ray = outward(mainAxis(points, ORIGIN), middle);
  const along = points.map(({ x, y }) => x * ray.x + y * ray.y);
  const own = outward(mainAxis(points, middle), middle);
  const beside = points.map(({ x, y }) => (x - middle.x) * own.y - (y - middle.y) * own.x);
  const length = (points.length - 1) * spacing;
  const missesBy = Math.abs(middle.x * own.y - middle.y * own.x);
  const offCentre = length > OFF_CENTRE.length && missesBy > OFF_CENTRE.by;
  return {
    angle: angleOf(offCentre ? own : ray),
    near: Math.max(0, Math.min(...along)),
    far: Math.max(...along),
    length,
    stray: Math.sqrt(beside.reduce((sum, one) => sum + one * one, 0) / beside.length),
    offCentre,
  };
};

/** Splits a stroke where it turns round, and measures each part. @param points at even distances of `spacing` face units */
export const runsOf = (points: readonly FacePoint[], spacing: number): Run[] => {
  const radii = points.map(({ x, y }) => Math.hypot(x, y));
  const places = turningPlaces(radii);
  return places.slice(1).flatMap((to, i) => {
    const part = points.slice(places[i]!, to + 1);
    return part.length < 3 ? [] : [measure(part, spacing)];
  });
};

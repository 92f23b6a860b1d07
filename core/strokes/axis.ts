import type { FacePoint } from '../clock/index.ts';

export const ORIGIN: FacePoint = { x: 0, y: 0 };

/** Direction (unit vector) of the axis through a centre along which points spread most: total least squares. */
export const mainAxis = (points: readonly FacePoint[], centre: FacePoint): FacePoint => {
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

export const middleOf = (points: readonly FacePoint[]): FacePoint => {
  let [x, y] = [0, 0];
  for (const point of points) {
    x += point.x;
    y += point.y;
  }
  return { x: x / points.length, y: y / points.length };
};

/** How far points spread along their main axis and across it: standard deviations. */
export const spread = (points: readonly FacePoint[]): { readonly along: number; readonly beside: number } => {
  const middle = middleOf(points);
  const axis = mainAxis(points, middle);
  let [along, beside] = [0, 0];
  for (const { x, y } of points) {
    along += ((x - middle.x) * axis.x + (y - middle.y) * axis.y) ** 2;
    beside += ((x - middle.x) * axis.y - (y - middle.y) * axis.x) ** 2;
  }
  return { along: Math.sqrt(along / points.length), beside: Math.sqrt(beside / points.length) };
};

/** How far two points are apart, face units. */
export const apart = (a: FacePoint, b: FacePoint): number => {
  const [x, y] = [a.x - b.x, a.y - b.y];
  // Called for every point of every line: several times as fast as Math.hypot.
  return Math.sqrt(x * x + y * y);
};

/** How far round a middle a line goes, degrees; to and fro takes itself back. */
export const turnAbout = (points: readonly FacePoint[], middle: FacePoint): number => {
  let turn = 0;
  for (let i = 1; i < points.length; i++) {
    const [ax, ay] = [points[i - 1]!.x - middle.x, points[i - 1]!.y - middle.y];
    const [bx, by] = [points[i]!.x - middle.x, points[i]!.y - middle.y];
    turn += Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
  }
  return (Math.abs(turn) * 180) / Math.PI;
};

/** The same points seen from another middle. */
export const seenFrom = (points: readonly FacePoint[], hub: FacePoint): FacePoint[] =>
  points.map(({ x, y }) => ({ x: x - hub.x, y: y - hub.y }));

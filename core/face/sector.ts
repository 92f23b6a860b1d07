import { pointAt } from './point.ts';

const number = (value: number): string => String(Math.round(value * 1000) / 1000);
const at = (angle: number, radius: number): string => {
  const { x, y } = pointAt(angle, radius);
  return `${number(x)} ${number(y)}`;
};

/**
 * A slice of a disc read like a clock: from 12, clockwise, as an SVG path in face units.
 * @param share how much of the whole turn, 0..1; 0 gives an empty path, 1 the whole disc
 * @throws RangeError outside 0..1
 */
export const sectorPath = (share: number, radius: number): string => {
  if (!(share >= 0 && share <= 1)) throw new RangeError(`${share} is not a share 0..1`);
  if (share === 0) return '';
  if (share === 1) return `${arcPath(0, 180, radius)}A${radius} ${radius} 0 0 1 ${at(360, radius)}Z`;
  return `${arcPath(0, share * 360, radius)}L0 0Z`;
};

/** An open arc from one direction clockwise to another (degrees clockwise from 12, at most 360 apart). */
export const arcPath = (from: number, to: number, radius: number): string => {
  // A whole turn has the same start and end point, which SVG would draw as nothing: stop a hair short.
  const end = to - from >= 360 ? from + 359.99 : to;
  return `M${at(from, radius)}A${radius} ${radius} 0 ${end - from > 180 ? 1 : 0} 1 ${at(end, radius)}`;
};

/**
 * A brick of a ring: the part between two radii and two directions, less a gap of the same width all along.
 * @param gap face units left free, half on each side
 * @throws RangeError where the ring is no wider than nothing, or narrower inside than the gap
 */
export const ringBrickPath = (from: number, to: number, inner: number, outer: number, gap: number): string => {
  if (!(inner * 2 > gap && outer > inner)) throw new RangeError(`there is no ring from ${inner} to ${outer}`);
  const slack = (radius: number): number => (Math.asin(gap / 2 / radius) * 180) / Math.PI;
  const [i, o] = [slack(inner), slack(outer)];
  return (
    `${arcPath(from + o, to - o, outer)}L${at(to - i, inner)}` +
    `A${inner} ${inner} 0 ${to - from - 2 * i > 180 ? 1 : 0} 0 ${at(from + i, inner)}Z`
  );
};

/** A slice of a disc between two directions (degrees clockwise from 12, less than 360 apart), as an SVG path. */
export const slicePath = (from: number, to: number, radius: number): string =>
  to <= from ? '' : `${arcPath(from, to, radius)}L0 0Z`;

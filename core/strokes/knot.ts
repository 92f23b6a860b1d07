import type { FacePoint } from '../clock/index.ts';
import { spread } from './axis.ts';
import { extent } from './stroke.ts';

/** A knot is small, in face units; so many times as long as it is large; and about as wide as long. */
const KNOT = { extent: 34, winding: 2.2, wide: 0.4 };

/** Do points go to and fro in one place: a filled blob, a letter? @param length face units along them */
export const isKnotted = (points: readonly FacePoint[], length: number): boolean => {
  const across = extent(points);
  if (across > KNOT.extent || length < KNOT.winding * across) return false;
  const { along, beside } = spread(points);
  return beside >= KNOT.wide * along;
};

import type { FacePoint } from '../clock/index.ts';
import type { Arm } from './arms.ts';
import { apart, seenFrom } from './axis.ts';
import { asideOfRing, isArc, isAtTip, isDot, isKnot, isRim, isSmall, ringOf, type Aside } from './marks.ts';
import type { Run } from './runs.ts';
import { resampled, type Stroke } from './stroke.ts';

/** A drawing's strokes, told from each other before anything is known of its hands. */
export interface SortedOut {
  /** Points of each stroke that may be a hand's, seen from the clock's middle. */
  readonly lines: readonly (readonly FacePoint[])[];
  readonly aside: readonly Aside[];
  /** Rings and knots, whose place tells what they are once the hands are known. */
  readonly small: readonly { readonly points: readonly FacePoint[]; readonly as: Aside }[];
}

/** The same with the line's very end: of a short piece that is a good part of it. */
const withEnd = (points: FacePoint[], stroke: Stroke): FacePoint[] => {
  const [end, last] = [stroke.at(-1), points.at(-1)];
  return end === undefined || last === undefined || apart(end, last) < 1 ? points : [...points, { x: end.x, y: end.y }];
};

/** Tells what can be told of each stroke by itself. @param spacing face units between points that are looked at */
export const sortOut = (strokes: readonly Stroke[], spacing: number): SortedOut => {
  const lines: FacePoint[][] = [];
  const aside: Aside[] = [];
  const small: { points: FacePoint[]; as: Aside }[] = [];
  for (const stroke of strokes) {
    if (isDot(stroke)) {
      aside.push({ kind: 'dot' });
      continue;
    }
    const points = withEnd(resampled(stroke, spacing), stroke);
    const ring = ringOf(points);
    if (isRim(points)) aside.push({ kind: 'rim' });
    else if (ring !== undefined) small.push({ points, as: asideOfRing(ring) });
    else if (isKnot(points, spacing * (points.length - 1))) small.push({ points, as: { kind: 'beside' } });
    else lines.push(points);
  }
  return { lines, aside, small };
};

/** What rings and knots are, now that the hands are known. @param hub what the hands turn about */
export const tellSmall = (small: SortedOut['small'], hands: readonly Arm[], hub: FacePoint): Aside[] =>
  small.map(({ points, as }) =>
    as.kind === 'beside' && hands.some(({ tip }) => isAtTip(seenFrom(points, hub), tip)) ? { kind: 'tip' } : as,
  );

/**
 * What of the lines belongs to no hand, told from each other.
 * @param reach face units up to which something belongs to the middle
 * @returns what was set aside, and the face units of lines nobody can say anything of
 */
export const tellRest = (
  rest: readonly Run[],
  hands: readonly Arm[],
  reach: number,
): { readonly aside: Aside[]; readonly untold: number } => {
  const byStroke = new Map<number, Run[]>();
  for (const run of rest) byStroke.set(run.stroke, [...(byStroke.get(run.stroke) ?? []), run]);
  const drawn = new Set(hands.flatMap(({ runs }) => runs.map(({ stroke }) => stroke)));
  const isTips = (points: readonly FacePoint[]): boolean => hands.some(({ tip }) => isAtTip(points, tip));
  const aside: Aside[] = [];
  let untold = 0;
  for (const [stroke, runs] of byStroke) {
    const points = runs.flatMap((run) => run.points);
    const isAtMiddle = runs.every(({ far }) => far <= reach);
    // Where a hand was begun its line may have gone a little the other way first.
    if (isAtMiddle && drawn.has(stroke)) continue;
    if (isTips(points)) aside.push({ kind: 'tip' });
    else if (isAtMiddle) aside.push({ kind: 'middle' });
    else if (isSmall(points) || isArc(runs)) aside.push({ kind: 'beside' });
    else untold += runs.filter((run) => !isTips(run.points)).reduce((sum, { length }) => sum + length, 0);
  }
  return { aside, untold };
};

import { angleBetween } from '../clock/index.ts';
import type { Run } from './runs.ts';

/** What went past the middle lies opposite its hand, to so many degrees. */
export const OPPOSITE = 28;
/** A line that goes so far on both sides, and begins so near the middle (face units), goes through it. */
const THROUGH = { far: 14, near: 14 };

/** Nearer to each other than so many degrees two lines are one, drawn over: its ends may be two hands. */
const OVER = 10;

/** A hand, and what was drawn past the middle in one line with it. */
export interface Crossed {
  readonly hand: Run;
  readonly past: Run;
}

const asCrossed = (runs: readonly Run[]): Crossed | undefined => {
  const [hand, past, more] = [...runs].sort((a, b) => b.far - a.far);
  return hand !== undefined &&
    past !== undefined &&
    more === undefined &&
    Math.max(hand.near, past.near) <= THROUGH.near &&
    angleBetween(past.angle, hand.angle + 180) < OPPOSITE
    ? { hand, past }
    : undefined;
};

/**
 * Two lines that each go through the middle, and nothing else of length: each is a hand and what went past. They have to be seen line by
 * line, for where both lie nearly in one line, what went past one lies on the other; and nowhere but there do they turn.
 * @param runs seen from the middle
 * @returns nothing where the drawing is another
 */
export const crossedLines = (runs: readonly Run[]): readonly [Crossed, Crossed] | undefined => {
  const long = runs.filter(({ far, hangs, length }) => far >= THROUGH.far && length >= THROUGH.far && !hangs);
  const strokes = [...new Set(long.map(({ stroke }) => stroke))];
  if (strokes.length !== 2) return undefined;
  const [one, other] = strokes.map((stroke) => asCrossed(long.filter((run) => run.stroke === stroke)));
  return one !== undefined && other !== undefined && angleBetween(one.hand.angle, other.hand.angle) >= OVER
    ? [one, other]
    : undefined;
};

import { KINDS, type ItemKind } from '../../items/index.ts';
import type { SegmentKind } from './segment.ts';

/** Seconds one time of a show-me round takes, stage by stage. */
export interface Pace {
  readonly ask: number;
  readonly think: number;
  readonly show: number;
  readonly reveal: number;
}
export const DEFAULT_PACE: Pace = { ask: 5, think: 10, show: 5, reveal: 15 };

/** Seconds of one time of a round. */
export const roundSeconds = ({ ask, think, show, reveal }: Pace): number => ask + think + show + reveal;

/** Seconds one time takes outside a round: said aloud in a warm-up, shown slowly, read together step by step. */
const SECONDS: Partial<Record<SegmentKind, number>> = { 'warm-up': 20, show: 100, together: 45 };

/** Seconds of a stretch on one's own about which nothing is known. */
const USUAL_SECONDS = 35;

/** The most times that keep a stretch interesting, whatever its length; and the fewest that make a set. */
const MOST: Partial<Record<SegmentKind, number>> = { 'warm-up': 4, show: 3, together: 5, 'show-me': 8, ticket: 6 };
const MOST_ELSEWHERE = 8;
const FEWEST = 2;

/** Seconds of one task of a segment. @param tasks what is asked; none where times are only shown or said */
export const itemSeconds = (kind: SegmentKind, tasks: readonly ItemKind[], pace: Pace): number => {
  if (kind === 'show-me') return roundSeconds(pace);
  const set = SECONDS[kind];
  if (set !== undefined) return Math.max(set, tasks.includes('day-order') ? KINDS['day-order'].seconds : 0);
  const each = tasks.map((task): number => KINDS[task].seconds);
  return each.length === 0 ? USUAL_SECONDS : each.reduce((sum, one) => sum + one, 0) / each.length;
};

/**
 * How many times fit into a segment: its minutes over the seconds of one, at least two, and no more than stay interesting.
 * @param minutes whole minutes
 */
export const itemCount = (
  kind: SegmentKind,
  tasks: readonly ItemKind[],
  minutes: number,
  pace: Pace = DEFAULT_PACE,
): number => {
  const fitting = Math.floor((60 * minutes) / itemSeconds(kind, tasks, pace));
  return Math.max(FEWEST, Math.min(fitting, MOST[kind] ?? MOST_ELSEWHERE));
};

import type { DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { TIMES_OF_GROUP, groupOfTime, isHardTime, type TimeGroup } from './groups.ts';
import { areNeighbours, askedOrder, laterHalf } from './order.ts';

/** What a set of times has to be. */
export interface SetWishes {
  /** How many; fewer come when the groups do not hold so many that fit. */
  readonly count: number;
  /** Groups to take from, in equal shares unless said otherwise. */
  readonly groups: readonly TimeGroup[];
  /** False where the freshest are wanted, whichever group they are of. */
  readonly inTurns?: boolean;
  /** Both hands are shown, so that some times are hard and come in the later half. */
  readonly hardLate: boolean;
  /** How lately a time was used: 0 is fresh, more is later. Fresh ones are taken first. */
  readonly recency: (time: DialTime) => number;
  /** How often a time was used in the unit so far; seldom ones come first, so that every hour has its turn. */
  readonly uses: (time: DialTime) => number;
  /** Times that may come: hands that lie on each other cannot be drawn, hard times wait until the easy ones are known. */
  readonly suits: (time: DialTime) => boolean;
}

/** Times of some groups in the order they are wished for. */
const ranked = (rng: Rng, groups: readonly TimeGroup[], wishes: SetWishes): DialTime[] =>
  shuffled(rng, groups.flatMap((group) => TIMES_OF_GROUP[group]).filter(wishes.suits)).sort(
    (a, b) => wishes.recency(a) - wishes.recency(b) || wishes.uses(a) - wishes.uses(b),
  );

/** Takes from several lists in turns, the last one (taught last) first. */
const inTurns = <T>(lists: readonly (readonly T[])[]): T[] => {
  const longest = Math.max(0, ...lists.map((list) => list.length));
  const turns = [...lists].reverse();
  return Array.from({ length: longest }, (_, i) => turns.flatMap((list) => list.slice(i, i + 1))).flat();
};

/** Could this time stand at this place of a set without breaking the order? The time there is taken away first. */
export const fitsAt = (set: readonly DialTime[], place: number, time: DialTime, hardLate: boolean): boolean => {
  if (set.some((other, i) => i !== place && other === time)) return false;
  if (hardLate && isHardTime(time) && place < laterHalf(set.length)) return false;
  return [set[place - 1], set[place + 1]].every((beside) => beside === undefined || !areNeighbours(beside, time));
};

/** Later used times give way to fresher ones of their group wherever these fit, until none does. */
const freshened = (set: readonly DialTime[], pool: readonly DialTime[], wishes: SetWishes): DialTime[] => {
  const result = [...set];
  for (let changed = true; changed;) {
    changed = false;
    for (const [place, time] of result.entries()) {
      const better = pool.find(
        (other) =>
          groupOfTime(other) === groupOfTime(time) &&
          wishes.recency(other) < wishes.recency(time) &&
          fitsAt(result, place, other, wishes.hardLate),
      );
      if (better === undefined) continue;
      result[place] = better;
      changed = true;
    }
  }
  return result;
};

/**
 * A set of times to ask, by the rules for practice: all different, never in counting order, hard times in the later half,
 * none that was used lately while a fresh one would do, hours that had no turn yet first. The same for the same seed.
 */
export const chooseTimes = (rng: Rng, wishes: SetWishes): DialTime[] => {
  const lists = wishes.inTurns === false ? [wishes.groups] : wishes.groups.map((group) => [group]);
  const pool = inTurns(lists.map((groups) => ranked(rng, groups, wishes)));
  for (let count = Math.min(wishes.count, pool.length); count > 0; count--)
    // What cannot be put in order (1:00, 2:00, 3:00) is widened by the next in the list until it can.
    for (let wide = count; wide <= pool.length; wide++) {
      const order = askedOrder(rng, pool.slice(0, wide), count, wishes.hardLate);
      if (order !== undefined) return freshened(order, pool, wishes);
    }
  return [];
};

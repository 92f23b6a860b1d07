import type { DayTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { DEEDS, HOW_LONG, UNITS, type Deed, type Unit } from '../items/index.ts';

/** Something that happens at a time of the day. */
export interface DayEntry {
  readonly id: number;
  /** Minutes after midnight. */
  readonly at: DayTime;
}

/** The most pictures that can be sorted at once and still be seen from the back of the room. */
export const SORTED_AT_ONCE = 6;

/**
 * Pictures of the day to put in order: some of it, at different times, shuffled and not in order already.
 * @param entries the class's day; fewer than two different times give none
 */
export const dayToSort = <E extends DayEntry>(rng: Rng, entries: readonly E[], count = SORTED_AT_ONCE): E[] => {
  const different = entries.filter((entry, i) => entries.findIndex(({ at }) => at === entry.at) === i);
  if (different.length < 2) return [];
  const chosen = shuffled(rng, different).slice(0, count);
  // Two in a row may come out sorted; turned round they are not.
  return inPlace(chosen).every((right) => right) ? [...chosen].reverse() : chosen;
};

/** Which pictures are right where they lie: nothing before them is later, nothing after them earlier. */
export const inPlace = (order: readonly Pick<DayEntry, 'at'>[]): boolean[] =>
  order.map(
    ({ at }, i) =>
      order.slice(0, i).every((before) => before.at <= at) && order.slice(i + 1).every((after) => after.at >= at),
  );

/** Things to sort by how long they take: two of each length, shuffled. */
export const deedsToSort = (rng: Rng): Deed[] =>
  shuffled(
    rng,
    UNITS.flatMap((unit) =>
      shuffled(
        rng,
        DEEDS.filter((deed) => HOW_LONG[deed] === unit),
      ).slice(0, 2),
    ),
  );

/** Does a thing to do take about so long? */
export const takes = (deed: Deed, unit: Unit): boolean => HOW_LONG[deed] === unit;

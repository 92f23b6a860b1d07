import type { DialTime } from '../clock/index.ts';
import type { Rng } from '../common/index.ts';
import { chooseTimes } from './chooseTimes.ts';
import type { TimeGroup } from './groups.ts';

/** Times of one stretch: a longer list is put together from several. */
const STRETCH = 12;

/**
 * A list of times to read quickly, as long as is wished: mixed from the groups, never in counting order within twelve, none twice in a
 * row, and none again while another of them had no turn. The same for the same seed.
 * @param count 1 or more; empty where there is no group
 */
export const mixedTimes = (rng: Rng, groups: readonly TimeGroup[], count: number): DialTime[] => {
  const list: DialTime[] = [];
  while (list.length < count) {
    const next = chooseTimes(rng, {
      count: Math.min(STRETCH, count - list.length + 1),
      groups,
      hardLate: false,
      // Whatever had fewer turns comes first.
      recency: (time) => list.filter((other) => other === time).length,
      uses: (time) => list.lastIndexOf(time) + 1,
      suits: () => true,
    });
    if (next.length === 0) return list;
    list.push(...next.filter((time, i) => i > 0 || time !== list.at(-1)));
  }
  return list.slice(0, count);
};

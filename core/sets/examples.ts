import { hourOf, timeOf, type DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { TIMES_OF_GROUP, type TimeGroup } from './groups.ts';
import { areNeighbours, isCleanExample } from './order.ts';

/** How lately a time was used; 0 is fresh. */
type Recency = (time: DialTime) => number;

/** Clean examples of a group to show, far apart on the dial, the least lately used first. */
export const cleanExamples = (rng: Rng, group: TimeGroup, count: number, recency: Recency): DialTime[] => {
  const candidates = shuffled(rng, TIMES_OF_GROUP[group].filter(isCleanExample)).sort(
    (a, b) => recency(a) - recency(b),
  );
  const chosen: DialTime[] = [];
  // Far from all the others first; where the dial is too small for that, far from the one before.
  for (const apart of [chosen, undefined])
    for (const time of candidates) {
      if (chosen.length === count) return chosen;
      const besides = apart ?? chosen.slice(-1);
      if (!chosen.includes(time) && !besides.some((other) => areNeighbours(other, time))) chosen.push(time);
    }
  return chosen;
};

/** Hours whose o'clock, half past and next o'clock are all clean. */
const CONTRAST_HOURS = TIMES_OF_GROUP.oclock
  .map(hourOf)
  .filter((hour) => [timeOf(hour), timeOf(hour, 30), timeOf((hour % 12) + 1)].every((time) => isCleanExample(time)));

/** An hour and its half past, then the next hour: what stays and what changes. @param count 2 or 3 */
export const contrastExamples = (rng: Rng, count: number, recency: Recency): DialTime[] => {
  const [hour] = shuffled(rng, CONTRAST_HOURS).sort((a, b) => recency(timeOf(a, 30)) - recency(timeOf(b, 30)));
  return [timeOf(hour!), timeOf(hour!, 30), timeOf((hour! % 12) + 1)].slice(0, Math.max(2, Math.min(3, count)));
};

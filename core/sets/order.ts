import { angleBetween, handAngles, hourOf, type DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { isHardTime } from './groups.ts';

/** Do these follow each other on the dial, forwards or backwards, as in counting? 12 and 1 do, 4:00 and 4:30 too. */
export const areNeighbours = (a: DialTime, b: DialTime): boolean =>
  angleBetween(handAngles(a).hour, handAngles(b).hour) <= 30;

/** Is any time followed by its neighbour on the dial? */
export const hasCountingOrder = (times: readonly DialTime[]): boolean =>
  times.some((time, i) => i > 0 && areNeighbours(times[i - 1]!, time));

/** The first place of the later half of a set, where hard times may stand. */
export const laterHalf = (count: number): number => Math.ceil(count / 2);

/** Clean first examples: no hands on each other, not 12 or 6, far apart on the dial. */
export const isCleanExample = (time: DialTime): boolean => {
  const { hour, minute } = handAngles(time);
  return hourOf(time) !== 12 && hourOf(time) !== 6 && angleBetween(hour, minute) >= 45 && !isHardTime(time);
};

/**
 * So many of these times in an order that is not a counting order, hard ones in the later half; none when there is no such
 * order. Chosen at random by a search that tries every order before it gives up.
 * @param hardLate false where one hand alone is shown, which makes no time hard
 */
export const askedOrder = (
  rng: Rng,
  times: readonly DialTime[],
  count: number,
  hardLate: boolean,
): DialTime[] | undefined => {
  const from = laterHalf(count);
  const place = (order: readonly DialTime[], left: readonly DialTime[]): DialTime[] | undefined => {
    if (order.length === count) return [...order];
    const last = order.at(-1);
    for (const next of shuffled(rng, left)) {
      if (last !== undefined && areNeighbours(last, next)) continue;
      if (hardLate && order.length < from && isHardTime(next)) continue;
      const found = place(
        [...order, next],
        left.filter((one) => one !== next),
      );
      if (found !== undefined) return found;
    }
    return undefined;
  };
  return place([], times);
};

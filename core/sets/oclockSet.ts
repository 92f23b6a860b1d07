import { OCLOCK_TIMES, angleBetween, handAngles, hourOf, timeOf, type DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';

/** Do these follow each other on the dial, forwards or backwards, as in counting? 12 and 1 do. */
const neighbours = (a: DialTime, b: DialTime): boolean => angleBetween(handAngles(a).hour, handAngles(b).hour) <= 30;

/** Is any time followed by its neighbour on the dial? */
export const hasCountingOrder = (times: readonly DialTime[]): boolean =>
  times.some((time, i) => i > 0 && neighbours(times[i - 1]!, time));

/**
 * A set of o'clock times for a round: all different, never in counting order, with 12 among them and, because
 * both hands together are a hard case, in the later half.
 * @param count 4..8 times; three or more than eight cannot always be put out of counting order
 * @param recent times of the last lesson, taken only when the others do not suffice
 * @throws RangeError when count is outside 4..8
 */
export const chooseOclockSet = (rng: Rng, count: number, recent: readonly DialTime[] = []): DialTime[] => {
  if (!Number.isInteger(count) || count < 4 || count > 8) throw new RangeError(`a set of ${count} is not 4..8 times`);
  const twelve = timeOf(12);
  const rest = OCLOCK_TIMES.filter((time) => time !== twelve);
  const fresh = shuffled(
    rng,
    rest.filter((time) => !recent.includes(time)),
  );
  const used = shuffled(
    rng,
    rest.filter((time) => recent.includes(time)),
  );
  const chosen = [...fresh, ...used].slice(0, count - 1);
  // Every choice of up to eight hours has such an order; a shuffle meets one after a few dozen tries.
  for (;;) {
    const order = shuffled(rng, [...chosen, twelve]);
    if (!hasCountingOrder(order) && order.indexOf(twelve) >= count / 2) return order;
  }
};

/** Clean first examples: no hands on each other, not 12 or 6, far apart on the dial. */
export const isCleanExample = (time: DialTime): boolean => {
  const { hour, minute } = handAngles(time);
  return hourOf(time) !== 12 && hourOf(time) !== 6 && angleBetween(hour, minute) >= 45;
};

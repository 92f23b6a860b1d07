import { OCLOCK_TIMES, handAngles, hourOf, type DialTime } from '../clock/index.ts';
import { pick, type Rng } from '../common/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { isInvisible, predict, type WrongRule } from '../misconceptions/index.ts';

/** A made-up child: a wrong rule or none, how often the rule is used, and how often a slip happens. */
export interface SimulatedChild {
  readonly rule: WrongRule | undefined;
  /** Share 0..1 of items on which the rule is followed; on the others the child is right. */
  readonly faith: number;
  /** Share 0..1 of answers that slip to a neighbouring hour. */
  readonly slip: number;
}

const slipped = (rng: Rng, time: DialTime): DialTime => {
  const hour = hourOf(time) % 12;
  return OCLOCK_TIMES[(hour + (rng() < 0.5 ? 1 : 11)) % 12]!;
};

const timeAnswered = (child: SimulatedChild, item: Item & { shown: DialTime }, rng: Rng): DialTime => {
  if (rng() < child.slip) return slipped(rng, item.shown);
  const follows = child.rule !== undefined && !isInvisible(child.rule, item) && rng() < child.faith;
  // The likelier answers of a rule stand first in its prediction: two in three take the first.
  if (!follows) return item.shown;
  const predicted = predict(child.rule, item);
  return rng() < 2 / 3 ? predicted[0]! : pick(rng, predicted);
};

/** Hands as a finger leaves them: on the minute, or a degree or two beside. */
const trembling = (rng: Rng, time: DialTime): Answer => {
  const stray = Math.round((rng() - 0.5) * 6);
  const exact = handAngles(time);
  return { kind: 'hands', hour: (exact.hour + stray / 12 + 360) % 360, minute: (exact.minute + stray + 360) % 360 };
};

/** The answer a simulated child gives to an item; the same for the same generator state. */
export const simulateAnswer = (child: SimulatedChild, item: Item, rng: Rng): Answer => {
  switch (item.kind) {
    case 'name-part':
      return { kind: 'observed', got: rng() >= child.slip };
    case 'hour-hand':
      return { kind: 'hour', hour: hourOf(rng() < child.slip ? slipped(rng, item.shown) : item.shown) };
    case 'read':
      return { kind: 'time', time: timeAnswered(child, item, rng) };
    case 'set':
      return trembling(rng, timeAnswered(child, item, rng));
  }
};

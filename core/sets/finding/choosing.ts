import type { Item } from '../../items/index.ts';
import { alikeIn, alikeInAll, bitsOf } from './parting.ts';
import type { Likely } from './states.ts';

/** Another item in a place of a set. */
export interface Swap<T extends Item = Item> {
  readonly place: number;
  readonly item: T;
  /** Bits the set tells with it. */
  readonly bits: number;
}

/** What a set may be changed to. */
export interface Choice<T extends Item = Item> {
  readonly likely: Likely;
  /** Items that may stand in a place of a set; those that break a rule there are not among them. */
  readonly others: (set: readonly T[], place: number) => readonly T[];
}

const isBetter = (bits: number, than: number): boolean => bits > than + 1e-9;

/** Every swap that may be made in a set, with what it would tell then. */
export function* swaps<T extends Item>(set: readonly T[], { likely, others }: Choice<T>): Generator<Swap<T>> {
  for (const place of set.keys()) {
    const rest = alikeInAll(set.filter((_, i) => i !== place));
    for (const item of others(set, place)) yield { place, item, bits: bitsOf(likely, rest, alikeIn(item)) };
  }
}

/** The one swap that would help most; none where none helps. */
export const bestSwap = <T extends Item>(set: readonly T[], choice: Choice<T>): Swap<T> | undefined => {
  let best: Swap<T> | undefined;
  let most = bitsOf(choice.likely, alikeInAll(set));
  for (const swap of swaps(set, choice))
    if (isBetter(swap.bits, most)) {
      best = swap;
      most = swap.bits;
    }
  return best;
};

const swapped = <T extends Item>(set: readonly T[], { place, item }: Swap<T>): T[] =>
  set.map((one, i) => (i === place ? item : one));

/**
 * A set that tells more, by one best swap after the other, until none helps. Step by step, so that somebody may look how far it is, or end it.
 * @param set as it is: what stands in it keeps the rules, and so does what takes its place
 */
export function* bettered<T extends Item>(set: readonly T[], choice: Choice<T>): Generator<readonly T[], readonly T[]> {
  let now = set;
  for (;;) {
    const swap = bestSwap(now, choice);
    if (swap === undefined) return now;
    now = swapped(now, swap);
    yield now;
  }
}

/** Forms that differ in what they tell by more than this part cannot be given to neighbours as the same. */
export const AS_MUCH = 0.02;

/** A set that tells as much as another, or a little less: the dearer of two is taken back, swap by swap, where it tells too much. */
export const asMuchAs = <T extends Item>(set: readonly T[], bits: number, choice: Choice<T>): readonly T[] => {
  let now = set;
  let own = bitsOf(choice.likely, alikeInAll(now));
  for (let i = 0; i < set.length && own > bits * (1 + AS_MUCH); i++) {
    let best: Swap<T> | undefined;
    for (const swap of swaps(now, choice))
      if (swap.bits < own && Math.abs(swap.bits - bits) < Math.abs((best?.bits ?? own) - bits)) best = swap;
    if (best === undefined) break;
    now = swapped(now, best);
    own = best.bits;
  }
  return now;
};

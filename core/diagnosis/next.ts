import { timeOfItem, type Item } from '../items/index.ts';
import type { Belief } from './belief.ts';
import { foretoldOf } from './foretold.ts';
import { information, withOutcome } from './telling.ts';

/** Tasks that would tell most, at most so many. */
const MOST = 3;
/** A task that tells less than this, in bits, is not worth asking for what it tells. */
const LEAST_BITS = 0.005;

/**
 * The tasks that would tell most about why, one after the other as if the child had not been right in the one before: no kind and no time
 * twice while there are others.
 */
export const tellingTasks = (
  belief: Belief,
  items: readonly Item[],
  most: number = MOST,
): { readonly item: Item; readonly bits: number }[] => {
  const chosen: { item: Item; bits: number }[] = [];
  let known = belief;
  while (chosen.length < most) {
    let best: { item: Item; bits: number } | undefined;
    for (const item of items) {
      const isLike = chosen.some(
        ({ item: other }) => other.kind === item.kind || timeOfItem(other) === timeOfItem(item),
      );
      if (chosen.some(({ item: other }) => other === item)) continue;
      const bits = information(known, foretoldOf(item)) * (isLike ? 0.5 : 1);
      if (best === undefined || bits > best.bits) best = { item, bits };
    }
    if (best === undefined || best.bits < LEAST_BITS) break;
    chosen.push({ item: best.item, bits: information(known, foretoldOf(best.item)) });
    known = withOutcome(known, foretoldOf(best.item), false);
  }
  return chosen;
};

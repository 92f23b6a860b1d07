import { timeOfItem, type Item } from '../items/index.ts';
import { isInvisible, type WrongRule } from '../misconceptions/index.ts';
import type { Belief } from './belief.ts';
import { foretoldOf } from './foretold.ts';
import { information, withOutcome } from './telling.ts';

/** Tasks that would tell most, at most so many. */
const MOST = 3;
/** A task that tells less than this, in bits, is not worth asking for what it tells. */
const LEAST_BITS = 0.005;
/** What settles a name comes before whatever tells most: no answer tells so many bits. */
const SETTLES = 10;

/**
 * The tasks that would tell most about why, one after the other as if the child had not been right in the one before: no kind and no time
 * twice while there are others. Where a rule waits to be seen once more, a task comes first in which it shows and that was not asked yet.
 * @param waiting that rule @param asked tasks the child was asked, as `Clue.task` writes them
 */
export const tellingTasks = (
  belief: Belief,
  items: readonly Item[],
  most: number = MOST,
  { waiting, asked }: { readonly waiting?: WrongRule | undefined; readonly asked?: ReadonlySet<string> } = {},
): { readonly item: Item; readonly bits: number }[] => {
  const chosen: { item: Item; bits: number }[] = [];
  let known = belief;
  const shows = (item: Item): boolean =>
    waiting !== undefined && !isInvisible(waiting, item) && asked?.has(JSON.stringify(item)) !== true;
  while (chosen.length < most) {
    let best: { readonly item: Item; readonly worth: number } | undefined;
    for (const item of items) {
      const isLike = chosen.some(
        ({ item: other }) => other.kind === item.kind || timeOfItem(other) === timeOfItem(item),
      );
      if (chosen.some(({ item: other }) => other === item)) continue;
      const settles = chosen.length === 0 && shows(item) ? SETTLES : 0;
      const worth = settles + information(known, foretoldOf(item)) * (isLike ? 0.5 : 1);
      if (best === undefined || worth > best.worth) best = { item, worth };
    }
    if (best === undefined || best.worth < LEAST_BITS) break;
    chosen.push({ item: best.item, bits: information(known, foretoldOf(best.item)) });
    if (chosen.length < most) known = withOutcome(known, foretoldOf(best.item), false);
  }
  return chosen;
};

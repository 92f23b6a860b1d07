import type { DialTime } from '../../clock/index.ts';
import { suits } from '../../making/index.ts';
import {
  AS_MUCH,
  asMuchAs,
  bestSwap,
  bettered,
  informationOf,
  type Choice,
  type Likely,
} from '../../sets/finding/index.ts';
import type { PaperItem } from '../kinds/index.ts';
import { swapSuggestions, withTimeAt } from './editing.ts';
import { timeOfTask, type SheetRecipe } from './recipe.ts';
import type { Before } from './times.ts';

/** What a form's times may be changed for, and by which rules. */
export interface FindingWishes {
  readonly recipe: Pick<SheetRecipe, 'type' | 'fixed' | 'banned' | 'clocks' | 'several' | 'seed' | 'groups'>;
  readonly before: Before;
  /** Times children have met. */
  readonly taught: readonly DialTime[];
  readonly likely: Likely;
}

/** Tasks that may stand in a place of a form instead: of the same kind, about another time, breaking no rule for practice there. */
const choiceFor = ({ recipe, before, taught, likely }: FindingWishes): Choice<PaperItem> => ({
  likely,
  others: (items, place) => {
    const { kind } = items[place]!;
    const now = timeOfTask(items[place]!);
    if (now === undefined || recipe.fixed.includes(now)) return [];
    const used = items.map(timeOfTask);
    return swapSuggestions(recipe.type, items, before, place).flatMap(({ time, breaks }) =>
      breaks.length > 0 || used.includes(time) || recipe.banned.includes(time) || !suits(kind, time)
        ? []
        : [withTimeAt(items, place, time, taught, recipe, recipe.seed)[place]!],
    );
  },
});

/** The one time that would help most on a form, and where; none where none helps. */
export const bestTime = (
  items: readonly PaperItem[],
  wishes: FindingWishes,
): { readonly place: number; readonly time: DialTime } | undefined => {
  const swap = bestSwap(items, choiceFor(wishes));
  const time = swap && timeOfTask(swap.item);
  return swap === undefined || time === undefined ? undefined : { place: swap.place, time };
};

/** How far it is: swaps made so far. */
export interface FormsStep {
  readonly swaps: number;
  readonly forms: readonly (readonly PaperItem[])[];
}

/**
 * Forms whose times tell most, by one best swap after the other; two for neighbours tell as much as each other, to `AS_MUCH`, where their
 * rules allow it. Step by step, so that somebody may look how far it is, or end it.
 */
export function* formsThatTell(
  forms: readonly (readonly PaperItem[])[],
  wishes: FindingWishes,
): Generator<FormsStep, FormsStep> {
  const choice = choiceFor(wishes);
  let now = [...forms];
  let swaps = 0;
  for (const [place, form] of forms.entries())
    for (const better of bettered(form, choice)) {
      now = now.map((one, i) => (i === place ? better : one));
      swaps += 1;
      yield { swaps, forms: now };
    }
  if (now.length === 2) {
    const told = now.map((form) => informationOf(wishes.likely, form));
    const least = Math.min(...told);
    now = now.map((form, i) => (told[i]! > least * (1 + AS_MUCH) ? asMuchAs(form, least, choice) : form));
  }
  return { swaps, forms: now };
}

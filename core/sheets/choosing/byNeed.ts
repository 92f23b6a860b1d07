import { seededRng, shuffled } from '../../common/index.ts';
import { candidateOf, prospectOf, sureOne, tellingOne, type PracticeNeeds } from '../../practice/index.ts';
import { suits } from '../../making/index.ts';
import type { PaperItem } from '../kinds/index.ts';
import { isAboutOneTime, kindsOf, timeOfTask, type SheetRecipe } from './recipe.ts';
import { balanced, taskAt, tasksOf } from './tasks.ts';
import { timesAllowed } from './times.ts';

/** Tasks of a kind that are weighed against each other: enough to find what tells, few enough for a class in a moment. */
const WEIGHED = 8;
/** Every so many tasks one that will very likely be right: the first of all. */
const SURE_EVERY = 3;

/**
 * A form for one child by what it needs: in each place of the recipe the task that is due and tells most about the reason suspected of
 * it, every third one it is surest of; no time twice while there are others.
 * @param seed another for each child
 */
export const formByNeed = (recipe: SheetRecipe, needs: PracticeNeeds, seed: number): PaperItem[] => {
  const rng = seededRng(seed);
  const allowed = timesAllowed(recipe);
  const taught = needs.times;
  const form: PaperItem[] = [];
  for (const [place, kind] of kindsOf(recipe).entries()) {
    if (!isAboutOneTime(kind)) {
      form.push(...tasksOf(rng, [kind], [], taught, recipe, form));
      continue;
    }
    const suiting = allowed.filter((time) => suits(kind, time));
    const used = form.map(timeOfTask);
    const fresh = suiting.filter((time) => !used.includes(time));
    const candidates = shuffled(rng, fresh.length > 0 ? fresh : suiting)
      .slice(0, WEIGHED)
      .map((time) => candidateOf(needs, prospectOf(taskAt(rng, kind, time, taught, recipe, place))));
    const chosen = (place % SURE_EVERY === 0 ? sureOne : tellingOne)(candidates, needs.belief);
    if (chosen !== undefined) form.push(chosen.item as PaperItem);
  }
  return balanced(rng, form);
};

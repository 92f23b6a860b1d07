import { seededRng } from '../../common/index.ts';
import { groupsOf, timesMet } from '../../planning/index.ts';
import type { PaperItem } from '../kinds/index.ts';
import { otherForm } from './forms.ts';
import { MOST_TASKS, isAboutOneTime, kindsOf, timeOfTask, type SheetRecipe } from './recipe.ts';
import { tasksOf } from './tasks.ts';
import { groupsOfTimes, isProblem, timesAllowed, timesFor, type Before, type RecipeProblem } from './times.ts';

/** The tasks of a sheet's forms, or why there can be none. */
export type Composed = { readonly forms: readonly (readonly PaperItem[])[] } | RecipeProblem;

/** Times children have met, and those of the sheet: wrong options are made of these. */
const metOf = (recipe: SheetRecipe, before: Before) => timesMet([...groupsOf(before), ...recipe.groups]);

/** A second form to a first, where the recipe asks for two. */
const withOther = (recipe: SheetRecipe, before: Before, first: readonly PaperItem[]): PaperItem[][] => {
  if (recipe.forms !== 'two') return [[...first]];
  const rng = seededRng(recipe.seed + 1);
  return [[...first], otherForm(rng, first, timesAllowed(recipe), metOf(recipe, before), recipe)];
};

/**
 * A sheet from its recipe: times by the rules for practice, tasks in the order of a sheet, wrong options that wrong rules would
 * choose. The same for the same recipe.
 */
export const composeForms = (recipe: SheetRecipe, before: Before): Composed => {
  const kinds = kindsOf(recipe);
  if (kinds.length === 0) return { problem: 'no-task' };
  if (kinds.length > MOST_TASKS) return { problem: 'too-many', asked: kinds.length, most: MOST_TASKS };
  const rng = seededRng(recipe.seed);
  const times = timesFor(rng, recipe, before);
  if (isProblem(times)) return times;
  return { forms: withOther(recipe, before, tasksOf(rng, kinds, times, metOf(recipe, before), recipe)) };
};

/** The sheet of tasks that are laid out in a lesson already: these, as they are printed, and a second form where it is wanted. */
export const formsOfTasks = (recipe: SheetRecipe, before: Before, items: readonly PaperItem[]): PaperItem[][] =>
  withOther(recipe, before, items);

/** What a recipe would have to say to give these tasks: how many of each kind, and their groups of times. */
export const countsOf = (items: readonly PaperItem[]): Pick<SheetRecipe, 'counts' | 'groups'> => ({
  counts: items.reduce<SheetRecipe['counts']>(
    (counts, { kind }) => ({ ...counts, [kind]: (counts[kind] ?? 0) + 1 }),
    {},
  ),
  groups: groupsOfTimes(
    items.flatMap((item) => (isAboutOneTime(item.kind) ? timeOfTask(item)! : item.kind === 'pair' ? item.times : [])),
  ),
});

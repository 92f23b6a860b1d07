import { PROMPTS } from '../asking/index.ts';
import { pick, seededRng } from '../common/index.ts';
import { CHOICES } from '../conventions/index.ts';
import {
  HELPS,
  SHEET_ORDER,
  SHEET_SIZES,
  SHEET_TYPES,
  WRITINGS,
  composeForms,
  type PaperItem,
  type SheetContent,
  type SheetRecipe,
} from './index.ts';

/** So many sheets a property is held against. */
export const SEEDS = 10_000;

/** A recipe by chance, such as a teacher might put together. */
export const recipeOf = (seed: number): SheetRecipe => {
  const rng = seededRng(seed);
  const counts: Record<string, number> = {};
  for (let left = 1 + Math.floor(rng() * 4); left > 0; left--) {
    const kind = pick(rng, SHEET_ORDER);
    counts[kind] = (counts[kind] ?? 0) + 1;
  }
  return {
    type: pick(rng, SHEET_TYPES),
    size: pick(rng, SHEET_SIZES),
    counts,
    groups: pick(rng, [
      ['oclock'],
      ['half-past'],
      ['oclock', 'half-past'],
      ['quarter-past', 'quarter-to'],
      ['five-minutes'],
    ] as const),
    clocks: pick(rng, [3, 4] as const),
    several: rng() < 0.3,
    help: pick(rng, HELPS),
    outline: pick(rng, CHOICES.outline.choices),
    numerals: pick(rng, CHOICES.numerals.choices),
    prompt: pick(rng, PROMPTS),
    writing: pick(rng, WRITINGS),
    forms: 'two',
    fixed: [],
    banned: [],
    repeats: true,
    seed,
  };
};
const LONG = 'Half past: which hour, and why is it the one already passed?';
export const contentOf = (recipe: SheetRecipe, forms: readonly (readonly PaperItem[])[]): SheetContent => ({
  ...recipe,
  title: LONG,
  iCan: `I can say it. ${LONG} ${LONG}`,
  forms,
});
export const formsOf = (recipe: SheetRecipe): readonly (readonly PaperItem[])[] => {
  const composed = composeForms(recipe, []);
  if (!('forms' in composed)) throw new Error(`seed ${recipe.seed}: ${composed.problem}`);
  return composed.forms;
};

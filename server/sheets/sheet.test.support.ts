import type { PutSheet } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { composeForms, usualRecipe, type SheetRecipe } from '../../core/sheets/index.ts';

/** What a teacher usually wants of a ticket. */
export const RECIPE: SheetRecipe = { ...usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']), seed: 7 };
/** A sheet as the screen keeps it. */
export const sheetOf = (over: Partial<PutSheet> = {}, recipe: Partial<SheetRecipe> = {}): PutSheet => {
  const whole = { ...RECIPE, ...recipe };
  const composed = composeForms(whole, []);
  if (!('forms' in composed)) throw new Error(composed.problem);
  const { type, size, help, outline, numerals, prompt, writing } = whole;
  return {
    version: 1,
    lessonId: null,
    part: null,
    source: null,
    childIds: [],
    recipe: whole as PutSheet['recipe'],
    content: {
      ...{ type, size, help, outline, numerals, prompt, writing },
      title: 'Half past: which hour?',
      iCan: 'I can say which hour it is.',
      forms: composed.forms.map((form) => [...form]),
    },
    ...over,
  };
};

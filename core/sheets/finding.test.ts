import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { begun, judge, judgeChild, sharesOf } from '../diagnosis/index.ts';
import { response } from '../marking/given.test.support.ts';
import { AS_MUCH, informationOf, likelyOf } from '../sets/finding/index.ts';
import {
  bestTime,
  composeForms,
  formsThatTell,
  rulesBroken,
  timeOfTask,
  usualRecipe,
  withTimeAt,
  type FindingWishes,
  type FormsStep,
  type PaperItem,
  type SheetRecipe,
} from './index.ts';

const ANYBODY = likelyOf([sharesOf(begun())]);
const CLOCK = { outline: 'round', numerals: 'all' } as const;
const recipeOf = (over: Partial<SheetRecipe> = {}): SheetRecipe => ({
  ...usualRecipe('ticket', CLOCK, ['oclock', 'half-past']),
  counts: { 'write-digital': 3, draw: 3 },
  ...over,
});
const wishesFor = (recipe: SheetRecipe, likely = ANYBODY): FindingWishes => ({
  recipe,
  before: [],
  taught: TAUGHT_TIMES,
  likely,
});
const formsOf = (recipe: SheetRecipe): readonly (readonly PaperItem[])[] => {
  const made = composeForms(recipe, []);
  if ('problem' in made) throw new Error(made.problem);
  return made.forms;
};
const last = (steps: Generator<FormsStep, FormsStep>): FormsStep['forms'] => {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value.forms;
};
const told = (form: readonly PaperItem[], likely = ANYBODY): number => informationOf(likely, form);

describe('forms whose times tell most', () => {
  const SEEDS = [1, 2, 3, 4, 5, 6];
  it.each(SEEDS)('tell more than before, and break no rule that was kept: mix %i', (seed) => {
    const recipe = recipeOf({ seed });
    const forms = formsOf(recipe);
    const better = last(formsThatTell(forms, wishesFor(recipe)));
    better.forEach((form, i) => {
      expect(form.map(({ kind }) => kind)).toEqual(forms[i]!.map(({ kind }) => kind));
      const times = form.map(timeOfTask);
      expect(new Set(times).size).toBe(times.length);
      expect(rulesBroken('ticket', form, []).length).toBeLessThanOrEqual(rulesBroken('ticket', forms[i]!, []).length);
    });
    expect(Math.min(...better.map((form) => told(form)))).toBeGreaterThan(Math.min(...forms.map((form) => told(form))));
  });
  it.each(SEEDS)('tell as much as each other, to two in a hundred: mix %i', (seed) => {
    const recipe = recipeOf({ seed });
    const [a, b] = last(formsThatTell(formsOf(recipe), wishesFor(recipe))).map((form) => told(form));
    expect(Math.abs(a! - b!) / Math.max(a!, b!)).toBeLessThanOrEqual(AS_MUCH);
  });
  it('keep what must be on them, and stay without what must not', () => {
    const recipe = recipeOf({ fixed: [timeOf(6)], banned: [timeOf(4, 30), timeOf(8, 30)], forms: 'one' });
    const [form] = last(formsThatTell(formsOf(recipe), wishesFor(recipe)));
    const times = form!.map(timeOfTask);
    expect(times).toContain(timeOf(6));
    for (const time of recipe.banned) expect(times).not.toContain(time);
  });
  it('are others for children who are thought to do something else', () => {
    const swaps = judgeChild(
      [3, 9, 4, 2, 8, 10].map((hour) =>
        judge({
          childId: 1,
          lessonId: 1,
          day: '2026-11-10',
          ...response({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(12, hour * 5) }),
        }),
      ),
    ).shares;
    const likely = likelyOf([swaps, sharesOf(begun())]);
    const recipe = recipeOf({ forms: 'one' });
    const [form] = last(formsThatTell(formsOf(recipe), wishesFor(recipe, likely)));
    const [forAnybody] = last(formsThatTell(formsOf(recipe), wishesFor(recipe)));
    expect(told(form!, likely)).toBeGreaterThanOrEqual(told(forAnybody!, likely));
  });
  it('are the same where nothing in them is about one time', () => {
    const recipe = recipeOf({ counts: { 'day-order': 1, 'name-part': 2 }, forms: 'one' });
    const forms = formsOf(recipe);
    expect(last(formsThatTell(forms, wishesFor(recipe)))).toEqual(forms);
    expect(bestTime(forms[0]!, wishesFor(recipe))).toBeUndefined();
  });
});

describe('the one time that would help most', () => {
  it('helps, and none helps once the best are chosen', () => {
    const recipe = recipeOf({ forms: 'one' });
    const wishes = wishesFor(recipe);
    const [form] = formsOf(recipe);
    const { place, time } = bestTime(form!, wishes)!;
    expect(told(withTimeAt(form!, place, time, TAUGHT_TIMES, recipe, recipe.seed))).toBeGreaterThan(told(form!));
    const [best] = last(formsThatTell([form!], wishes));
    expect(bestTime(best!, wishes)).toBeUndefined();
  });
});

import { describe, expect, it } from '@jest/globals';
import { rightAnswers } from '../items/index.ts';
import { suits } from '../making/index.ts';
import { sameHands } from '../misconceptions/index.ts';
import { hasCountingOrder, isHardTime } from '../sets/index.ts';
import { hardnessOf, rightPlace, timeOfTask, type PaperItem } from './index.ts';
import { SEEDS, formsOf, recipeOf } from './sheets.test.support.ts';
import { markGiven as mark } from '../marking/given.test.support.ts';

/** Every sheet is made once; what must hold of all is looked at in turn. */
const MADE = Array.from({ length: SEEDS }, (_, seed) => {
  const recipe = recipeOf(seed);
  return { seed, recipe, forms: formsOf(recipe) };
});

describe('a sheet, whatever its recipe', () => {
  it('has nothing ambiguous: what is right is marked right, options all differ, and one is right unless several may be', () => {
    for (const { recipe, forms } of MADE) {
      for (const item of forms.flat()) {
        for (const right of rightAnswers(item)) expect(mark(item, right).verdict).toBe('right');
        if (item.kind === 'choose-clock') {
          const twins = item.options.filter((a, i) =>
            item.options.some((b, j) => j < i && sameHands(a.hands, b.hands, item.shown)),
          );
          const isSeveral = rightPlace(item) === undefined;
          expect(twins).toHaveLength(isSeveral ? 1 : 0);
          if (isSeveral) expect(recipe.several).toBe(true);
          expect(item.options).toHaveLength(recipe.clocks);
        } else if ('options' in item)
          expect(new Set(item.options.map((one) => JSON.stringify(one))).size).toBe(item.options.length);
      }
    }
  });
  it('has two forms, equally hard, of the same kinds in the same places, and neighbours cannot copy', () => {
    let [same, all] = [0, 0];
    for (const { forms } of MADE) {
      const [a, b] = forms as [readonly PaperItem[], readonly PaperItem[]];
      expect(b.map(({ kind }) => kind)).toEqual(a.map(({ kind }) => kind));
      expect(hardnessOf(b)).toBe(hardnessOf(a));
      a.forEach((item, place) => {
        const time = timeOfTask(item);
        if (time === undefined) return;
        all += 1;
        expect(suits(item.kind, timeOfTask(b[place]!)!)).toBe(true);
        if (timeOfTask(b[place]!) !== time) return;
        // Of the hard times of a group there may be one alone that can be drawn.
        expect(isHardTime(time)).toBe(true);
        same += 1;
      });
    }
    expect(all).toBeGreaterThan(SEEDS);
    expect(same / all).toBeLessThan(0.001);
  });
});

describe('the right option', () => {
  it('stands at each place as often as at another, over one sheet', () => {
    for (let seed = 0; seed < 500; seed++) {
      const recipe = { ...recipeOf(seed), counts: { 'choose-clock': 6 }, several: false, clocks: 3 as const };
      const places = formsOf(recipe)[0]!.map((item) => rightPlace(item));
      for (const place of [0, 1, 2]) expect(places.filter((one) => one === place)).toHaveLength(2);
    }
  });
});

describe('the times of a sheet', () => {
  it('are all different and in no counting order while there are enough of them', () => {
    for (let seed = 0; seed < 2000; seed++) {
      const recipe = { ...recipeOf(seed), counts: { 'write-digital': 3, draw: 3 }, repeats: false };
      const times = formsOf(recipe)[0]!.map((item) => timeOfTask(item)!);
      expect(new Set(times).size).toBe(6);
      expect(hasCountingOrder(times)).toBe(false);
    }
  });
});

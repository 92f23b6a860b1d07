import { describe, expect, it } from '@jest/globals';
import { seededRng, pick } from '../common/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { rightAnswers } from '../items/index.ts';
import { mark } from '../marking/index.ts';
import { sameHands } from '../misconceptions/index.ts';
import { hasCountingOrder, isHardTime } from '../sets/index.ts';
import { suits } from '../making/index.ts';
import { PROMPTS } from '../asking/index.ts';
import { boundsOf } from './page/bounds.ts';
import {
  HELPS,
  PAPER_MM,
  SHEET_ORDER,
  SHEET_SIZES,
  SHEET_TYPES,
  WRITINGS,
  composeForms,
  hardnessOf,
  layPages,
  rightPlace,
  timeOfTask,
  type Box,
  type Page,
  type PaperItem,
  type SheetContent,
  type SheetRecipe,
} from './index.ts';

const SEEDS = 10_000;
/** What every printer prints, but the squares a ticket is found by, which stand nearer the edge. */
const MARGIN = 12.7;

/** A recipe by chance, such as a teacher might put together. */
const recipeOf = (seed: number): SheetRecipe => {
  const rng = seededRng(seed);
  const counts: Record<string, number> = {};
  for (let left = 1 + Math.floor(rng() * 6); left > 0; left--) {
    const kind = pick(rng, SHEET_ORDER);
    counts[kind] = (counts[kind] ?? 0) + 1;
  }
  return {
    type: pick(rng, SHEET_TYPES),
    size: pick(rng, SHEET_SIZES),
    counts,
    groups: pick(rng, [['oclock'], ['half-past'], ['oclock', 'half-past'], ['quarter-past', 'quarter-to'], ['five-minutes']] as const),
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
const contentOf = (recipe: SheetRecipe, forms: readonly (readonly PaperItem[])[]): SheetContent => ({
  ...recipe,
  title: LONG,
  iCan: `I can say it. ${LONG} ${LONG}`,
  forms,
});
const formsOf = (recipe: SheetRecipe): readonly (readonly PaperItem[])[] => {
  const composed = composeForms(recipe, []);
  if (!('forms' in composed)) throw new Error(`seed ${recipe.seed}: ${composed.problem}`);
  return composed.forms;
};

const overlap = (a: Box, b: Box): boolean =>
  Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x) > 0.01 &&
  Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y) > 0.01;
const inside = (outer: Box, inner: Box): boolean =>
  inner.x >= outer.x - 0.01 &&
  inner.y >= outer.y - 0.01 &&
  inner.x + inner.width <= outer.x + outer.width + 0.01 &&
  inner.y + inner.height <= outer.y + outer.height + 0.01;

/** What is wrong with a page: marks too near the edge, tasks on each other, anything in the white round a ticket's squares. */
const faultsOf = (page: Page, type: SheetContent['type'], size: SheetContent['size']): string[] => {
  const faults: string[] = [];
  const printable = { x: MARGIN, y: MARGIN, width: page.width - 2 * MARGIN, height: page.height - 2 * MARGIN };
  const found = page.zones.flatMap((zone) => (zone.kind === 'corner' || zone.kind === 'code' ? [zone.box] : []));
  const isCut = (box: Box): boolean => box.x <= 0.2 && box.width >= page.width - 0.4;
  for (const one of page.marks) {
    const box = boundsOf(one);
    if (!inside(printable, box) && !isCut(box) && !found.some((at) => inside(at, box))) faults.push(`outside: ${JSON.stringify(one)}`);
  }
  const corners = page.zones.flatMap((zone) => (zone.kind === 'corner' ? [zone.box] : []));
  for (const corner of corners) {
    const white = { x: corner.x - 5, y: corner.y - 5, width: corner.width + 10, height: corner.height + 10 };
    for (const one of page.marks) {
      const box = boundsOf(one);
      if (overlap(white, box) && !inside(corner, box) && !isCut(box)) faults.push(`in the white: ${JSON.stringify(one)}`);
    }
  }
  if (type === 'ticket' && corners.length % 4 !== 0) faults.push('squares are missing');
  const middle = page.height / 2;
  const tasks = page.zones.flatMap((zone) => (zone.kind === 'item' ? [zone.box] : []));
  tasks.forEach((task, i) => {
    if (tasks.slice(i + 1).some((other) => overlap(task, other))) faults.push('tasks on each other');
    if (size === 'half' && task.y < middle && task.y + task.height > middle) faults.push('a task across the cut');
  });
  for (const zone of page.zones) {
    if (zone.kind === 'item' || zone.kind === 'corner' || zone.kind === 'code') continue;
    const box = 'box' in zone ? zone.box : { ...zone.at, width: 0, height: 0 };
    if (!tasks.some((task) => inside(task, box))) faults.push(`not in a task: ${JSON.stringify(zone)}`);
  }
  return faults;
};

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
          const twins = item.options.filter((a, i) => item.options.some((b, j) => j < i && sameHands(a.hands, b.hands, item.shown)));
          const isSeveral = rightPlace(item) === undefined;
          expect(twins).toHaveLength(isSeveral ? 1 : 0);
          if (isSeveral) expect(recipe.several).toBe(true);
          expect(item.options).toHaveLength(recipe.clocks);
        } else if ('options' in item) expect(new Set(item.options.map((one) => JSON.stringify(one))).size).toBe(item.options.length);
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
  it('lays nothing over anything else, nothing outside the margins, and leaves the squares of a ticket their white', () => {
    for (const { seed, recipe, forms } of MADE) {
      const rng = seededRng(seed);
      const conventions: Conventions = {
        ...DEFAULT_CONVENTIONS,
        paper: pick(rng, ['a4', 'letter'] as const),
        digitalForm: pick(rng, CHOICES.digitalForm.choices),
        halfPastPhrase: pick(rng, CHOICES.halfPastPhrase.choices),
        handNames: pick(rng, CHOICES.handNames.choices),
      };
      const copies = [{ form: 0, name: 'Maximiliana-Josephine van der Meer', picture: 'snail' as const }, { form: 1 }];
      const setting = { conventions, day: 'Wed 30 September', printing: 1 + seed };
      for (const page of layPages(contentOf(recipe, forms), copies, setting)) {
        expect({ width: page.width, height: page.height }).toEqual(PAPER_MM[conventions.paper as 'a4']);
        const faults = faultsOf(page, recipe.type, recipe.size);
        if (faults.length > 0) throw new Error(`seed ${seed}: ${faults.slice(0, 4).join('\n')}`);
      }
    }
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

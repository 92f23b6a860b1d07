import { describe, expect, it } from '@jest/globals';
import { pick, seededRng } from '../common/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { PAPER_MM, layPages, type Box, type Page, type SheetContent } from './index.ts';
import { boundsOf } from './page/bounds.ts';
import { SEEDS, contentOf, formsOf, recipeOf } from './sheets.test.support.ts';

/** What every printer prints, but the squares a ticket is found by, which stand nearer the edge. */
const MARGIN = 12.7;
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
  const boxes = page.marks.map(boundsOf);
  boxes.forEach((box, i) => {
    if (!inside(printable, box) && !isCut(box) && !found.some((at) => inside(at, box)))
      faults.push(`outside: ${JSON.stringify(page.marks[i])}`);
  });
  const corners = page.zones.flatMap((zone) => (zone.kind === 'corner' ? [zone.box] : []));
  for (const corner of corners) {
    const white = { x: corner.x - 5, y: corner.y - 5, width: corner.width + 10, height: corner.height + 10 };
    boxes.forEach((box, i) => {
      if (overlap(white, box) && !inside(corner, box) && !isCut(box))
        faults.push(`in the white: ${JSON.stringify(page.marks[i])}`);
    });
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

describe('a page of a sheet, whatever its recipe', () => {
  it('lays nothing over anything else, nothing outside the margins, and leaves the squares of a ticket their white', () => {
    for (let seed = 0; seed < SEEDS; seed++) {
      const recipe = { ...recipeOf(seed), forms: 'one' as const };
      const forms = formsOf(recipe);
      const rng = seededRng(seed);
      const conventions: Conventions = {
        ...DEFAULT_CONVENTIONS,
        paper: pick(rng, ['a4', 'letter'] as const),
        digitalForm: pick(rng, CHOICES.digitalForm.choices),
        halfPastPhrase: pick(rng, CHOICES.halfPastPhrase.choices),
        handNames: pick(rng, CHOICES.handNames.choices),
      };
      const named = { form: 0, name: 'Maximiliana-Josephine van der Meer', picture: 'snail' as const };
      const copies = recipe.size === 'half' ? [named, { form: 0 }] : [seed % 2 === 0 ? named : { form: 0 }];
      const setting = { conventions, day: 'Wed 30 September', printing: 1 };
      for (const page of layPages(contentOf(recipe, forms), copies, setting)) {
        expect({ width: page.width, height: page.height }).toEqual(PAPER_MM[conventions.paper as 'a4']);
        const faults = faultsOf(page, recipe.type, recipe.size);
        if (faults.length > 0) throw new Error(`seed ${seed}: ${faults.slice(0, 4).join('\n')}`);
      }
    }
  });
});

import { SLIP, chanceRight, foretoldOf } from '../diagnosis/index.ts';
import type { Item } from '../items/index.ts';
import { skillOfItem } from '../skills/index.ts';
import { JUST_TAUGHT, LEAST_KNOWN, type Believed } from './child.ts';

/** How many of a class are likely to miss each of some tasks: sums of chances, so not whole numbers. */
export const expectedMisses = (children: readonly Believed[], items: readonly Item[]): number[] =>
  items.map((item) => {
    const foretold = foretoldOf(item);
    const skill = skillOfItem(item);
    return children.reduce((sum, { belief, skills }) => {
      const knows = Math.min(1 - SLIP, Math.max(LEAST_KNOWN, skills[skill]?.share ?? JUST_TAUGHT));
      return sum + 1 - chanceRight(belief, foretold, knows);
    }, 0);
  });

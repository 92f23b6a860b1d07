import {
  chanceRight as chanceBelieved,
  foretoldOf,
  information as told,
  withOutcome,
  type Belief,
  type Foretold,
} from '../diagnosis/index.ts';
import type { Item } from '../items/index.ts';

/** An item with what can be foretold of its answers whoever the child is: worked out once, weighed many times. */
export interface Prospect {
  readonly item: Item;
  readonly foretold: Foretold;
}
export const prospectOf = (item: Item): Prospect => ({ item, foretold: foretoldOf(item) });

/** Probability 0..1 that this child gives a right answer. @param knows the same when it follows no rule that shows */
export const chanceRight = (belief: Belief, { foretold }: Prospect, knows: number): number =>
  chanceBelieved(belief, foretold, knows);
/** How much the answer would tell about what the child does, bits. */
export const information = (belief: Belief, { foretold }: Prospect, knows: number): number =>
  told(belief, foretold, knows);
/** What is believed after an answer of which only is known whether it was right. */
export const afterOutcome = (belief: Belief, { foretold }: Prospect, knows: number, right: boolean): Belief =>
  withOutcome(belief, foretold, right, knows);

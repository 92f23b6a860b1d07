import { faultsOf, rightAnswers, type Item } from '../items/index.ts';

/** Twice in a row the same is chance; more, and a child learns that the answer is always yes. */
const MOST_ALIKE = 2;
/** Each try comes out either way with a chance of two in five or more. */
const TRIES = 40;

/** Whether the right answer to a question of two answers is yes: the clock is possible, it is the time already. Others have none. */
const saysYes = (item: Item): boolean | undefined => {
  if (item.kind === 'judge-clock') return faultsOf(item.clock).length === 0;
  if (item.kind !== 'yet') return undefined;
  const [right] = rightAnswers(item);
  return right?.kind === 'yes-no' && right.yes;
};

/** How many tasks, from the first on, have this right answer. */
const runOf = (yes: boolean, items: readonly Item[]): number => {
  const end = items.findIndex((item) => saysYes(item) !== yes);
  return end < 0 ? items.length : end;
};

/**
 * A task of a set, made so that of tasks of two answers no three of a kind in a row have the same right one.
 * @param earlier tasks of the set before it, in order
 * @param make makes a task by chance; each call another
 * @param later tasks of the set after it, in order
 */
export const makeBothWays = (earlier: readonly Item[], make: () => Item, later: readonly Item[] = []): Item => {
  for (let tries = 0; ; tries++) {
    const item = make();
    const yes = saysYes(item);
    if (yes === undefined || tries === TRIES) return item;
    const [before, after] = [[...earlier].reverse(), later].map((items) =>
      items.filter(({ kind }) => kind === item.kind),
    );
    if (runOf(yes, before!) + 1 + runOf(yes, after!) <= MOST_ALIKE) return item;
  }
};

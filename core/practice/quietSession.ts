import type { Item } from '../items/index.ts';
import type { Session } from './session.ts';

/** A ticket: each task once, in its order to the end, whatever is answered. Nothing eases it, and nothing in it tells how it went. */
export const quietSession = (items: readonly Item[]): Session => ({
  tasks: items,
  steps: items.map((_, task) => {
    const next = task + 1 < items.length ? task + 1 : null;
    return { task, eases: false, right: next, otherwise: next };
  }),
  fewest: items.length,
});

/** Milliseconds others have at least, and at most, before long work goes on: an answer comes in, is marked and kept, and is said to the board. */
const [LEAST_MS, MOST_MS] = [2, 40];

/**
 * Lets others have their turn between the steps of long work, for as long as the step before took: whoever waited for it does not wait
 * for the next one too.
 * @returns waits for that
 */
export const createGiveTurn = (): (() => Promise<void>) => {
  let since = performance.now();
  return async () => {
    const took = performance.now() - since;
    await new Promise((next) => setTimeout(next, Math.min(MOST_MS, Math.max(LEAST_MS, took))));
    since = performance.now();
  };
};

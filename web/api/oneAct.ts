/** Milliseconds in which the same act is one act, however often it is tapped: a finger that trembles taps twice. */
export const ONE_ACT_MS = 1000;

/**
 * Tells taps that mean the same act from a new one. What is tapped stays enabled, so that the keys and a screen reader stay where they are.
 * @param now milliseconds on a clock that runs evenly
 * @returns is an act, by what names it, the first of its kind within a second?
 */
export const createOneAct = (now: () => number = () => performance.now()) => {
  const done = new Map<string, number>();
  return (act: string): boolean => {
    const at = now();
    const before = done.get(act);
    if (before !== undefined && at - before < ONE_ACT_MS) return false;
    for (const [other, since] of done) if (at - since >= ONE_ACT_MS) done.delete(other);
    done.set(act, at);
    return true;
  };
};

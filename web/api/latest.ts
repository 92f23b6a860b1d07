/**
 * Replies may overtake each other: one that was asked before another that has come already is old, and does not count. One that
 * came in time counts even when it is asked for again by then; where something changes all the time nothing would, otherwise.
 * @returns asks, and gives the reply; nothing when it was overtaken
 */
export const createLatest = () => {
  let asked = 0;
  let taken = 0;
  return async <T>(look: () => Promise<T>): Promise<T | undefined> => {
    const mine = ++asked;
    const found = await look();
    if (mine < taken) return undefined;
    taken = mine;
    return found;
  };
};

/**
 * One state of which replies to what somebody does bring the newest too: a look that was begun before such a reply may be older than
 * it, or newer, and is made again.
 * @param keep takes a state in
 */
export const createNewest = <T>(keep: (fresh: T) => void) => {
  const latest = createLatest();
  let replies = 0;
  return {
    /** Takes in what came as a reply. */
    take: (fresh: T): void => {
      replies += 1;
      keep(fresh);
    },
    /** Looks for what may have changed. @param look gives nothing where what it looked at is not wanted any more */
    refresh: async (look: () => Promise<T | undefined>): Promise<void> => {
      for (;;) {
        const before = replies;
        const fresh = await latest(look);
        if (fresh === undefined) return;
        if (replies === before) return keep(fresh);
      }
    },
  };
};

/** Does a state say what another one says? */
export const saysSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/**
 * Does one thing after the other: what is begun before the last is kept starts from what that left, or it would undo it.
 * @returns begins a thing in its turn, also where the one before it failed
 */
export const createTurns = () => {
  let before: Promise<unknown> = Promise.resolve();
  return <T>(work: () => Promise<T>): Promise<T> => {
    const mine = before.then(work, work);
    before = mine;
    return mine;
  };
};

/**
 * Looks one at a time: however often it is asked for meanwhile, one more look follows the one on its way. A look that throws ends
 * them until it is asked for again.
 */
export const createLookout = (look: () => Promise<void>): (() => void) => {
  let looking = false;
  let again = false;
  const begin = async (): Promise<void> => {
    looking = true;
    try {
      do {
        again = false;
        await look();
      } while (again);
    } finally {
      looking = false;
    }
  };
  return () => {
    if (looking) again = true;
    else void begin();
  };
};

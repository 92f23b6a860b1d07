import type { Database } from 'better-sqlite3';

interface Waiting {
  readonly work: () => void;
  /** It is on the disk. */
  readonly kept: () => void;
  readonly refused: (error: unknown) => void;
}

/** Writes a data file; what comes in the same moment is flushed to the disk at once, which costs as much as one. */
export type Together = <T>(work: () => T) => Promise<T>;

/**
 * Commits what many send at once in one transaction. Each is done or refused for itself, and hears of it only once all are on the disk;
 * where the file as a whole refuses, each hears that.
 */
export const createCommitTogether = (db: Database): Together => {
  let waiting: Waiting[] = [];
  const single = db.transaction((work: () => void): void => work());
  /** @returns what each is told once it is committed */
  const all = db.transaction((group: readonly Waiting[]): (() => void)[] =>
    group.map(({ work, kept, refused }) => {
      try {
        single(work);
        return kept;
      } catch (error) {
        // SQLite has given up the whole transaction: nothing of the others is kept either.
        if (!db.inTransaction) throw error;
        return () => refused(error);
      }
    }),
  );
  const flush = (): void => {
    const group = waiting;
    waiting = [];
    let told: (() => void)[];
    try {
      told = all.immediate(group);
    } catch (error) {
      told = group.map(
        ({ refused }) =>
          () =>
            refused(error),
      );
    }
    for (const tell of told) tell();
  };
  return <T>(work: () => T): Promise<T> =>
    new Promise<T>((done, refused) => {
      let result: T;
      if (waiting.length === 0) setImmediate(flush);
      waiting.push({ work: () => void (result = work()), kept: () => done(result), refused });
    });
};

/**
 * Does one thing after another.
 * @returns begins work once all before it has ended, also where that failed
 */
export const createSerialQueue = () => {
  let last: Promise<unknown> = Promise.resolve();
  return <T>(work: () => T | Promise<T>): Promise<T> => {
    const mine = last.then(work, work);
    last = mine.catch(() => undefined);
    return mine;
  };
};
export type SerialQueue = ReturnType<typeof createSerialQueue>;

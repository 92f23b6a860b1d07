/** Who waits: turns go round among them, and whoever sits at this computer comes first. */
export interface Waiting {
  readonly sender: string;
  readonly own: boolean;
}

interface Waiter {
  readonly own: boolean;
  readonly begin: () => void;
}

/**
 * Does work of many senders, some at once. Each sender has a turn before any has a second, so that one who sends a hundred keeps nobody
 * else waiting.
 * @param atOnce works done at the same time
 */
export const createFairQueue = (atOnce: number) => {
  /** Of each sender who waits, in the order of their turns. */
  const waiting = new Map<string, Waiter[]>();
  let running = 0;
  const next = (): void => {
    if (running >= atOnce) return;
    const [sender, own] = [...waiting].find(([, [first]]) => first!.own) ?? [...waiting][0] ?? [];
    if (sender === undefined || own === undefined) return;
    const [waiter, ...rest] = own;
    waiting.delete(sender);
    // Behind all others.
    if (rest.length > 0) waiting.set(sender, rest);
    running += 1;
    waiter!.begin();
  };
  return <T>({ sender, own }: Waiting, work: () => Promise<T>): Promise<T> =>
    new Promise<T>((done, failed) => {
      const begin = (): void =>
        void work()
          .then(done, failed)
          .finally(() => {
            running -= 1;
            next();
          });
      waiting.set(sender, [...(waiting.get(sender) ?? []), { own, begin }]);
      next();
    });
};

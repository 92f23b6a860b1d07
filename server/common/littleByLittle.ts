/** Does work step by step, with everybody else served in between. @param ended true once nobody needs it any more */
export const littleByLittle = async (steps: Iterable<unknown>, ended: () => boolean): Promise<void> => {
  const all = steps[Symbol.iterator]();
  while (!ended() && all.next().done !== true) await new Promise((next) => setImmediate(next));
};

import { setMaxListeners } from 'node:events';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import { anyChild, type SimulatedChild } from '../../core/simulation/index.ts';
import type { Child, ClassCode } from '../../contract/index.ts';
import { runStandIn } from './tablet.ts';

/** How children of the made-up class behave, by name; others get a rule or none by chance. */
export type Behaviours = Readonly<Record<string, SimulatedChild>>;

interface Start {
  readonly url: string;
  readonly code: ClassCode;
  readonly children: readonly Child[];
  readonly pace: number;
}

/** A room of stand-ins, each at a tablet of its own. */
export const createRoom = (behaviours: Behaviours) => {
  let ending: AbortController | undefined;
  let working = new Set<Promise<void>>();
  const stop = async (): Promise<void> => {
    ending?.abort();
    ending = undefined;
    await Promise.all(working);
    working = new Set();
  };
  return {
    running: (): number => working.size,
    /** Fills the room; one that is full already is emptied first. */
    start: async ({ url, code, children, pace }: Start): Promise<void> => {
      await stop();
      const mine = new AbortController();
      ending = mine;
      // Every stand-in waits on it, and there are forty at most.
      setMaxListeners(0, mine.signal);
      for (const { id, name } of children) {
        const behaves = behaviours[name] ?? anyChild(seededRng(seedFromText(name)));
        const rng = seededRng(seedFromText(`${name} ${Date.now()}`));
        const run: Promise<void> = runStandIn({ childId: id, behaves }, { url, code, pace, rng, ended: mine.signal })
          .catch((error: unknown) => {
            // One tablet that fails does not empty the room; it is said where the server runs.
            if (!mine.signal.aborted) console.error(`Stand-in for ${name}:`, error);
          })
          .finally(() => working.delete(run));
        working.add(run);
      }
    },
    stop,
  };
};
export type StandInRoom = ReturnType<typeof createRoom>;

import { createStore, del, get, set } from 'idb-keyval';
import type { StationChild, StationState } from '../../../contract/index.ts';
import type { Way } from '../../../core/practice/index.ts';
import type { RefusedAnswer } from './setAside.ts';
import type { Unsent } from './unsent.ts';

/** Who sits at this tablet. */
export interface KeptSeat {
  readonly seat: string;
  readonly childId: number;
}
/** How far a child is in a session of practice. */
export interface KeptProgress extends Way {
  readonly childId: number;
  /** The practice it belongs to. */
  readonly key: string;
}
interface Kept {
  /** Answers the server has not stored yet. They stay when a child says bye: they are not lost before they are sent. */
  unsent: readonly Unsent[];
  /** Answers the server refused. They stay as long as the teacher did not let them go. */
  setAside: readonly RefusedAnswer[];
  /** The class's names, pictures and wording. */
  state: StationState;
  seat: KeptSeat;
  child: StationChild;
  progress: KeptProgress;
}
/** What is gone when a child says bye. */
const OF_A_CHILD = ['seat', 'child', 'progress'] as const satisfies readonly (keyof Kept)[];

/**
 * What this tablet keeps for when the network is gone, in IndexedDB, which pages served by plain http have too. A browser that
 * keeps nothing (a private window) still works until it is closed.
 */
export const createKept = () => {
  const store = createStore('hoppel', 'station');
  const memory = new Map<string, unknown>();
  let canKeep = true;
  const tried = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    if (!canKeep) return undefined;
    try {
      return await work();
    } catch {
      // No database here: from now on the page itself remembers.
      canKeep = false;
      return undefined;
    }
  };
  const forget = async (name: keyof Kept): Promise<void> => {
    memory.delete(name);
    await tried(() => del(name, store));
  };
  return {
    get: async <K extends keyof Kept>(name: K): Promise<Kept[K] | undefined> =>
      (await tried(() => get<Kept[K]>(name, store))) ?? (memory.get(name) as Kept[K] | undefined),
    set: async <K extends keyof Kept>(name: K, value: Kept[K]): Promise<void> => {
      memory.set(name, value);
      // What the page holds may be watched; the database takes plain values only.
      await tried(() => set(name, JSON.parse(JSON.stringify(value)), store));
    },
    forget,
    forgetChild: async (): Promise<void> => {
      for (const name of OF_A_CHILD) await forget(name);
    },
  };
};
export type KeptThings = ReturnType<typeof createKept>;

import { computed, ref, shallowRef } from 'vue';
import type { Practice } from '../../contract/index.ts';
import {
  stonesOn,
  taskOn,
  wayAnew,
  wayInto,
  wayOn,
  type Practised,
  type Session,
  type Way,
} from '../../core/practice/index.ts';
import type { KeptProgress } from './link/kept.ts';

interface Options {
  readonly childId: number;
  readonly practice: Practice;
  /** How far this child was in it; none at its beginning. */
  readonly kept: KeptProgress | undefined;
  readonly keep: (progress: KeptProgress) => void;
  /** Asks for the rest, made again with what is known by now; none where the server does not answer. */
  readonly askRest: (done: readonly Practised[]) => Promise<Session | undefined>;
}

/**
 * A child's way through a session. It was made ready beforehand; where it goes by what the child needs, the rest is made again after
 * each answer, and taken if it comes before the next task is there. A reload goes on at the same task.
 */
export const useSession = ({ childId, practice, kept, keep, askRest }: Options) => {
  // Kept by an older Hoppel, there is no session in it.
  const mine = kept?.childId === childId && kept.key === practice.key && 'session' in kept ? kept : undefined;
  const way = shallowRef<Way>(mine ?? wayInto(practice.session));
  const item = shallowRef(taskOn(way.value));
  const stones = ref(stonesOn(way.value));
  const keepAll = (): void => {
    const { session, before, done } = way.value;
    keep({ childId, key: practice.key, session, before, done });
  };
  /** How many answers there were when the task of now came up. */
  let shownAfter = way.value.done.length;

  const followOn = async (): Promise<void> => {
    const { done } = way.value;
    const session = await askRest(done);
    // By then the child may be further on, by what was ready.
    const isStillThere = way.value.done === done && shownAfter < done.length;
    if (session === undefined || !isStillThere) return;
    way.value = wayAnew(way.value, session);
    keepAll();
  };

  return {
    done: computed(() => way.value.done),
    item,
    /** Stones of the session, as far as is known; they grow only when the hare hops on. */
    stones,
    /** The first answer to the task of now. */
    answered: (one: Practised): void => {
      way.value = wayOn(way.value, one);
      keepAll();
      if (practice.follows) void followOn();
    },
    /** The next task comes; none when the session is through. */
    goOn: (): void => {
      shownAfter = way.value.done.length;
      item.value = taskOn(way.value);
      if (item.value !== undefined) stones.value = stonesOn(way.value);
    },
  };
};

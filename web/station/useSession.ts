import { ref, shallowRef } from 'vue';
import type { Practice } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import { stonesOf, taskAfter, type Practised, type Session } from '../../core/practice/index.ts';
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
  const done = shallowRef<readonly Practised[]>(mine?.done ?? []);
  const made = shallowRef<{ readonly session: Session; readonly before: number }>({
    session: mine?.session ?? practice.session,
    before: mine?.before ?? 0,
  });
  /** Answers since the session was made ready as it is now. */
  const since = (): readonly Practised[] => done.value.slice(made.value.before);
  const next = (): Item | undefined => taskAfter(made.value.session, since());
  const item = shallowRef<Item | undefined>(next());
  const keepAll = (): void => keep({ childId, key: practice.key, ...made.value, done: done.value });

  const countStones = (): number => {
    const { session, before } = made.value;
    return before + stonesOf({ ...session, fewest: Math.max(0, session.fewest - before) }, since());
  };
  const stones = ref(countStones());
  /** How many answers there were when the task of now came up. */
  let shownAfter = done.value.length;

  const followOn = async (): Promise<void> => {
    const asked = done.value;
    const session = await askRest(asked);
    // By then the child may be further on, by what was ready.
    const isStillThere = done.value === asked && shownAfter < asked.length;
    if (session === undefined || !isStillThere) return;
    made.value = { session, before: asked.length };
    keepAll();
  };

  return {
    done,
    item,
    /** Stones of the session, as far as is known; they grow only when the hare hops on. */
    stones,
    /** The first answer to the task of now. */
    answered: (one: Practised): void => {
      done.value = [...done.value, one];
      keepAll();
      if (practice.follows) void followOn();
    },
    /** The next task comes; none when the session is through. */
    goOn: (): void => {
      shownAfter = done.value.length;
      item.value = next();
      if (item.value !== undefined) stones.value = countStones();
    },
  };
};

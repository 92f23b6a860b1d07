import { ref, shallowRef, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { Tablets, type PutLan, type PostLetGo, type PostSet, type SetSource } from '../../contract/index.ts';
import { Refused, Unreachable, get, post, put, remove } from '../api/client.ts';
import { createNewest, createLookout } from '../api/latest.ts';
import { useBoardStore } from '../stores/board.ts';

/** The tablets of the room as they are now, and what the teacher does with them. */
export const useTablets = () => {
  const board = useBoardStore();
  const tablets = shallowRef<Tablets>();
  const { take, refresh } = createNewest<Tablets>((fresh) => (tablets.value = fresh));
  /** Key of what went wrong last; empty when nothing did. */
  const problem = ref('');
  const busy = ref(false);
  const tried = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
      problem.value = '';
    } catch (error) {
      if (error instanceof Refused) problem.value = `problem.${error.code}`;
      else if (error instanceof Unreachable) problem.value = 'problem.unreachable';
      else throw error;
    }
  };
  const load = (): Promise<void> => tried(() => refresh(() => get(Tablets, '/tablets')));
  /** What the teacher does; nothing else is begun meanwhile. */
  const done = async (work: () => Promise<Tablets>): Promise<void> => {
    busy.value = true;
    try {
      await tried(async () => take(await work()));
    } finally {
      busy.value = false;
    }
  };
  void load();
  const lookOut = createLookout(load);
  watch(() => board.tabletsVersion, lookOut);
  const hasTicket = (): boolean => tablets.value?.sets.some(({ what }) => what === 'ticket') ?? false;
  // Who is through with a ticket, and the made-up children's answers, are counted here.
  watch(
    () => board.recordVersion,
    () => (hasTicket() || (tablets.value?.standIns?.running ?? 0) > 0) && lookOut(),
  );
  return {
    tablets,
    problem,
    busy,
    load,
    /** Other devices of the network may come in, or no longer. */
    letNetworkIn: (lan: boolean) => done(() => put(Tablets, '/tablets/lan', { lan } satisfies PutLan)),
    newCode: () => done(() => post(Tablets, '/tablets/code', {})),
    /** That tablet is asked for the pictures again. */
    withdraw: (tabletId: number) => done(() => remove(Tablets, `/tablets/passes/${tabletId}`)),
    /** That remote is asked for the code again. */
    sendAway: (remoteId: string) => done(() => remove(Tablets, `/tablets/remotes/${remoteId}`)),
    free: (childId: number) => done(() => remove(Tablets, `/tablets/seats/${childId}`)),
    /** @param childIds null: to all */
    hand: (childIds: readonly number[] | null, source: SetSource) =>
      done(() =>
        post(Tablets, '/tablets/sets', { id: newId(), childIds: childIds && [...childIds], source } satisfies PostSet),
      ),
    takeBack: (id: string) => done(() => remove(Tablets, `/tablets/sets/${id}`)),
    /** Tablets send once more what could not be taken. */
    sendAgain: () => done(() => post(Tablets, '/tablets/set-aside/again', {})),
    letGo: (ids: string[]) => done(() => post(Tablets, '/tablets/set-aside/let-go', { ids } satisfies PostLetGo)),
    fill: (pace: number) => done(() => post(Tablets, '/tablets/stand-ins', { pace })),
    empty: () => done(() => remove(Tablets, '/tablets/stand-ins')),
  };
};

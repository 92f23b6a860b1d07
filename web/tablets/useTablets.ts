import { ref, shallowRef, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { Tablets, type PostSet, type SetSource } from '../../contract/index.ts';
import { Refused, Unreachable, get, post, remove } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';

/** The tablets of the room as they are now, and what the teacher does with them. */
export const useTablets = () => {
  const board = useBoardStore();
  const tablets = shallowRef<Tablets>();
  /** Key of what went wrong last; empty when nothing did. */
  const problem = ref('');
  const busy = ref(false);
  const tried = async (work: () => Promise<Tablets>): Promise<void> => {
    busy.value = true;
    try {
      tablets.value = await work();
      problem.value = '';
    } catch (error) {
      if (error instanceof Refused) problem.value = `problem.${error.code}`;
      else if (error instanceof Unreachable) problem.value = 'problem.unreachable';
      else throw error;
    } finally {
      busy.value = false;
    }
  };
  const load = (): Promise<void> => tried(() => get(Tablets, '/tablets'));
  void load();
  watch(() => board.tabletsVersion, load);
  return {
    tablets,
    problem,
    busy,
    load,
    newCode: () => tried(() => post(Tablets, '/tablets/code', {})),
    free: (childId: number) => tried(() => remove(Tablets, `/tablets/seats/${childId}`)),
    /** @param childIds null: to all */
    hand: (childIds: readonly number[] | null, source: SetSource) =>
      tried(() =>
        post(Tablets, '/tablets/sets', { id: newId(), childIds: childIds && [...childIds], source } satisfies PostSet),
      ),
    takeBack: (id: string) => tried(() => remove(Tablets, `/tablets/sets/${id}`)),
    fill: (pace: number) => tried(() => post(Tablets, '/tablets/stand-ins', { pace })),
    empty: () => tried(() => remove(Tablets, '/tablets/stand-ins')),
  };
};

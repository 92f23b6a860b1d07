import { computed, ref } from 'vue';
import { MOST_IN_GROUP, MaybeGroups, type GroupsView, type PutGroups, type PutPair } from '../../contract/index.ts';
import { MOST_GROUPS } from '../../core/grouping/index.ts';
import { post, put } from '../api/client.ts';
import { useRecord } from '../class/useRecord.ts';
import { problemKey } from '../words/problemWords.ts';

/** Where a child is: in a group by its id, in one that is not there yet, on its own, or away today. */
export type Place = number | 'new' | 'alone' | 'away';
type Groups = PutGroups['groups'];

/** Who sits with whom, and what the teacher changes about it; each change is kept at once. */
export const useGroups = () => {
  const { data, problem: unread } = useRecord(MaybeGroups, () => '/groups');
  const view = computed((): GroupsView | null | undefined => data.value?.view);
  const refused = ref<string>();
  const busy = ref(false);
  const tried = async (work: () => Promise<MaybeGroups>): Promise<void> => {
    busy.value = true;
    try {
      data.value = await work();
      refused.value = undefined;
    } catch (error) {
      refused.value = problemKey(error);
      // What was dragged goes back to where it is kept.
      if (data.value !== undefined) data.value = { ...data.value };
    } finally {
      busy.value = false;
    }
  };

  const groups = computed(() => view.value?.kept?.groups ?? []);
  const absent = computed(() => view.value?.kept?.absent ?? []);
  const placeOf = (childId: number): Place =>
    absent.value.includes(childId)
      ? 'away'
      : (groups.value.find(({ childIds }) => childIds.includes(childId))?.id ?? 'alone');
  /** Everybody who is somewhere, in class order; away in a group is away. */
  const childrenAt = (place: Place): number[] =>
    (view.value?.stood ?? []).map(({ childId }) => childId).filter((childId) => placeOf(childId) === place);
  const asKept = (): Groups =>
    groups.value.map(({ id, name, childIds, held, isLocked }) => ({ id, name, childIds, held, isLocked }));
  const keep = (wanted: Groups, away: readonly number[]): Promise<void> =>
    tried(() => put(MaybeGroups, '/groups', { checkId: view.value!.check.id, groups: wanted, absent: away }));
  const change = (id: number, by: Partial<Groups[number]>): Promise<void> =>
    keep(
      asKept().map((group) => (group.id === id ? { ...group, ...by } : group)),
      absent.value,
    );

  const hasRoom = (place: Place): boolean =>
    place === 'new'
      ? groups.value.length < MOST_GROUPS
      : typeof place !== 'number' || childrenAt(place).length < MOST_IN_GROUP;
  return {
    view,
    problem: computed(() => refused.value ?? unread.value),
    busy,
    groups,
    placeOf,
    childrenAt,
    hasRoom,
    /** A child is put somewhere by hand: it stays there when groups are made again. */
    move: (childId: number, to: Place): Promise<void> => {
      const without = (ids: readonly number[]): number[] => ids.filter((id) => id !== childId);
      // Who is away keeps its seat for the day after.
      if (to === 'away') return keep(asKept(), [...without(absent.value), childId]);
      const left = asKept().map((group) => ({
        ...group,
        childIds: without(group.childIds),
        held: without(group.held),
      }));
      const seated = left.map((group) =>
        group.id === to ? { ...group, childIds: [...group.childIds, childId], held: [...group.held, childId] } : group,
      );
      const id = Math.max(0, ...groups.value.map((group) => group.id)) + 1;
      const fresh = { id, name: null, childIds: [childId], held: [childId], isLocked: false };
      return keep(to === 'new' ? [...seated, fresh] : seated, without(absent.value));
    },
    rename: (id: number, name: string): Promise<void> => change(id, { name: name.trim() === '' ? null : name.trim() }),
    lock: (id: number, isLocked: boolean): Promise<void> => change(id, { isLocked }),
    again: (): Promise<void> => tried(() => post(MaybeGroups, '/groups/again', { checkId: view.value!.check.id })),
    pair: (pair: PutPair): Promise<void> => tried(() => put(MaybeGroups, '/groups/pairs', pair)),
  };
};
export type GroupsOnScreen = ReturnType<typeof useGroups>;

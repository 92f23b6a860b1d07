import { computed, ref } from 'vue';
import { MOST_IN_GROUP, MaybeGroups, type GroupsView, type PutGroups, type PutPair } from '../../contract/index.ts';
import { MOST_GROUPS } from '../../core/grouping/index.ts';
import { Refused, get, post, put } from '../api/client.ts';
import { createTurns } from '../api/latest.ts';
import { useRecord } from '../class/useRecord.ts';
import { problemKey } from '../words/problemWords.ts';

/** Where a child is: in a group by its id, in one that is not there yet, on its own, or away today. */
export type Place = number | 'new' | 'alone' | 'away';
type Groups = PutGroups['groups'];

/** Who sits with whom, and what the teacher changes about it; each change is kept at once. */
export const useGroups = () => {
  const { data, problem: unread, take } = useRecord(MaybeGroups, () => '/groups');
  const view = computed((): GroupsView | null | undefined => data.value?.view);
  const refused = ref<string>();
  const busy = ref(false);
  const inTurn = createTurns();
  /** @param work says what is wanted, if anything, when its turn has come: groups are kept as a whole */
  const tried = async (work: () => Promise<MaybeGroups> | undefined): Promise<void> => {
    busy.value = true;
    try {
      await inTurn(async () => {
        const kept = await work();
        if (kept !== undefined) take(kept);
      });
      refused.value = undefined;
    } catch (error) {
      refused.value = problemKey(error);
      if (error instanceof Refused && error.code === 'changed-elsewhere') take(await get(MaybeGroups, '/groups'));
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
  const keep = (says: () => Omit<PutGroups, 'checkId'> | undefined): Promise<void> =>
    tried(() => {
      const wanted = says();
      return (
        wanted && put(MaybeGroups, '/groups', { checkId: view.value!.check.id, ...wanted }, { seen: view.value!.kept })
      );
    });
  const change = (id: number, by: Partial<Groups[number]>): Promise<void> =>
    keep(() => ({
      groups: asKept().map((group) => (group.id === id ? { ...group, ...by } : group)),
      absent: [...absent.value],
    }));

  const hasRoom = (place: Place): boolean =>
    place === 'new'
      ? groups.value.length < MOST_GROUPS
      : typeof place !== 'number' || childrenAt(place).length < MOST_IN_GROUP;
  /** All places in the order of the screen. */
  const places = computed((): Place[] => [
    ...groups.value.map(({ id }) => id),
    ...(groups.value.length < MOST_GROUPS ? (['new'] as const) : []),
    'alone',
    'away',
  ]);
  /** What is to be kept where a child goes somewhere; nothing where it is there. */
  const moved = (childId: number, to: Place): Omit<PutGroups, 'checkId'> | undefined => {
    const without = (ids: readonly number[]): number[] => ids.filter((id) => id !== childId);
    if (to === placeOf(childId)) return undefined;
    // Who is away keeps its seat for the day after.
    if (to === 'away') return { groups: asKept(), absent: [...without(absent.value), childId] };
    const left = asKept().map((group) => ({
      ...group,
      childIds: without(group.childIds),
      held: without(group.held),
    }));
    const seated = left.map((group) =>
      group.id === to ? { ...group, childIds: [...group.childIds, childId], held: [...group.held, childId] } : group,
    );
    const used = new Set(groups.value.map((group) => group.id));
    const id = Array.from({ length: MOST_GROUPS + 1 }, (_, i) => i + 1).find((one) => !used.has(one))!;
    const fresh = { id, name: null, childIds: [childId], held: [childId], isLocked: false };
    return { groups: to === 'new' ? [...seated, fresh] : seated, absent: without(absent.value) };
  };
  return {
    view,
    problem: computed(() => refused.value ?? unread.value),
    busy,
    groups,
    places,
    placeOf,
    childrenAt,
    hasRoom,
    /** A child is put somewhere by hand: it stays there when groups are made again. */
    move: (childId: number, to: Place): Promise<void> => keep(() => moved(childId, to)),
    /** A child goes so many places on in the order of the screen, from where it is by then; it stays where there are no more. */
    step: (childId: number, by: number): Promise<void> =>
      keep(() => {
        const open = places.value.filter((place) => place === placeOf(childId) || hasRoom(place));
        return moved(childId, open[open.indexOf(placeOf(childId)) + by] ?? placeOf(childId));
      }),
    rename: (id: number, name: string): Promise<void> => change(id, { name: name.trim() === '' ? null : name.trim() }),
    lock: (id: number, isLocked: boolean): Promise<void> => change(id, { isLocked }),
    again: (): Promise<void> => tried(() => post(MaybeGroups, '/groups/again', { checkId: view.value!.check.id })),
    pair: (pair: PutPair): Promise<void> => tried(() => put(MaybeGroups, '/groups/pairs', pair)),
  };
};
export type GroupsOnScreen = ReturnType<typeof useGroups>;

import { computed, shallowRef, watch, type ComputedRef } from 'vue';
import { TaskAnswers, type Round } from '../../../contract/index.ts';
import type { Answer } from '../../../core/items/index.ts';
import { get } from '../../api/client.ts';
import { useBoardStore } from '../../stores/board.ts';

/** Drawings handed in for the task of now, by child: the board is told that they are there, and fetches their lines to show them. */
export const useDrawings = (round: () => Round): ComputedRef<ReadonlyMap<number, Answer>> => {
  const board = useBoardStore();
  const place = computed(() => `/rounds/${round().id}/answers/${round().index}`);
  const fetched = shallowRef<{ readonly of: string; readonly byChild: ReadonlyMap<number, Answer> }>();
  const drawings = computed(() =>
    fetched.value?.of === place.value ? fetched.value.byChild : new Map<number, Answer>(),
  );
  let isAsking = false;
  const fetchMissing = async (): Promise<void> => {
    const missing = (board.state?.answers ?? []).filter(
      ({ childId, index, read }) => index === round().index && read.kind === 'drawing' && !drawings.value.has(childId),
    );
    if (isAsking || missing.length === 0) return;
    isAsking = true;
    const of = place.value;
    try {
      // One that comes by itself is asked for by itself; a wall that opens later asks for all at once.
      const path = missing.length === 1 ? `${of}?child=${missing[0]!.childId}` : of;
      const all = await get(TaskAnswers, path);
      const before = place.value === of ? drawings.value : new Map<number, Answer>();
      const byChild = new Map([...before, ...all.map((one) => [one.childId, one.answer] as const)]);
      fetched.value = { of, byChild };
      // One that was taken back meanwhile never comes.
      if (place.value === of && byChild.size === before.size) return;
    } catch {
      // What was drawn last is seen meanwhile; the next thing the board hears tries again.
      return;
    } finally {
      isAsking = false;
    }
    await fetchMissing();
  };
  watch([() => board.state, place], fetchMissing, { immediate: true });
  return drawings;
};

import { computed, ref, watch } from 'vue';
import type { Child, RoundAnswer } from '../../../contract/index.ts';
import { tapStateNow, tapsToKeep, type Tap, type TapState } from '../../../core/rounds/index.ts';
import { useBoardStore } from '../../stores/board.ts';

/** What the teacher tapped in "who missed it?" of the current item, on top of what the record knows. */
export const useTaps = (children: () => readonly Child[]) => {
  const board = useBoardStore();
  const tapped = ref(new Map<number, TapState>());
  watch(
    () => `${board.round?.id} ${board.round?.index}`,
    () => (tapped.value = new Map()),
  );

  const answers = computed((): RoundAnswer[] =>
    (board.state?.answers ?? []).filter(({ index }) => index === board.round?.index),
  );
  const seen = computed(() => ({
    verdicts: new Map(answers.value.map(({ childId, verdict }) => [childId, verdict])),
    away: new Set(board.round?.away ?? []),
    stations: new Set(board.state?.stations ?? []),
  }));
  const stateOf = (childId: number): TapState => tapStateNow(childId, seen.value, tapped.value);
  return {
    answers,
    stateOf,
    toggleMissed: (childId: number): void => {
      tapped.value.set(childId, stateOf(childId) === 'missed' ? 'had' : 'missed');
    },
    /** All who are here had it, whatever was tapped before; what a tablet showed to be wrong stays wrong. */
    allRight: (): void => {
      tapped.value = new Map(
        children()
          .filter(({ id }) => seen.value.verdicts.get(id) !== 'wrong' && !seen.value.away.has(id))
          .map(({ id }) => [id, 'had']),
      );
    },
    toggleAway: (childId: number): Promise<void> => {
      const away = seen.value.away;
      return board.setAway(away.has(childId) ? [...away].filter((id) => id !== childId) : [...away, childId]);
    },
    taps: (): Tap[] =>
      tapsToKeep(
        children().map(({ id }) => id),
        seen.value,
        tapped.value,
      ),
  };
};

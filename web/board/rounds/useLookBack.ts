import { computed, shallowRef, watch } from 'vue';
import { TaskAnswers, type Child, type Round } from '../../../contract/index.ts';
import type { Tap, TapState } from '../../../core/rounds/index.ts';
import { get } from '../../api/client.ts';
import { useCorrections } from '../../class/useCorrections.ts';
import { useBoardStore } from '../../stores/board.ts';
import { problemKey } from '../../words/problemWords.ts';

/** How each child stood at a task of a round that is over, and what the teacher says otherwise. */
export const useLookBack = (round: () => Round, index: () => number) => {
  const board = useBoardStore();
  const { say, problem } = useCorrections();
  const given = shallowRef<TaskAnswers>([]);
  const path = computed(() => `/rounds/${round().id}/answers/${index()}`);
  const load = async (): Promise<void> => {
    const asked = path.value;
    try {
      const found = await get(TaskAnswers, asked);
      if (asked === path.value) given.value = found;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  watch([path, () => board.recordVersion, () => board.connected], load, { immediate: true });

  const ofChild = (childId: number) => given.value.find((one) => one.childId === childId);
  const stateOf = (childId: number): TapState => {
    const found = ofChild(childId);
    if (found === undefined || found.says === 'out') return round().away.includes(childId) ? 'away' : 'unseen';
    if (found.says !== null) return found.says;
    if (found.verdict === 'unreadable') return 'waiting';
    return found.verdict === 'wrong' ? 'missed' : 'had';
  };
  /** What she remembers of children without an answer. */
  const remember = async (taps: readonly Tap[]): Promise<void> => {
    try {
      await board.tapLater(index(), taps);
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  /** What was given counts again where it says the same: no word of the teacher's is kept that says nothing. */
  const setTo = async (childId: number, says: 'had' | 'missed'): Promise<void> => {
    const found = ofChild(childId);
    if (found === undefined) return remember([{ childId, got: says === 'had' }]);
    const asGiven = found.verdict === 'wrong' ? 'missed' : 'had';
    await say(found.id, found.verdict !== 'unreadable' && asGiven === says ? 'as-given' : says);
  };
  return {
    stateOf,
    problem,
    toggleMissed: (childId: number): Promise<void> => setTo(childId, stateOf(childId) === 'missed' ? 'had' : 'missed'),
    /** Taken out of the record, or back in as it was. */
    toggleOut: async (childId: number): Promise<void> => {
      const found = ofChild(childId);
      if (found !== undefined) await say(found.id, found.says === 'out' ? 'as-given' : 'out');
    },
    /** All who were here had it; what a tablet showed to be wrong stays wrong. */
    allRight: async (children: readonly Child[]): Promise<void> => {
      const unseen = children.filter(({ id }) => ofChild(id) === undefined && stateOf(id) === 'unseen');
      const noted = children.filter(({ id }) => ofChild(id)?.source === 'teacher' && stateOf(id) === 'missed');
      for (const { id } of noted) await setTo(id, 'had');
      if (unseen.length > 0) await remember(unseen.map(({ id }) => ({ childId: id, got: true })));
    },
  };
};

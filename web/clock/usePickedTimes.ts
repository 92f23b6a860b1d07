import { computed, ref } from 'vue';
import type { DialTime } from '../../core/clock/index.ts';
import { TIMES_OF_GROUP, type TimeGroup } from '../../core/sets/index.ts';
import type { RingTime } from './TimeRings.vue';

/** Times picked one after another, in the order they were picked; a limit says itself. */
export const usePickedTimes = (groups: () => readonly TimeGroup[], most: number) => {
  const picked = ref<readonly DialTime[]>([]);
  const isFull = computed(() => picked.value.length >= most);
  const add = (times: readonly DialTime[]): void => {
    const fresh = times.filter((time) => !picked.value.includes(time));
    picked.value = [...picked.value, ...fresh].slice(0, most);
  };
  return {
    picked,
    isFull,
    /** Picks a time, or lets it go again. */
    pick: (time: DialTime): void => {
      if (picked.value.includes(time)) picked.value = picked.value.filter((other) => other !== time);
      else add([time]);
    },
    add,
    /** All of a group in the order of the dial; let go again where no more of them can be picked. */
    pickAll: (group: TimeGroup): void => {
      // One o'clock comes first, and twelve last.
      const [twelve, ...others] = TIMES_OF_GROUP[group];
      const inOrder = [...others, twelve!];
      const some = inOrder.filter((time) => picked.value.includes(time));
      if (some.length === inOrder.length || (isFull.value && some.length > 0))
        picked.value = picked.value.filter((time) => !inOrder.includes(time));
      else add(inOrder);
    },
    /** For the rings. */
    ringed: computed((): RingTime[] =>
      groups().flatMap((group) =>
        TIMES_OF_GROUP[group].map((time) => ({
          time,
          look: picked.value.includes(time) ? ('picked' as const) : ('open' as const),
        })),
      ),
    ),
    /** What has no place on them. */
    beside: computed(() =>
      picked.value.filter((time) => !groups().some((group) => TIMES_OF_GROUP[group].includes(time))),
    ),
  };
};

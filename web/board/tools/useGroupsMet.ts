import { computed, type ComputedRef } from 'vue';
import type { Lesson } from '../../../contract/index.ts';
import { groupsOf, lessonsMet } from '../../../core/planning/index.ts';
import { TIME_GROUPS, type TimeGroup } from '../../../core/sets/index.ts';
import { useClassroomStore } from '../../stores/classroom.ts';

/** Groups of times a class has met by a lesson, in teaching order; o'clock and half past are always there to choose from. */
export const useGroupsMet = (lesson: () => Lesson | undefined): ComputedRef<TimeGroup[]> => {
  const store = useClassroomStore();
  return computed(() => {
    const met = groupsOf(lessonsMet(store.classroom?.lessons ?? [], lesson()?.number ?? 0));
    return TIME_GROUPS.filter((group) => group === 'oclock' || group === 'half-past' || met.includes(group));
  });
};

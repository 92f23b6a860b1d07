import { onScopeDispose, ref, watch } from 'vue';
import type { RoutineEntry } from '../../../contract/index.ts';
import { nextMoment } from '../../../core/planning/index.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { ringChime } from './chime.ts';

/** Minutes a moment stays on the board unless it is put away before. */
const STAYS_MINUTES = 3;
/** Milliseconds timers are looked at again: a laptop that slept wakes up to the right moment. */
const LOOK_MS = 30_000;

/** Waits for the moments of the day and says which one it is now, by this computer's clock where it stands. */
export const useClockMoments = () => {
  const store = useClassroomStore();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const now = ref<RoutineEntry>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  const wait = (): void => {
    clearTimeout(timer);
    const { classroom } = store;
    if (classroom === undefined) return;
    const chosen = classroom.day.routine.filter(({ id }) => classroom.day.moments.includes(id));
    const next = nextMoment(chosen, classroom.today, zone, Date.now());
    if (next === undefined) return;
    if (next.inMs > LOOK_MS) {
      timer = setTimeout(wait, LOOK_MS);
      return;
    }
    timer = setTimeout(() => {
      now.value = next.entry;
      ringChime(store.classroom?.day.chime ?? 0);
      wait();
    }, next.inMs);
  };
  watch(() => store.classroom?.day, wait, { immediate: true });
  let leaving: ReturnType<typeof setTimeout> | undefined;
  watch(now, (entry) => {
    clearTimeout(leaving);
    if (entry !== undefined) leaving = setTimeout(() => (now.value = undefined), STAYS_MINUTES * 60_000);
  });
  onScopeDispose(() => {
    clearTimeout(timer);
    clearTimeout(leaving);
  });
  return { now, putAway: () => (now.value = undefined) };
};

import { usePreferredReducedMotion } from '@vueuse/core';
import { onScopeDispose, ref, watch, type Ref } from 'vue';

/** Milliseconds between two steps of a second hand that jumps from mark to mark. */
const STEP_MS = 250;

/** The seconds of this computer's clock, running while they are wanted: smoothly, or from mark to mark for less motion. */
export const useSecondHand = (wanted: () => boolean): Ref<number | undefined> => {
  const motion = usePreferredReducedMotion();
  const seconds = ref<number>();
  let frame = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = (): void => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
  const tick = (): void => {
    const now = (Date.now() / 1000) % 60;
    if (motion.value === 'reduce') {
      seconds.value = Math.floor(now);
      timer = setTimeout(tick, STEP_MS);
    } else {
      seconds.value = now;
      frame = requestAnimationFrame(tick);
    }
  };
  watch(
    [wanted, motion],
    ([on]) => {
      stop();
      if (on) tick();
      else seconds.value = undefined;
    },
    { immediate: true },
  );
  onScopeDispose(stop);
  return seconds;
};

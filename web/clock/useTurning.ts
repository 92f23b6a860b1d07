import { onScopeDispose, type Ref } from 'vue';
import { usePreferredReducedMotion } from '@vueuse/core';

/**
 * Turns a clock through every minute to where it should stand; never by a jump, unless less motion is wished.
 * @param minutes unwrapped minutes after twelve, written to once a frame
 */
export const useTurning = (minutes: Ref<number>) => {
  const motion = usePreferredReducedMotion();
  let frame = 0;
  let finish: (() => void) | undefined;

  const stop = (): void => {
    cancelAnimationFrame(frame);
    finish?.();
    finish = undefined;
  };

  /**
   * Turns to `target` within `ms`; resolves when it is there, or when another turn or whoever set the clock meanwhile
   * took over.
   * @param from where to begin; where the clock stands unless said otherwise
   */
  const turnTo = (target: number, ms: number, from = minutes.value): Promise<void> => {
    stop();
    if (motion.value === 'reduce' || ms <= 0 || target === from) {
      minutes.value = target;
      return Promise.resolve();
    }
    const began = performance.now();
    let written = from;
    minutes.value = from;
    return new Promise((resolve) => {
      finish = resolve;
      const step = (now: number): void => {
        if (minutes.value !== written) {
          stop();
          return;
        }
        const done = Math.min(1, Math.max(0, (now - began) / ms));
        // Slow in and slow out, so that the eye can follow the start and the stop.
        written = done === 1 ? target : from + (target - from) * done * done * (3 - 2 * done);
        minutes.value = written;
        if (done < 1) frame = requestAnimationFrame(step);
        else stop();
      };
      frame = requestAnimationFrame(step);
    });
  };

  onScopeDispose(stop);
  return { turnTo, stop };
};

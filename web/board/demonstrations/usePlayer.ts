import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import {
  SPEEDS,
  durationOf,
  sceneAt,
  sentenceAt,
  stepAt,
  steppedTo,
  type Demonstration,
  type Scene,
  type Speed,
} from '../../../core/demonstrations/index.ts';

/**
 * Plays a demonstration: at a chosen speed, paused, stepped and moved both ways. What is seen is a function of the moment alone.
 * @param base minutes the board's clock had been turned by before, whole turns of the hour hand: they are kept
 */
export const usePlayer = (demonstration: () => Demonstration, base: number) => {
  const motion = usePreferredReducedMotion();
  /** Seconds at speed 1. */
  const at = ref(0);
  const playing = ref(false);
  const speed = shallowRef<Speed>(1);
  const duration = computed(() => durationOf(demonstration()));
  const step = computed(() => stepAt(demonstration(), at.value).index);
  const scene = computed((): Scene => {
    const now = sceneAt(demonstration(), at.value, motion.value === 'reduce');
    return {
      ...now,
      minutes: now.minutes + base,
      ...(now.trailSince !== undefined && { trailSince: now.trailSince + base }),
    };
  });

  let frame = 0;
  let before = 0;
  const tick = (now: number): void => {
    const rate = demonstration().realTime ? 1 : speed.value;
    at.value = Math.min(duration.value, at.value + ((now - before) / 1000) * rate);
    before = now;
    if (at.value >= duration.value) playing.value = false;
    else frame = requestAnimationFrame(tick);
  };
  const pause = (): void => {
    cancelAnimationFrame(frame);
    playing.value = false;
  };
  const play = (): void => {
    if (at.value >= duration.value) at.value = 0;
    playing.value = true;
    before = performance.now();
    frame = requestAnimationFrame(tick);
  };
  const toggle = (): void => (playing.value ? pause() : play());
  /** To the end of the step of now, or back to its beginning; playing stops there. */
  const stepBy = (direction: 1 | -1): void => {
    pause();
    at.value = steppedTo(demonstration(), at.value, direction);
  };
  const scrub = (seconds: number): void => {
    pause();
    at.value = Math.min(duration.value, Math.max(0, seconds));
  };
  const faster = (by: 1 | -1): void => {
    const place = SPEEDS.indexOf(speed.value) + by;
    speed.value = SPEEDS[Math.min(SPEEDS.length - 1, Math.max(0, place))]!;
  };
  onScopeDispose(pause);
  return {
    at,
    playing,
    speed,
    duration,
    step,
    scene,
    sentence: computed(() => sentenceAt(demonstration(), at.value)),
    toggle,
    stepBy,
    scrub,
    faster,
  };
};

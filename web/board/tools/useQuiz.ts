import { useRafFn } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import type { DialTime } from '../../../core/clock/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { mixedTimes, type TimeGroup } from '../../../core/sets/index.ts';

/** How a quick quiz is run. */
export interface QuizWishes {
  readonly groups: readonly TimeGroup[];
  readonly count: number;
  /** Seconds to think. */
  readonly seconds: number;
}
/** Seconds the answer stays before the next clock comes. */
export const ANSWER_SECONDS = 4;

/** One clock after another: time to think, the answer by itself, the next by itself; stopped and gone on with at any moment. */
export const useQuiz = () => {
  const times = shallowRef<readonly DialTime[]>([]);
  const at = ref(0);
  const phase = ref<'ready' | 'think' | 'answer' | 'over'>('ready');
  const paused = ref(false);
  const seconds = ref(0);
  /** Milliseconds of the phase that have passed; a pause does not count. */
  const passedMs = ref(0);
  const total = computed(() => (phase.value === 'answer' ? ANSWER_SECONDS : seconds.value) * 1000);

  const enter = (next: 'think' | 'answer'): void => {
    phase.value = next;
    passedMs.value = 0;
  };
  const goOn = (): void => {
    if (phase.value === 'think') enter('answer');
    else if (at.value + 1 < times.value.length) {
      at.value += 1;
      enter('think');
    } else phase.value = 'over';
  };
  useRafFn(({ delta }) => {
    if (paused.value || phase.value === 'ready' || phase.value === 'over') return;
    passedMs.value += delta;
    if (passedMs.value >= total.value) goOn();
  });
  return {
    times,
    at,
    phase,
    paused,
    time: computed(() => times.value[at.value]),
    passed: computed(() => Math.min(1, passedMs.value / total.value)),
    seconds,
    begin: (wishes: QuizWishes): void => {
      times.value = mixedTimes(seededRng(seedFromText(newId())), wishes.groups, wishes.count);
      seconds.value = wishes.seconds;
      at.value = 0;
      paused.value = false;
      enter('think');
    },
    goOn,
    back: (): void => {
      if (phase.value === 'think' && at.value > 0) at.value -= 1;
      enter('think');
    },
    toggle: (): void => {
      paused.value = !paused.value;
    },
    again: (): void => {
      phase.value = 'ready';
    },
  };
};

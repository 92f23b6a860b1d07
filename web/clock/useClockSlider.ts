import { computed, type Ref } from 'vue';
import { HANDS, wrapToDial, type DialTime, type Hand } from '../../core/clock/index.ts';
import { handName, handPlace, sentence } from '../../core/wording/index.ts';
import { type Conventions } from '../../core/conventions/index.ts';
import { stepOfKey } from './stepOfKey.ts';

/** Where the hands of a clock stand, never what they say: the reading is the task. @param only of this hand alone */
export const handPlaces = (time: DialTime, conventions: Conventions, only?: Hand): string =>
  HANDS.filter((hand) => only === undefined || hand === only)
    .map((hand) => `${handName(hand, conventions)} ${sentence(handPlace(hand, time), conventions)}`)
    .join(', ');

interface Options {
  /** Unwrapped minutes after twelve. */
  readonly minutes: Ref<number>;
  readonly conventions: () => Conventions;
  readonly stepBy: (minutes: number) => void;
  /** Minutes a plain arrow key steps; 1 unless said otherwise. */
  readonly plainStep?: number;
}

/** A clock to turn as a slider: its keys, and what a screen reader hears of it. */
export const useClockSlider = ({ minutes, conventions, stepBy, plainStep = 1 }: Options) => {
  const now = computed(() => wrapToDial(minutes.value));
  const places = computed(() => handPlaces(now.value, conventions()));
  const key = (event: KeyboardEvent): void => {
    const step = stepOfKey(event);
    if (step === undefined) return;
    event.preventDefault();
    stepBy(event.shiftKey || event.altKey ? step : step * plainStep);
  };
  return { now, places, key };
};

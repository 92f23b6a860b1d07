import { computed, ref } from 'vue';
import { SEGMENT_MINUTES } from '../../core/planning/index.ts';

interface Options {
  /** Whole minutes as they are kept. */
  readonly minutes: () => number;
  /** Screen pixels a minute takes. */
  readonly minutePx: () => number;
  readonly done: (minutes: number) => void;
}

const within = (minutes: number): number => Math.min(SEGMENT_MINUTES.most, Math.max(SEGMENT_MINUTES.least, minutes));

/** Pulling the lower edge of a block by mouse, touch or pen, or a minute a key: whole minutes only. */
export const useResize = ({ minutes: kept, minutePx, done }: Options) => {
  const pulled = ref<number>();
  const held = ref(false);
  let from = 0;
  const minutes = computed(() => pulled.value ?? kept());

  const down = (event: PointerEvent): void => {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    event.preventDefault();
    held.value = true;
    from = event.clientY;
    pulled.value = kept();
  };
  const moved = (event: PointerEvent): void => {
    if (held.value) pulled.value = within(kept() + Math.round((event.clientY - from) / minutePx()));
  };
  const up = (): void => {
    const wanted = pulled.value;
    held.value = false;
    pulled.value = undefined;
    if (wanted !== undefined && wanted !== kept()) done(wanted);
  };
  const key = (event: KeyboardEvent): void => {
    const steps = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }[event.key];
    if (steps === undefined) return;
    event.preventDefault();
    const wanted = within(kept() + steps);
    if (wanted !== kept()) done(wanted);
  };
  return { minutes, held, down, moved, up, key };
};

import { nextTick, type Ref } from 'vue';
import { gearedAngles, handAt, snapMinutes, turnHand, type SnapMinutes } from '../../core/clock/index.ts';
import { HAND_TIPS } from '../../core/face/index.ts';
import { useHandDrag } from './useHandDrag.ts';
import { useTurning } from './useTurning.ts';

/** Time the hands take to settle on the snap after they are let go. */
const SETTLE_MS = 140;

interface Options {
  readonly svg: Ref<SVGSVGElement | null>;
  /** Unwrapped minutes after twelve. */
  readonly minutes: Ref<number>;
  readonly snap: () => SnapMinutes;
  readonly disabled: () => boolean;
  readonly fingers: () => 1 | 2;
}

/** Dragging the hands of a geared clock: one follows the other 12:1; of two fingers the one that moves leads. */
export const useGearDrag = ({ svg, minutes, snap, disabled, fingers }: Options) => {
  const { turnTo, stop } = useTurning(minutes);
  const settle = async (): Promise<void> => {
    // The last move has reached the page that holds the minutes only after it was drawn.
    await nextTick();
    if (drag.held.value.length > 0) return;
    await turnTo(snapMinutes(minutes.value, snap()), SETTLE_MS);
  };
  const drag = useHandDrag({
    svg,
    disabled,
    fingers,
    angles: () => gearedAngles(minutes.value),
    handAt: (point) => handAt(point, minutes.value, HAND_TIPS.full),
    turn: (hand, towards) => (minutes.value = turnHand(minutes.value, hand, towards)),
    onGrab: stop,
    onLetGo: () => void settle(),
  });
  /** Turns by a number of minutes, from where the clock would settle. */
  const stepBy = (step: number): void => {
    if (!disabled()) void turnTo(snapMinutes(minutes.value, 1) + step, 0);
  };
  return { ...drag, stepBy, turnTo };
};

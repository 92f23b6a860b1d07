import { nextTick, onScopeDispose, ref, type Ref } from 'vue';
import {
  angleOfPoint,
  gearedAngles,
  handAt,
  snapMinutes,
  turnBetween,
  turnHand,
  type FacePoint,
  type Hand,
  type SnapMinutes,
} from '../../core/clock/index.ts';
import { HAND_TIPS } from '../../core/face/index.ts';
import { useTurning } from './useTurning.ts';

/** Time the hands take to settle on the snap after they are let go. */
const SETTLE_MS = 140;

interface Options {
  readonly svg: Ref<SVGSVGElement | null>;
  /** Unwrapped minutes after twelve. */
  readonly minutes: Ref<number>;
  readonly snap: () => SnapMinutes;
  readonly disabled: () => boolean;
  /** Called when a hand was taken, and when the clock came to rest. */
  readonly onGrab?: () => void;
  readonly onSettled?: () => void;
}

/**
 * Dragging the hands of a geared clock by mouse, touch or pen. The hand keeps the angle at which it was taken, so
 * it never jumps under the finger; moves are drawn once a frame.
 */
export const useGearDrag = ({ svg, minutes, snap, disabled, onGrab, onSettled }: Options) => {
  const held = ref<Hand>();
  const { turnTo, stop } = useTurning(minutes);
  let grip = 0;
  let pointer: number | undefined;
  let wanted: number | undefined;
  let frame = 0;

  /** From the screen to face units. Asked once a drag: asking makes the browser lay the page out, at each move. */
  let toFace: DOMMatrix | undefined;
  const facePoint = ({ clientX, clientY }: PointerEvent): FacePoint =>
    toFace === undefined ? { x: 0, y: 0 } : new DOMPoint(clientX, clientY).matrixTransform(toFace);
  const draw = (): void => {
    frame = 0;
    if (wanted === undefined || held.value === undefined) return;
    minutes.value = turnHand(minutes.value, held.value, wanted);
    wanted = undefined;
  };
  const settle = async (): Promise<void> => {
    // The last move has reached the page that holds the minutes only after it was drawn.
    await nextTick();
    if (held.value !== undefined) return;
    await turnTo(snapMinutes(minutes.value, snap()), SETTLE_MS);
    onSettled?.();
  };

  /** @param hand taken for certain, as by the knob; otherwise the one the finger is nearest to */
  const down = (event: PointerEvent, hand?: Hand): void => {
    if (disabled() || pointer !== undefined || !event.isPrimary || event.button !== 0) return;
    stop();
    toFace = svg.value?.getScreenCTM()?.inverse();
    const point = facePoint(event);
    held.value = hand ?? handAt(point, minutes.value, HAND_TIPS.full);
    grip = turnBetween(angleOfPoint(point.x, point.y), gearedAngles(minutes.value)[held.value]);
    // Far from the hand it comes to the finger, instead of being turned at a distance.
    if (Math.abs(grip) > 20) grip = 0;
    pointer = event.pointerId;
    svg.value?.setPointerCapture(pointer);
    onGrab?.();
  };
  const move = (event: PointerEvent): void => {
    if (event.pointerId !== pointer) return;
    const { x, y } = facePoint(event);
    wanted = angleOfPoint(x, y) + grip;
    if (frame === 0) frame = requestAnimationFrame(draw);
  };
  const up = (event: PointerEvent): void => {
    if (event.pointerId !== pointer) return;
    cancelAnimationFrame(frame);
    draw();
    pointer = undefined;
    held.value = undefined;
    void settle();
  };
  /** Turns by a number of minutes, from where the clock would settle. */
  const stepBy = (step: number): void => {
    if (disabled()) return;
    onGrab?.();
    void turnTo(snapMinutes(minutes.value, 1) + step, 0).then(() => onSettled?.());
  };

  onScopeDispose(() => cancelAnimationFrame(frame));
  return { held, down, move, up, stepBy, turnTo };
};

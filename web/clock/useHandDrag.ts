import { onScopeDispose, shallowRef, type Ref } from 'vue';
import { angleOfPoint, turnBetween, type FacePoint, type Hand, type HandAngles } from '../../core/clock/index.ts';
import { useTouchToItself } from './useTouchToItself.ts';

/** Degrees from a hand beyond which it comes to the finger, instead of being turned at a distance. */
const FAR = 20;

interface Options {
  readonly svg: Ref<SVGSVGElement | null>;
  readonly disabled: () => boolean;
  /** How many fingers may hold hands at once: a palm on a child's tablet is not to take a second one. */
  readonly fingers: () => 1 | 2;
  /** Where the hands are now. */
  readonly angles: () => HandAngles;
  /** Which hand a finger means at a point of the face. */
  readonly handAt: (point: FacePoint) => Hand;
  /** Turns a hand to a direction, degrees clockwise from 12. */
  readonly turn: (hand: Hand, towards: number) => void;
  /** A hand was taken. */
  readonly onGrab: () => void;
  /** The last finger was lifted. */
  readonly onLetGo: () => void;
}

interface Grip {
  readonly hand: Hand;
  /** Degrees from the finger to the hand it took. */
  readonly apart: number;
  /** Where the finger wants its hand since the last frame. */
  wanted: number | undefined;
}

/**
 * Dragging hands by mouse, touch or pen, a finger for each hand. A hand keeps the angle at which it was taken, so it never jumps
 * under the finger; moves are drawn once a frame, in the order the fingers moved.
 */
export const useHandDrag = ({ svg, disabled, fingers, angles, handAt, turn, onGrab, onLetGo }: Options) => {
  useTouchToItself(svg);
  const grips = new Map<number, Grip>();
  const held = shallowRef<readonly Hand[]>([]);
  let frame = 0;
  /** From the screen to face units. Asked once a drag: asking makes the browser lay the page out, at each move. */
  let toFace: DOMMatrix | undefined;
  const facePoint = ({ clientX, clientY }: PointerEvent): FacePoint =>
    toFace === undefined ? { x: 0, y: 0 } : new DOMPoint(clientX, clientY).matrixTransform(toFace);

  const draw = (): void => {
    frame = 0;
    for (const grip of grips.values()) {
      if (grip.wanted !== undefined) turn(grip.hand, grip.wanted);
      grip.wanted = undefined;
    }
  };
  const tell = (): void => {
    held.value = [...grips.values()].map(({ hand }) => hand);
  };

  /** @param hand taken for certain, as by a knob; otherwise the one the finger is nearest to, or the one still free */
  const down = (event: PointerEvent, hand?: Hand): void => {
    if (disabled() || event.button !== 0 || grips.has(event.pointerId) || grips.size >= fingers()) return;
    if (grips.size === 0) toFace = svg.value?.getScreenCTM()?.inverse();
    const point = facePoint(event);
    const taken = [...grips.values()][0]?.hand;
    const free = taken === undefined ? undefined : taken === 'hour' ? ('minute' as const) : ('hour' as const);
    const mine = hand ?? free ?? handAt(point);
    onGrab();
    const apart = turnBetween(angleOfPoint(point.x, point.y), angles()[mine]);
    grips.set(event.pointerId, { hand: mine, apart: Math.abs(apart) > FAR ? 0 : apart, wanted: undefined });
    svg.value?.setPointerCapture(event.pointerId);
    tell();
  };
  const move = (event: PointerEvent): void => {
    const grip = grips.get(event.pointerId);
    if (grip === undefined) return;
    const { x, y } = facePoint(event);
    grip.wanted = angleOfPoint(x, y) + grip.apart;
    // The finger that moved last leads: its hand is turned after the other.
    grips.delete(event.pointerId);
    grips.set(event.pointerId, grip);
    if (frame === 0) frame = requestAnimationFrame(draw);
  };
  const up = (event: PointerEvent): void => {
    if (!grips.has(event.pointerId)) return;
    cancelAnimationFrame(frame);
    draw();
    grips.delete(event.pointerId);
    tell();
    if (grips.size === 0) onLetGo();
  };

  onScopeDispose(() => cancelAnimationFrame(frame));
  return { held, down, move, up };
};

import { shallowRef, type Ref } from 'vue';
import { drawnOn, type Stroke, type StrokePoint } from '../../core/strokes/index.ts';
import { useTouchToItself } from './useTouchToItself.ts';

interface Options {
  readonly svg: Ref<SVGSVGElement | null>;
  readonly open: () => boolean;
  /** Points there is still room for. */
  readonly room: () => number;
  /** A line was drawn. */
  readonly done: (stroke: Stroke) => void;
}

/** A finger or pencil on a face: its way in face units, with every point the device reports in between. */
export const usePencil = ({ svg, open, room, done }: Options) => {
  useTouchToItself(svg);
  const began = performance.now();
  const now = shallowRef<readonly StrokePoint[]>([]);
  let pointer: number | undefined;
  let toFace: DOMMatrix | undefined;
  const ms = (): number => Math.round(performance.now() - began);
  const pointOf = ({ clientX, clientY }: PointerEvent): StrokePoint => {
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(toFace);
    return { x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100, ms: ms() };
  };
  return {
    /** The line being drawn. */
    now,
    ms,
    down: (event: PointerEvent): void => {
      // A palm beside the finger draws nothing.
      if (!open() || pointer !== undefined || event.button !== 0) return;
      pointer = event.pointerId;
      toFace = svg.value?.getScreenCTM()?.inverse();
      svg.value?.setPointerCapture(event.pointerId);
      now.value = [pointOf(event)];
    },
    move: (event: PointerEvent): void => {
      if (event.pointerId !== pointer) return;
      // Several reports a frame come in one event; older browsers give the last alone.
      const all = event.getCoalescedEvents?.() ?? [];
      const points = (all.length > 0 ? all : [event]).map(pointOf);
      now.value = drawnOn(now.value, points, room() - now.value.length);
    },
    up: (event: PointerEvent): void => {
      if (event.pointerId !== pointer) return;
      pointer = undefined;
      const stroke = now.value;
      now.value = [];
      if (stroke.length > 0) done(stroke);
    },
  };
};

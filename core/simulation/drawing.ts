import { pointAt } from '../face/index.ts';
import type { DrawnHand } from '../items/index.ts';
import type { FacePoint, HandAngles } from '../clock/index.ts';
import { pick, type Rng } from '../common/index.ts';
import type { Stroke } from '../strokes/index.ts';

/** Ways in which children draw hands. */
export const DRAWING_HABITS = [
  'plain',
  'from-the-rim',
  'drawn-over',
  'past-the-middle',
  'arrowheads',
  'dot-first',
  'in-two-parts',
  'both-in-one',
] as const;
export type DrawingHabit = (typeof DRAWING_HABITS)[number];

/** A face of 60 mm across: so many face units (rim 100) are one millimetre. */
export const UNITS_PER_MM = 100 / 30;

interface Line {
  readonly angle: number;
  readonly from: number;
  readonly to: number;
}

/** Waves to and fro across a line: two of different lengths, none of them the same twice. */
const wobble = (rng: Rng, amplitude: number): ((share: number) => number) => {
  const waves = [0.65, 0.35].map((part, i) => ({
    size: part * amplitude,
    turns: (0.8 + rng() * 1.2) * (i + 1),
    phase: rng() * 2 * Math.PI,
  }));
  return (share) =>
    waves.reduce((sum, { size, turns, phase }) => sum + size * Math.sin(2 * Math.PI * turns * share + phase), 0);
};

/** A line along a ray, from one distance to another, with its wobble. */
const wobbly = (rng: Rng, { angle, from, to }: Line, wobbleMm: number): FacePoint[] => {
  const beside = wobble(rng, wobbleMm * UNITS_PER_MM);
  const steps = Math.max(4, Math.round(Math.abs(to - from) / 2.5));
  const across = pointAt(angle + 90, 1);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const share = i / steps;
    const along = pointAt(angle, from + (to - from) * share);
    const stray = beside(share);
    return { x: along.x + across.x * stray, y: along.y + across.y * stray };
  });
};

/** The two barbs of an arrow at a tip. */
const barbs = (rng: Rng, tip: FacePoint, angle: number): FacePoint[] => {
  const size = 8 + rng() * 6;
  const back = (turn: number): FacePoint => {
    const { x, y } = pointAt(angle + 180 + turn, size);
    return { x: tip.x + x, y: tip.y + y };
  };
  return [back(35), tip, back(-35)];
};

const dot = (rng: Rng, at: FacePoint): FacePoint[] =>
  Array.from({ length: 6 }, (_, i) => ({
    x: at.x + 2 * Math.sin(i) + rng(),
    y: at.y + 2 * Math.cos(i) + rng(),
  }));

const handLines = (rng: Rng, angle: number, reach: number, habit: DrawingHabit, wobbleMm: number): FacePoint[][] => {
  const start = rng() * 4;
  const line = (from: number, to: number): FacePoint[] => wobbly(rng, { angle, from, to }, wobbleMm);
  const out = line(start, reach);
  switch (habit) {
    case 'plain':
    case 'both-in-one':
      return [out];
    case 'from-the-rim':
      return [line(reach, start)];
    case 'drawn-over':
      return [[...out, ...line(reach, start + 3), ...line(start + 3, reach)]];
    case 'past-the-middle':
      return [line(reach, -(6 + rng() * 10))];
    case 'arrowheads':
      return [out, barbs(rng, out.at(-1)!, angle)];
    case 'dot-first':
      return [dot(rng, pointAt(angle, 94)), out];
    case 'in-two-parts': {
      const join = reach * (0.4 + rng() * 0.2);
      return [line(start, join + 3), line(join - 2, reach)];
    }
  }
};

/** Milliseconds from one point to the next. */
const POINT_MS = 16;
const timed = (lines: readonly FacePoint[][]): Stroke[] => {
  let ms = 0;
  return lines.map((line) => line.map((point) => ({ ...point, ms: (ms += POINT_MS) })));
};

/** How a simulated child draws. */
export interface DrawingStyle {
  readonly habit: DrawingHabit;
  /** How far a line strays to either side, in millimetres on a face of 60 mm. */
  readonly wobbleMm: number;
  readonly hourReach: number;
  readonly minuteReach: number;
}

/** A style at random: any habit, 1 to 2 mm of wobble, hands of usual lengths. */
export const anyStyle = (rng: Rng): DrawingStyle => ({
  habit: pick(rng, DRAWING_HABITS),
  wobbleMm: 1 + rng(),
  hourReach: 42 + rng() * 14,
  minuteReach: 72 + rng() * 16,
});

/**
 * Strokes of a child who draws these hands, in face units: none, one or two.
 * @param hands degrees clockwise from 12, and reaches
 */
export const simulateHands = (
  hands: readonly DrawnHand[],
  { habit, wobbleMm }: Pick<DrawingStyle, 'habit' | 'wobbleMm'>,
  rng: Rng,
): Stroke[] => {
  const lines = hands.map(({ angle, reach }) => handLines(rng, angle, reach, habit, wobbleMm));
  const [first, second] = lines;
  if (habit === 'both-in-one' && first !== undefined && second !== undefined)
    return timed([[...[...first[0]!].reverse(), ...second[0]!]]);
  return timed((rng() < 0.5 ? lines : lines.reverse()).flat());
};

/** Strokes of a child who draws both hands at these angles (degrees clockwise from 12), in face units. */
export const simulateDrawing = (hands: HandAngles, style: DrawingStyle, rng: Rng): Stroke[] =>
  simulateHands(
    [
      { angle: hands.hour, reach: style.hourReach },
      { angle: hands.minute, reach: style.minuteReach },
    ],
    style,
    rng,
  );

/** A scribble all over the face. */
export const simulateScribble = (rng: Rng): Stroke[] => {
  let [x, y] = [rng() * 60 - 30, rng() * 60 - 30];
  let direction = rng() * 2 * Math.PI;
  return timed([
    Array.from({ length: 160 }, () => {
      direction += (rng() - 0.4) * 1.6;
      x = Math.max(-80, Math.min(80, x + 7 * Math.cos(direction)));
      y = Math.max(-80, Math.min(80, y + 7 * Math.sin(direction)));
      return { x, y };
    }),
  ]);
};

import { angleBetween, normaliseAngle, turnBetween } from '../clock/index.ts';
import { runsOf, type Run } from './runs.ts';
import { extent, lengthOf, resampled, type Stroke } from './stroke.ts';

/** A hand read from a drawing. */
export interface ReadHand {
  /** Degrees clockwise from 12, from the middle to the tip. */
  readonly angle: number;
  /** Face units from the middle to the tip. */
  readonly reach: number;
  /** 0..1: how straight and how clearly apart from anything else it is. */
  readonly confidence: number;
}

/** Why a drawing cannot be read: nothing but dots; no straight lines; more lines than hands. */
export const UNREADABLE = ['nothing', 'scribble', 'too-many-lines'] as const;

/** What a drawing shows: one or two hands, the shorter first, or nothing that can be read. */
export type DrawingRead =
  | { readonly kind: 'hands'; readonly hands: readonly ReadHand[]; readonly offCentre: boolean }
  | { readonly kind: 'unreadable'; readonly why: (typeof UNREADABLE)[number] };

/*
 * Sizes in face units and angles in degrees. They were set on drawings made by core/simulation with 1 to 2 mm of wobble
 * on a face of 60 mm, and are held by its tests; real children's drawings must be tried before anything is claimed.
 */
const SPACING = 3;
/** A mark no larger is a dot. */
const DOT = 9;
/** A line no longer, away from the middle, is the barb of an arrow. */
const BARB = { length: 21, near: 22 };
/** A line that reaches no further is the part of another that went past the middle. */
const OVERSHOOT = 24;
/** A line drawn over again lies so near; the same with about the same reach; a hand's second part may lie so far off. */
const SAME = { angle: 7, sameReachAngle: 11, partAngle: 20 };
/** Two lines in one direction are two hands when one reaches so many times as far. */
const ONE_BEHIND_OTHER = 1.25;
/** Of all that was drawn, the two hands are at least so much; the rest is what went past the middle. */
const KEPT = 0.7;
/** A straight line strays less. */
const STRAY = 9;

/**
 * What is looked at of a drawing at most: its lines' length in face units, and the stretches they are split into. A hand is about
 * 80 long, and one stretch; two hands, each drawn over twenty times, are 3200 and 40. What is more is scribble, told without working
 * through it: reading costs as little at a server that reads for a whole room as at the tablet, and both say the same.
 */
export const BUDGET = { length: 12_000, runs: 120 };

/** Lines that make up one hand. */
interface Line {
  readonly runs: readonly Run[];
  readonly angle: number;
  readonly far: number;
  readonly length: number;
}

/** Mean direction of runs, each by its length times its reach: the outer end of a long line tells most. */
const meanAngle = (runs: readonly Run[]): number => {
  const [first] = runs;
  const weights = runs.map(({ length, far }) => length * far);
  const total = weights.reduce((a, b) => a + b, 0);
  const turn = runs.reduce((sum, { angle }, i) => sum + turnBetween(first!.angle, angle) * weights[i]!, 0) / total;
  return normaliseAngle(first!.angle + turn);
};
const lineOf = (runs: readonly Run[]): Line => ({
  runs,
  angle: meanAngle(runs),
  far: Math.max(...runs.map(({ far }) => far)),
  length: runs.reduce((sum, { length }) => sum + length, 0),
});

/** Is a run a part of a line: drawn over it again, or going on where it ended? */
const belongs = (run: Run, line: Line): boolean => {
  const apart = angleBetween(run.angle, line.angle);
  if (apart <= SAME.angle) return true;
  const reach = run.far / line.far;
  if (apart <= SAME.sameReachAngle && reach > 0.85 && reach < 1.18) return true;
  const near = Math.min(...line.runs.map((one) => one.near));
  const goesOn = run.near >= line.far - 14 || near >= run.far - 14;
  return goesOn && apart <= SAME.partAngle;
};

const gather = (runs: readonly Run[]): Line[] => {
  let lines: Line[] = [];
  for (const run of [...runs].sort((a, b) => b.far * b.length - a.far * a.length)) {
    const fitting = lines
      .filter((line) => belongs(run, line))
      .sort((a, b) => angleBetween(run.angle, a.angle) - angleBetween(run.angle, b.angle))[0];
    lines =
      fitting === undefined
        ? [...lines, lineOf([run])]
        : lines.map((line) => (line === fitting ? lineOf([...line.runs, run]) : line));
  }
  return lines;
};

/** A short line opposite a longer one is the longer one's tail. */
const isTail = (line: Line, all: readonly Line[]): boolean =>
  line.far < OVERSHOOT &&
  all.some((other) => other !== line && other.far > line.far * 1.6 && angleBetween(other.angle, line.angle + 180) < 40);

/** One line that was two hands, one behind the other: runs from the middle that end at two clearly different reaches. */
const behindEachOther = (line: Line): Line[] => {
  const whole = line.runs.filter(({ near }) => near < 18);
  const longest = Math.max(...whole.map(({ far }) => far), 0);
  const short = whole.filter(({ far }) => far * ONE_BEHIND_OTHER <= longest);
  if (short.length === 0 || longest === 0) return [line];
  return [lineOf(line.runs.filter((run) => !short.includes(run))), lineOf(short)];
};

/** 1 for a ruled line; less the more it strays and the nearer another one lies. */
const confidenceOf = (line: Line, others: readonly Line[]): number => {
  const stray = line.runs.reduce((sum, run) => sum + run.stray * run.length, 0) / line.length;
  const apart = Math.min(90, ...others.map(({ angle }) => angleBetween(angle, line.angle)));
  return Math.max(0, 1 - stray / (2 * STRAY)) * (0.6 + 0.4 * Math.min(1, apart / 25));
};

const isDot = (stroke: Stroke): boolean => stroke.length === 0 || extent(stroke) <= DOT;

const SCRIBBLE: DrawingRead = { kind: 'unreadable', why: 'scribble' };

const read = (strokes: readonly Stroke[]): DrawingRead => {
  if (lengthOf(strokes) > BUDGET.length) return SCRIBBLE;
  const runs = strokes
    .filter((stroke) => !isDot(stroke))
    .flatMap((stroke) => runsOf(resampled(stroke, SPACING), SPACING))
    .filter(({ length, near }) => !(length <= BARB.length && near >= BARB.near));
  if (runs.length > BUDGET.runs) return SCRIBBLE;
  const lines = gather(runs);
  const hands = lines
    .filter((line) => !isTail(line, lines) && line.far >= OVERSHOOT)
    .sort((a, b) => b.length * b.far - a.length * a.far);
  const [first, second, third] = hands;
  if (first === undefined) return { kind: 'unreadable', why: runs.length === 0 ? 'nothing' : 'scribble' };

  const drawn = runs.reduce((sum, { length }) => sum + length, 0);
  const straight = runs.filter(({ stray }) => stray <= STRAY).reduce((sum, { length }) => sum + length, 0);
  if (straight < drawn * 0.6) return SCRIBBLE;
  if (third !== undefined && third.length > 0.45 * second!.length) return { kind: 'unreadable', why: 'too-many-lines' };

  const kept = first.length + (second?.length ?? 0);
  if (kept < drawn * KEPT) return SCRIBBLE;

  const two = second === undefined ? behindEachOther(first) : [first, second];
  const offCentre = two.some(({ runs: parts }) => parts.some((run) => run.offCentre));
  return {
    kind: 'hands',
    hands: two
      .map((line) => ({
        angle: line.angle,
        reach: line.far,
        confidence: confidenceOf(
          line,
          two.filter((one) => one !== line),
        ),
      }))
      .sort((a, b) => a.reach - b.reach),
    offCentre,
  };
};
/** What was read of a drawing, as long as the drawing itself is there: marking and showing ask for the same. */
const known = new WeakMap<readonly Stroke[], DrawingRead>();

/**
 * The hands of a freehand drawing: strokes are split where they turn round, dots, arrowheads and what went past the
 * middle are left out, what was drawn over or in two parts is put together, and each hand's direction is the axis
 * through the middle nearest to its points (total least squares, so the outer end counts most). Nothing is known here
 * of what should have been drawn.
 * @param strokes in face units, middle 0,0, y down
 */
export const readDrawing = (strokes: readonly Stroke[]): DrawingRead => {
  const found = known.get(strokes) ?? read(strokes);
  known.set(strokes, found);
  return found;
};

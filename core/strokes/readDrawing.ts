import { angleBetween } from '../clock/index.ts';
import { makeUp, type Arm } from './arms.ts';
import { ORIGIN, seenFrom } from './axis.ts';
import { confidenceOf, type Signs } from './confidence.ts';
import { crossedLines } from './crossed.ts';
import { directionOf } from './fit.ts';
import { SHORTEST, findHands } from './hands.ts';
import { hubOf } from './hub.ts';
import type { Aside } from './marks.ts';
import { runsOf } from './runs.ts';
import { sortOut, tellRest, tellSmall } from './sortOut.ts';
import { lengthOf, type Stroke } from './stroke.ts';

/** A hand read from a drawing. */
export interface ReadHand {
  /** Degrees clockwise from 12 in which its tip lies, seen from its root. */
  readonly angle: number;
  /** Face units from the middle to the tip. */
  readonly reach: number;
}

/** Why a drawing cannot be read: nothing but marks beside; lines that are no hands; more lines than hands. */
export const UNREADABLE = ['nothing', 'scribble', 'too-many-lines'] as const;
export type UnreadableDrawing = (typeof UNREADABLE)[number];

/** What a drawing shows: one or two hands, the shorter first, or nothing that can be read; and what was set aside in it. */
export type DrawingRead =
  | {
      readonly kind: 'hands';
      readonly hands: readonly ReadHand[];
      /** 0..1: of drawings read with this confidence so many are read as they were drawn. */
      readonly confidence: number;
      /** Were the hands drawn about another point than the middle, or one of them beside it? */
      readonly offCentre: boolean;
      readonly aside: readonly Aside[];
    }
  | { readonly kind: 'unreadable'; readonly why: UnreadableDrawing; readonly aside: readonly Aside[] };

/** Face units between points of a line that is looked at. */
const SPACING = 3;
/**
 * What is looked at of a drawing at most: its lines' length in face units, and the stretches they are split into. A hand is about
 * 80 long, and one stretch; two hands, each drawn over twenty times, are 3200 and 40. What is more is scribble, told without working
 * through it: reading costs as little at a server that reads for a whole room as at the tablet, and both say the same.
 */
export const BUDGET = { length: 12_000, runs: 120 };
/** Lines that are no part of anything, as a part of the hands' own length, at most. */
const UNTOLD = 0.5;
/** A middle farther from the clock's own, in face units, is said. */
const OFF_CENTRE = 13;

const directionOfArm = (arm: Arm) =>
  directionOf(
    arm.runs.flatMap(({ points, blob }) => [...points, ...blob]),
    arm.angle,
    arm.far,
  );

type Unreadable = Extract<DrawingRead, { kind: 'unreadable' }>;
/** Hands as they were found, with the signs that tell how far to trust them. */
type Looked = Omit<Extract<DrawingRead, { kind: 'hands' }>, 'confidence'> & { readonly signs: Signs };

/** What is seen in a drawing, before it is said how sure that is. For the tool that finds out how sure: whoever reads takes `readDrawing`. */
export const lookAt = (strokes: readonly Stroke[]): Looked | Unreadable => {
  const unreadable = (why: UnreadableDrawing, set: readonly Aside[] = []): Unreadable => ({
    kind: 'unreadable',
    why,
    aside: set,
  });
  // What is not a number is longer than nothing and shorter than nothing.
  if (!(lengthOf(strokes) <= BUDGET.length)) return unreadable('scribble');
  const sorted = sortOut(strokes, SPACING);
  const plain = sorted.lines.flatMap((points, i) => runsOf(points, SPACING, i));
  if (plain.length > BUDGET.runs) return unreadable('scribble', sorted.aside);
  const hub = crossedLines(plain) === undefined ? hubOf(sorted.lines, plain, SPACING) : ORIGIN;
  const runs = hub === ORIGIN ? plain : sorted.lines.flatMap((points, i) => runsOf(seenFrom(points, hub), SPACING, i));
  const { hands, tooMany, tail, rest } = findHands(runs, hub !== ORIGIN);
  const told = tellRest(rest, hands, SHORTEST);
  const aside = [...sorted.aside, ...told.aside, ...tellSmall(sorted.small, hands, hub)];
  if (hands.length === 0) return unreadable(told.untold > SHORTEST ? 'scribble' : 'nothing', aside);
  if (tooMany) return unreadable('too-many-lines', aside);
  if (told.untold > UNTOLD * hands.reduce((sum, { length }) => sum + length, 0)) return unreadable('scribble', aside);
  const found = hands.map((arm) => ({ ...directionOfArm(arm), reach: arm.far })).sort((a, b) => a.reach - b.reach);
  const [shorter, longer] = [found[0]!, found.at(-1)!];
  const most = (of: (hand: (typeof found)[number]) => number): number => Math.max(...found.map(of));
  const shifted = Math.hypot(hub.x, hub.y);
  const madeUp = hands.map(makeUp);
  return {
    kind: 'hands',
    hands: found.map(({ angle, reach }) => ({ angle, reach })),
    offCentre: shifted > OFF_CENTRE || most(({ beside }) => Math.abs(beside)) > OFF_CENTRE,
    aside,
    signs: {
      hands: found.length === 2 ? 2 : 1,
      unsure: most(({ unsure }) => unsure),
      crooked: most(({ bow, bend, reach }) => (Math.abs(bow) + Math.abs(bend)) / reach),
      tail,
      gap: 1 - Math.min(...madeUp.map(({ covered }) => covered)),
      ratio: shorter.reach / longer.reach,
      between: found.length === 2 ? angleBetween(shorter.angle, longer.angle) : 180,
      shifted,
      pieces: Math.max(...madeUp.map(({ pieces }) => pieces)),
      rest: told.untold > 0 || told.aside.length > 0 || aside.some(({ kind }) => kind === 'beside'),
    },
  };
};

const read = (strokes: readonly Stroke[]): DrawingRead => {
  const looked = lookAt(strokes);
  if (looked.kind === 'unreadable') return looked;
  const { signs, ...found } = looked;
  return { ...found, confidence: confidenceOf(signs) };
};

/** What was read of a drawing, as long as the drawing itself is there: whoever asks for it again gets the same. */
const known = new WeakMap<readonly Stroke[], DrawingRead>();

/**
 * The hands of a freehand drawing. Lines that are none by themselves are set aside first (dots, rings, a rim that was drawn over); the rest
 * is split where it turns round, and what goes on from the middle outwards is put together: drawn over, in pieces, in one line. What hangs
 * on the tips is theirs. Nothing is known here of what should have been drawn.
 * @param strokes in face units, middle 0,0, y down
 */
export const readDrawing = (strokes: readonly Stroke[]): DrawingRead => {
  const found = known.get(strokes) ?? read(strokes);
  known.set(strokes, found);
  return found;
};

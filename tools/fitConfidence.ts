/**
 * Fits the weights of core/strokes/confidence.ts: a logistic regression of "was it read as it was drawn?" on what a reading leaves to doubt,
 * over made-up drawings of every kind the reader was made with. Prints the weights, and for drawings they were not fitted to the share that
 * was foretold beside the share found. Nothing is written: the weights are taken over by hand, with the tests after them.
 */
import { ALL_DIAL_TIMES, angleBetween, handAngles, handsApart } from '../core/clock/index.ts';
import { pick, seededRng, type Rng } from '../core/common/index.ts';
import { anyStyle, simulateHands } from '../core/simulation/index.ts';
import { HABITS, SCRIBBLES, scrawl, scribbled, type Habit, type Scribble } from '../core/simulation/scrawl/index.ts';
import { DOUBTFUL, DOUBTS, type Doubt } from '../core/strokes/confidence.ts';
import { lookAt } from '../core/strokes/readDrawing.ts';
import type { Stroke } from '../core/strokes/index.ts';

/** Drawings of each habit. */
const EACH = Number(process.argv[2] ?? 500);
const NEAR_DEGREES = 6;
const TIMES = ALL_DIAL_TIMES.filter((time) => handsApart(time) >= 8);
const DOUBT_NAMES = Object.keys(DOUBTS) as Doubt[];

interface Case {
  readonly doubts: readonly number[];
  readonly right: boolean;
}
const cases = (seed: number, tuned: boolean): Case[] => {
  const all: Case[] = [];
  const add = (strokes: readonly Stroke[], hands: readonly number[]): void => {
    const looked = lookAt(strokes);
    if (looked.kind === 'unreadable') return;
    all.push({
      doubts: [1, ...DOUBT_NAMES.map((name) => -DOUBTS[name](looked.signs))],
      right:
        looked.hands.length === hands.length &&
        looked.hands.every(({ angle }, i) => angleBetween(angle, hands[i]!) <= NEAR_DEGREES),
    });
  };
  const rng: Rng = seededRng(seed);
  for (const [habit, data] of Object.entries(HABITS))
    for (let i = 0; data.tuned === tuned && i < EACH; i++) {
      const { strokes, hands } = scrawl(rng, habit as Habit, handAngles(pick(rng, TIMES)));
      add(strokes, [hands.hour, hands.minute]);
    }
  for (const [scribble, data] of Object.entries(SCRIBBLES))
    for (let i = 0; data.tuned === tuned && i < EACH; i++) add(scribbled(rng, scribble as Scribble), []);
  for (let i = 0; tuned && i < 4 * EACH; i++) {
    const [style, angle] = [anyStyle(rng), rng() * 360];
    const other = rng() * 360;
    const hands = [
      { angle, reach: style.hourReach },
      { angle: other, reach: style.minuteReach },
    ].slice(i % 2);
    if (i % 2 === 0 && angleBetween(angle, other) < 8) continue;
    add(
      simulateHands(hands, style, rng),
      hands.map((hand) => hand.angle),
    );
  }
  return all;
};

/** Solves equations whose matrix is symmetric and positive: Gauss without pivoting. */
const solve = (matrix: readonly (readonly number[])[], right: readonly number[]): number[] => {
  const rows = matrix.map((row, i) => [...row, right[i]!]);
  const size = rows.length;
  for (let i = 0; i < size; i++)
    for (let j = 0; j < size; j++) {
      if (i === j) continue;
      const part = rows[j]![i]! / rows[i]![i]!;
      for (let k = i; k <= size; k++) rows[j]![k]! -= part * rows[i]![k]!;
    }
  return rows.map((row, i) => row[size]! / row[i]!);
};
const chance = (weights: readonly number[], { doubts }: Case): number =>
  1 / (1 + Math.exp(-doubts.reduce((sum, doubt, i) => sum + doubt * weights[i]!, 0)));

/** Newton's method; weights are held to nothing a little, so that none of a rare sign runs away. */
const fitted = (all: readonly Case[]): number[] => {
  const size = DOUBT_NAMES.length + 1;
  let weights = Array.from({ length: size }, (_, i): number => (i === 0 ? 3 : 0));
  for (let round = 0; round < 15; round++) {
    const gradient = weights.map((weight, i) => (i === 0 ? 3 : 0) - weight);
    const curve = weights.map((_, i) => weights.map((__, j) => (i === j ? 1 : 0)));
    for (const one of all) {
      const p = chance(weights, one);
      for (let i = 0; i < size; i++) {
        gradient[i]! += ((one.right ? 1 : 0) - p) * one.doubts[i]!;
        for (let j = 0; j < size; j++) curve[i]![j]! += p * (1 - p) * one.doubts[i]! * one.doubts[j]!;
      }
    }
    const step = solve(curve, gradient);
    weights = weights.map((weight, i) => weight + step[i]!);
  }
  return weights;
};

const BANDS = [0, 0.3, 0.5, DOUBTFUL, 0.9, 0.97, 1.01] as const;
const calibration = (weights: readonly number[], all: readonly Case[]): Record<string, object> =>
  Object.fromEntries(
    BANDS.slice(0, -1).map((from, i) => {
      const inBand = all
        .map((one) => ({ p: chance(weights, one), right: one.right }))
        .filter(({ p }) => p >= from && p < BANDS[i + 1]!);
      const share = (of: (one: { p: number; right: boolean }) => number): string =>
        (inBand.reduce((sum, one) => sum + of(one), 0) / inBand.length).toFixed(3);
      return [
        `${from} to ${Math.min(1, BANDS[i + 1]!)}`,
        { readings: inBand.length, foretold: share(({ p }) => p), found: share(({ right }) => (right ? 1 : 0)) },
      ];
    }),
  );

const weights = fitted(cases(3, true));
console.table(Object.fromEntries(['all', ...DOUBT_NAMES].map((name, i) => [name, weights[i]!.toFixed(2)])));
console.log('Other drawings of the same habits');
console.table(calibration(weights, cases(4, true)));
console.log('Habits the reader has never seen');
console.table(calibration(weights, cases(5, false)));

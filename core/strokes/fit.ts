import { normaliseAngle, type FacePoint } from '../clock/index.ts';

/** A hand's direction, found from its points. */
export interface Direction {
  /** Degrees clockwise from 12 in which its tip lies, seen from its root. */
  readonly angle: number;
  /** Face units its middle lies beside the straight way from root to tip; positive clockwise. */
  readonly bow: number;
  /** Face units its root lies beside the middle of the clock. */
  readonly beside: number;
  /** How far its quarters lie beside that bow, to either side. */
  readonly bend: number;
  /** Degrees the direction may be off (standard deviation). */
  readonly unsure: number;
  /** Root mean square of what is left, face units. */
  readonly left: number;
}

/*
 * What a child's line does, in face units (standard deviations): its root lies beside the middle, its middle beside the straight way, its
 * quarters beside that bow. Set on made-up drawings.
 */
const BELIEVED = { beside: 4, bow: 5, bend: 3 };
/** How far a point lies beside the line that was meant: hardly at first, then by what the line itself leaves over. */
const TREMBLES = { first: 0.3, least: 0.4, slope: 2, most: 3 };
/** Points of a trembling line are no news of their own: about one in four is. */
const noiseOf = (point: number): number => 4 * point ** 2;
/** Points that lie farther from the fitted line than this count for less: barbs and blobs that were drawn in one with it. */
const FAR_OFF = 4;
const ROUNDS = 4;

/** Solves equations whose matrix is symmetric and positive: Gauss without pivoting. */
const solve = (matrix: readonly (readonly number[])[], right: readonly number[]): number[] => {
  const rows = matrix.map((row, i) => [...row, right[i]!]);
  const size = rows.length;
  for (let i = 0; i < size; i++)
    for (let j = i + 1; j < size; j++) {
      const part = rows[j]![i]! / rows[i]![i]!;
      for (let k = i; k <= size; k++) rows[j]![k]! -= part * rows[i]![k]!;
    }
  const found = new Array<number>(size).fill(0);
  for (let i = size - 1; i >= 0; i--) {
    let rest = rows[i]![size]!;
    for (let k = i + 1; k < size; k++) rest -= rows[i]![k]! * found[k]!;
    found[i] = rest / rows[i]![i]!;
  }
  return found;
};

/** Unknowns: how far a line lies beside as a whole, is turned, is bowed, and is bent to either side. */
const UNKNOWNS = 4;

/**
 * The direction of a hand whose root, tip and form are not known: least squares of a root beside the middle, a turn, a bow and a bend to
 * either side, the last two nothing at both ends, held to what children's lines do. A curved hand so points where its tip is seen from its
 * root, and trembling is smoothed.
 * @param points of all lines of the hand, seen from the middle @param angle about where it points @param far its reach
 */
export const directionOf = (points: readonly FacePoint[], angle: number, far: number): Direction => {
  let around = angle;
  let found = new Array<number>(UNKNOWNS).fill(0);
  let left = 0;
  let spreadOfTurn = 0;
  let noise = noiseOf(TREMBLES.first);
  for (let round = 0; round < ROUNDS; round++) {
    const radians = (around * Math.PI) / 180;
    const [ux, uy] = [Math.sin(radians), -Math.cos(radians)];
    // Sums of what each unknown does to each point, by pairs: written out, for this is most of what a reading costs.
    let [s00, s01, s02, s03, s11, s12, s13, s22, s23, s33] = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
    let [t0, t1, t2, t3] = [0, 0, 0, 0];
    let squares = 0;
    const [beside, turn, bow, bend] = found as [number, number, number, number];
    for (const { x, y } of points) {
      const share = (x * ux + y * uy) / far;
      const isOn = share >= 0 && share <= 1;
      const arch = isOn ? 4 * share * (1 - share) : 0;
      const snake = isOn ? Math.sin(2 * Math.PI * share) : 0;
      // Clockwise of the direction.
      const across = x * -uy + y * ux;
      const rest = across - beside - turn * share - bow * arch - bend * snake;
      const weight = round === 0 ? 1 : 1 / (1 + (rest / FAR_OFF) ** 2);
      s00 += weight;
      s01 += weight * share;
      s02 += weight * arch;
      s03 += weight * snake;
      s11 += weight * share * share;
      s12 += weight * share * arch;
      s13 += weight * share * snake;
      s22 += weight * arch * arch;
      s23 += weight * arch * snake;
      s33 += weight * snake * snake;
      t0 += weight * across;
      t1 += weight * across * share;
      t2 += weight * across * arch;
      t3 += weight * across * snake;
      squares += weight * rest * rest;
    }
    const matrix = [
      [s00 + noise / BELIEVED.beside ** 2, s01, s02, s03],
      [s01, s11 + 1e-6, s12, s13],
      [s02, s12, s22 + noise / BELIEVED.bow ** 2, s23],
      [s03, s13, s23, s33 + noise / BELIEVED.bend ** 2],
    ];
    found = solve(matrix, [t0, t1, t2, t3]);
    if (round === ROUNDS - 1) spreadOfTurn = noise * solve(matrix, [0, 1, 0, 0])[1]!;
    left = Math.sqrt(squares / Math.max(1, s00));
    // A steady line is believed, a trembling one smoothed.
    if (round === 1) noise = noiseOf(Math.min(TREMBLES.most, TREMBLES.least + TREMBLES.slope * left));
    if (round < ROUNDS - 1) {
      around = normaliseAngle(around + (Math.atan2(found[1]!, far) * 180) / Math.PI);
      found[1] = 0;
    }
  }
  const [beside, turn, bow, bend] = found as [number, number, number, number];
  const degrees = (across: number): number => (Math.atan2(across, far) * 180) / Math.PI;
  const unsure = degrees(Math.sqrt(spreadOfTurn));
  return { angle: normaliseAngle(around + degrees(turn)), bow, beside, bend, unsure, left };
};

import { angleBetween, angleOfPoint, type FacePoint } from '../clock/index.ts';
import { apart } from './axis.ts';
import type { Run } from './runs.ts';

/** Runs that go out from the middle in one direction: a hand, or what went past the middle of one. */
export interface Arm {
  readonly runs: readonly Run[];
  /** Degrees clockwise from 12. */
  readonly angle: number;
  readonly near: number;
  readonly far: number;
  /** Face units of all its runs. */
  readonly length: number;
  /** Its outermost point. */
  readonly tip: FacePoint;
}

/** Mean direction of runs, each by its length times its reach: the outer end of a long line tells most. */
const meanAngle = (runs: readonly Run[]): number => {
  let [x, y] = [0, 0];
  for (const { angle, length, far } of runs) {
    const radians = (angle * Math.PI) / 180;
    x += length * far * Math.sin(radians);
    y -= length * far * Math.cos(radians);
  }
  return angleOfPoint(x, y);
};
const tipOf = (run: Run): FacePoint => run.points.at(-1)!;
export const armOf = (runs: readonly Run[]): Arm => {
  const outermost = runs.reduce((most, run) => (run.far > most.far ? run : most));
  return {
    runs,
    angle: meanAngle(runs),
    near: Math.min(...runs.map(({ near }) => near)),
    far: outermost.far,
    length: runs.reduce((sum, { length }) => sum + length, 0),
    tip: tipOf(outermost),
  };
};

/** A run begins at the middle when its inner end is no farther from it, in face units or in parts of its reach; the nearest are looked at first. */
const ROOTED = { seed: 7, near: 14, share: 0.42 };
/** Its line passes the middle no farther, in face units or in parts of its reach: that of an arrow's barb does. */
const AIMED = { miss: 10, share: 0.2 };
/** It is no more crooked: so many times as long as the way it comes. */
const CROOKED = 2.4;
const isRooted = ({ near, far, miss, length, hangs }: Run): boolean =>
  !hangs &&
  near <= Math.max(ROOTED.near, ROOTED.share * far) &&
  far - near >= far / 3 &&
  miss <= Math.max(AIMED.miss, AIMED.share * far) &&
  length <= CROOKED * (far - near) + 6;

const axisAngle = (run: Run): number => {
  const [a, b] = [run.points[0]!, tipOf(run)];
  return angleOfPoint(b.x - a.x, b.y - a.y);
};
/** A line drawn over again lies so near (degrees); one of about the same reach may lie farther off, and one beside it farther still. */
const AGAIN = {
  angle: 7,
  reach: 0.8,
  sameAngle: 11,
  sameReach: 0.85,
  railAngle: 28,
  railAxis: 8,
  railReach: 0.75,
  longer: 5,
};
const isAgain = (run: Run, arm: Arm): boolean => {
  const off = angleBetween(run.angle, arm.angle);
  const ratio = Math.min(run.far, arm.far) / Math.max(run.far, arm.far);
  return (
    off <= AGAIN.angle * (ratio >= AGAIN.reach ? 1 : 0.7) ||
    (off <= AGAIN.sameAngle && ratio >= AGAIN.sameReach) ||
    (off <= AGAIN.railAngle &&
      ratio >= AGAIN.railReach &&
      arm.runs.some((one) => angleBetween(axisAngle(one), axisAngle(run)) <= AGAIN.railAxis))
  );
};

/** What goes on makes a hand so much longer, and goes outwards for so much of its own length: a dot does not. How far a piece may begin from where the one before it ended, in face units, and how much it may turn (degrees; more near the middle). */
const GOES_ON = { adds: 4, outwards: 0.36, gap: 13, angle: 9, near: 160, axis: 20, short: 260, told: 55, beside: 7 };
/** A piece lies on a hand when both its ends do, to so many face units. */
const LIES_ON = { beside: 5, axis: 16, least: 8 };

/** Face units a point lies beside the line from the middle in a direction. */
const besideRay = ({ x, y }: FacePoint, angle: number): number => {
  const radians = (angle * Math.PI) / 180;
  return Math.abs(x * Math.cos(radians) + y * Math.sin(radians));
};
/** Does a piece go on where an arm ends, or lie on it? */
const isPartOf = (run: Run, arm: Arm): boolean => {
  if (run.hangs) return false;
  const off = angleBetween(run.angle, arm.angle);
  const bent = angleBetween(axisAngle(run), run.angle);
  if (run.far > arm.far + GOES_ON.adds)
    return (
      (Math.max(besideRay(run.points[0]!, arm.angle), besideRay(tipOf(run), arm.angle)) <= GOES_ON.beside ||
        (arm.far < GOES_ON.told && off <= GOES_ON.angle + GOES_ON.near / arm.far)) &&
      bent <= GOES_ON.axis + GOES_ON.short / run.length &&
      run.far - run.near >= GOES_ON.outwards * run.length &&
      run.near >= arm.far - 0.5 * run.length - 6 &&
      apart(run.points[0]!, arm.tip) <= GOES_ON.gap
    );
  return (
    run.length >= LIES_ON.least &&
    off < 60 &&
    bent <= LIES_ON.axis &&
    besideRay(run.points[0]!, arm.angle) <= LIES_ON.beside &&
    besideRay(tipOf(run), arm.angle) <= LIES_ON.beside
  );
};

/** Puts runs together to arms. @returns the arms, and what belongs to none */
export const gather = (runs: readonly Run[]): { readonly arms: Arm[]; readonly rest: Run[] } => {
  const rooted = runs.filter(isRooted).sort((a, b) => b.far * b.length - a.far * a.length);
  let arms: Arm[] = [];
  let rest = runs.filter((run) => !isRooted(run)).sort((a, b) => a.near - b.near);
  const take = (run: Run): void => {
    let best = -1;
    for (let i = 0; i < arms.length; i++)
      if (
        isAgain(run, arms[i]!) &&
        (best < 0 || angleBetween(run.angle, arms[i]!.angle) < angleBetween(run.angle, arms[best]!.angle))
      )
        best = i;
    if (best < 0) arms.push(armOf([run]));
    else arms[best] = armOf([...arms[best]!.runs, run]);
  };
  for (const run of rooted) if (run.near <= ROOTED.seed) take(run);
  // What begins farther out goes on from one of these, or is a hand that was begun there.
  rest = [...rest, ...rooted.filter(({ near }) => near > ROOTED.seed)].sort((a, b) => a.near - b.near);
  const grow = (): void => {
    for (let i = 0; i < rest.length;) {
      const run = rest[i]!;
      const at = arms.findIndex((arm) => isPartOf(run, arm));
      if (at < 0) {
        i += 1;
        continue;
      }
      arms[at] = armOf([...arms[at]!.runs, run]);
      rest = rest.filter((one) => one !== run);
      // What did not fit before may go on from it.
      i = 0;
    }
  };
  grow();
  for (const run of rest) if (rooted.includes(run)) take(run);
  rest = rest.filter((run) => !rooted.includes(run));
  grow();
  arms = arms.sort((a, b) => b.far * b.length - a.far * a.length);
  return { arms, rest };
};

/** A piece that begins out here may be a hand by itself, where hands are missing: its line points at the middle. */
const LONE = { near: 32, miss: 8, length: 8, axis: 16, short: 160 };
/** Pieces nothing was found to belong to that may be a hand each. */
export const lonePieces = (rest: readonly Run[]): Arm[] =>
  rest
    .filter(
      (run) =>
        !run.hangs &&
        run.near <= LONE.near &&
        run.miss <= LONE.miss &&
        run.length >= LONE.length &&
        run.length <= CROOKED * (run.far - run.near) &&
        angleBetween(axisAngle(run), run.angle) <= LONE.axis + LONE.short / run.length,
    )
    .map((run) => armOf([run]));

/** How a hand is put together: the part of its reach along which something is drawn, 0..1, and of how many lines, those drawn over not counted. */
export const makeUp = ({ runs, far }: Arm): { readonly covered: number; readonly pieces: number } => {
  let [covered, upTo, pieces] = [0, 0, 0];
  for (const { near, far: end } of [...runs].sort((a, b) => a.near - b.near || b.far - a.far)) {
    if (end <= upTo + AGAIN.longer) continue;
    covered += end - Math.max(near, upTo);
    upTo = end;
    pieces += 1;
  }
  return { covered: covered / far, pieces };
};

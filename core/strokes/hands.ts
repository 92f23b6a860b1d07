import { angleBetween } from '../clock/index.ts';
import { armOf, gather, lonePieces, makeUp, type Arm } from './arms.ts';
import { OPPOSITE, crossedLines } from './crossed.ts';
import { isAtTip } from './marks.ts';
import type { Run } from './runs.ts';

/** A line that reaches no further, in face units, is no hand: it is something about the middle. */
export const SHORTEST = 20;
/** Along so much of its reach a hand is drawn, and it begins no farther out. */
const DRAWN = { part: 0.5, near: 30 };
/**
 * What went past the middle is shorter than its hand: as long, nobody can say which end is which. Where the hands are moved, one begun at the
 * clock's own middle seems to go past theirs, and may go farther.
 * It reaches no further. Where it is the only other line, it must be clearly short.
 */
const TAIL = { far: 42, share: 0.85, movedShare: 0.93, alone: 24, aloneShare: 0.62 };
/** Two lines in one direction are two hands when one reaches so many times as far; each begins at the middle. */
const BEHIND = { times: 1.25, near: 18 };
/** A third line is one hand too many when it is no shorter than this part of the second. */
const THIRD = 0.45;

const isHand = (arm: Arm): boolean =>
  arm.far >= SHORTEST && arm.near <= DRAWN.near && makeUp(arm).covered >= DRAWN.part;
const longestOf = ({ runs }: Arm): Run => runs.reduce((most, run) => (run.length > most.length ? run : most));

/** The arm a short one opposite it went past the middle of: drawn in one line with it. None where it is a hand itself. */
const drawnPast = (arm: Arm, all: readonly Arm[], isMoved: boolean): Arm | undefined => {
  const share = isMoved ? TAIL.movedShare : TAIL.share;
  const isPast = (other: Arm): boolean =>
    all.length === 2
      ? arm.far < TAIL.alone && arm.far < other.far * TAIL.aloneShare
      : arm.far < TAIL.far && arm.far < other.far * share;
  return all.find(
    (other) =>
      other !== arm &&
      longestOf(other).stroke === longestOf(arm).stroke &&
      angleBetween(other.angle, arm.angle + 180) < OPPOSITE &&
      isPast(other),
  );
};

/** One arm that is two hands, one behind the other: runs from the middle that end at two clearly different reaches. */
const behindEachOther = (arm: Arm): Arm[] => {
  const whole = arm.runs.filter(({ near }) => near < BEHIND.near);
  const longest = Math.max(...whole.map(({ far }) => far), 0);
  const short = whole.filter(({ far }) => far * BEHIND.times <= longest);
  if (!short.some(({ far }) => far >= SHORTEST)) return [arm];
  return [armOf(arm.runs.filter((run) => !short.includes(run))), armOf(short)];
};

/** The hands among a drawing's lines. */
export interface Found {
  /** None, one or two. */
  readonly hands: readonly Arm[];
  /** Is there a third line as long as a hand? */
  readonly tooMany: boolean;
  /** What went past the middle as a part of the hand it belongs to, the largest; 0 where nothing did. */
  readonly tail: number;
  /** What belongs to no hand. */
  readonly rest: readonly Run[];
}

/** @param runs seen from what the hands turn about @param isMoved is that another point than the clock's own middle? */
export const findHands = (runs: readonly Run[], isMoved: boolean): Found => {
  const crossed = crossedLines(runs);
  if (crossed !== undefined) {
    const hands = crossed.map(({ hand }) => armOf([hand]));
    const shares = crossed.map(({ hand, past }) => past.far / hand.far);
    return {
      hands,
      tooMany: shares.some((share) => share > (isMoved ? TAIL.movedShare : TAIL.share)),
      tail: Math.max(...shares),
      rest: runs.filter((run) => !crossed.some(({ hand, past }) => run === hand || run === past)),
    };
  }
  const { arms, rest } = gather(runs);
  const whole = arms.filter(isHand);
  // Where a hand is missing, a piece that points at the middle may be one by itself.
  const lone =
    whole.length >= 2
      ? []
      : lonePieces(rest).filter(
          ({ far, runs: [own] }) => far >= SHORTEST && !whole.some(({ tip }) => isAtTip(own!.points, tip)),
        );
  const long = [...whole, ...lone];
  const past = long.map((arm) => drawnPast(arm, long, isMoved));
  const candidates = long.filter((_, i) => past[i] === undefined).sort((a, b) => b.length * b.far - a.length * a.far);
  const [first, second, third] = candidates;
  const hands = first === undefined ? [] : second === undefined ? behindEachOther(first) : [first, second];
  const taken = new Set([...hands, ...long.filter((_, i) => past[i] !== undefined)].flatMap((arm) => arm.runs));
  return {
    hands,
    tooMany:
      second !== undefined &&
      third !== undefined &&
      third.length > THIRD * second.length &&
      third.far > THIRD * second.far,
    tail: Math.max(0, ...past.flatMap((of, i) => (of === undefined ? [] : [long[i]!.far / of.far]))),
    rest: runs.filter((run) => !taken.has(run)),
  };
};

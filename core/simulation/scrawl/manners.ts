import type { FacePoint } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import { normal, type Scrawler } from './movement.ts';
import { add, between, from, range, vee, type Line } from './shapes.ts';

/** A hand as it was meant: from its root to its tip. */
export interface MeantHand {
  readonly root: FacePoint;
  readonly tip: FacePoint;
  /** Degrees clockwise from 12 in which the tip lies, seen from the root. */
  readonly angle: number;
  readonly reach: number;
}
export interface MeantHands {
  readonly hour: MeantHand;
  readonly minute: MeantHand;
}

/** Puts one hand on the paper: its lines, one after the other. */
export type Manner = (rng: Rng, hand: MeantHand, scrawler: Scrawler) => Line[];

export const place = (from0: MeantHand, share: number): FacePoint => between(from0.root, from0.tip, share);
export const straight: Manner = (_, { root, tip }) => [[root, tip]];
export const tipped =
  (atTip: (rng: Rng, hand: MeantHand) => Line[]): Manner =>
  (rng, hand) => [[hand.root, hand.tip], ...atTip(rng, hand)];
export const barbs = (least: number, most: number, inTwo = false): Manner =>
  tipped((rng, { tip, angle, reach }) => vee(rng, tip, angle, Math.min(range(rng, least, most), reach * 0.9), inTwo));
export const inPieces =
  (least: number, most: number): Manner =>
  (rng, hand) => {
    const pieces = least + Math.floor(rng() * (most - least + 1));
    const cuts = Array.from({ length: pieces + 1 }, (_, i) =>
      i === 0 || i === pieces ? i / pieces : (i + (rng() - 0.5) * 0.4) / pieces,
    );
    return Array.from({ length: pieces }, (_, i) => {
      const [begin, end] = [cuts[i]!, cuts[i + 1]!];
      // The pencil is put down a little beside or before where it was lifted.
      const off: FacePoint = i === 0 ? { x: 0, y: 0 } : { x: normal(rng) * 1.6, y: normal(rng) * 1.6 };
      const gap = i === 0 ? 0 : range(rng, -4, 5) / hand.reach;
      const line = [add(place(hand, Math.min(end - 0.05, begin + gap)), off), place(hand, end)];
      return rng() < 0.2 ? line.reverse() : line;
    });
  };
export const curved =
  (least: number, most: number, turns: 1 | 2): Manner =>
  (rng, hand) => {
    const bow = range(rng, least, most) * (rng() < 0.5 ? 1 : -1) * Math.min(1, hand.reach / 60);
    const steps = 8;
    return [
      Array.from({ length: steps + 1 }, (_, i) =>
        from(place(hand, i / steps), hand.angle + 90, bow * Math.sin((turns * Math.PI * i) / steps)),
      ),
    ];
  };
export const retraced: Manner = (rng, { root, tip }) => {
  const near = (at: FacePoint): FacePoint => add(at, { x: normal(rng) * 1.5, y: normal(rng) * 1.5 });
  const times = 1 + Math.floor(rng() * 3);
  return [[root, tip, ...Array.from({ length: times }, (_, i) => near(i % 2 === 0 ? root : tip))]];
};
/** In one line, so many face units past the middle. */
export const past =
  (least: number, most: number): Manner =>
  (rng, { root, tip, angle }) => {
    const behind = from(root, angle + 180, range(rng, least, most));
    return [rng() < 0.5 ? [behind, tip] : [tip, behind]];
  };
export const outlined: Manner = (rng, { root, tip, angle }) => {
  const wide = range(rng, 2, 5);
  return [[from(root, angle - 90, wide), tip, from(root, angle + 90, wide)]];
};

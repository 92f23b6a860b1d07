import { normaliseAngle, type FacePoint } from '../../clock/index.ts';
import { pick, shuffled, type Rng } from '../../common/index.ts';
import { NUMERALS, pointAt } from '../../face/index.ts';
import { add, blob, digits, from, range, round, triangle, zigzag, type Line } from './shapes.ts';
import { normal, type Scrawler } from './movement.ts';

import {
  barbs,
  curved,
  inPieces,
  outlined,
  past,
  place,
  retraced,
  straight,
  tipped,
  type Manner,
  type MeantHand,
  type MeantHands,
} from './manners.ts';

/** What a child draws beside its hands. */
type Beside = (rng: Rng, hands: MeantHands) => Line[];

const asked = ({ hour }: MeantHands): number => Math.floor((hour.angle + 1) / 30) || 12;
const numeralAt = (numeral: number, radius: number = NUMERALS.radius): FacePoint => pointAt(numeral * 30, radius);
const others = (numeral: number): number[] => Array.from({ length: 12 }, (_, i) => i + 1).filter((n) => n !== numeral);
const ringed = (rng: Rng, numeral: number): Line =>
  round(rng, add(numeralAt(numeral), { x: normal(rng) * 2, y: normal(rng) * 2 }), range(rng, 10, 18));
const rim: Beside = (rng) => {
  const [begin, turn, radius] = [rng() * 360, range(rng, 120, 380), range(rng, 90, 104)];
  const steps = Math.round(turn / 10);
  return [Array.from({ length: steps + 1 }, (_, i) => pointAt(begin + (turn * i) / steps, radius + normal(rng) * 1.5))];
};
const palm: Beside = (rng) => {
  const at = pointAt(range(rng, 100, 230), range(rng, 50, 112));
  const touches = 1 + Math.floor(rng() * 4);
  return Array.from({ length: touches }, () => {
    const begin = add(at, { x: normal(rng) * 14, y: normal(rng) * 10 });
    const goes = range(rng, 0, 22);
    return [begin, add(begin, pointAt(rng() * 360, goes)), add(begin, pointAt(rng() * 360, goes))];
  });
};

interface HabitData {
  readonly manner: Manner;
  readonly beside?: Beside;
  /** Face units both hands are moved together, at most. */
  readonly shifted?: number;
  /** In one line, the hour hand's tip first. */
  readonly inOne?: true;
  /** Was the reader made with drawings of this habit? What it reads of the others it has never seen. */
  readonly tuned: boolean;
}

/** Ways in which children draw both hands, and what they draw beside them. */
export const HABITS = {
  plain: { manner: straight, tuned: true },
  'from-the-rim': { manner: (_, { root, tip }) => [[tip, root]], tuned: true },
  'in-one-line': { manner: straight, inOne: true, tuned: true },
  'dot-at-tip': { manner: tipped((rng, { tip }) => [blob(rng, tip, 2.5)]), tuned: true },
  retraced: { manner: retraced, tuned: true },
  'small-v': { manner: barbs(12, 18), tuned: true },
  'middle-v': { manner: barbs(18, 26), tuned: true },
  'large-v': { manner: barbs(26, 34), tuned: false },
  'v-in-two': { manner: barbs(10, 24, true), tuned: false },
  'v-in-line': {
    // Out, back along one barb, and along the other: the pencil is not lifted.
    manner: (rng, { root, tip, angle, reach }) => {
      const size = Math.min(range(rng, 10, 24), reach * 0.6);
      const open = range(rng, 25, 45);
      return [[root, tip, from(tip, angle + 180 + open, size), tip, from(tip, angle + 180 - open, size)]];
    },
    tuned: true,
  },
  triangle: {
    manner: tipped((rng, { tip, angle, reach }) => [
      triangle(rng, tip, angle, Math.min(range(rng, 12, 26), reach * 0.7)),
    ]),
    tuned: true,
  },
  blob: { manner: tipped((rng, { tip }) => [blob(rng, tip, range(rng, 5, 10))]), tuned: true },
  'blob-in-line': {
    manner: (rng, { root, tip, angle }) => {
      const radius = range(rng, 4, 8);
      return [[root, tip, ...blob(rng, from(tip, angle, radius * 0.5), radius)]];
    },
    tuned: true,
  },
  lollipop: {
    manner: tipped((rng, { tip, angle }) => {
      const radius = range(rng, 5, 10);
      return [round(rng, from(tip, angle, radius), radius)];
    }),
    tuned: false,
  },
  'two-pieces': { manner: inPieces(2, 2), tuned: true },
  'more-pieces': { manner: inPieces(3, 4), tuned: true },
  overshoot: { manner: past(20, 35), tuned: true },
  'overshoot-a-little': { manner: past(6, 20), tuned: true },
  gap: { manner: (rng, hand) => [[place(hand, Math.min(0.4, range(rng, 8, 22) / hand.reach)), hand.tip]], tuned: true },
  shifted: { manner: straight, shifted: 26, tuned: true },
  bowed: { manner: curved(5, 10, 1), tuned: true },
  's-shaped': { manner: curved(3, 6, 2), tuned: true },
  outlined: { manner: outlined, tuned: true },
  thick: {
    manner: (rng, { root, tip, angle, reach }) =>
      [[root, tip], zigzag(rng, root, angle, reach, range(rng, 3, 7))].slice(rng() < 0.5 ? 0 : 1),
    tuned: false,
  },
  'numerals-too': {
    manner: straight,
    beside: (rng) => {
      const radius = range(rng, 72, 88);
      const size = range(rng, 12, 20);
      const all = rng() < 0.5 ? [12, 3, 6, 9] : Array.from({ length: 12 }, (_, i) => i + 1);
      return all.flatMap((numeral) => digits(rng, numeral, numeralAt(numeral, radius), size));
    },
    tuned: true,
  },
  'hour-ringed': { manner: straight, beside: (rng, hands) => [ringed(rng, asked(hands))], tuned: true },
  'other-ringed': {
    manner: straight,
    beside: (rng, hands) =>
      shuffled(rng, others(asked(hands)))
        .slice(0, 1 + Math.floor(rng() * 2))
        .map((numeral) => ringed(rng, numeral)),
    tuned: false,
  },
  'rim-traced': { manner: straight, beside: rim, tuned: true },
  palm: { manner: straight, beside: palm, tuned: true },
  hub: { manner: straight, beside: (rng) => [round(rng, { x: 0, y: 0 }, range(rng, 3, 10))], tuned: true },
  'ticks-too': {
    manner: straight,
    beside: (rng) =>
      Array.from({ length: 12 }, (_, i) => [
        pointAt(i * 30 + normal(rng) * 2, range(rng, 82, 88)),
        pointAt(i * 30, 98),
      ]),
    tuned: false,
  },
  'a-face': {
    // Two eyes and a mouth: the clock is somebody.
    manner: straight,
    beside: (rng) => [
      ...[-1, 1].map((side) => round(rng, { x: side * range(rng, 18, 28), y: -range(rng, 18, 30) }, range(rng, 3, 6))),
      Array.from({ length: 7 }, (_, i) => pointAt(130 + (i * 100) / 6, range(rng, 34, 38))),
    ],
    tuned: true,
  },
  hooked: {
    // The line curls at its end.
    manner: (rng, { root, tip, angle }) => {
      const [side, size] = [rng() < 0.5 ? 90 : -90, range(rng, 4, 9)];
      const beyond = from(tip, angle + side / 2, size);
      return [[root, tip, beyond, from(beyond, angle + side * 1.7, size)]];
    },
    tuned: false,
  },
  kinked: {
    // Set down again in the middle, in a slightly other direction.
    manner: (rng, hand) => {
      const knee = from(place(hand, range(rng, 0.35, 0.65)), hand.angle + 90, normal(rng) * 2.5);
      return [[hand.root, knee, hand.tip]];
    },
    tuned: false,
  },
  rails: {
    // Two lines beside each other, not closed.
    manner: (rng, { root, tip, angle }) => {
      const wide = range(rng, 1.5, 4);
      return [-90, 90].map((side) => [from(root, angle + side, wide), from(tip, angle + side, wide)]);
    },
    tuned: true,
  },
  'pieces-inwards': {
    manner: (rng, hand, scrawler) =>
      inPieces(2, 3)(rng, hand, scrawler)
        .map((line) => [...line].reverse())
        .reverse(),
    tuned: false,
  },
  'shifted-with-v': { manner: barbs(12, 24), shifted: 20, tuned: false },
  'bowed-overshoot': {
    manner: (rng, hand, scrawler) => {
      const [line] = curved(4, 8, 1)(rng, hand, scrawler);
      return [[from(hand.root, hand.angle + 180, range(rng, 8, 22)), ...line!]];
    },
    tuned: false,
  },
  'numeral-crossed': {
    manner: straight,
    beside: (rng, hands) => {
      const at = numeralAt(pick(rng, others(asked(hands))));
      const size = range(rng, 8, 13);
      return [45, 135].map((angle) => [from(at, angle, size), from(at, angle + 180, size)]);
    },
    tuned: false,
  },
  underlined: {
    manner: straight,
    beside: (rng) => [
      [
        { x: range(rng, -60, -30), y: range(rng, 96, 110) },
        { x: range(rng, 30, 60), y: range(rng, 96, 110) },
      ],
    ],
    tuned: true,
  },
} as const satisfies Readonly<Record<string, HabitData>>;
export type Habit = keyof typeof HABITS;

/** Both hands about a middle, as somebody of an age draws them: the long one is clearly longer. */
const meant = (rng: Rng, angles: { hour: number; minute: number }, { age }: Scrawler, shifted: number): MeantHands => {
  const hub = pointAt(rng() * 360, shifted * (0.3 + 0.7 * rng()));
  const grown = (age - 4) / 4;
  const minuteReach = range(rng, 62 + 8 * grown, 94);
  const hourReach = range(rng, 28 + 6 * grown, Math.min(60, minuteReach / 1.3));
  const hand = (angle: number, reach: number): MeantHand => {
    const root = add(hub, { x: normal(rng) * 1.8, y: normal(rng) * 1.8 });
    const tip = add(hub, pointAt(angle + normal(rng) * 1.5, reach));
    const [x, y] = [tip.x - root.x, tip.y - root.y];
    return { root, tip, angle: normaliseAngle((Math.atan2(x, -y) * 180) / Math.PI), reach: Math.hypot(x, y) };
  };
  return { hour: hand(angles.hour, hourReach), minute: hand(angles.minute, minuteReach) };
};

/** What a child of this habit means to draw for a time: lines in the order they are drawn, and the hands they show. */
export const meantDrawing = (
  rng: Rng,
  habit: Habit,
  angles: { hour: number; minute: number },
  scrawler: Scrawler,
): { readonly lines: readonly Line[]; readonly hands: MeantHands } => {
  const data: HabitData = HABITS[habit];
  const hands = meant(rng, angles, scrawler, data.shifted ?? 0);
  const { hour, minute } = hands;
  if (data.inOne) return { lines: [[hour.tip, hour.root, minute.root, minute.tip]], hands };
  const [first, second] = shuffled(rng, [hour, minute]);
  const drawn = [...data.manner(rng, first!, scrawler), ...data.manner(rng, second!, scrawler)];
  const beside = data.beside?.(rng, hands) ?? [];
  return { lines: pick(rng, [true, false]) ? [...drawn, ...beside] : [...beside, ...drawn], hands };
};

import { gearedAngles, handAt, type FacePoint } from '../clock/index.ts';
import { HAND_TIPS, NUMERALS, pointAt } from '../face/index.ts';
import { CLOCK_PARTS, type ClockPart } from '../items/index.ts';

/** A label beside a clock: the part it names, a point of that part, and the corner of the clock's square it stands in. */
export interface LabelPlace {
  readonly part: ClockPart;
  /** Where the line from the label ends: on the part. */
  readonly anchor: FacePoint;
  /** Which corner, -1 or 1 each way; y down. */
  readonly corner: { readonly x: -1 | 1; readonly y: -1 | 1 };
}

const CORNERS: readonly LabelPlace['corner'][] = [
  { x: -1, y: -1 },
  { x: 1, y: -1 },
  { x: 1, y: 1 },
  { x: -1, y: 1 },
];

/** How far from the middle the corners lie each way, in face units: only compared, never drawn. */
const CORNER = 90;

/** The direction in the middle of the widest gap between directions, in degrees clockwise from 12. */
const widestGap = (angles: readonly number[]): number => {
  const sorted = [...angles].sort((a, b) => a - b);
  const gaps = sorted.map((angle, i) => ({ angle, width: (sorted[i + 1] ?? sorted[0]! + 360) - angle }));
  const widest = gaps.reduce((best, gap) => (gap.width > best.width ? gap : best));
  return (widest.angle + widest.width / 2) % 360;
};

const anchorsAt = (minutes: number): Record<ClockPart, FacePoint> => {
  const { hour, minute } = gearedAngles(minutes);
  const free = widestGap([hour, minute]);
  // A numeral and a bare piece of face, away from both hands.
  const numeral = Math.round(free / 30) * 30;
  return {
    face: pointAt(numeral + 15, 45),
    numerals: pointAt(numeral, NUMERALS.radius),
    'hour-hand': pointAt(hour, HAND_TIPS.full.hour * 0.7),
    'minute-hand': pointAt(minute, HAND_TIPS.full.minute * 0.78),
  };
};

/** Every order of a short list. */
const orders = <T>(list: readonly T[]): T[][] =>
  list.length === 0
    ? [[]]
    : list.flatMap((one, i) => orders([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]));

/**
 * Where the four labels of a clock stand: each in a corner of its own, so that the lines to the parts are as short as can
 * be together; lines of least length never cross.
 * @param minutes where the clock stands, unwrapped
 */
export const labelPlaces = (minutes: number): LabelPlace[] => {
  const anchors = anchorsAt(minutes);
  const length = (corners: readonly LabelPlace['corner'][]): number =>
    CLOCK_PARTS.reduce((sum, part, i) => {
      const { x, y } = anchors[part];
      return sum + Math.hypot(x - corners[i]!.x * CORNER, y - corners[i]!.y * CORNER);
    }, 0);
  const best = orders(CORNERS).reduce((shortest, next) => (length(next) < length(shortest) ? next : shortest));
  return CLOCK_PARTS.map((part, i) => ({ part, anchor: anchors[part], corner: best[i]! }));
};

/** Face units beside the line of a hand within which a finger means the hand. */
const HAND_WITHIN = 9;

/** Face units beside the circle of the numerals within which a finger means the numerals. */
const NUMERALS_WITHIN = 11;

/** Face units from a point to a hand. */
const besideHand = ({ x, y }: FacePoint, angle: number, tip: number): number => {
  const end = pointAt(angle, tip);
  const along = Math.min(1, Math.max(0, (x * end.x + y * end.y) / (tip * tip)));
  return Math.hypot(x - along * end.x, y - along * end.y);
};

/**
 * Which part of a clock a finger means at a point; none outside the face.
 * @param minutes where the clock stands, unwrapped
 */
export const partAt = (point: FacePoint, minutes: number): ClockPart | undefined => {
  const reach = Math.hypot(point.x, point.y);
  const angles = gearedAngles(minutes);
  const hand = handAt(point, minutes, HAND_TIPS.full);
  if (besideHand(point, angles[hand], HAND_TIPS.full[hand]) <= HAND_WITHIN) return `${hand}-hand`;
  if (Math.abs(reach - NUMERALS.radius) <= NUMERALS_WITHIN) return 'numerals';
  return reach <= 100 ? 'face' : undefined;
};

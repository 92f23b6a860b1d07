import type { FacePoint, Hand } from '../clock/index.ts';
import { outlineRadius, type Outline } from './outline.ts';
import { pointAt } from './point.ts';

/**
 * The house clock in face units: middle 0,0, rim at 100, x right, y down. Screen and print draw from these numbers.
 * `full` has numerals and sixty marks; `small` (64 px and less) has twelve short marks and stouter hands.
 */
export const FACE_SIZES = ['full', 'small'] as const;
export type FaceSize = (typeof FACE_SIZES)[number];

/** The outer edge of everything a face draws: the rim. */
export const RIM_RADIUS = 100;

/** How far each hand reaches from the middle, in face units. */
export const HAND_TIPS: Record<FaceSize, Record<Hand, number>> = {
  full: { hour: 56, minute: 90.5 },
  small: { hour: 56, minute: 84 },
};

/** Width of the rim line in face units. */
export const RIM_WIDTH: Record<FaceSize, number> = { full: 3, small: 5 };

/** Radius of the cap on the axle, in face units. */
export const CAP_RADIUS: Record<FaceSize, number> = { full: 5.7, small: 8 };

/** A mark of the minute track: a line from `from` (outer end) to `to` (inner end). */
export interface Tick {
  readonly angle: number;
  readonly atHour: boolean;
  readonly from: FacePoint;
  readonly to: FacePoint;
}

const TICK_RADII: Record<FaceSize, { outer: number; minute: number; hour: number }> = {
  full: { outer: 96.4, minute: 92, hour: 90.2 },
  small: { outer: 91, minute: 91, hour: 80 },
};

/** The marks from 12 on, clockwise: sixty on a full face (6 degrees apart), twelve on a small one. */
export const ticks = (size: FaceSize, outline: Outline = 'round'): Tick[] => {
  const radii = TICK_RADII[size];
  const every = size === 'full' ? 1 : 5;
  return Array.from({ length: 60 / every }, (_, i) => {
    const minute = i * every;
    const angle = minute * 6;
    const atHour = minute % 5 === 0;
    const scale = outlineRadius(outline, angle) / RIM_RADIUS;
    const inner = atHour ? radii.hour : radii.minute;
    return { angle, atHour, from: pointAt(angle, radii.outer * scale), to: pointAt(angle, inner * scale) };
  });
};

/** A stout leaf with a blunt tip, pointing to 12. @param belly half-width at 60 % of the length @param stem half-width at the tail */
const hourHand = (tip: number, tail: number, belly: number, stem: number, end: number): string => {
  const widest = -0.6 * tip;
  return [
    `M${-stem} ${tail}`,
    `L${-stem * 0.86} -8`,
    `C${-stem * 0.86} ${widest * 0.55} ${-belly} ${widest * 0.62} ${-belly} ${widest}`,
    `C${-belly} ${widest * 1.28} ${-end * 2} ${-tip * 0.92} ${-end} ${-tip + 0.8}`,
    `Q0 ${-tip - 0.8} ${end} ${-tip + 0.8}`,
    `C${end * 2} ${-tip * 0.92} ${belly} ${widest * 1.28} ${belly} ${widest}`,
    `C${belly} ${widest * 0.62} ${stem * 0.86} ${widest * 0.55} ${stem * 0.86} -8`,
    `L${stem} ${tail}`,
    `Q0 ${tail + 2} ${-stem} ${tail}Z`,
  ].join('');
};

/** A slim hand tapering to a rounded tip, pointing to 12. @param root half-width at the axle @param end half-width at the tip */
const minuteHand = (tip: number, tail: number, root: number, end: number): string =>
  `M${-root} ${tail - 1}Q${-root} ${tail} ${-root + 1} ${tail}L${root - 1} ${tail}Q${root} ${tail} ${root} ${tail - 1}` +
  `L${end} ${-tip + end}A${end} ${end} 0 0 0 ${-end} ${-tip + end}Z`;

/** The outline of each hand as an SVG path in face units, pointing to 12; turn it by its angle. */
export const HAND_PATHS: Record<FaceSize, Record<Hand, string>> = {
  full: {
    hour: hourHand(HAND_TIPS.full.hour, 14, 7.8, 4.3, 2.3),
    minute: minuteHand(HAND_TIPS.full.minute, 18, 2.9, 1.6),
  },
  small: {
    hour: hourHand(HAND_TIPS.small.hour, 14, 13, 7.4, 5),
    minute: minuteHand(HAND_TIPS.small.minute, 16, 4.7, 3.7),
  },
};

/** White line round the outside of each hand, in face units: with shape and length it keeps the hands apart. */
export const KEYLINE: Record<Hand, number> = { hour: 1.1, minute: 0.45 };

/** The second hand: a needle with a counterweight, as an SVG path in face units, pointing to 12. */
export const SECOND_HAND_PATH = 'M-0.7 24L-0.4 -92L0.4 -92L0.7 24ZM-2.6 24A2.6 2.6 0 0 1 2.6 24A2.6 2.6 0 0 1 -2.6 24Z';

/**
 * Where a second hand points: 6 degrees a second.
 * @param seconds past the minute, 0 to less than 60
 * @throws RangeError outside that range
 */
export const secondAngle = (seconds: number): number => {
  if (!(seconds >= 0 && seconds < 60)) throw new RangeError(`${seconds} is not a number of seconds 0..60`);
  return seconds * 6;
};

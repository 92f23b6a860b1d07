import { type Hand } from '../clock/index.ts';
import { HAND_TIPS, pointAt } from '../face/index.ts';

/** Something drawn on a face with a pencil: a dot at the rim, or a line ruled to the middle. */
export interface PencilMark {
  readonly kind: 'dot' | 'line';
  /** The hand it is for. */
  readonly hand: Hand;
  /** Degrees clockwise from 12. */
  readonly angle: number;
  /** How much of it is drawn, 0..1. */
  readonly share: number;
}

/** Radius a dot is set on: inside the minute track, in face units. */
export const DOT_RADIUS = 88;

/** How far a hand that is drawn swings to either side of the ruled line, in face units: seen as a pencil's, not as crooked. */
const TREMBLE = 0.35;

/** Points of a line, close enough together for a smooth path, in face units. */
const STEP = 4;

/**
 * The line of a hand as a pencil draws it, from the hand's tip to the middle, as an SVG path in face units.
 * @param angle degrees clockwise from 12
 * @param share of the line that is drawn, 0..1; 0 gives an empty path
 */
export const pencilLine = (hand: Hand, angle: number, share: number): string => {
  const tip = HAND_TIPS.full[hand];
  const end = tip * (1 - share);
  if (share <= 0) return '';
  const count = Math.max(1, Math.round((tip - end) / STEP));
  return Array.from({ length: count + 1 }, (_, i) => {
    const radius = tip - ((tip - end) * i) / count;
    const { x, y } = pointAt(angle, radius);
    // Two waves that never fall together look like a hand's tremble, and are the same each time it is played.
    const aside = TREMBLE * (Math.sin(radius * 0.31) + Math.sin(radius * 0.83 + 1)) * 0.5;
    const side = pointAt(angle + 90, aside);
    return `${i === 0 ? 'M' : 'L'}${(x + side.x).toFixed(2)} ${(y + side.y).toFixed(2)}`;
  }).join('');
};

/** Where the pencil's point is on a line: the end of what is drawn. */
export const pencilPoint = ({ kind, hand, angle, share }: PencilMark): { x: number; y: number } =>
  pointAt(angle, kind === 'dot' ? DOT_RADIUS : HAND_TIPS.full[hand] * (1 - share));

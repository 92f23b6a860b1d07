import { handAngles, timeOf, type FacePoint } from '../clock/index.ts';
import { outlineRadius, type Outline } from './outline.ts';
import { pointAt } from './point.ts';

/**
 * What stands on a face: all twelve numerals, 12-3-6-9 alone, marks without numerals, nothing at all, or Roman ones.
 */
export const NUMERAL_STYLES = ['all', 'quarters', 'ticks', 'none', 'roman'] as const;
export type NumeralStyle = (typeof NUMERAL_STYLES)[number];

/** Radius the numerals are centred on, as on a round face, and their height, in face units. */
export const NUMERALS = { radius: 75, size: 18.5 } as const;

/** The same for Roman ones: up to four letters wide, they would run into the marks at the size of the others. */
const ROMAN_NUMERALS = { radius: 71, size: 13 } as const;

/** Where the numerals of a style stand, and how high they are, in face units. */
export const numeralMeasures = (style: NumeralStyle): { readonly radius: number; readonly size: number } =>
  style === 'roman' ? ROMAN_NUMERALS : NUMERALS;

/** The same for minute numbers, which stand outside the rim. */
export const MINUTE_NUMBERS = { radius: 110, size: 10 } as const;

/** A numeral with the point its middle stands on. */
export interface NumeralPlace extends FacePoint {
  readonly numeral: number;
  /** What is written there: `4`, or `IIII` as clocks with Roman numerals have it. */
  readonly text: string;
}

const ROMAN = ['I', 'II', 'III', 'IIII', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI', 'XII'] as const;

const SHOWN: Record<NumeralStyle, (numeral: number) => boolean> = {
  all: () => true,
  quarters: (numeral) => numeral % 3 === 0,
  ticks: () => false,
  none: () => false,
  roman: () => true,
};

/** Has a face of this style its minute marks? Only a face with nothing on it has not. */
export const hasTicks = (style: NumeralStyle): boolean => style !== 'none';

/** Where something stands that belongs to a direction: at that share of the way out to the face's outline. */
const placeAt = (outline: Outline, angle: number, radius: number): FacePoint =>
  pointAt(angle, (radius / 100) * outlineRadius(outline, angle));

/**
 * The numerals of a face, 1 first; each stands where the hour hand points at its o'clock, on the outline drawn smaller.
 * @param radius face units from the middle on a round face
 */
export const numeralPlaces = (
  style: NumeralStyle = 'all',
  outline: Outline = 'round',
  radius: number = numeralMeasures(style).radius,
): NumeralPlace[] =>
  Array.from({ length: 12 }, (_, i) => i + 1)
    .filter(SHOWN[style])
    .map((numeral) => ({
      numeral,
      text: style === 'roman' ? ROMAN[numeral - 1]! : String(numeral),
      ...placeAt(outline, handAngles(timeOf(numeral)).hour, radius),
    }));

/** A minute number with the point its middle stands on. */
export interface MinuteNumberPlace extends FacePoint {
  readonly minutes: number;
}

/**
 * The minute numbers round the rim: 0 at the top, then 5 to 55. Twelve says zero minutes past; sixty is the whole turn
 * just finished and has no place of its own.
 */
export const minuteNumberPlaces = (
  outline: Outline = 'round',
  radius: number = MINUTE_NUMBERS.radius,
): MinuteNumberPlace[] =>
  Array.from({ length: 12 }, (_, i) => ({ minutes: i * 5, ...placeAt(outline, i * 30, radius) }));

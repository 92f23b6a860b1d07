import type { NumeralStyle, Outline } from '../../face/index.ts';

/**
 * How much a sheet helps; the help fades from sheet to sheet.
 * - `much`: minute numbers round the rim, and where hands are drawn a dot outside the rim to rule the long hand back from
 * - `some`: the numerals of the class's own clock
 * - `little`: marks without numerals
 */
export const HELPS = ['much', 'some', 'little'] as const;
export type HelpOnPaper = (typeof HELPS)[number];

/** How the clocks of a sheet look. */
export interface ClockLook {
  readonly outline: Outline;
  readonly numerals: NumeralStyle;
  /** Minute numbers outside the rim. */
  readonly minuteNumbers: boolean;
  /** Where a hand is to be drawn, a dot outside the rim. */
  readonly dot: boolean;
}

/** The look a help has: on the face a class has agreed on, or on another one it is to try. */
export const lookOf = (help: HelpOnPaper, face: Pick<ClockLook, 'outline' | 'numerals'>): ClockLook => ({
  outline: face.outline,
  numerals: help === 'little' && face.numerals === 'all' ? 'ticks' : face.numerals,
  minuteNumbers: help === 'much',
  dot: help === 'much',
});

import { HANDS, type Hand } from '../clock/index.ts';
import { NUMERAL_STYLES, OUTLINES, type NumeralStyle, type Outline } from '../face/index.ts';

/*
 * Choices a teacher makes once and Hoppel keeps everywhere; the first of each list is the default. Why each matters,
 * and what was picked, stands in docs/teaching-decisions.md.
 */

/** Which English. */
export const ENGLISHES = ['en-US', 'en-GB'] as const;
export type English = (typeof ENGLISHES)[number];
/** How 4:30 is said. */
export const HALF_PAST_PHRASES = ['half-past', 'thirty', 'both'] as const;
/** What the hands are called. */
export const HAND_NAMES = ['hour-minute', 'short-long', 'little-big'] as const;
/** Which hand is read first, and which is drawn first. */
export const FIRST_READ = HANDS;
/** How the hour is found at half past. `smaller` fails at 12:30, so its sentence there spells the exception out. */
export const HOUR_FINDING = ['passed', 'room', 'step-back', 'smaller'] as const;
/** How the minutes are found: by straight up and straight down, by counting fives, by both. */
export const MINUTE_SUPPORTS = ['straight', 'fives', 'both'] as const;
/** How a time is written in digits. */
export const DIGITAL_FORMS = ['4:30', '04:30', '4.30'] as const;
export type DigitalForm = (typeof DIGITAL_FORMS)[number];
/** What a child writes in another of the digital forms: taken as right, or named. */
export const OTHER_FORMS = ['accepted', 'named'] as const;
/** Where the hour hand must be drawn at half past: half-way, or anywhere clearly past its numeral and before the next. */
export const HALF_PAST_HANDS = ['half-way', 'lenient'] as const;
/** Hour hand alone, o'clock and half past one after the other, or o'clock and half past together. */
export const TEACHING_ORDERS = ['one-by-one', 'together'] as const;

/** Everything a class has agreed on. */
export interface Conventions {
  readonly english: English;
  readonly halfPastPhrase: (typeof HALF_PAST_PHRASES)[number];
  readonly handNames: (typeof HAND_NAMES)[number];
  /** Which hand is read first; steps and cover cards follow it. */
  readonly firstRead: Hand;
  readonly hourFinding: (typeof HOUR_FINDING)[number];
  readonly minuteSupport: (typeof MINUTE_SUPPORTS)[number];
  readonly digitalForm: DigitalForm;
  readonly otherForms: (typeof OTHER_FORMS)[number];
  /** Which hand is drawn first. */
  readonly drawnFirst: Hand;
  readonly halfPastHand: (typeof HALF_PAST_HANDS)[number];
  readonly teachingOrder: (typeof TEACHING_ORDERS)[number];
  /** As on the real clock on the wall. */
  readonly numerals: NumeralStyle;
  readonly outline: Outline;
  /** Colours of the hands, `#rrggbb`. */
  readonly handColours: Readonly<Record<Hand, string>>;
}

/** A class that has chosen nothing yet. */
export const DEFAULT_CONVENTIONS: Conventions = {
  english: ENGLISHES[0],
  halfPastPhrase: HALF_PAST_PHRASES[0],
  handNames: HAND_NAMES[0],
  firstRead: FIRST_READ[0],
  hourFinding: HOUR_FINDING[0],
  minuteSupport: MINUTE_SUPPORTS[0],
  digitalForm: DIGITAL_FORMS[0],
  otherForms: OTHER_FORMS[0],
  drawnFirst: HANDS[0],
  halfPastHand: HALF_PAST_HANDS[0],
  teachingOrder: TEACHING_ORDERS[0],
  numerals: NUMERAL_STYLES[0],
  outline: OUTLINES[0],
  handColours: { hour: '#c8521b', minute: '#17604f' },
};

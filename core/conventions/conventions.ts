import { HANDS, type Hand } from '../clock/index.ts';
import { NUMERAL_STYLES, OUTLINES } from '../face/index.ts';

/** Where a choice stands among the settings. */
export const CONVENTION_GROUPS = ['words', 'reading', 'wall', 'paper'] as const;
export type ConventionGroup = (typeof CONVENTION_GROUPS)[number];

interface Choice {
  readonly group: ConventionGroup;
  /** The first is the default. */
  readonly choices: readonly string[];
}

/**
 * Choices a teacher makes once and Hoppel keeps everywhere, in the order settings show them: type, default, what crosses the wire and
 * the settings page come from this table. Their words stand under `settings.row` and `settings.choice`; why each matters, and
 * what was picked, in docs/teaching-decisions.md.
 */
export const CHOICES = {
  /** The language, and where it is spoken. Each has its folder in `locales`. */
  locale: { group: 'words', choices: ['en-US', 'en-GB'] },
  /** What the hands are called. */
  handNames: { group: 'words', choices: ['hour-minute', 'short-long', 'little-big'] },
  /** How 4:30 is said. */
  halfPastPhrase: { group: 'words', choices: ['half-past', 'thirty', 'both'] },
  /** How the hour is found at half past. `smaller` fails at 12:30, so its sentence there spells the exception out. */
  hourFinding: { group: 'words', choices: ['passed', 'room', 'step-back', 'smaller'] },
  /** How the minutes are found: by straight up and straight down, by counting fives, by both. */
  minuteSupport: { group: 'words', choices: ['straight', 'fives', 'both'] },
  /** Which hand is read first; steps and cover cards follow it. */
  firstRead: { group: 'reading', choices: HANDS },
  /** How a time is written in digits. */
  digitalForm: { group: 'reading', choices: ['4:30', '04:30', '4.30'] },
  /** What a child writes in another of the digital forms: taken as right, or named. */
  otherForms: { group: 'reading', choices: ['accepted', 'named'] },
  /** Which hand is drawn first. */
  drawnFirst: { group: 'reading', choices: HANDS },
  /** Where the hour hand must be drawn at half past: half-way, or anywhere clearly past its numeral and before the next. */
  halfPastHand: { group: 'reading', choices: ['half-way', 'lenient'] },
  /** Hour hand alone, o'clock and half past one after the other, or o'clock and half past together. */
  teachingOrder: { group: 'reading', choices: ['one-by-one', 'together'] },
  /** As on the real clock on the wall. */
  outline: { group: 'wall', choices: OUTLINES },
  numerals: { group: 'wall', choices: NUMERAL_STYLES },
  /** How "who missed it?" stands on a wall that all children can read. */
  missedOnWall: { group: 'wall', choices: ['pictures', 'names', 'remote'] },
  /** What is printed on: as usual where this language is spoken, or one of the two sizes. */
  paper: { group: 'paper', choices: ['usual', 'a4', 'letter'] },
} as const satisfies Readonly<Record<string, Choice>>;

/** A convention that is one of a few choices. */
export type ChoiceName = keyof typeof CHOICES;
export const CHOICE_NAMES = Object.keys(CHOICES) as ChoiceName[];
export type Chosen<Name extends ChoiceName> = (typeof CHOICES)[Name]['choices'][number];

export type LocaleTag = Chosen<'locale'>;
export type DigitalForm = Chosen<'digitalForm'>;

/** Everything a class has agreed on. */
export type Conventions = { readonly [Name in ChoiceName]: Chosen<Name> } & {
  /** Colours of the hands, `#rrggbb`. */
  readonly handColours: Readonly<Record<Hand, string>>;
};

/** A class that has chosen nothing yet. */
export const DEFAULT_CONVENTIONS: Conventions = {
  ...(Object.fromEntries(CHOICE_NAMES.map((name) => [name, CHOICES[name].choices[0]])) as {
    [Name in ChoiceName]: Chosen<Name>;
  }),
  handColours: { hour: '#c8521b', minute: '#17604f' },
};

/** Choices of a group, in the order of the table. */
export const choicesOf = (group: ConventionGroup): ChoiceName[] =>
  CHOICE_NAMES.filter((name) => CHOICES[name].group === group);

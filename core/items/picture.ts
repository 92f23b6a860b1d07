import { angleBetween, handAngles, isPossible, type DialTime, type HandAngles } from '../clock/index.ts';

/** Which hands a drawn clock has. */
export const HANDS_DRAWN = ['both', 'hour', 'minute'] as const;

/** A clock as it is printed or shown, right or with something wrong in it. */
export interface ClockPicture {
  /** Degrees clockwise from 12, in [0, 360). */
  readonly hands: HandAngles;
  readonly handsDrawn: (typeof HANDS_DRAWN)[number];
  /** Both hands of one length, so that neither can be told from the other. */
  readonly equalLength: boolean;
  /** What stands at the twelve places from 12 on, clockwise: 12, 1 .. 11 on a right clock; 0 for a missing numeral. */
  readonly numerals: readonly number[];
}

/** The numerals of a right clock from the top, clockwise. */
export const RIGHT_NUMERALS: readonly number[] = [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11];

/** A right clock with its hands somewhere. */
export const pictureOf = (hands: HandAngles): ClockPicture => ({
  hands,
  handsDrawn: 'both',
  equalLength: false,
  numerals: RIGHT_NUMERALS,
});

/** A right clock at a time. */
export const pictureAt = (time: DialTime): ClockPicture => pictureOf(handAngles(time));

/** What can be wrong with a clock that children judge. */
export const CLOCK_FAULTS = [
  'numeral-missing',
  'numeral-doubled',
  'numerals-disordered',
  'one-hand',
  'equal-hands',
  'hour-hand-on-numeral',
  'hands-swapped',
  'hands-disagree',
] as const;
export type ClockFault = (typeof CLOCK_FAULTS)[number];

const numeralFault = (numerals: readonly number[]): ClockFault | undefined => {
  if (numerals.includes(0)) return 'numeral-missing';
  if (new Set(numerals).size < numerals.length) return 'numeral-doubled';
  return numerals.every((numeral, i) => numeral === RIGHT_NUMERALS[i]) ? undefined : 'numerals-disordered';
};

/** Degrees within which a hand counts as on its place in a printed picture. */
export const ON_PLACE = 1;

const handFault = ({ hands }: ClockPicture): ClockFault | undefined => {
  if (isPossible(hands)) return undefined;
  const onNumeral = angleBetween(hands.hour, Math.round(hands.hour / 30) * 30) <= ON_PLACE;
  if (onNumeral && angleBetween(hands.minute, 180) <= ON_PLACE) return 'hour-hand-on-numeral';
  return isPossible({ hour: hands.minute, minute: hands.hour }) ? 'hands-swapped' : 'hands-disagree';
};

/** Everything that is wrong with a clock; empty when it is a possible one. */
export const faultsOf = (picture: ClockPicture): ClockFault[] => {
  const found = [
    numeralFault(picture.numerals),
    picture.handsDrawn === 'both' ? undefined : ('one-hand' as const),
    picture.handsDrawn === 'both' && picture.equalLength ? ('equal-hands' as const) : undefined,
    picture.handsDrawn === 'both' ? handFault(picture) : undefined,
  ];
  return found.filter((fault) => fault !== undefined);
};

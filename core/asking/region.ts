import { faultsOf, type Answer, type ClockFault, type ClockPicture } from '../items/index.ts';

/** Where something can be wrong on a clock. */
export const CLOCK_REGIONS = ['numerals', 'hands'] as const;
export type ClockRegion = (typeof CLOCK_REGIONS)[number];

/** Where a fault lies. */
export const regionOf = (fault: ClockFault): ClockRegion =>
  fault === 'numeral-missing' || fault === 'numeral-doubled' || fault === 'numerals-disordered' ? 'numerals' : 'hands';

/** What a child means who finds fault where there is none: the plainest fault of that region. */
const PLAINEST: Readonly<Record<ClockRegion, ClockFault>> = {
  numerals: 'numerals-disordered',
  hands: 'hands-disagree',
};

/** The answer of a child who taps where a clock is wrong. */
export const judgementAt = (clock: ClockPicture, region: ClockRegion): Extract<Answer, { kind: 'judgement' }> => ({
  kind: 'judgement',
  possible: false,
  fault: faultsOf(clock).find((fault) => regionOf(fault) === region) ?? PLAINEST[region],
});

/** Choices a teacher makes once and Hoppel keeps everywhere; the first of each list is the default. */
export const ENGLISHES = ['en-US', 'en-GB'] as const;
export const HAND_NAMES = ['hour-minute', 'short-long', 'little-big'] as const;
export const FIRST_READ = ['hour', 'minute'] as const;
export const DIGITAL_FORMS = ['4:30', '04:30', '4.30'] as const;

export interface Conventions {
  readonly english: (typeof ENGLISHES)[number];
  readonly handNames: (typeof HAND_NAMES)[number];
  /** Which hand is read first; steps and cover cards follow it. */
  readonly firstRead: (typeof FIRST_READ)[number];
  readonly digitalForm: (typeof DIGITAL_FORMS)[number];
}

export const DEFAULT_CONVENTIONS: Conventions = {
  english: 'en-US',
  handNames: 'hour-minute',
  firstRead: 'hour',
  digitalForm: '4:30',
};

/** How far a hand may stray, in degrees, and what that is on the dial. The one place for these numbers. */
export const TOLERANCES = {
  /** The minute hand counts as on its place: a minute and a half, about a finger's tremble on a tablet. */
  minuteHand: 9,
  /** The minute hand is meant for its place but was let go too early or late: four minutes. */
  minuteHandNearly: 24,
  /** The hour hand at o'clock; a geared clock brings it there whenever the minute hand is on its place. */
  hourHand: 9,
} as const;

/** How far hands may stray. The one place for these numbers; breaking any of them breaks a test. */
export const TOLERANCES = {
  /** Degrees the minute hand may stray and still be on its place: a minute and a half, a finger's tremble. */
  minuteHand: 9,
  /** Degrees the hour hand may stray at o'clock. */
  hourHandOclock: 9,
  /** Degrees the hour hand may stray from half-way at half past: half of the 15 to either numeral. */
  hourHandHalfPast: 7.5,
  /** Degrees past its numeral, and before the next, from which the hour hand is "clearly past" (the lenient choice). */
  lenientMargin: 3,
  /** A geared minute hand meant for its place but let go too early or too late: four minutes. */
  minuteHandNearly: 24,
  /** A drawn or free minute hand that nearly found its place: two minutes and a half. */
  drawnMinuteNearly: 15,
  /** A drawn or free hour hand that nearly did. */
  drawnHourNearly: 10,
  /** The long hand is at least so many times as long as the short one; below, they are of one length. */
  lengthRatio: 1.15,
} as const;

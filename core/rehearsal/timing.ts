import type { Pace } from '../planning/index.ts';
import { revealSteps, type MovingRound } from '../rounds/index.ts';

/** Seconds to look who missed a task and tap them. */
const MISSED_SECONDS = 8;
/** Seconds of three, two, one. */
const COUNTDOWN = 3;

/** Seconds of a lesson that a round stays where it stands, before it goes on; none where it is done. */
export const secondsHere = (round: MovingRound, pace: Pace): number | undefined => {
  switch (round.phase) {
    case 'ask':
      return pace.ask;
    case 'think':
      return round.thinkSeconds;
    case 'show':
      return pace.show + (round.countdown ? COUNTDOWN : 0);
    case 'reveal':
      return pace.reveal / (revealSteps(round.entries[round.index]!.item) + 1);
    case 'missed':
      return MISSED_SECONDS;
    case 'done':
      return undefined;
  }
};

/** Seconds since a task was asked when its phase began. */
export const secondsBefore = ({ phase, thinkSeconds }: MovingRound, pace: Pace): number => {
  if (phase === 'ask') return 0;
  if (phase === 'think') return pace.ask;
  return pace.ask + thinkSeconds;
};

/** Minutes a round of so many tasks takes, if nothing is asked again. */
export const roundMinutes = (tasks: number, { ask, think, show, reveal }: Pace): number =>
  (tasks * (ask + think + show + reveal + MISSED_SECONDS)) / 60;

import { handAngles, hourOf, isHalfPast, isOclock, normaliseAngle, type DialTime, type Hand } from '../clock/index.ts';
import type { Own, Procedure, WrongRule } from './names.ts';

/** A clock as a follower of a rule draws or picks it: angles in degrees, and what is odd about it. */
export interface DrawnClock {
  readonly hour: number;
  readonly minute: number;
  readonly sameLength?: true;
  readonly offCentre?: true;
  /** Only this hand is drawn. */
  readonly only?: Hand;
}

const UP = 0;
const DOWN = 180;
const numeral = (time: DialTime): number => (hourOf(time) % 12) * 30;
const clock = (hour: number, minute: number): DrawnClock => ({
  hour: normaliseAngle(hour),
  minute: normaliseAngle(minute),
});
const only = (...own: DrawnClock[]): Own<DrawnClock> => ({ own });

const atHalfPast =
  (answer: (numeralAngle: number) => Own<DrawnClock>): Procedure<DrawnClock> =>
  (time) =>
    isHalfPast(time) ? answer(numeral(time)) : undefined;
const atOclock =
  (answer: (numeralAngle: number) => Own<DrawnClock>): Procedure<DrawnClock> =>
  (time) =>
    isOclock(time) ? answer(numeral(time)) : undefined;

const comingHour = atHalfPast((angle) => ({ own: [clock(angle - 15, DOWN)], orRight: true }));
const exact = (time: DialTime): DrawnClock => handAngles(time);

/** What is drawn, or set with two free hands, by rule; a rule that is missing draws as a knowing child does. */
export const DRAW: Partial<Record<WrongRule, Procedure<DrawnClock>>> = {
  'hands-swapped': (time) =>
    isOclock(time) ? only(clock(UP, numeral(time))) : only(clock(DOWN, numeral(time)), clock(DOWN, numeral(time) + 15)),
  'coming-hour': comingHour,
  'larger-number': comingHour,
  'numeral-as-minutes': atHalfPast((angle) => ({ own: [clock(angle + 15, 90)], orRight: true })),
  'always-oclock': atHalfPast((angle) => only(clock(angle, UP))),
  'always-half-past': atOclock((angle) => only(clock(angle + 15, DOWN))),
  anticlockwise: (time) => only(clock(-exact(time).hour, -exact(time).minute)),
  'long-hand-only': (time) => only(clock(UP, numeral(time))),
  'lengths-swapped': (time) => only(clock(exact(time).minute, exact(time).hour)),
  'same-length': (time) => only({ ...exact(time), sameLength: true }),
  'hour-hand-on-numeral': atHalfPast((angle) => only(clock(angle, DOWN))),
  'wrong-side': atHalfPast((angle) => only(clock(angle - 15, DOWN))),
  'on-coming-numeral': atHalfPast((angle) => only(clock(angle + 30, DOWN))),
  'half-way-at-oclock': atOclock((angle) => only(clock(angle + 15, UP))),
  'both-on-hour': (time) => only(clock(numeral(time), numeral(time))),
  'minute-hand-at-3': atHalfPast((angle) => only(clock(angle + 15, 90))),
  'one-hand': (time) => only({ ...exact(time), only: 'hour' }, { ...exact(time), only: 'minute' }),
  'off-centre': (time) => only({ ...exact(time), offCentre: true }),
};

/** Rules about drawing that do not show in a choice among printed clocks: there such a child chooses the right one. */
export const PICKS_RIGHT: ReadonlySet<WrongRule> = new Set<WrongRule>([
  'same-length',
  'one-hand',
  'off-centre',
  'long-hand-names-hour',
]);

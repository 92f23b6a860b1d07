export {
  ALL_DIAL_TIMES,
  DIAL_MINUTES,
  OCLOCK_TIMES,
  TAUGHT_TIMES,
  dialTime,
  hourOf,
  isDialTime,
  isHalfPast,
  isOclock,
  isTaught,
  minuteOf,
  timeOf,
  wrapToDial,
  type DialTime,
} from './time.ts';
export {
  angleBetween,
  angleOfPoint,
  gearedAngles,
  handAngles,
  normaliseAngle,
  turnBetween,
  type HandAngles,
} from './angles.ts';
export { POSSIBLE_WITHIN, isPossible, readHands, type HandReading } from './reading.ts';
export {
  DAY_MINUTES,
  HALVES,
  dayTime,
  halfOf,
  inHalf,
  inSchoolDay,
  isDayTime,
  onDial,
  turnOnToDay,
  twelveHour,
  wrapToDay,
  type DayTime,
  type HalfOfDay,
} from './dayTime.ts';
export {
  DIRECTIONS,
  OVERLAP_WITHIN,
  directionOf,
  handsApart,
  isNearOverlap,
  mirrored,
  type Direction,
} from './relation.ts';
export { HANDS, SNAPS, snapMinutes, turnHand, turnNearestTo, turnOnTo, type Hand, type SnapMinutes } from './gear.ts';
export { handAt, type FacePoint } from './grab.ts';

export {
  ALL_DIAL_TIMES,
  DIAL_MINUTES,
  OCLOCK_TIMES,
  dialTime,
  hourOf,
  isDialTime,
  isHalfPast,
  isOclock,
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
export { readHands, type HandReading } from './reading.ts';
export { HANDS, SNAPS, snapMinutes, turnHand, turnNearestTo, turnOnTo, type Hand, type SnapMinutes } from './gear.ts';
export { handAt, type FacePoint } from './grab.ts';

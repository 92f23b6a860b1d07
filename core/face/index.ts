export {
  CAP_RADIUS,
  FACE_SIZES,
  HAND_PATHS,
  HAND_TIPS,
  KEYLINE,
  RIM_RADIUS,
  RIM_WIDTH,
  SECOND_HAND_PATH,
  secondAngle,
  ticks,
  type FaceSize,
  type Tick,
} from './geometry.ts';
export {
  HALF_TURN,
  LENSES,
  QUARTERS,
  hoursRoom,
  isInSector,
  lineToRim,
  minuteTrail,
  roomAt,
  tipWindow,
  toggleLens,
  type DialSector,
  type Lens,
  type MinuteTrail,
  type TipWindow,
} from './lenses.ts';
export {
  MINUTE_NUMBERS,
  NUMERALS,
  NUMERAL_STYLES,
  hasTicks,
  minuteNumberPlaces,
  numeralMeasures,
  numeralPlaces,
  type MinuteNumberPlace,
  type NumeralPlace,
  type NumeralStyle,
} from './numerals.ts';
export { HALF_SIZE, OUTLINES, outlinePath, outlineRadius, type Outline } from './outline.ts';
export { pointAt } from './point.ts';
export { RING_GAP, ringsOnFace, type Ring } from './rings.ts';
export { arcPath, ringBrickPath, sectorPath, slicePath } from './sector.ts';

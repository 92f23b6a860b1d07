export {
  CAP_RADIUS,
  FACE_SIZES,
  HAND_PATHS,
  HAND_TIPS,
  KEYLINE,
  NUMERALS,
  RIM_RADIUS,
  RIM_WIDTH,
  numeralPlaces,
  pointAt,
  ticks,
  type FaceSize,
  type NumeralPlace,
  type Tick,
} from './geometry.ts';
export { arcPath, ringBrickPath, sectorPath } from './sector.ts';

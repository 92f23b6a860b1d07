export { BUDGET, UNREADABLE, readDrawing, type DrawingRead, type ReadHand } from './readDrawing.ts';
export {
  MOST_POINTS,
  MOST_STROKES,
  drawnOn,
  extent,
  lengthOf,
  pointsIn,
  resampled,
  strokePath,
  thinned,
  type Stroke,
  type StrokePoint,
} from './stroke.ts';

export {
  BUDGET,
  UNREADABLE,
  readDrawing,
  type DrawingRead,
  type ReadHand,
  type UnreadableDrawing,
} from './readDrawing.ts';
export { DOUBTFUL } from './confidence.ts';
export { ASIDE, type Aside } from './marks.ts';
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

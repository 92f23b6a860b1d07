export { UNREADABLE, readDrawing, type DrawingRead, type ReadHand } from './readDrawing.ts';
export { extent, pathLength, resampled, type Stroke, type StrokePoint } from './stroke.ts';

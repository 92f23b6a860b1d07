export { UNREADABLE, readDrawing, type DrawingRead, type ReadHand } from './readDrawing.ts';
export { extent, resampled, type Stroke, type StrokePoint } from './stroke.ts';

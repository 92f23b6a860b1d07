export { UNREADABLE, readDrawing, type DrawingRead, type ReadHand } from './readDrawing.ts';
export { extent, resampled, strokePath, type Stroke, type StrokePoint } from './stroke.ts';

export { anyChild, following, knowing, simulateAnswer, type SimulatedChild } from './child.ts';
export {
  DRAWING_HABITS,
  UNITS_PER_MM,
  anyStyle,
  simulateDrawing,
  simulateHands,
  simulateScribble,
  type DrawingHabit,
  type DrawingStyle,
} from './drawing.ts';
export { answerOnTablet, strokesOf } from './onTablet.ts';

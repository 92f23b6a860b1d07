export {
  READER,
  answeredTime,
  asGiven,
  readAnswer,
  timeOfHourAngle,
  type ReadAnswer,
  type ReadDrawing,
  type ReadWriting,
  type ReadingRules,
} from './readAnswer.ts';

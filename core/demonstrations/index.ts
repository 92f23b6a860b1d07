export {
  DEMONSTRATIONS,
  SPEEDS,
  WAYS,
  durationOf,
  sceneAt,
  sentenceAt,
  stepAt,
  stepStarts,
  steppedTo,
  type Demonstration,
  type DemonstrationKind,
  type DemonstrationStep,
  type Scene,
  type Speed,
  type Way,
} from './demonstration.ts';
export { demonstrate } from './make.ts';
export { DOT_RADIUS, pencilLine, pencilPoint, type PencilMark } from './pencil.ts';

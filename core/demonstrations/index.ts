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
export { contrastOf } from './pair.ts';
export { labelPlaces, partAt, type LabelPlace } from './parts.ts';
export { DOT_RADIUS, pencilLine, pencilPoint, type PencilMark } from './pencil.ts';
export { SORTED_AT_ONCE, dayToSort, deedsToSort, inPlace, takes, type DayEntry } from './sorting.ts';

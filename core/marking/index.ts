export { acceptedWritings } from './acceptedWritings.ts';
export { CORRECTIONS, OUT_WHYS, countedInstead, type Correction, type OutWhy } from './correction.ts';
export {
  DRAWING_PROBLEMS,
  VERDICTS,
  type DrawingProblem,
  type Finding,
  type Marking,
  type Seen,
  type Verdict,
} from './findings.ts';
export { handToHelp, hintStep, numeralOf } from './hint.ts';
export { MARKING_CONVENTIONS, markingRules, type MarkingRules } from './rules.ts';
export { mark, readAndMark, type ReadAndMarked } from './mark.ts';

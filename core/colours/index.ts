export {
  LEAST_CONTRAST,
  LEAST_DIFFERENCE,
  VISIONS,
  handColourProblems,
  type HandColourProblem,
  type Vision,
} from './handColours.ts';

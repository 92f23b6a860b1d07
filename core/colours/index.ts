export { VISIONS, handColourProblems, type HandColourProblem, type Vision } from './handColours.ts';

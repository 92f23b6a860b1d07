export { VERDICTS, answeredTime, mark, type Finding, type Marking, type Verdict } from './mark.ts';
export { TOLERANCES } from './tolerances.ts';
export { handToHelp, numeralOf } from './hint.ts';

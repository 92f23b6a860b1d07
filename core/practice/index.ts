export { candidateOf, makePool, sureOne, tellingOne } from './candidates.ts';
export { needsOf, type PracticeNeeds, type SkillNeed } from './needs.ts';
export { FEWEST_ITEMS, MOST_ITEMS, prepareByNeed, settledOn, type Asked } from './prepareByNeed.ts';
export { prepareSet } from './prepareSet.ts';
export { quietSession } from './quietSession.ts';
export { shownSkills, stonesOf, taskAfter, type Practised, type Session, type SessionStep } from './session.ts';
export { afterOutcome, chanceRight, information, prospectOf, type Prospect } from './prospect.ts';
export { stonesOn, taskOn, wayAnew, wayInto, wayOn, type Way } from './way.ts';

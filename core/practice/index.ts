export { needsOf, type PracticeNeeds, type SkillNeed } from './needs.ts';
export { FEWEST_ITEMS, MOST_ITEMS, isPutIn, nextByNeed, nextOfSet, shownSkills, type Practised } from './next.ts';
export { UNKNOWN, chanceRight, information, suspect, type Suspicion } from './suspicion.ts';

/** The ladder of skills in teaching order. What each leans on stands in `SKILL_DATA`. */
export const SKILLS = [
  'what-for',
  'how-long',
  'parts',
  'clockwise',
  'hour-hand-on',
  'hour-hand-between',
  'oclock-read',
  'oclock-set',
  'oclock-match',
  'oclock-write',
  'oclock-draw',
  'half-past-read',
  'half-past-set',
  'half-past-match',
  'half-past-write',
  'half-past-draw',
  'mixed',
  'other-faces',
  'judge-clock',
  'quarter-past',
  'quarter-to',
  'five-minutes',
  'to-the-minute',
] as const;
export type Skill = (typeof SKILLS)[number];

/** Skills that stand under one heading in a table of the class. */
export const SKILL_GROUPS = ['clock', 'oclock', 'half-past', 'mixed', 'onward'] as const;
export type SkillGroup = (typeof SKILL_GROUPS)[number];

/** Skills that have no column in the class's table: they bring few answers, or come after the unit. */
const NOT_IN_TABLE: ReadonlySet<Skill> = new Set<Skill>([
  'what-for',
  'how-long',
  'clockwise',
  'other-faces',
  'judge-clock',
  'quarter-past',
  'quarter-to',
  'five-minutes',
  'to-the-minute',
]);

/** The columns of the class's table, in teaching order. */
export const CLASS_SKILLS: readonly Skill[] = SKILLS.filter((skill) => !NOT_IN_TABLE.has(skill));

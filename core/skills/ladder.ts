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

/** The columns of the class's table: what the unit brings answers about. */
export const CLASS_SKILLS = [
  'parts',
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
] as const satisfies readonly Skill[];

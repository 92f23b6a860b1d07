/** The skills of the unit in teaching order. Later ones lean on earlier ones. */
export const SKILLS = [
  'parts',
  'hour-hand',
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
] as const;
export type Skill = (typeof SKILLS)[number];

/** Skills that stand under one heading in a table of the class. */
export const SKILL_GROUPS = ['clock', 'oclock', 'half-past', 'mixed'] as const;
export type SkillGroup = (typeof SKILL_GROUPS)[number];

/** The heading each skill stands under. */
export const groupOfSkill = (skill: Skill): SkillGroup => {
  if (skill.startsWith('oclock')) return 'oclock';
  if (skill.startsWith('half-past')) return 'half-past';
  return skill === 'mixed' ? 'mixed' : 'clock';
};

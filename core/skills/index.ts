export { SKILLS, SKILL_GROUPS, groupOfSkill, type Skill, type SkillGroup } from './ladder.ts';

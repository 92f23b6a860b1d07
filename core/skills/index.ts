export { CURRICULUM_TAGS, SKILL_DATA, groupOfSkill, leansOn, type CurriculumTag, type SkillData } from './data.ts';
export { CLASS_SKILLS, SKILLS, SKILL_GROUPS, type Skill, type SkillGroup } from './ladder.ts';
export { CLOCK_WORDS, type ClockWord } from './words.ts';
export { skillOfItem } from './practises.ts';

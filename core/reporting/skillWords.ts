import type { Conventions } from '../conventions/index.ts';
import type { Level } from '../diagnosis/index.ts';
import type { Skill, SkillGroup } from '../skills/index.ts';
import { teacherSentence } from './teacherWords.ts';

const word = (key: string, conventions: Conventions): string =>
  teacherSentence({ key: `teacher.${key}`, values: {} }, conventions);

/** "secure", "getting there". */
export const levelWord = (level: Level, conventions: Conventions): string => word(`levels.${level}`, conventions);
/** A skill under the heading of its group: "read". Only those with a column in the class's table. */
export const skillShort = (skill: Skill, conventions: Conventions): string =>
  word(`skills.${skill}.short`, conventions);
export const skillGroupName = (group: Exclude<SkillGroup, 'onward'>, conventions: Conventions): string =>
  word(`skillGroups.${group}`, conventions);
/** What a child can say of itself that has a skill. */
export const skillICan = (skill: Skill, conventions: Conventions): string => word(`skills.${skill}.iCan`, conventions);

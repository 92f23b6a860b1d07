import type { Level } from '../../core/diagnosis/index.ts';
import { levelWord, skillGroupName, skillShort } from '../../core/reporting/index.ts';
import type { Skill, SkillGroup } from '../../core/skills/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';

/** Skills and levels in a teacher's words. */
export const useSkillWords = () => {
  const store = useClassroomStore();
  const now = () => store.classroom!.settings;
  return {
    level: (level: Level): string => levelWord(level, now()),
    short: (skill: Skill): string => skillShort(skill, now()),
    group: (group: SkillGroup): string => (group === 'onward' ? '' : skillGroupName(group, now())),
  };
};

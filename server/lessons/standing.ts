import { createAtCheck, type Check, type ChildAtCheck } from '../../core/diagnosis/index.ts';
import { skillOfCheck } from '../../core/planning/index.ts';
import type { Lesson } from '../../contract/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import { taughtAgain } from '../record/taughtAgain.ts';
import type { LessonRepository } from './lessonRepository.ts';

interface Parts {
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
}

/** What a check asks for; none where nothing of it can be answered. */
export const askedBy = (check: Lesson): Check | undefined => {
  const skill = skillOfCheck(check);
  return skill && { lessonId: check.id, day: check.day, skill };
};

/** How children stood at checks; an answer makes only its own child be looked at again. */
export const createStanding = ({ lessons, children, judged }: Parts) => {
  const stood = new Map<string, { readonly version: string; readonly at: ChildAtCheck }>();
  const atChecks = new Map<string, ReturnType<typeof createAtCheck>>();
  const atCheck = (check: Check): ReturnType<typeof createAtCheck> => {
    const key = JSON.stringify(check);
    const at = atChecks.get(key) ?? createAtCheck(check);
    atChecks.set(key, at);
    return at;
  };
  return (check: Check, childId: number): ChildAtCheck & { readonly childId: number } => {
    const key = JSON.stringify([check, childId]);
    const { answers, version: ofAnswers } = judged.ofChild(childId);
    const about = { lessons: taughtAgain(lessons, check.day), homeLanguage: children.homeLanguageOf(childId) };
    const version = JSON.stringify([ofAnswers, about]);
    const before = stood.get(key);
    const at = before?.version === version ? before.at : atCheck(check)(answers, about);
    stood.set(key, { version, at });
    return { childId, ...at };
  };
};
export type Standing = ReturnType<typeof createStanding>;

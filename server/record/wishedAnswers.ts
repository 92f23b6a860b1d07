import type { AnswersWished, LookedAtAnswer } from '../../contract/index.ts';
import { skillOfItem } from '../../core/skills/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';

/** The answers of a child that are looked at, the latest first, and whether there are older ones. */
export const wishedAnswers = (
  answers: Pick<AnswerRepository, 'latestOfChild' | 'someOfChild'>,
  childId: number,
  { count, skill, only }: AnswersWished,
): { readonly answers: LookedAtAnswer[]; readonly more: boolean } => {
  if (only !== undefined) return { answers: answers.someOfChild(childId, only), more: false };
  const found: LookedAtAnswer[] = [];
  for (const answer of answers.latestOfChild(childId)) {
    if (skill !== undefined && skillOfItem(answer.item) !== skill) continue;
    // Nothing older is read than what is shown.
    if (found.length === count) return { answers: found, more: true };
    found.push(answer);
  }
  return { answers: found, more: false };
};

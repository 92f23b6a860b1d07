import type { Conventions } from '../../conventions/index.ts';
import { rightAnswers, type Answer } from '../../items/index.ts';
import { isSameForetold, visibleRules, type WrongRule } from '../../misconceptions/index.ts';
import { readingSteps, sentence } from '../../wording/index.ts';
import type { PaperItem } from '../kinds/index.ts';
import { timeOfTask } from '../choosing/recipe.ts';
import { shownAnswer, type ShownAnswer } from './shown.ts';

/** A wrong answer that can be expected, and the rules that lead to it, the likeliest first. */
export interface LikelyWrong {
  readonly shown: ShownAnswer;
  readonly rules: readonly WrongRule[];
}

/** What a teacher marks a task by. */
export interface KeyEntry {
  /** The usual right answer. */
  readonly right: ShownAnswer;
  /** How it is read, in the class's words; empty where nothing is read. */
  readonly steps: readonly string[];
  readonly wrong: readonly LikelyWrong[];
}

/** Wrong answers shown for a task at most. */
const MOST_WRONG = 6;

/** Wrong answers that rules foretell, each once with all its rules. */
const likelyWrong = (item: PaperItem, conventions: Conventions): LikelyWrong[] => {
  const found: { answer: Answer; rules: WrongRule[] }[] = [];
  for (const { rule, own } of visibleRules(item))
    for (const answer of own.slice(0, 1)) {
      const known = found.find((one) => isSameForetold(item, answer, one.answer));
      if (known === undefined) found.push({ answer, rules: [rule] });
      else known.rules.push(rule);
    }
  return found
    .slice(0, MOST_WRONG)
    .map(({ answer, rules }) => ({ shown: shownAnswer(item, answer, conventions), rules }));
};

/** The key to one task. */
export const keyEntry = (item: PaperItem, conventions: Conventions): KeyEntry => {
  const [right] = rightAnswers(item, conventions);
  const time = timeOfTask(item);
  const hasSteps = time !== undefined && item.kind !== 'hour-hand' && item.kind !== 'set-hour-hand';
  const steps = hasSteps
    ? readingSteps(time, conventions)
    : time === undefined
      ? []
      : readingSteps(time, conventions).filter(({ part }) => part === 'hour');
  return {
    right: shownAnswer(item, right!, conventions),
    steps: steps.map(({ sentence: said }) => sentence(said, conventions)),
    wrong: likelyWrong(item, conventions),
  };
};

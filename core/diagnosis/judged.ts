import type { DialTime } from '../clock/index.ts';
import type { ReadAnswer } from '../answers/index.ts';
import { guessChance, timeOfItem, type Item } from '../items/index.ts';
import type { Finding, Verdict } from '../marking/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import { skillOfItem, type Skill } from '../skills/index.ts';
import { clueOf, type Clue } from './clue.ts';
import { hiddenRules } from './hidden.ts';
import type { Shown } from './reason.ts';

/** An answer of the record that counts, oldest first in every list. */
export interface CountedAnswer {
  readonly id?: string;
  readonly childId: number;
  readonly lessonId: number;
  readonly item: Item;
  readonly read: ReadAnswer;
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
  /** School day, YYYY-MM-DD. */
  readonly day: string;
}

/** What an answer says by itself, whoever gave it and when. */
export interface Judgement extends Clue {
  readonly verdict: Verdict;
  readonly skill: Skill;
  /** Probability 0..1 that somebody who has no idea is right. */
  readonly guess: number;
  /** Wrong rules by which it would be right all the same. */
  readonly hides: readonly WrongRule[];
  /** The time it was asked about; none where it was about none, or cannot be read. */
  readonly time: DialTime | undefined;
  /** The task with the answer, where that is wrong: what is shown of a reason. */
  readonly given: Shown | undefined;
}

/** All that is gone by of an answer, worked out once: a small thing beside the answer itself, which may be a drawing. */
export interface JudgedAnswer extends Judgement {
  /** The row of the record it is; empty where it is of none. */
  readonly id: string;
  readonly lessonId: number;
  readonly day: string;
}

export const judgement = ({
  item,
  read,
  verdict,
  findings,
}: Pick<CountedAnswer, 'item' | 'read' | 'verdict' | 'findings'>): Judgement => ({
  verdict,
  skill: skillOfItem(item),
  guess: guessChance(item),
  hides: verdict === 'right' ? hiddenRules(item) : [],
  time: verdict === 'unreadable' ? undefined : timeOfItem(item),
  given: verdict === 'wrong' ? { item, read } : undefined,
  ...clueOf({ item, read, verdict, findings }),
});

export const judge = (answer: CountedAnswer): JudgedAnswer => ({
  ...judgement(answer),
  id: answer.id ?? '',
  lessonId: answer.lessonId,
  day: answer.day,
});

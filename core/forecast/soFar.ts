import type { JudgedAnswer } from '../diagnosis/index.ts';
import type { DayOfSkill } from './state.ts';

const CREDIT = { right: 1, nearly: 0.5, wrong: 0 } as const;

/** A child's answers by skill and day; what nobody can read says nothing. @param answers of that child alone that count */
export const soFarOf = (
  answers: readonly Pick<JudgedAnswer, 'skill' | 'day' | 'verdict' | 'guess'>[],
): DayOfSkill[] => {
  const days = new Map<
    string,
    { skill: DayOfSkill['skill']; day: string; right: number; answers: number; guess: number }
  >();
  for (const { skill, day, verdict, guess } of answers) {
    if (verdict === 'unreadable') continue;
    const key = `${day} ${skill}`;
    const one = days.get(key) ?? { skill, day, right: 0, answers: 0, guess: 0 };
    days.set(key, one);
    one.right += CREDIT[verdict];
    one.guess = (one.guess * one.answers + guess) / (one.answers + 1);
    one.answers += 1;
  }
  return [...days.values()];
};

import type { DialTime } from '../clock/index.ts';
import { judgeChild, skillsOf, type Belief, type JudgedAnswer } from '../diagnosis/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import { recallOf, type Recall } from '../recall/index.ts';
import type { Skill } from '../skills/index.ts';

/** How a child stands with one skill that was taught. */
export interface SkillNeed {
  readonly skill: Skill;
  /** Expected share of right answers, 0..1. */
  readonly share: number;
}

/** All that choosing a child's practice goes by. */
export interface PracticeNeeds {
  readonly skills: readonly SkillNeed[];
  /** What it remembers of what it was asked on earlier days and today. */
  readonly recall: Recall;
  /** YYYY-MM-DD. */
  readonly today: string;
  /** Times the class has met. */
  readonly times: readonly DialTime[];
  /** What is believed of why it answers as it does. */
  readonly belief: Belief;
  /** A rule that is sure enough and was seen in too few tasks to be named. */
  readonly waiting?: WrongRule | undefined;
}

/** A skill not asked yet: more likely right than not, for it was just taught. */
const UNSEEN_SHARE = 0.6;

/**
 * What one child needs.
 * @param answers of that child alone that count, oldest first
 * @param taught skills taught so far
 * @param times met so far
 * @param today YYYY-MM-DD
 * @param lessons days of lessons about reasons that were taught (YYYY-MM-DD)
 */
export const needsOf = (
  answers: readonly JudgedAnswer[],
  taught: readonly Skill[],
  times: readonly DialTime[],
  today: string,
  lessons: readonly string[] = [],
): PracticeNeeds => {
  const { belief, shares, waiting } = judgeChild(answers, { lessons });
  const known = skillsOf(answers, shares.rules);
  const skills = [...new Set(taught)].map((skill): SkillNeed => {
    const mastery = known[skill];
    return { skill, share: mastery === undefined || mastery.level === 'not-seen' ? UNSEEN_SHARE : mastery.share };
  });
  return { skills, recall: recallOf(answers), today, times, belief, waiting };
};

import type { ReadAnswer } from '../answers/index.ts';
import { timeOf } from '../clock/index.ts';
import type { Item } from '../items/index.ts';
import { READING_RULES, isInvisible, type WrongRule } from '../misconceptions/index.ts';
import { sharesOf, type Belief, type Shares } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import type { ConventionChange } from './changedConvention.ts';
import { besides, type Beside } from './beside.ts';
import { NAMING, likeliestRule, likeliestRules, namedNeeds, speakingAgainst, waitingRule } from './naming.ts';
import type { NamedNeed } from './needs.ts';
import { beliefOf } from './over.ts';

/** A wrong answer that speaks for a need. */
export interface Shown {
  readonly item: Item;
  readonly read: ReadAnswer;
}

/** A need that the answers of a child speak for, with the answers that do. */
export interface Reason {
  readonly need: NamedNeed;
  /** Probability 0..1 that the child has it. */
  readonly share: number;
  /** The likeliest rule of it, by which help is chosen; none of guessing. */
  readonly rule: WrongRule | undefined;
  /** That rule and the next likeliest of all, where there is one: what parts them is to be shown. None of guessing. */
  readonly likeliest: readonly WrongRule[];
  /** Is that rule by itself sure enough to be said? */
  readonly fitsWithRule: boolean;
  /** Wrong answers that speak for it, oldest first. */
  readonly fitting: readonly Shown[];
  /** Places of these among the answers, and of those that speak against it: where it would have shown and did not. */
  readonly for: readonly number[];
  readonly against: readonly number[];
  /** What else may lie behind the same answers, the weightiest first. */
  readonly beside: readonly Beside[];
  /** Is what a child does with its own hands hidden behind it, until reading is taught? */
  readonly masksDrawing: boolean;
}

/** What is known of a child beside its answers. */
export interface About {
  /** Days of lessons about reasons that were taught (YYYY-MM-DD). */
  readonly lessons?: readonly string[] | undefined;
  /** ISO 639, where it is known. */
  readonly homeLanguage?: string | undefined;
  /** What the class had agreed on and does otherwise since. */
  readonly changes?: readonly ConventionChange[] | undefined;
}

/** What is thought of one child. */
export interface Judged {
  readonly belief: Belief;
  readonly shares: Shares;
  /** Needs sure enough to be named, the surest first. */
  readonly reasons: readonly Reason[];
  /** A rule that is sure enough and was seen in too few tasks to be named. */
  readonly waiting: WrongRule | undefined;
}

/** A half past that is drawn shows every rule of reading that goes on into drawing. */
const DRAWN: Item = { kind: 'draw', shown: timeOf(4, 30) };
const masks = (rule: WrongRule | undefined): boolean =>
  rule !== undefined && (READING_RULES as readonly WrongRule[]).includes(rule) && !isInvisible(rule, DRAWN);

/**
 * What is thought of a child after all its answers. The same answers say the same, in whatever order a day's came.
 * @param answers of that child alone @param about what else is known of it
 */
export const judgeChild = (answers: readonly JudgedAnswer[], about: About = {}): Judged => {
  const belief = beliefOf(answers, about.lessons);
  const shares = sharesOf(belief);
  const reasons = namedNeeds(shares, answers).map(({ need, share, fitting }): Reason => {
    const rule = likeliestRule(need, shares);
    return {
      need,
      share,
      rule,
      likeliest: likeliestRules(need, shares),
      fitsWithRule: rule !== undefined && shares.rules[rule] > NAMING.share,
      fitting: fitting.flatMap((place) => answers[place]!.given ?? []),
      for: fitting,
      against: speakingAgainst(rule, answers),
      beside: besides({ need, rule }, shares, answers, fitting, about),
      masksDrawing: masks(rule),
    };
  });
  return { belief, shares, reasons, waiting: waitingRule(shares, answers) };
};

/** The reason behind a child's wrong answers, or none while the answers do not speak clearly enough. */
export const findReason = (answers: readonly JudgedAnswer[], about: About = {}): Reason | undefined =>
  judgeChild(answers, about).reasons[0];

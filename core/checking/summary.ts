import type { Verdict } from '../marking/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { Skill } from '../skills/index.ts';

/** A mark of a pile, as far as counting needs it. */
export interface CountedMark {
  readonly childId: number;
  /** Place of the task on the paper, from 0. */
  readonly task: number;
  readonly skill: Skill;
  readonly verdict: Verdict;
}

/** How one task of a pile went. What nobody could read is not among those given. */
export interface TaskResult {
  readonly task: number;
  readonly given: number;
  readonly right: number;
}

const isHad = (verdict: Verdict): boolean => verdict === 'right' || verdict === 'nearly';
const readable = <T extends { readonly verdict: Verdict }>(marks: readonly T[]): T[] =>
  marks.filter(({ verdict }) => verdict !== 'unreadable');

/** How each task of a pile went that somebody answered, in the order of the paper. Nearly counts as had. */
export const taskResults = (marks: readonly CountedMark[]): TaskResult[] => {
  const byTask = new Map<number, Verdict[]>();
  for (const { task, verdict } of readable(marks)) byTask.set(task, [...(byTask.get(task) ?? []), verdict]);
  return [...byTask]
    .sort(([a], [b]) => a - b)
    .map(([task, verdicts]) => ({ task, given: verdicts.length, right: verdicts.filter(isHad).length }));
};

/** The task fewest had, by share; none where everybody had everything. Of several the first. */
export const hardestTask = (results: readonly TaskResult[]): TaskResult | undefined =>
  results
    .filter(({ right, given }) => right < given)
    .reduce<TaskResult | undefined>(
      (hardest, one) =>
        hardest === undefined || one.right / one.given < hardest.right / hardest.given ? one : hardest,
      undefined,
    );

/** A wrong answer of a pile, and the rules that lead to it. */
export interface RuledMark {
  readonly childId: number;
  readonly rules: readonly WrongRule[];
}
/** A rule that several wrong answers of a child fit, with all children of whom that is so. */
export interface FittingTogether {
  readonly rule: WrongRule;
  readonly childIds: readonly number[];
}
/** Fewer answers that fit say nothing: one may be a slip. */
const FEWEST_FITTING = 2;

/**
 * Which rules the wrong answers of a pile fit, two or more of one child: of several rules the one that fits most of them. That they fit
 * is all that is said; a reason is named by all of a child's answers (`core/diagnosis`). The rule of most children comes first.
 */
export const fittingTogether = (marks: readonly RuledMark[]): FittingTogether[] => {
  const byRule = new Map<WrongRule, number[]>();
  for (const childId of new Set(marks.map((one) => one.childId))) {
    const rules = marks.flatMap((one) => (one.childId === childId ? one.rules : []));
    const times = (rule: WrongRule): number => rules.filter((one) => one === rule).length;
    const best = rules.reduce<WrongRule | undefined>(
      (most, one) => (most === undefined || times(one) > times(most) ? one : most),
      undefined,
    );
    if (best !== undefined && times(best) >= FEWEST_FITTING) byRule.set(best, [...(byRule.get(best) ?? []), childId]);
  }
  return [...byRule]
    .map(([rule, childIds]) => ({ rule, childIds }))
    .sort((a, b) => b.childIds.length - a.childIds.length);
};

/** A skill as the same children answered it on paper and on tablets. */
export interface PaperAndTablet {
  readonly skill: Skill;
  /** Children with answers of both. */
  readonly children: number;
  readonly paper: Pick<TaskResult, 'given' | 'right'>;
  readonly tablet: Pick<TaskResult, 'given' | 'right'>;
}

/**
 * Answers of a pile beside those of the same children to the same skills on tablets: what paper shows and tablets do not, or the
 * other way round. A skill that no child has of both is left out.
 */
export const againstTablets = (
  paper: readonly CountedMark[],
  tablets: readonly Pick<CountedMark, 'childId' | 'skill' | 'verdict'>[],
): PaperAndTablet[] =>
  [...new Set(paper.map(({ skill }) => skill))].flatMap((skill) => {
    const ofSkill = <T extends { readonly skill: Skill; readonly verdict: Verdict }>(all: readonly T[]): T[] =>
      readable(all).filter((one) => one.skill === skill);
    const both = new Set(ofSkill(tablets).map(({ childId }) => childId));
    const children = new Set(ofSkill(paper).flatMap(({ childId }) => (both.has(childId) ? [childId] : [])));
    const count = (all: readonly { readonly childId: number; readonly verdict: Verdict }[]) => {
      const own = all.filter(({ childId }) => children.has(childId));
      return { given: own.length, right: own.filter(({ verdict }) => isHad(verdict)).length };
    };
    return children.size === 0
      ? []
      : [{ skill, children: children.size, paper: count(ofSkill(paper)), tablet: count(ofSkill(tablets)) }];
  });

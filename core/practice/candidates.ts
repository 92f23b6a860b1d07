import { shuffled, type Rng } from '../common/index.ts';
import { SLIP, type Belief } from '../diagnosis/index.ts';
import { KINDS, timeOfItem, type Item, type ItemKind } from '../items/index.ts';
import { skillOfItem, SKILL_DATA } from '../skills/index.ts';
import { visibleRules } from '../misconceptions/index.ts';
import { makeItem, suits, withTwin } from '../making/index.ts';
import { dueOn } from '../recall/index.ts';
import type { PracticeNeeds } from './needs.ts';
import { chanceRight, information, prospectOf, type Prospect } from './prospect.ts';

/** Tasks of each kind to choose from: enough that a session repeats none, few enough to be made in a moment. */
const EACH_KIND = 12;
/** Share of tasks of circling that have two right clocks. */
const TWINS = 1 / 3;
/** What is to come back counts as much as this many bits about the reason. */
const DUE_BITS = 0.35;

/** A task that may be asked, with what is known of this child and its skill. */
export interface Candidate extends Prospect {
  /** Probability 0..1 that this child does it right when it follows no rule. */
  readonly knows: number;
  /** How much its skill and its time are to come back, 0..1. */
  readonly due: number;
}

/** Probability that a child who follows no rule does right what it did right in this share of its answers. */
const knowsOf = (share: number): number => Math.min(1 - SLIP, Math.max(0.5, share));

/** A task with what is known of the child; a skill not taught yet is as likely right as not. */
export const candidateOf = (
  { skills, recall, today }: Pick<PracticeNeeds, 'skills' | 'recall' | 'today'>,
  prospect: Prospect,
): Candidate => {
  const skill = skillOfItem(prospect.item);
  const need = skills.find((one) => one.skill === skill);
  return {
    ...prospect,
    knows: knowsOf(need?.share ?? 0),
    due: need === undefined ? 0 : dueOn(recall, skill, timeOfItem(prospect.item), today),
  };
};

/** The same task, also when one of the two was kept and read again. */
export const isSameItem = (a: Item, b: Item): boolean => JSON.stringify(a) === JSON.stringify(b);

const unlike = (items: readonly Item[]): Item[] =>
  items.filter((item, i) => items.findIndex((other) => isSameItem(item, other)) === i);

const tasksOfKind = (kind: ItemKind, { times }: Pick<PracticeNeeds, 'times'>, rng: Rng): Item[] => {
  if (!KINDS[kind].timed) return Array.from({ length: EACH_KIND }, () => makeItem(kind, rng, times, times));
  const suiting = times.filter((time) => suits(kind, time));
  return shuffled(rng, suiting)
    .slice(0, EACH_KIND)
    .map((time) => {
      const item = makeItem(kind, rng, [time], times);
      return rng() < TWINS ? withTwin(rng, item) : item;
    });
};

/**
 * Tasks to choose a session from, no two alike: some of every kind that shows a skill taught, so that an easy one is always among
 * them. It goes by what the class was taught, not by the child, and can serve many.
 */
export const makePool = (needs: Pick<PracticeNeeds, 'skills' | 'times'>, rng: Rng): Prospect[] => {
  const taught = new Set(needs.skills.map(({ skill }) => skill));
  const kinds = [...new Set([...taught].flatMap((skill) => SKILL_DATA[skill].itemKinds))];
  // Of tasks that are worth the same the first is taken: on another day another one is.
  return shuffled(
    rng,
    kinds.flatMap((kind) => unlike(tasksOfKind(kind, needs, rng))).filter((item) => taught.has(skillOfItem(item))),
  ).map(prospectOf);
};

/** Probability 0..1 that this child does a task right, as far as is suspected. */
export const chanceOf = (belief: Belief, candidate: Candidate): number =>
  chanceRight(belief, candidate, candidate.knows);

const best = (candidates: readonly Candidate[], value: (one: Candidate) => number): Candidate | undefined => {
  let found: { readonly one: Candidate; readonly worth: number } | undefined;
  for (const one of candidates) {
    const worth = value(one);
    if (found === undefined || worth > found.worth) found = { one, worth };
  }
  return found?.one;
};
/** A task nearly as sure as the surest is as good: of these the kind comes that was done least in this session, and of that what has faded most: a child's warm-up. */
const AS_SURE = 0.04;
/** What this child is surest of. @param kinds of task that were done in this session */
export const sureOne = (
  candidates: readonly Candidate[],
  belief: Belief,
  kinds: readonly ItemKind[] = [],
): Candidate | undefined => {
  const chances = candidates.map((one) => ({ one, chance: chanceOf(belief, one) }));
  const surest = chances.reduce((most, { chance }) => Math.max(most, chance), 0);
  const done = ({ item }: Candidate): number => kinds.filter((kind) => kind === item.kind).length;
  return best(
    chances.flatMap(({ one, chance }) => (chance >= surest - AS_SURE ? [one] : [])),
    (one) => -done(one) + one.due / 2,
  );
};
/** What is due, and what tells most about the reason that is suspected. */
export const tellingOne = (
  candidates: readonly Candidate[],
  belief: Belief,
  kinds: readonly ItemKind[] = [],
): Candidate | undefined => best(candidates, (one) => worthOf(one, belief) / (1 + timesDone(one, kinds)));

/** Everything that was taught comes up: what was done in this session already is worth less each time. */
const timesDone = ({ item }: Candidate, kinds: readonly ItemKind[]): number =>
  kinds.filter((kind) => KINDS[kind].doing === KINDS[item.kind].doing).length;

const worthOf = (one: Candidate, belief: Belief): number => information(belief, one, one.knows) + DUE_BITS * one.due;
/** So many tasks are weighed at each place of a session: what told little at its beginning seldom tells much later. */
const WEIGHED = 48;
/**
 * Those that tell most now, as many as are weighed at each place. Where a rule waits to be seen once more, of those in which it shows,
 * so long as there are any.
 */
export const mostTelling = (
  candidates: readonly Candidate[],
  { belief, waiting }: Pick<PracticeNeeds, 'belief' | 'waiting'>,
): ReadonlySet<Candidate> => {
  const showing = candidates.filter(({ item }) => visibleRules(item).some(({ rule }) => rule === waiting));
  return new Set(
    (showing.length > 0 ? showing : candidates)
      .map((one) => ({ one, worth: worthOf(one, belief) }))
      .sort((a, b) => b.worth - a.worth)
      .slice(0, WEIGHED)
      .map(({ one }) => one),
  );
};

/** Tasks a child came by just before: the last one and the one before that. */
export interface JustBefore {
  readonly last: Candidate;
  readonly before: Candidate | undefined;
}
/** Neither the time that was just there, nor a third task of one kind in a row, whichever way the child came. */
export const isFresh = ({ item }: Candidate, ways: readonly JustBefore[]): boolean => {
  const time = timeOfItem(item);
  return ways.every(
    ({ last, before }) =>
      (time === undefined || timeOfItem(last.item) !== time) &&
      !(last.item.kind === item.kind && before?.item.kind === item.kind),
  );
};

/**
 * After two wrong answers one that is easier than those were, where there is one: the surest that is fresh; where each fresh one
 * is harder, as for a child who guesses and was asked yes or no, the surest there is.
 * @param ways tasks that went wrong just before, each way a child may have come
 */
export const easierOne = (
  candidates: readonly Candidate[],
  belief: Belief,
  ways: readonly JustBefore[],
): Candidate | undefined => {
  const chance = (one: Candidate): number => chanceOf(belief, one);
  const enough = Math.max(...ways.map(({ last, before = last }) => Math.min(chance(last), chance(before))));
  const fresh = candidates.filter((one) => chance(one) >= enough && isFresh(one, ways));
  return sureOne(fresh, belief) ?? sureOne(candidates, belief);
};

import { seedFromText, seededRng } from '../common/index.ts';
import { NEED_OF_RULE, type Level, type Shares } from '../diagnosis/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { Skill } from '../skills/index.ts';
import { groupPlan, type GroupPlan } from './plan.ts';
import { groupsThatHelp, type Kept, type Pair } from './solve.ts';
import { benefitOf, type Topic } from './topics.ts';

/** How a child stood at a check. */
export interface StoodAtCheck {
  readonly childId: number;
  /** Not seen where it was away. */
  readonly level: Level;
  readonly needs: Shares['needs'];
  /** The one or two rules that are likeliest behind what it needs, where that is known. */
  readonly rules: readonly WrongRule[];
}

/** Children who sit together for a few minutes, what about, and what they do. */
export interface CheckGroup extends GroupPlan {
  readonly topic: Topic;
  readonly childIds: readonly number[];
}
/** Who sits with whom after a check. */
export interface CheckGroups {
  /** Kept ones first, in their order. */
  readonly groups: readonly CheckGroup[];
  /** Everybody else who was there: the secure, and whom a group would not help. */
  readonly alone: readonly number[];
}

/**
 * Groups without a name of their own are numbered where several are about the same topic.
 * @returns the groups, each with its ordinal among those about its topic, from 1; null where it has a name or is the only one
 */
export const withOrdinals = <G extends { readonly topic: Topic; readonly name: string | null }>(
  groups: readonly G[],
): (G & { ordinal: number | null })[] =>
  groups.map((group) => {
    const alike = groups.filter(({ name, topic }) => name === null && topic === group.topic);
    return { ...group, ordinal: group.name === null && alike.length > 1 ? alike.indexOf(group) + 1 : null };
  });

/** What most have; of two as common, the one met first. */
const commonest = <T>(all: readonly T[]): T | undefined => {
  const counts = new Map<T, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0];
};

/** The one or two rules that are likeliest behind what some children need, of those a group's topic is about first. */
export const rulesBehind = (topic: Topic, stood: readonly Pick<StoodAtCheck, 'rules'>[]): WrongRule[] => {
  const about = (rule: WrongRule | undefined): rule is WrongRule => rule !== undefined && NEED_OF_RULE[rule] === topic;
  const first = commonest(stood.map(({ rules }) => rules.find(about)).filter(about));
  if (first === undefined) return [];
  const second = commonest(stood.flatMap(({ rules }) => rules.filter((rule) => rule !== first)));
  return second === undefined ? [first] : [first, second];
};

/** What a group does, whoever put it together. The same for the same check, topic and children's reasons. */
export const planOf = (
  checkId: number,
  skill: Skill,
  topic: Topic,
  members: readonly Pick<StoodAtCheck, 'rules'>[],
): GroupPlan => groupPlan(seededRng(seedFromText(`group ${checkId} ${topic}`)), skill, rulesBehind(topic, members));

/**
 * Who sits with whom after a check, and what they do: those who were there and are not secure yet where a group helps them, at most four of two
 * to six.
 * @param stood in class order; who is left out is away today
 * @param kept groups that are there already
 */
export const groupsAfter = (
  check: { readonly id: number; readonly skill: Skill },
  stood: readonly StoodAtCheck[],
  { kept = [], ...pairs }: { kept?: readonly Kept[]; together?: readonly Pair[]; apart?: readonly Pair[] } = {},
): CheckGroups => {
  const byHand = new Set(kept.flatMap(({ childIds }) => childIds));
  const needing = stood.filter(
    ({ childId, level }) => level === 'beginning' || level === 'getting-there' || byHand.has(childId),
  );
  const { groups } = groupsThatHelp({
    children: needing.map(({ childId, needs, level }) => ({ id: childId, benefit: benefitOf(needs, level) })),
    kept,
    ...pairs,
  });
  const seated = new Set(groups.flatMap(({ childIds }) => childIds));
  return {
    groups: groups.map(({ topic, childIds }): CheckGroup => ({
      topic,
      childIds,
      ...planOf(
        check.id,
        check.skill,
        topic,
        stood.filter(({ childId }) => childIds.includes(childId)),
      ),
    })),
    alone: stood.flatMap(({ childId }) => (seated.has(childId) ? [] : [childId])),
  };
};

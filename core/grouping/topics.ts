import { NEEDS, type Level, type NamedNeed, type Shares } from '../diagnosis/index.ts';

/** What a group can be about: what its children need, or more of the skill itself where no need is known. */
export const TOPICS = [
  'hands',
  'between',
  'minute',
  'direction',
  'writing',
  'guessing',
  'practice',
] as const satisfies readonly (NamedNeed | 'practice')[];
export type Topic = (typeof TOPICS)[number];
/** How much a group about each topic would help a child, 0..1. */
export type Benefit = Readonly<Record<Topic, number>>;

/** More of the same helps less than what is needed, and the less the more one need stands out. */
const PRACTICE_HELPS = 0.6;
/** Somebody half way there gains less from eight minutes of the teacher's than somebody at the beginning. */
const HALF_WAY = 0.8;
/** What a child gains that practises by itself meanwhile. */
export const ALONE_HELPS = 0.2;
/** What a group costs, in what one child could gain: eight minutes of the teacher's, which no other group has. */
export const GROUP_COSTS = 0.5;

/**
 * How much each topic would help a child that is not secure yet: as sure as the need is. Two needs may hold at once.
 * @param needs probabilities 0..1
 */
export const benefitOf = (needs: Shares['needs'], level: Level): Benefit => {
  const gain = level === 'beginning' ? 1 : HALF_WAY;
  const named = NEEDS.flatMap((need) => (need === 'none' ? [] : [[need, gain * needs[need]] as const]));
  const most = Math.max(...named.map(([need]) => needs[need]));
  return { ...Object.fromEntries(named), practice: gain * PRACTICE_HELPS * (1 - most) } as Benefit;
};

/** What a group that somebody put together is best about: what helps its children most; the first of two as good. */
export const topicFor = (members: readonly Benefit[]): Topic => {
  const helps = (topic: Topic): number => members.reduce((sum, benefit) => sum + benefit[topic], 0);
  return TOPICS.reduce((best, topic) => (helps(topic) > helps(best) ? topic : best));
};

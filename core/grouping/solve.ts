import { ALONE_HELPS, GROUP_COSTS, TOPICS, type Benefit, type Topic } from './topics.ts';
import { GROUP_SIZE, MOST_GROUPS } from './limits.ts';
import { seatsFor, type Seated, type Table } from './seats.ts';

/** A child that may sit in a group. */
export interface Candidate {
  readonly id: number;
  readonly benefit: Benefit;
}
/** A group that is there already. */
export interface Kept {
  readonly topic: Topic;
  /** Who stays in it. */
  readonly childIds: readonly number[];
  /** Nobody comes and nobody goes; otherwise others may join. */
  readonly isLocked: boolean;
}
/** Two children. */
export type Pair = readonly [number, number];

/** What groups are made from. */
export interface GroupWishes {
  /** Children who are there and not secure yet, in class order; those of kept groups are among them or not. */
  readonly children: readonly Candidate[];
  readonly kept?: readonly Kept[];
  /** Children who sit together where both sit in a group, and children who never do. */
  readonly together?: readonly Pair[];
  readonly apart?: readonly Pair[];
}
/** Groups as they would help most. */
export interface Grouping {
  /** Kept ones first, in their order. */
  readonly groups: readonly { readonly topic: Topic; readonly childIds: readonly number[] }[];
  /** Children who work on their own, in class order. */
  readonly alone: readonly number[];
  /** What all of it helps, less what the groups cost. */
  readonly value: number;
}

/** Every choice of so many topics, each as often as one likes. */
const choices = (count: number, from = 0): Topic[][] =>
  count === 0
    ? [[]]
    : TOPICS.slice(from).flatMap((topic, i) => choices(count - 1, from + i).map((rest) => [topic, ...rest]));

/** Bounds are sums of decimals. */
const NEXT_TO_NOTHING = 1e-9;

const sumOfMost = (gains: readonly number[], most: number): number =>
  gains
    .filter((gain) => gain > 0)
    .sort((a, b) => b - a)
    .slice(0, most)
    .reduce((sum, gain) => sum + gain, 0);
/** No more gain than everybody at the table best for it, as many as there are seats. */
const seatsBound = (free: readonly Candidate[], tables: readonly Table[]): number =>
  sumOfMost(
    free.map(({ id, benefit }) => {
      const own = tables.find(({ held }) => held.includes(id));
      return Math.max(...(own === undefined ? tables : [own]).map(({ topic }) => benefit[topic])) - ALONE_HELPS;
    }),
    GROUP_SIZE * tables.length,
  );
/** No more gain than each table filled with those whom it helps most; of those who are held somewhere nothing is said. */
const topicsBound = (free: readonly Candidate[], tables: readonly Table[]): number =>
  tables.some(({ held }) => held.length > 0)
    ? Infinity
    : TOPICS.reduce((sum, topic) => {
        const seats = GROUP_SIZE * tables.filter((table) => table.topic === topic).length;
        return (
          sum +
          sumOfMost(
            free.map(({ benefit }) => benefit[topic] - ALONE_HELPS),
            seats,
          )
        );
      }, 0);

/**
 * Who sits with whom, so that it helps most: at most four groups of two to six, each about what its children need, and everybody else on
 * their own. Exact: each choice of topics is bounded from above by every child at its best topic; the best bounds are solved as assignments of
 * children to seats until no bound is above what was found. Pairs are kept by trying both ways out of each breach.
 */
export const groupsThatHelp = ({ children, kept = [], together = [], apart = [] }: GroupWishes): Grouping => {
  const locked = kept.filter(({ isLocked }) => isLocked);
  const free = children.filter(({ id }) => !locked.some(({ childIds }) => childIds.includes(id)));
  const open = kept.filter(({ isLocked }) => !isLocked);
  const isFree = (id: number): boolean => free.some((one) => one.id === id);
  const tableOf = ({ topic, childIds }: Kept): Table => ({ topic, held: childIds.filter(isFree), isNew: false });
  const room = Math.max(0, MOST_GROUPS - kept.length);
  const bounded = Array.from({ length: room + 1 }, (_, count) => choices(count))
    .flat()
    .map((topics) => {
      const tables = [...open.map(tableOf), ...topics.map((topic): Table => ({ topic, held: [], isNew: true }))];
      const best = ALONE_HELPS * free.length + Math.min(seatsBound(free, tables), topicsBound(free, tables));
      return { tables, bound: best - GROUP_COSTS * topics.length };
    })
    .sort((a, b) => b.bound - a.bound);
  const bestWith = (pairs: Pick<GroupWishes, 'together' | 'apart'>): Seated | undefined => {
    let best: Seated | undefined;
    for (const { tables, bound } of bounded) {
      if (best !== undefined && bound <= best.value + NEXT_TO_NOTHING) break;
      best = seatsFor({ children: free, tables, together: [], apart: [], ...pairs }, best) ?? best;
    }
    return best;
  };
  // What cannot be kept beside what was put somewhere by hand is let go: who sits together first.
  const seated = bestWith({ together, apart }) ?? bestWith({ apart }) ?? bestWith({})!;
  const membersAt = (table: number): number[] => free.flatMap(({ id }, i) => (seated.places[i] === table ? [id] : []));
  let nextOpen = 0;
  const groups = kept.map(({ topic, childIds, isLocked }) => ({
    topic,
    childIds: isLocked ? childIds : membersAt(nextOpen++),
  }));
  const made = seated.tables
    .slice(open.length)
    .map(({ topic }, i) => ({ topic, childIds: membersAt(open.length + i) }));
  return {
    groups: [...groups, ...made],
    alone: free.flatMap(({ id }, i) => (seated.places[i] === undefined ? [id] : [])),
    value: seated.value,
  };
};

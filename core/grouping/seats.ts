import { linearSumAssignment } from 'linear-sum-assignment';
import { FEWEST_IN_GROUP, GROUP_SIZE } from './limits.ts';
import { ALONE_HELPS, GROUP_COSTS, type Benefit, type Topic } from './topics.ts';

/** A group before it is known who sits in it. */
export interface Table {
  readonly topic: Topic;
  /** Who sits there in any case. */
  readonly held: readonly number[];
  /** It costs the teacher time; one that is kept costs it anyway. */
  readonly isNew: boolean;
}
interface Seating {
  readonly children: readonly { readonly id: number; readonly benefit: Benefit }[];
  readonly tables: readonly Table[];
  readonly together: readonly (readonly [number, number])[];
  readonly apart: readonly (readonly [number, number])[];
}
/** Everybody at a table or alone. */
export interface Seated {
  readonly value: number;
  /** The table of each child, in their order; none alone. */
  readonly places: readonly (number | undefined)[];
  readonly tables: readonly Table[];
}

/** More than all children can gain: the fewest of each group are seated before anybody gains anything. */
const MUST = 1000;
/** Less than any way round it. */
const NEVER = -1e6;
const EPSILON = 1e-9;
const NOTHING = { value: -Infinity };

/** How many a group needs: two; one that was begun by hand with one child is let be. */
const fewestAt = ({ isNew, held }: Table): number => (isNew ? FEWEST_IN_GROUP : Math.min(FEWEST_IN_GROUP, held.length));

/** Places a child may not take: by child, which tables; `ALONE` for being alone. */
type Barred = readonly ReadonlySet<number>[];
const ALONE = -1;

/** The best seats, pairs left out of account; none where a group cannot be filled. */
const assigned = ({ children, tables }: Seating, barred: Barred): Seated | undefined => {
  if (children.length === 0) return tables.length === 0 ? { value: 0, places: [], tables } : undefined;
  const seats = tables.flatMap((one, table) =>
    Array.from({ length: Math.max(GROUP_SIZE, one.held.length) }, (_, i) => ({ table, must: i < fewestAt(one) })),
  );
  const heldAt = new Map(tables.flatMap(({ held }, table) => held.map((id) => [id, table] as const)));
  const worth = children.map(({ id, benefit }, child) => {
    const held = heldAt.get(id);
    const may = (place: number): boolean => (held === undefined || held === place) && !barred[child]!.has(place);
    return [
      ...seats.map(({ table, must }) => (may(table) ? benefit[tables[table]!.topic] + (must ? MUST : 0) : NEVER)),
      // A place alone for each: nobody is turned away.
      ...children.map(() => (may(ALONE) ? ALONE_HELPS : NEVER)),
    ];
  });
  const { columnAssignments, rowAssignments } = linearSumAssignment(worth, { maximaze: true });
  // Of rows and columns the library names the fewer by their place among the more: rows here, for there is a seat alone for each child.
  const seatOf = rowAssignments.length === children.length ? rowAssignments : columnAssignments;
  const places = children.map((_, child) => seats[seatOf[child]!]?.table);
  if (children.some((_, child) => worth[child]![seatOf[child]!]! <= NEVER / 2)) return undefined;
  const isFilled = tables.every((one, table) => places.filter((place) => place === table).length >= fewestAt(one));
  if (!isFilled) return undefined;
  const gain = children.reduce((sum, { benefit }, child) => {
    const place = places[child];
    return sum + (place === undefined ? ALONE_HELPS : benefit[tables[place]!.topic]);
  }, 0);
  return { value: gain - GROUP_COSTS * tables.filter(({ isNew }) => isNew).length, places, tables };
};

const withBarred = (barred: Barred, child: number, places: readonly number[]): Barred =>
  barred.map((own, i) => (i === child ? new Set([...own, ...places]) : own));

/**
 * The best seats at some tables that keep the pairs; none where nothing is better than what was found already.
 * @param found before, at other tables
 */
export const seatsFor = (seating: Seating, found: Seated | undefined): Seated | undefined => {
  const { children, tables, together, apart } = seating;
  const at = (id: number): number => children.findIndex((one) => one.id === id);
  const pairs = (list: Seating['together']): (readonly [number, number])[] =>
    list.flatMap(([one, other]) => {
      const [a, b] = [at(one), at(other)];
      // Whom a teacher put somewhere by hand stays there, whatever a pair says.
      const areHeld = [one, other].every((id) => tables.some(({ held }) => held.includes(id)));
      return a < 0 || b < 0 || a === b || areHeld ? [] : [[a, b] as const];
    });
  const [close, far] = [pairs(together), pairs(apart)];
  const everyPlace = [ALONE, ...tables.keys()];
  let best: Seated | undefined;
  const go = (barred: Barred): void => {
    const one = assigned(seating, barred);
    if (one === undefined || one.value <= (best ?? found ?? NOTHING).value + EPSILON) return;
    const { places } = one;
    const clash = far.find(([a, b]) => places[a] !== undefined && places[a] === places[b]);
    if (clash !== undefined) {
      for (const child of clash) go(withBarred(barred, child, [places[child]!]));
      return;
    }
    const parted = close.find(([a, b]) => places[a] !== places[b]);
    if (parted === undefined) {
      best = one;
      return;
    }
    for (const place of everyPlace) {
      const others = everyPlace.filter((other) => other !== place);
      go(parted.reduce((all, child) => withBarred(all, child, others), barred));
    }
  };
  go(children.map(() => new Set<number>()));
  return best;
};

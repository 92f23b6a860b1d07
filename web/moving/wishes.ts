import type { ArrivedClass, ClassHere, TakeIn } from '../../contract/index.ts';
import { namesMeet } from '../../core/exchange/index.ts';

/** Who a child of a file is here: a child, or null for a new one; undefined while nobody has said. */
export type Who = number | null | undefined;
/** What a teacher wants of one class of a file. */
export interface ClassWish {
  readonly as: 'own' | 'into' | 'leave';
  /** The class its children come into. */
  readonly classId: number | undefined;
  /** By the number of each child of the file. */
  readonly who: ReadonlyMap<number, Who>;
}

/**
 * Who children of a file are in a class here, as far as it can be told: those whose answers are here are the same ones; where a name
 * is here too somebody has to say; the others are new.
 */
const whoIn = (arrived: ArrivedClass, to: ClassHere | undefined): Map<number, Who> => {
  const there = to?.children ?? [];
  const known = new Set(arrived.children.flatMap(({ here }) => here ?? []));
  return new Map(
    arrived.children.map(({ number, name, here }): [number, Who] => {
      if (here !== null && there.some(({ id }) => id === here)) return [number, here];
      return [number, there.some((one) => !known.has(one.id) && namesMeet(one.name, name)) ? undefined : null];
    }),
  );
};

/** The wish for a class whose children come into one that is here. */
export const wishInto = (arrived: ArrivedClass, to: ClassHere | undefined): ClassWish => ({
  as: 'into',
  classId: to?.id,
  who: whoIn(arrived, to),
});
/** What is most likely wanted: a class of its own; what is here already goes on there. */
export const firstWish = (arrived: ArrivedClass, here: readonly ClassHere[]): ClassWish => {
  const same = here.find(({ id }) => id === arrived.here?.classId);
  if (same !== undefined) return wishInto(arrived, same);
  // What is here in a class that was put away can come in nowhere.
  return { as: arrived.here === null ? 'own' : 'leave', classId: undefined, who: new Map() };
};

/** Children of whom nobody has said yet who they are. */
export const unsaid = ({ as, who }: ClassWish): number[] =>
  as === 'into' ? [...who].flatMap(([number, one]) => (one === undefined ? [number] : [])) : [];
/** Children here whom another child of the file is said to be. */
export const takenBy = ({ who }: ClassWish, number: number): Set<number> =>
  new Set([...who].flatMap(([other, one]) => (other === number || typeof one !== 'number' ? [] : one)));

/** The wish as it is sent; none where the class is left out or something is still to be said. */
export const asTakeIn = (number: number, wish: ClassWish): TakeIn | undefined => {
  if (wish.as === 'leave') return undefined;
  if (wish.as === 'own') return { as: 'own', number };
  const { classId } = wish;
  if (classId === undefined || unsaid(wish).length > 0) return undefined;
  return {
    ...{ as: 'into', number, classId },
    children: [...wish.who].map(([child, who]) => ({ number: child, childId: who ?? null })),
  };
};

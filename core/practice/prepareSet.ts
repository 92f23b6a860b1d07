import type { Item } from '../items/index.ts';
import { candidateOf, easierOne, isSameItem, type Candidate } from './candidates.ts';
import type { PracticeNeeds } from './needs.ts';
import type { Session, SessionStep } from './session.ts';
import { afterOutcome, prospectOf, type Prospect } from './prospect.ts';

/**
 * The easier tasks of a set, one for each place where two before can have gone wrong: none of the set's own, which come at their
 * own places, and no two alike while there are others.
 */
const easierOnes = (set: readonly Item[], needs: PracticeNeeds, pool: readonly Prospect[]): (Item | undefined)[] => {
  const others = pool
    .filter(({ item }) => !set.some((one) => isSameItem(one, item)))
    .map((prospect) => candidateOf(needs, prospect));
  const taken: Candidate[] = [];
  return set.map((_, place) => {
    const [last, before] = [set[place - 1], set[place - 2]];
    if (last === undefined || before === undefined) return undefined;
    const [first, second] = [before, last].map((item) => candidateOf(needs, prospectOf(item))) as [
      Candidate,
      Candidate,
    ];
    const belief = [first, second].reduce((known, one) => afterOutcome(known, one, one.knows, false), needs.belief);
    const unused = others.filter((one) => !taken.includes(one));
    const found = easierOne(unused.length > 0 ? unused : others, belief, [{ last: second, before: first }]);
    if (found !== undefined) taken.push(found);
    return found?.item;
  });
};

/**
 * A session of a set that was laid out or handed: in its order to its end; after two answers in a row that were not right an
 * easier task comes in between, and the set goes on where it was.
 * @param pool tasks the easier ones are chosen from
 */
export const prepareSet = (set: readonly Item[], needs: PracticeNeeds, pool: readonly Prospect[]): Session => {
  const easier = easierOnes(set, needs, pool);
  const eased = easier.flatMap((item, place) => (item === undefined ? [] : [{ item, place }]));
  const tasks = [...set, ...eased.map(({ item }) => item)];
  // Three steps at most for each task: after a right answer, after one that was not, and the one that eases before it.
  const at = { calm: (place: number) => place, shaken: (place: number) => set.length + place };
  const easing = (place: number): number | undefined => {
    const known = eased.findIndex((one) => one.place === place);
    return known < 0 ? undefined : 2 * set.length + known;
  };
  const upTo = (place: number, step: number): number | null => (place < set.length ? step : null);
  const ofSet = (place: number, isShaken: boolean): SessionStep => {
    const shaken = at.shaken(place + 1);
    return {
      task: place,
      eases: false,
      right: upTo(place + 1, at.calm(place + 1)),
      otherwise: upTo(place + 1, isShaken ? (easing(place + 1) ?? shaken) : shaken),
    };
  };
  return {
    tasks,
    steps: [
      ...set.map((_, place) => ofSet(place, false)),
      ...set.map((_, place) => ofSet(place, true)),
      ...eased.map(({ place }, i) => ({
        task: set.length + i,
        eases: true,
        right: at.calm(place),
        otherwise: at.shaken(place),
      })),
    ],
    fewest: set.length,
  };
};

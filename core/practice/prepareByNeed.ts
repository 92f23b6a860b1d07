import {
  candidateOf,
  chanceOf,
  easierOne,
  isFresh,
  isSameItem,
  mostTelling,
  sureOne,
  tellingOne,
  type Candidate,
  type JustBefore,
} from './candidates.ts';
import { NEEDS, layAside, needsIn, type Belief, type Need } from '../diagnosis/index.ts';
import type { ItemKind } from '../items/index.ts';
import type { PracticeNeeds } from './needs.ts';
import type { Practised, Session, SessionStep } from './session.ts';
import { afterOutcome, prospectOf, type Prospect } from './prospect.ts';

/** Items of a session that goes by what a child needs. */
export const FEWEST_ITEMS = 6;
export const MOST_ITEMS = 12;

/** Every so many items one that will very likely be right: the first, and never two hard ones without one between. */
const SURE_EVERY = 3;
/** A need is found above this probability; that there is none takes more, for a few right answers speak for that soon. */
const SETTLED = { need: 0.8, none: 0.95 };
/**
 * What a place remembers of how a child came: how the last two answers went, and how many were not right, up to this many.
 * Children for whom this is alike meet the same task next.
 */
const OUTCOMES_KEPT = 2;
const WRONG_KEPT = 3;

/** A task that was asked, and how it went. */
export type Asked = Pick<Practised, 'item' | 'verdict'>;

/** A way into a place: the place before it, and how that one's task went. */
interface Way {
  readonly from: Chosen;
  readonly right: boolean;
}
/** A place of the session before its task is chosen. */
interface Place {
  /** How the latest answers went, oldest first. */
  readonly outcomes: readonly boolean[];
  readonly wrong: number;
  /** Where it was come from in this session; none at its beginning. */
  readonly ways: readonly Way[];
  /** Tasks just before, each way a child may have come; none at the very first. */
  readonly before: readonly JustBefore[];
  /** Probability of coming here by the likeliest way, and what is suspected of a child who did. */
  readonly likely: number;
  readonly belief: Belief;
  /** What was done in this session on that way. */
  readonly kinds: readonly ItemKind[];
}
/** A place with its task. */
interface Chosen extends Place {
  readonly candidate: Candidate;
}

/** What is settled of a child: a need, or that there is none; nothing while it is open. */
export const settledOn = (belief: Belief): Need | undefined => {
  const needs = needsIn(belief);
  return NEEDS.find((need) => needs[need] > (need === 'none' ? SETTLED.none : SETTLED.need));
};
/** An end comes after a right answer, and when what is suspected is settled: sure, and seen in as many tasks as a name takes. */
const isOver = ({ outcomes, belief }: Place, index: number, { waiting }: PracticeNeeds): boolean =>
  index >= MOST_ITEMS ||
  (index >= FEWEST_ITEMS && outcomes.at(-1) === true && waiting === undefined && settledOn(belief) !== undefined);

/** Those that fit; all where none does. */
const anyOf = (candidates: readonly Candidate[], fits: (one: Candidate) => boolean): readonly Candidate[] => {
  const found = candidates.filter(fits);
  return found.length > 0 ? found : candidates;
};

/**
 * @param used at places before, so that no child meets a task twice while there are others
 * @param telling tasks that are weighed for what they tell
 * @param waits does a rule wait to be seen once more?
 */
const chooseTask = (
  { belief, before, outcomes, kinds }: Place,
  index: number,
  all: readonly Candidate[],
  used: ReadonlySet<Candidate>,
  telling: ReadonlySet<Candidate>,
  waits: boolean,
): Candidate | undefined => {
  const unused = all.filter((one) => !used.has(one));
  const others =
    unused.length > 0 ? unused : anyOf(all, ({ item }) => !before.some(({ last }) => isSameItem(last.item, item)));
  if (outcomes.length >= 2 && !outcomes.includes(true)) return easierOne(others, belief, before);
  const fresh = anyOf(others, (one) => isFresh(one, before));
  // A child that was just right needs no easy one before what a name waits for.
  const isSure = (index % SURE_EVERY === 0 && !(waits && outcomes.at(-1) === true)) || index === MOST_ITEMS - 1;
  return isSure
    ? sureOne(fresh, belief, kinds)
    : tellingOne(
        anyOf(fresh, (one) => telling.has(one)),
        belief,
        kinds,
      );
};

/** Places after one answer more, by how the answers went; what is suspected there goes by the likeliest way. */
const placesAfter = (chosen: readonly Chosen[]): Place[] => {
  const places = new Map<string, Omit<Place, 'belief' | 'kinds'> & { readonly likeliest: Way }>();
  for (const from of chosen) {
    const { candidate, belief } = from;
    const before = [...new Set(from.before.map((way): Candidate | undefined => way.last))];
    const ways = (before.length === 0 ? [undefined] : before).map((one): JustBefore => ({
      last: candidate,
      before: one,
    }));
    const chance = chanceOf(belief, candidate);
    for (const right of [true, false]) {
      const outcomes = [...from.outcomes, right].slice(-OUTCOMES_KEPT);
      const wrong = Math.min(WRONG_KEPT, from.wrong + (right ? 0 : 1));
      const key = `${outcomes.join()} ${wrong}`;
      const known = places.get(key);
      const likely = from.likely * (right ? chance : 1 - chance);
      const way = { from, right };
      const come = { ways: [...(known?.ways ?? []), way], before: [...(known?.before ?? []), ...ways] };
      const best = known === undefined || likely > known.likely ? { outcomes, wrong, likely, likeliest: way } : known;
      places.set(key, { ...best, ...come });
    }
  }
  // A belief is large: one is worked out for each place, not for each way into it.
  return [...places.values()].map(({ likeliest: { from, right }, ...place }) => ({
    ...place,
    belief: afterOutcome(from.belief, from.candidate, from.candidate.knows, right),
    kinds: [...from.kinds, from.candidate.item.kind],
  }));
};

/** Where a session stands after what was asked in it so far. */
const placeAfter = (asked: readonly Asked[], needs: PracticeNeeds): Place => {
  const outcomes = asked.map(({ verdict }) => verdict === 'right');
  const [last, before] = [asked.at(-1), asked.at(-2)].map((one) => one && candidateOf(needs, prospectOf(one.item)));
  return {
    outcomes: outcomes.slice(-OUTCOMES_KEPT),
    wrong: Math.min(WRONG_KEPT, outcomes.filter((right) => !right).length),
    ways: [],
    before: last === undefined ? [] : [{ last, before }],
    likely: 1,
    belief: needs.belief,
    kinds: asked.map(({ item }) => item.kind),
  };
};

/** All places of a session with their tasks, by how many answers came before. */
const layOut = (needs: PracticeNeeds, pool: readonly Prospect[], asked: readonly Asked[]): Chosen[][] => {
  const all = pool.map((prospect) => candidateOf(needs, prospect));
  const used = new Set(all.filter((one) => asked.some(({ item }) => isSameItem(item, one.item))));
  const telling = mostTelling(all, needs);
  const layers: Chosen[][] = [];
  let places: Place[] = [placeAfter(asked, needs)];
  while (places.length > 0) {
    const index = asked.length + layers.length;
    const chosen = places.flatMap((place): Chosen[] => {
      const candidate = isOver(place, index, needs)
        ? undefined
        : chooseTask(place, index, all, used, telling, needs.waiting !== undefined);
      return candidate === undefined ? [] : [{ ...place, candidate }];
    });
    for (const { candidate } of chosen) used.add(candidate);
    if (chosen.length === 0) break;
    layers.push(chosen);
    const after = index + 1 < MOST_ITEMS ? placesAfter(chosen) : [];
    // What is suspected in a layer is asked for no more once the next one is there; that of the beginning is the child's own.
    if (layers.length > 1) for (const { belief } of places) layAside(belief);
    places = after;
  }
  return layers;
};

/**
 * A session for a child who practises by what it needs, six to twelve tasks, or the rest of one. Made ready beforehand it goes
 * only by how many answers were right and how the last two went; made again after an answer, with what that answer speaks for, it
 * goes by all that is known.
 * @param needs with the answers of this session that are known already
 * @param pool tasks to choose from
 * @param asked in this session so far
 */
export const prepareByNeed = (
  needs: PracticeNeeds,
  pool: readonly Prospect[],
  asked: readonly Asked[] = [],
): Session => {
  const layers = layOut(needs, pool, asked);
  const places = layers.flat();
  const chosen = [...new Set(places.map(({ candidate }) => candidate))];
  const after = (from: Chosen, layer: number, right: boolean): number | null => {
    const next = layers[layer + 1]?.find(({ ways }) => ways.some((way) => way.from === from && way.right === right));
    return next === undefined ? null : places.indexOf(next);
  };
  return {
    tasks: chosen.map(({ item }) => item),
    steps: layers.flatMap((layer, i) =>
      layer.map((place): SessionStep => ({
        task: chosen.indexOf(place.candidate),
        eases: false,
        right: after(place, i, true),
        otherwise: after(place, i, false),
      })),
    ),
    fewest: Math.min(FEWEST_ITEMS, asked.length + layers.length),
  };
};

import { answersInReach, guessChance, isAmongOptions, type Answer, type Item } from '../items/index.ts';
import { ASKS, createDoing, type Besides, type Does } from './does.ts';
import { DRAWING_STATES, READING_STATES, WRITING_STATES, type PartState } from './parts.ts';
import { SLIP } from './slip.ts';

/** Where an answer is free, so many slips are near ones, such as rules lead to as well: a slip must not look like a rule. */
const NEAR_SLIPS = 0.5;

/**
 * What can be foretold of the answers to one item, whoever the child is: the chance of each, by the state a child is in. Worked out once.
 * A state is that of reading and that of what else the item asks for, at `reading * width + other`. States in which a child would answer
 * alike are of one way: those in which it does as who knows are of the first.
 */
export interface Foretold {
  readonly besides: Besides;
  /** States of what else is asked for; 1 where nothing is. */
  readonly width: number;
  /** Wrong answers that some rule leads to. */
  readonly own: readonly Answer[];
  /** The way of each state; the same list for items in which the same states are alike. */
  readonly wayOf: Uint16Array;
  /** Chances by way, `own.length + 2` of each: of a right answer, of each of `own`, of each other. */
  readonly chances: Float64Array;
  /** Uncertainty of the answer by way, bits. */
  readonly bits: Float64Array;
}

const OTHERS = { nothing: ['knows'], drawing: DRAWING_STATES, writing: WRITING_STATES } as const satisfies Record<
  Besides,
  readonly PartState[]
>;

const foretell = (item: Item): Foretold => {
  const { besides } = ASKS[item.kind];
  const doing = createDoing(item);
  // All of them first: what rules lead to is known only then.
  const states = READING_STATES.map((reading) => OTHERS[besides].map((other) => doing.of(reading, other)));
  const { own } = doing;
  const wrong = Math.max(1, answersInReach(item) - 1, own.length);
  const near = isAmongOptions(item) || own.length === 0 ? 0 : NEAR_SLIPS / own.length;
  const far = (1 - near * own.length) / wrong;
  const guessed = guessChance(item);
  const width = OTHERS[besides].length;
  const columns = own.length + 2;
  const rowOf = (state: Does): number[] => {
    // A guess is right by chance, and does not slip besides.
    const slipped = SLIP * (1 - state.guess);
    const blind = (state.guess * (1 - guessed)) / wrong;
    const row = new Array<number>(columns).fill(slipped * (near + far) + blind);
    row[0] = (1 - SLIP) * state.right + state.guess * guessed;
    for (const [place, share] of state.own) row[1 + place]! += (1 - SLIP) * share;
    row[columns - 1] = slipped * far + blind;
    return row;
  };
  const ways = new Map<string, number>();
  const rows: number[][] = [];
  const wayOf = new Uint16Array(READING_STATES.length * width);
  states.forEach((ofReading, r) =>
    ofReading.forEach((does, o) => {
      const row = rowOf(does);
      const key = row.join();
      const way = ways.get(key) ?? rows.push(row) - 1;
      ways.set(key, way);
      wayOf[r * width + o] = way;
    }),
  );
  return {
    besides,
    width,
    own,
    wayOf: keptOnce(wayOf),
    chances: Float64Array.from(rows.flat()),
    bits: Float64Array.from(rows.map((row) => bitsOfRow(row.slice(0, -1)))),
  };
};

/** Which states are alike is the same for many items: kept once, what is believed is summed by it once. */
const kept = new Map<string, Uint16Array>();
const keptOnce = (wayOf: Uint16Array): Uint16Array => {
  const key = wayOf.join();
  const known = kept.get(key) ?? wayOf;
  kept.set(key, known);
  return known;
};

/** Uncertainty in bits of an answer: each of some chances, or any other. */
export const bitsOfRow = (chances: readonly number[]): number => {
  const rest = 1 - chances.reduce((sum, chance) => sum + chance, 0);
  return [...chances, Math.max(0, rest)].reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
};

/** Found before, by the item as it is written down: a class is given the same ones. */
const known = new Map<string, Foretold>();
const MOST_KNOWN = 5000;
/** And by the item itself, for those that are weighed over and over. */
const byItem = new WeakMap<Item, Foretold>();
export const foretoldOf = (item: Item): Foretold => {
  const before = byItem.get(item);
  if (before !== undefined) return before;
  const key = JSON.stringify(item);
  const found = known.get(key) ?? foretell(item);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, found);
  byItem.set(item, found);
  return found;
};

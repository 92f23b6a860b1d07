import {
  DRAWING_STATES,
  NEED_OF_RULE,
  READING_STATES,
  WRITING_STATES,
  foretoldOf,
  type Foretold,
  type NamedNeed,
  type PartState,
  type Shares,
} from '../../diagnosis/index.ts';
import type { Item } from '../../items/index.ts';
import { WRONG_RULES, visibleRules, type WrongRule } from '../../misconceptions/index.ts';

/**
 * What a child may be doing, as far as sets are chosen for it: it knows, it guesses, or it follows one wrong rule. Two rules at once are
 * found by the judgement; a set that parts single ones parts most of those, and a choice is a hundred times quicker.
 */
export const FINDING_STATES = ['none', 'guessing', ...WRONG_RULES] as const;
export type FindingState = 'none' | 'guessing' | WrongRule;
const SIZE = FINDING_STATES.length;

/** How likely each state is, in the order of `FINDING_STATES`; they sum to 1. */
export type Likely = Float64Array;

/** How likely each state is among some children, of whom this is thought. @returns the same for each where there are none */
export const likelyOf = (all: readonly Pick<Shares, 'needs' | 'rules'>[]): Likely => {
  const weights = new Float64Array(SIZE);
  for (const { needs, rules } of all)
    FINDING_STATES.forEach((state, i) => {
      weights[i]! += state === 'none' || state === 'guessing' ? needs[state] : rules[state];
    });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => (total > 0 ? weight / total : 1 / SIZE));
};

const place = (states: readonly PartState[], state: PartState): number => Math.max(0, states.indexOf(state));
/** Which of an item's states a child of one state is in. */
const stateIn = ({ besides, width }: Foretold, state: FindingState): number => {
  const part: PartState = state === 'none' ? 'knows' : state === 'guessing' ? 'guesses' : state;
  const reading = place(READING_STATES, part);
  const others = besides === 'drawing' ? DRAWING_STATES : besides === 'writing' ? WRITING_STATES : [];
  // What is read wrongly is drawn and written as it was read.
  const other = reading > 0 && state !== 'guessing' ? 0 : place(others, part);
  return reading * width + (width > 1 ? other : 0);
};

/** What is foretold of the answers to one item: a row of chances for each state (right, answers that rules lead to, any other). */
export interface Answers {
  readonly columns: number;
  readonly rows: Float64Array;
  /** Logarithms of these. */
  readonly logs: Float64Array;
  /** Of each column: needs it speaks for. */
  readonly needs: readonly (readonly NamedNeed[])[];
}

const answersOf = (item: Item): Answers => {
  const foretold = foretoldOf(item);
  const { own, wayOf, chances } = foretold;
  const columns = own.length + 2;
  const rows = new Float64Array(SIZE * columns);
  FINDING_STATES.forEach((state, s) => {
    const way = wayOf[stateIn(foretold, state)]!;
    let told = 0;
    for (let column = 0; column < columns - 1; column++) {
      rows[s * columns + column] = chances[way * columns + column]!;
      told += chances[way * columns + column]!;
    }
    // The last is all that is left, whatever it is.
    rows[s * columns + columns - 1] = Math.max(1e-6, 1 - told);
  });
  const visible = visibleRules(item);
  return {
    columns,
    rows,
    logs: rows.map(Math.log),
    needs: [
      [],
      ...own.map((answer) => {
        const text = JSON.stringify(answer);
        const rules = visible.filter((one) => one.own.some((led) => JSON.stringify(led) === text));
        return [...new Set(rules.map(({ rule }) => NEED_OF_RULE[rule]))];
      }),
      ['guessing'],
    ],
  };
};

const known = new WeakMap<Item, Answers>();
/** By the task as it is written: those without options are few, and are made again and again. */
const written = new Map<string, Answers>();
const MOST_KEPT = 3000;
/** @returns the same object for tasks that are equal, as long as it is kept */
export const answersTo = (item: Item): Answers => {
  const before = known.get(item);
  if (before !== undefined) return before;
  const text = JSON.stringify(item);
  const found = written.get(text) ?? answersOf(item);
  if (written.size >= MOST_KEPT) written.clear();
  written.set(text, found);
  known.set(item, found);
  return found;
};

import type { Prompt } from '../asking/index.ts';
import type { Verdict } from '../marking/index.ts';
import { revealSteps, type RoundItem } from './task.ts';

/** The stages of one item of a round, in order; after the last item comes `done`. */
export const ROUND_PHASES = ['ask', 'think', 'show', 'reveal', 'missed', 'done'] as const;
export type RoundPhase = (typeof ROUND_PHASES)[number];

/** Where a round stands. */
export interface RoundPlace {
  /** Which item, from 0. */
  readonly index: number;
  readonly phase: RoundPhase;
  /** Steps of the reveal that are open: 0 only the hands turn, then one card more each. */
  readonly revealed: number;
  /** How often the reveal of this item was started again. */
  readonly replays: number;
}

/** Why an item is in a round: it was planned, it was missed before, or there was time left. */
export const ROUND_ORIGINS = ['planned', 'again', 'spare'] as const;
export type RoundOrigin = (typeof ROUND_ORIGINS)[number];

/** One item of a round. */
export interface RoundEntry {
  readonly item: RoundItem;
  readonly origin: RoundOrigin;
}

/** What a round asks: items in asking order, and items in reserve. */
export interface RoundList {
  readonly entries: readonly RoundEntry[];
  readonly spares: readonly RoundItem[];
}

/** How a round is run. */
export interface RoundPace {
  /** Seconds of thinking before "show", 0..30; 0 leaves thinking out. */
  readonly thinkSeconds: number;
  /** Three, two, one before "show". */
  readonly countdown: boolean;
  /** Ask what somebody missed once more later in the round. */
  readonly repeatMissed: boolean;
  /** How its times are asked. */
  readonly prompt: Prompt;
}

/** The longest time to think, in seconds. */
export const MOST_THINK_SECONDS = 30;

/** The most items of a round, asked again and spare ones counted. */
export const MOST_ROUND_ITEMS = 40;

/** Times a teacher can pick for one round: with some asked again, they still have room in it. */
export const MOST_PICKED_TIMES = 24;

/** Moves a teacher makes. */
export const ROUND_MOVES = ['next', 'back', 'replay', 'end', 'more'] as const;
export type RoundMove = (typeof ROUND_MOVES)[number];

/** A round about to ask its first item. */
export const ROUND_START: RoundPlace = { index: 0, phase: 'ask', revealed: 0, replays: 0 };

/** A round as far as moving it goes. */
export interface MovingRound extends RoundPlace, RoundList, RoundPace {}

const item = (index: number, phase: RoundPhase, revealed = 0): RoundPlace => ({ index, phase, revealed, replays: 0 });

const stepsAt = ({ entries }: RoundList, index: number): number => revealSteps(entries[index]!.item);

const forward = (round: MovingRound): RoundPlace => {
  const { index, phase, revealed, replays, entries, thinkSeconds } = round;
  const place = { index, phase, revealed, replays };
  switch (phase) {
    case 'ask':
      return item(index, thinkSeconds > 0 ? 'think' : 'show');
    case 'think':
      return item(index, 'show');
    case 'show':
      return item(index, 'reveal');
    case 'reveal':
      return revealed < stepsAt(round, index) ? { ...place, revealed: revealed + 1 } : { ...place, phase: 'missed' };
    case 'missed':
      return index + 1 < entries.length ? item(index + 1, 'ask') : { ...place, phase: 'done' };
    case 'done':
      return place;
  }
};

const backward = (round: MovingRound): RoundPlace => {
  const { index, phase, revealed, replays, entries, thinkSeconds } = round;
  const place = { index, phase, revealed, replays };
  switch (phase) {
    case 'ask':
      return index > 0 ? item(index - 1, 'missed', stepsAt(round, index - 1)) : place;
    case 'think':
      return item(index, 'ask');
    case 'show':
      return item(index, thinkSeconds > 0 ? 'think' : 'ask');
    case 'reveal':
      return revealed > 0 ? { ...place, revealed: revealed - 1 } : item(index, 'show');
    case 'missed':
      return { ...place, phase: 'reveal' };
    case 'done':
      // A round ended early asks its item again: nothing of it may be shown that was not shown yet.
      return index + 1 < entries.length ? item(index, 'ask') : { ...place, phase: 'missed' };
  }
};

/** Items kept in a file are copies of each other; two are the same when they ask the same. */
const isSame = (a: RoundItem, b: RoundItem): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Items between a missed one and its second turn, where there are so many. */
const APART = 2;

/**
 * The list after an item was missed by somebody: it comes once more, two items later or at the end. One that was asked again
 * already, or has its second turn before it, is not repeated a second time.
 */
export const withRepeat = ({ entries, spares }: RoundList, index: number): RoundList => {
  const entry = entries[index]!;
  const waits = entries
    .slice(index + 1)
    .some(({ item: later, origin }) => origin === 'again' && isSame(later, entry.item));
  if (entry.origin === 'again' || waits || entries.length >= MOST_ROUND_ITEMS) return { entries, spares };
  const at = Math.min(index + 1 + APART, entries.length);
  return {
    spares,
    entries: [...entries.slice(0, at), { item: entry.item, origin: 'again' }, ...entries.slice(at)],
  };
};

/** Is there something more to ask once a round is done? Items not asked yet come before those in reserve. */
export const hasMore = ({ index, entries, spares }: MovingRound): boolean =>
  index + 1 < entries.length || (spares.length > 0 && entries.length < MOST_ROUND_ITEMS);

const more = (round: MovingRound): RoundPlace & RoundList => {
  const { index, entries, spares } = round;
  const [spare, ...rest] = spares;
  const list =
    index + 1 < entries.length || spare === undefined
      ? { entries, spares }
      : { entries: [...entries, { item: spare, origin: 'spare' as const }], spares: rest };
  return { ...list, ...item(index + 1, 'ask') };
};

/**
 * A round after a move. Going on from the last item ends it; going back from its start, and on from its end, changes nothing;
 * replay does something only once the answer is being shown; end breaks off where the round stands, and back takes that
 * back; more goes on after the end with what was not asked yet, or with an item in reserve.
 * @param missed was the item of now missed by somebody? Then it may come once more.
 */
export const moveRound = (round: MovingRound, move: RoundMove, missed = false): RoundPlace & RoundList => {
  const { index, phase, replays, revealed, entries, spares, repeatMissed } = round;
  const list: RoundList = { entries, spares };
  const place: RoundPlace = { index, phase, revealed, replays };
  switch (move) {
    case 'next': {
      const grown = phase === 'missed' && missed && repeatMissed ? withRepeat(list, index) : list;
      return { ...grown, ...forward({ ...round, ...grown }) };
    }
    case 'back':
      return { ...list, ...backward(round) };
    case 'replay':
      return phase === 'reveal' || phase === 'missed'
        ? { ...list, index, phase: 'reveal', revealed: 0, replays: replays + 1 }
        : { ...list, ...place };
    case 'end':
      return { ...list, ...place, phase: 'done' };
    case 'more':
      return phase === 'done' && hasMore(round) ? more(round) : { ...list, ...place };
  }
};

/**
 * The list with its coming items in another order, some of them left out; what was asked stays where it was.
 * @param index the item of now
 * @param order places of the coming items to keep, in their new order
 * @throws RangeError when a place is not a coming one or is there twice
 */
export const reordered = (entries: readonly RoundEntry[], index: number, order: readonly number[]): RoundEntry[] => {
  const known = order.every((place) => Number.isInteger(place) && place > index && place < entries.length);
  if (!known || new Set(order).size !== order.length)
    throw new RangeError(`${order.join(', ')} are not different places after ${index} of ${entries.length}`);
  return [...entries.slice(0, index + 1), ...order.map((place) => entries[place]!)];
};

/** Has the answer to an item been shown yet? */
export const isRevealed = (place: RoundPlace, index: number): boolean =>
  place.index > index || (place.index === index && ['reveal', 'missed', 'done'].includes(place.phase));

/** Was an item missed by somebody? Nearly right is right; what nobody can read is not held against anyone. */
export const wasMissed = (verdicts: readonly Verdict[]): boolean => verdicts.includes('wrong');

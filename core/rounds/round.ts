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

/** Moves a teacher makes. */
export const ROUND_MOVES = ['next', 'back', 'replay', 'end'] as const;
export type RoundMove = (typeof ROUND_MOVES)[number];

/** Cards that open in a reveal: one hand, the other, the whole time. */
export const REVEAL_STEPS = 3;

/** Seconds of thinking before "show". */
export const THINK_SECONDS = 10;

/** A round about to ask its first item. */
export const ROUND_START: RoundPlace = { index: 0, phase: 'ask', revealed: 0, replays: 0 };

const item = (index: number, phase: RoundPhase, revealed = 0): RoundPlace => ({ index, phase, revealed, replays: 0 });

const forward = (place: RoundPlace, count: number): RoundPlace => {
  const { index, phase, revealed } = place;
  switch (phase) {
    case 'ask':
      return item(index, 'think');
    case 'think':
      return item(index, 'show');
    case 'show':
      return item(index, 'reveal');
    case 'reveal':
      return revealed < REVEAL_STEPS ? { ...place, revealed: revealed + 1 } : { ...place, phase: 'missed' };
    case 'missed':
      return index + 1 < count ? item(index + 1, 'ask') : { ...place, phase: 'done' };
    case 'done':
      return place;
  }
};

const backward = (place: RoundPlace, count: number): RoundPlace => {
  const { index, phase, revealed } = place;
  switch (phase) {
    case 'ask':
      return index > 0 ? item(index - 1, 'missed', REVEAL_STEPS) : place;
    case 'think':
      return item(index, 'ask');
    case 'show':
      return item(index, 'think');
    case 'reveal':
      return revealed > 0 ? { ...place, revealed: revealed - 1 } : item(index, 'show');
    case 'missed':
      return { ...place, phase: 'reveal' };
    case 'done':
      // A round ended early asks its item again: nothing of it may be shown that was not shown yet.
      return index + 1 < count ? item(index, 'ask') : { ...place, phase: 'missed' };
  }
};

/**
 * Where a round stands after a move. Going on from the last item ends the round; going back from its start, and
 * on from its end, changes nothing; replay does something only once the answer is being shown; end breaks off where
 * the round stands, and back takes that back.
 * @param count items in the round
 */
export const moveRound = (place: RoundPlace, move: RoundMove, count: number): RoundPlace => {
  switch (move) {
    case 'next':
      return forward(place, count);
    case 'back':
      return backward(place, count);
    case 'replay':
      return place.phase === 'reveal' || place.phase === 'missed'
        ? { ...place, phase: 'reveal', revealed: 0, replays: place.replays + 1 }
        : place;
    case 'end':
      return { ...place, phase: 'done' };
  }
};

/** Has the answer to an item been shown yet? */
export const isRevealed = (place: RoundPlace, index: number): boolean =>
  place.index > index || (place.index === index && ['reveal', 'missed', 'done'].includes(place.phase));

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Verdict } from '../marking/index.ts';
import {
  REVEAL_STEPS,
  ROUND_MOVES,
  ROUND_PHASES,
  ROUND_START,
  isRevealed,
  moveRound,
  tapStateBefore,
  tapsToKeep,
  type RoundPlace,
  type TapState,
} from './index.ts';

const COUNT = 6;
const next = (place: RoundPlace, times = 1): RoundPlace =>
  times === 0 ? place : next(moveRound(place, 'next', COUNT), times - 1);

describe('a round', () => {
  it('goes ask, think, show, reveal card by card, who missed, and on to the next', () => {
    const phases = Array.from({ length: 9 }, (_, i) => next(ROUND_START, i)).map(({ index, phase, revealed }) => [
      index,
      phase,
      revealed,
    ]);
    expect(phases).toEqual([
      [0, 'ask', 0],
      [0, 'think', 0],
      [0, 'show', 0],
      [0, 'reveal', 0],
      [0, 'reveal', 1],
      [0, 'reveal', 2],
      [0, 'reveal', 3],
      [0, 'missed', 3],
      [1, 'ask', 0],
    ]);
  });
  it('is done after the last item, and going on then changes nothing', () => {
    const done = next(ROUND_START, 8 * COUNT);
    expect(done.phase).toBe('done');
    expect(next(done)).toEqual(done);
  });
  it('goes back to where it came from, from every place', () => {
    let place = ROUND_START;
    while (place.phase !== 'done') {
      const after = next(place);
      expect(moveRound(after, 'back', COUNT)).toMatchObject({
        index: place.index,
        phase: place.phase,
        revealed: place.revealed,
      });
      place = after;
    }
    expect(moveRound(ROUND_START, 'back', COUNT)).toEqual(ROUND_START);
  });
  it('replays only what was being revealed', () => {
    const shown = next(ROUND_START, 5);
    expect(moveRound(shown, 'replay', COUNT)).toEqual({ index: 0, phase: 'reveal', revealed: 0, replays: 1 });
    const asking = next(ROUND_START, 1);
    expect(moveRound(asking, 'replay', COUNT)).toEqual(asking);
  });
  it('ends early where the teacher breaks off; back asks that item again and shows nothing of it', () => {
    for (const steps of [0, 1, 4, 7, 17]) {
      const place = next(ROUND_START, steps);
      const ended = moveRound(place, 'end', COUNT);
      expect(ended).toMatchObject({ index: place.index, phase: 'done' });
      expect(next(ended)).toEqual(ended);
      expect(moveRound(ended, 'back', COUNT)).toEqual({ index: place.index, phase: 'ask', revealed: 0, replays: 0 });
    }
  });
  it('stays inside its items and phases whatever is pressed', () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...ROUND_MOVES), { maxLength: 120 }), (moves) => {
        const place = moves.reduce((at, move) => moveRound(at, move, COUNT), ROUND_START);
        expect(place.index).toBeGreaterThanOrEqual(0);
        expect(place.index).toBeLessThan(COUNT);
        expect(ROUND_PHASES).toContain(place.phase);
        expect(place.revealed).toBeLessThanOrEqual(REVEAL_STEPS);
      }),
    ));
  it('has revealed an item from its reveal on', () => {
    expect(isRevealed(next(ROUND_START, 2), 0)).toBe(false);
    expect(isRevealed(next(ROUND_START, 3), 0)).toBe(true);
    expect(isRevealed(next(ROUND_START, 9), 0)).toBe(true);
    expect(isRevealed(next(ROUND_START, 9), 1)).toBe(false);
  });
});

describe('who missed it', () => {
  const seen = {
    verdicts: new Map<number, Verdict>([
      [1, 'right'],
      [2, 'wrong'],
      [3, 'nearly'],
      [7, 'unreadable'],
    ]),
    away: new Set([4]),
    stations: new Set([1, 2, 3, 5]),
  };
  it.each([
    ['a right answer from a tablet', 1, 'had'],
    ['an answer nobody can read', 7, 'waiting'],
    ['a wrong one', 2, 'missed'],
    ['one that is nearly right', 3, 'had'],
    ['not here today', 4, 'away'],
    ['a tablet without an answer', 5, 'waiting'],
    ['a paper clock', 6, 'had'],
  ] as const)('before any tap: %s', (_, childId, state) => expect(tapStateBefore(childId, seen)).toBe(state));

  const keep = (...tapped: [number, TapState][]) => tapsToKeep([1, 2, 3, 4, 5, 6], seen, new Map(tapped));
  it('keeps a row only for the child nothing is known of', () => expect(keep()).toEqual([{ childId: 6, got: true }]));
  it('keeps what the teacher tapped, corrections of a tablet’s answer included', () =>
    expect(keep([1, 'missed'], [2, 'had'], [5, 'missed'], [6, 'missed'])).toEqual([
      { childId: 1, got: false },
      { childId: 2, got: true },
      { childId: 5, got: false },
      { childId: 6, got: false },
    ]));
  it('keeps nothing of a tap that was taken back', () =>
    expect(keep([2, 'missed'])).toEqual([{ childId: 6, got: true }]));
});

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Verdict } from '../marking/index.ts';
import { timeOf } from '../clock/index.ts';
import { pictureAt } from '../items/index.ts';
import {
  MOST_ROUND_ITEMS,
  ROUND_KINDS,
  ROUND_MOVES,
  ROUND_PHASES,
  ROUND_START,
  askedAs,
  hasMore,
  isRevealed,
  isRoundItem,
  moveRound,
  reordered,
  revealSteps,
  showsClock,
  tapStateBefore,
  tapStateNow,
  tapsToKeep,
  timeAsked,
  wasMissed,
  type MovingRound,
  type RoundItem,
  type RoundMove,
  type TapState,
} from './index.ts';

const COUNT = 6;
const set = (hour: number): RoundItem => ({ kind: 'set', shown: timeOf(hour) });
const START: MovingRound = {
  ...ROUND_START,
  entries: [2, 4, 10, 1, 6, 12].map((hour) => ({ item: set(hour), origin: 'planned' as const })),
  spares: [set(7), set(9)],
  thinkSeconds: 10,
  countdown: true,
  repeatMissed: true,
  prompt: 'both',
};
const after = (round: MovingRound, move: RoundMove, missed = false): MovingRound => ({
  ...round,
  ...moveRound(round, move, missed),
});
const next = (round: MovingRound, times = 1): MovingRound =>
  times === 0 ? round : next(after(round, 'next'), times - 1);
const placeOf = ({ index, phase, revealed, replays }: MovingRound) => ({ index, phase, revealed, replays });
const hoursOf = ({ entries }: Pick<MovingRound, 'entries'>) => entries.map(({ item }) => timeAsked(item)! / 60 || 12);

describe('a round', () => {
  it('goes ask, think, show, reveal card by card, who missed, and on to the next', () => {
    const phases = Array.from({ length: 9 }, (_, i) => next(START, i)).map(({ index, phase, revealed }) => [
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
  it('leaves thinking out when no time is set for it, forwards and back', () => {
    const quick = { ...START, thinkSeconds: 0 };
    expect(next(quick).phase).toBe('show');
    expect(placeOf(after(next(quick), 'back'))).toEqual(ROUND_START);
  });
  it('has one step to reveal where there is one answer to see, and three cards elsewhere', () => {
    const which: RoundItem = {
      kind: 'choose-clock',
      shown: timeOf(4),
      options: [pictureAt(timeOf(4)), pictureAt(timeOf(5))],
    };
    const steps = ROUND_KINDS.map((kind) => [kind, revealSteps({ ...which, target: 0, kind } as unknown as RoundItem)]);
    expect(Object.fromEntries(steps)).toMatchObject({ read: 3, set: 3, 'write-digital': 3, 'choose-clock': 1, yet: 1 });
    const one = { ...START, entries: [{ item: which, origin: 'planned' as const }, ...START.entries] };
    expect(next(one, 4)).toMatchObject({ phase: 'reveal', revealed: 1 });
    expect(next(one, 5).phase).toBe('missed');
    expect(next(one, 6)).toMatchObject({ index: 1, phase: 'ask' });
    expect(after(next(one, 6), 'back')).toMatchObject({ index: 0, phase: 'missed', revealed: 1 });
  });
  it('is done after the last item, and going on then changes nothing', () => {
    const done = next(START, 8 * COUNT);
    expect(done.phase).toBe('done');
    expect(next(done)).toEqual(done);
  });
  it('goes back to where it came from, from every place', () => {
    let place = START;
    while (place.phase !== 'done') {
      const on = next(place);
      expect(after(on, 'back')).toMatchObject({ index: place.index, phase: place.phase, revealed: place.revealed });
      place = on;
    }
    expect(after(START, 'back')).toEqual(START);
  });
  it('replays only what was being revealed', () => {
    expect(placeOf(after(next(START, 5), 'replay'))).toEqual({ index: 0, phase: 'reveal', revealed: 0, replays: 1 });
    const asking = next(START, 1);
    expect(after(asking, 'replay')).toEqual(asking);
  });
  it('ends early where the teacher breaks off; back asks that item again and shows nothing of it', () => {
    for (const steps of [0, 1, 4, 7, 17]) {
      const place = next(START, steps);
      const ended = after(place, 'end');
      expect(ended).toMatchObject({ index: place.index, phase: 'done' });
      expect(next(ended)).toEqual(ended);
      expect(placeOf(after(ended, 'back'))).toEqual({ index: place.index, phase: 'ask', revealed: 0, replays: 0 });
    }
  });
  it('has revealed an item from its reveal on', () => {
    expect(isRevealed(next(START, 2), 0)).toBe(false);
    expect(isRevealed(next(START, 3), 0)).toBe(true);
    expect(isRevealed(next(START, 9), 0)).toBe(true);
    expect(isRevealed(next(START, 9), 1)).toBe(false);
  });
  it('stays inside its items and phases whatever is pressed and missed, and asks each item twice at most', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...ROUND_MOVES), fc.boolean()), { maxLength: 160 }),
        fc.boolean(),
        (moves, repeatMissed) => {
          const end = moves.reduce((at, [move, missed]) => after(at, move, missed), { ...START, repeatMissed });
          expect(end.index).toBeGreaterThanOrEqual(0);
          expect(end.index).toBeLessThan(end.entries.length);
          expect(ROUND_PHASES).toContain(end.phase);
          expect(end.revealed).toBeLessThanOrEqual(revealSteps(end.entries[end.index]!.item));
          const hours = hoursOf(end);
          for (const hour of hours) expect(hours.filter((other) => other === hour).length).toBeLessThanOrEqual(2);
          expect(new Set([...hours, ...end.spares.map((item) => timeAsked(item)! / 60)]).size).toBe(8);
          if (!repeatMissed) expect(end.entries.every(({ origin }) => origin !== 'again')).toBe(true);
        },
      ),
    ));
});

describe('what was missed', () => {
  const missedFirst = after(next(START, 7), 'next', true);
  it('comes once more, with two others in between', () => {
    expect(hoursOf(missedFirst)).toEqual([2, 4, 10, 2, 1, 6, 12]);
    expect(missedFirst.entries[3]!.origin).toBe('again');
    expect(missedFirst).toMatchObject({ index: 1, phase: 'ask' });
  });
  it('is not put in twice when the teacher goes back and on again, nor asked a third time', () => {
    const again = after(after(missedFirst, 'back'), 'next', true);
    expect(hoursOf(again)).toEqual(hoursOf(missedFirst));
    const second = next(missedFirst, 2 * 8 + 7);
    expect(second).toMatchObject({ index: 3, phase: 'missed' });
    expect(after(second, 'next', true).entries).toHaveLength(7);
  });
  it('comes last when it was missed last, and not at all when the teacher does not want it', () => {
    const last = next(START, 8 * 5 + 7);
    const repeated = after(last, 'next', true);
    expect(hoursOf(repeated)).toEqual([2, 4, 10, 1, 6, 12, 12]);
    expect(repeated).toMatchObject({ index: 6, phase: 'ask' });
    expect(after({ ...last, repeatMissed: false }, 'next', true).phase).toBe('done');
  });
  it('is a wrong answer, not one that is nearly right or unreadable', () => {
    expect(wasMissed(['right', 'nearly', 'unreadable'])).toBe(false);
    expect(wasMissed(['right', 'wrong'])).toBe(true);
  });
});

describe('time left', () => {
  it('asks the items in reserve, one after another, until there are none', () => {
    let round = next(START, 8 * COUNT);
    for (const hour of [7, 9]) {
      expect(hasMore(round)).toBe(true);
      round = after(round, 'more');
      expect(round).toMatchObject({ phase: 'ask', index: round.entries.length - 1 });
      expect([hoursOf(round).at(-1), round.entries.at(-1)!.origin]).toEqual([hour, 'spare']);
      round = next(round, 8);
      expect(round.phase).toBe('done');
    }
    expect(hasMore(round)).toBe(false);
    expect(after(round, 'more')).toEqual(round);
  });
  it('goes on with what was not asked after a round was broken off', () => {
    const broken = after(next(START, 9), 'end');
    expect(placeOf(after(broken, 'more'))).toEqual({ index: 2, phase: 'ask', revealed: 0, replays: 0 });
    expect(after(broken, 'more').spares).toHaveLength(2);
  });
  it('does nothing in the middle of a round', () => expect(after(START, 'more')).toEqual(START));
  it('never makes a round longer than it may be', () => {
    const long = { ...START, entries: Array.from({ length: MOST_ROUND_ITEMS }, (_, i) => START.entries[i % 6]!) };
    const end = { ...long, index: MOST_ROUND_ITEMS - 1, phase: 'done' as const };
    expect(hasMore(end)).toBe(false);
    expect(after(end, 'more').entries).toHaveLength(MOST_ROUND_ITEMS);
  });
});

describe('another order', () => {
  it('moves what is to come and leaves what was asked', () =>
    expect(hoursOf({ entries: reordered(START.entries, 1, [5, 2, 4, 3]) })).toEqual([2, 4, 12, 10, 6, 1]));
  it('may leave items out', () => expect(hoursOf({ entries: reordered(START.entries, 0, [3]) })).toEqual([2, 1]));
  it.each([[[1, 2]], [[2, 2]], [[6]], [[-1]], [[2.5]]])('refuses %j', (order) =>
    expect(() => reordered(START.entries, 1, order)).toThrow(RangeError),
  );
});

describe('tasks of a round', () => {
  it('show the clock where it is read, and hide it where it would be the answer', () => {
    const shows = ROUND_KINDS.map((kind) => [kind, showsClock({ kind, shown: 0 } as unknown as RoundItem)] as const);
    expect(shows.filter(([, shown]) => !shown).map(([kind]) => kind)).toEqual([
      'set-hour-hand',
      'words-to-digits',
      'digits-to-words',
      'set',
      'set-free',
      'draw',
      'choose-clock',
    ]);
  });
  it('are asked as one of the tasks there are, and only tasks about a time are asked', () => {
    expect(askedAs({ kind: 'hour-hand', shown: timeOf(4) })).toBe('read');
    expect(askedAs({ kind: 'draw', shown: timeOf(4) })).toBe('draw');
    expect(isRoundItem({ kind: 'direction' })).toBe(false);
    expect(isRoundItem(set(4))).toBe(true);
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
    ['a paper clock', 6, 'unseen'],
  ] as const)('before any tap: %s', (_, childId, state) => expect(tapStateBefore(childId, seen)).toBe(state));

  const keep = (...tapped: [number, TapState][]) => tapsToKeep([1, 2, 3, 4, 5, 6], seen, new Map(tapped));
  it('keeps nothing where the teacher went on without a tap: nobody has looked', () => expect(keep()).toEqual([]));
  it('keeps that the others had it once one was tapped: who taps has looked at all of them', () => {
    expect(keep([1, 'missed'])).toEqual([
      { childId: 1, got: false },
      { childId: 6, got: true },
    ]);
    expect(tapStateNow(6, seen, new Map([[1, 'missed']]))).toBe('had');
    expect(tapStateNow(4, seen, new Map([[4, 'missed']]))).toBe('away');
  });
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

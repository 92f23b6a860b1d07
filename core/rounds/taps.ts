import type { Verdict } from '../marking/index.ts';

/** What the teacher saw of one child for one item. */
export interface Tap {
  readonly childId: number;
  readonly got: boolean;
}

/** How a child stands in "who missed it?": known from a tablet or a tap, or not seen by anybody. */
export const TAP_STATES = ['had', 'missed', 'waiting', 'unseen', 'away'] as const;
export type TapState = (typeof TAP_STATES)[number];

interface Seen {
  /** Verdict of the answer that counts so far, by child. */
  readonly verdicts: ReadonlyMap<number, Verdict>;
  readonly away: ReadonlySet<number>;
  /** Children whose tablet is listening. */
  readonly stations: ReadonlySet<number>;
}

/**
 * How a child stands before the teacher taps. `nearly` counts as had; what nobody can read waits for the teacher. A child with a tablet but without an answer
 * is `waiting`, one without a tablet `unseen`: nobody has looked.
 */
export const tapStateBefore = (childId: number, { verdicts, away, stations }: Seen): TapState => {
  if (away.has(childId)) return 'away';
  const verdict = verdicts.get(childId);
  if (verdict === 'unreadable') return 'waiting';
  if (verdict !== undefined) return verdict === 'wrong' ? 'missed' : 'had';
  return stations.has(childId) ? 'waiting' : 'unseen';
};

/**
 * How a child stands now. Who taps one child has looked at all of them: those without a tablet that were not tapped had it.
 * @param tapped what the teacher changed, by child
 */
export const tapStateNow = (childId: number, seen: Seen, tapped: ReadonlyMap<number, TapState>): TapState => {
  const before = tapStateBefore(childId, seen);
  if (before === 'away') return before;
  return tapped.get(childId) ?? (before === 'unseen' && tapped.size > 0 ? 'had' : before);
};

/**
 * The rows to store when the teacher goes on: for each child what was seen, unless the record says so already. Who goes on without a tap
 * has seen nothing.
 * @param tapped what the teacher changed, by child
 */
export const tapsToKeep = (childIds: readonly number[], seen: Seen, tapped: ReadonlyMap<number, TapState>): Tap[] =>
  childIds.flatMap((childId) => {
    const state = tapStateNow(childId, seen, tapped);
    if (state !== 'had' && state !== 'missed') return [];
    const known = seen.verdicts.has(childId);
    return known && state === tapStateBefore(childId, seen) ? [] : [{ childId, got: state === 'had' }];
  });

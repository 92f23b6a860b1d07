import type { Verdict } from '../marking/index.ts';

/** What the teacher saw of one child for one item. */
export interface Tap {
  readonly childId: number;
  readonly got: boolean;
}

/** How a child stands in "who missed it?": known from a tablet or a tap, or taken for granted. */
export const TAP_STATES = ['had', 'missed', 'waiting', 'away'] as const;
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
 * is `waiting` and gets no row; one without a tablet had it unless the teacher says otherwise.
 */
export const tapStateBefore = (childId: number, { verdicts, away, stations }: Seen): TapState => {
  if (away.has(childId)) return 'away';
  const verdict = verdicts.get(childId);
  if (verdict === 'unreadable') return 'waiting';
  if (verdict !== undefined) return verdict === 'wrong' ? 'missed' : 'had';
  return stations.has(childId) ? 'waiting' : 'had';
};

/**
 * The rows to store when the teacher goes on: for each child what was seen, unless the record says so already.
 * @param tapped what the teacher changed, by child
 */
export const tapsToKeep = (childIds: readonly number[], seen: Seen, tapped: ReadonlyMap<number, TapState>): Tap[] =>
  childIds.flatMap((childId) => {
    const before = tapStateBefore(childId, seen);
    const state = tapped.get(childId) ?? before;
    if (state === 'away' || state === 'waiting') return [];
    const known = seen.verdicts.has(childId);
    return known && state === before ? [] : [{ childId, got: state === 'had' }];
  });

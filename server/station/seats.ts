import type { Ticks } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/**
 * Milliseconds a tablet may be silent before another one may take its child, and before it no longer counts as there: a flat
 * battery must not lock a child out, nor keep a round waiting. Tablets give a sign of life every few seconds, for a connection
 * whose other end is gone says nothing by itself for many minutes.
 */
export const SILENT_MS = 20_000;

/** Where a child sits: the tablet, and the seat its page made. */
export interface Place {
  readonly tabletId: number;
  readonly seat: string;
  readonly simulated: boolean;
}
interface Seat extends Place {
  /** When it was last heard of, in ticks. */
  heard: number;
}

/**
 * Which child sits at which tablet: one child, one tablet, and one tablet, one child. Kept in memory: after a restart every tablet
 * takes its seat again by itself.
 */
export const createSeats = (time: Ticks) => {
  const byChild = new Map<number, Seat>();
  const isHeard = ({ heard }: Seat): boolean => time() - heard < SILENT_MS;
  /** The child at a seat of a tablet; a seat is known to its own tablet alone. */
  const childAt = (tabletId: number, seat: string): number | undefined =>
    [...byChild].find(([, held]) => held.tabletId === tabletId && held.seat === seat)?.[0];
  const leave = (tabletId: number, seat: string): number | undefined => {
    const childId = childAt(tabletId, seat);
    if (childId !== undefined) byChild.delete(childId);
    return childId;
  };
  return {
    /**
     * A child sits down; who sat at this tablet before stands up.
     * @returns seats that had to give way
     * @throws HoppelError child-taken when the child is at another tablet
     */
    take: (childId: number, place: Place): string[] => {
      const { tabletId, seat, simulated } = place;
      const held = byChild.get(childId);
      if (held !== undefined && held.tabletId !== tabletId) {
        // A stand-in gives way to a child.
        const givesWay = held.simulated && !simulated;
        if (!givesWay && isHeard(held)) throw new HoppelError('child-taken');
      }
      const gaveWay = new Set(held === undefined ? [] : [held.seat]);
      for (const [other, { tabletId: at, seat: taken }] of byChild)
        if (at === tabletId) {
          byChild.delete(other);
          gaveWay.add(taken);
        }
      byChild.set(childId, { ...place, heard: time() });
      gaveWay.delete(seat);
      return [...gaveWay];
    },
    /** A sign of life. @returns the child that sits there, if one does */
    hear: (tabletId: number, seat: string): number | undefined => {
      const childId = childAt(tabletId, seat);
      if (childId !== undefined) byChild.get(childId)!.heard = time();
      return childId;
    },
    /** Children whose tablets gave a sign of life not long ago, with their seats. */
    heard: (): { childId: number; seat: string }[] =>
      [...byChild].filter(([, held]) => isHeard(held)).map(([childId, { seat }]) => ({ childId, seat })),
    /** The child gets up. @returns the child that sat there, if one did */
    leave,
    childAt,
    /** The teacher sends a child's tablet back to the pictures. @returns its seat, if it had one */
    free: (childId: number): string | undefined => {
      const held = byChild.get(childId);
      byChild.delete(childId);
      return held?.seat;
    },
    /** A tablet is shut out. */
    freeTablet: (tabletId: number): void => {
      for (const [childId, held] of byChild) if (held.tabletId === tabletId) byChild.delete(childId);
    },
    clear: (): void => byChild.clear(),
    all: (): { childId: number; tabletId: number; simulated: boolean }[] =>
      [...byChild].map(([childId, { tabletId, simulated }]) => ({ childId, tabletId, simulated })),
  };
};
export type Seats = ReturnType<typeof createSeats>;

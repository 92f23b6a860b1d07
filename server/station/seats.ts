import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/**
 * Milliseconds a tablet may be silent before another one may take its child, and before it no longer counts as there: a flat
 * battery must not lock a child out, nor keep a round waiting. Tablets give a sign of life every few seconds, for a connection
 * whose other end is gone says nothing by itself for many minutes.
 */
export const SILENT_MS = 20_000;

interface Seat {
  readonly seat: string;
  readonly simulated: boolean;
  /** When it was last heard of, milliseconds. */
  heard: number;
}

/**
 * Which child sits at which tablet: one child, one tablet. Kept in memory: after a restart every tablet takes its seat again by
 * itself.
 */
export const createSeats = (now: Now) => {
  const byChild = new Map<number, Seat>();
  const time = (): number => now().getTime();
  const childAt = (seat: string): number | undefined => [...byChild].find(([, held]) => held.seat === seat)?.[0];
  const isHeard = ({ heard }: Seat): boolean => time() - heard < SILENT_MS;
  const leave = (seat: string): number | undefined => {
    const childId = childAt(seat);
    if (childId !== undefined) byChild.delete(childId);
    return childId;
  };
  return {
    /**
     * A child sits down; who sat there before stands up.
     * @returns the seat that had to give way, if one had
     * @throws HoppelError child-taken when the child is at another tablet
     */
    take: (childId: number, seat: string, simulated: boolean): string | undefined => {
      const held = byChild.get(childId);
      if (held !== undefined && held.seat !== seat) {
        // A stand-in gives way to a child.
        const givesWay = held.simulated && !simulated;
        if (!givesWay && isHeard(held)) throw new HoppelError('child-taken');
      }
      if (childAt(seat) !== childId) leave(seat);
      byChild.set(childId, { seat, simulated, heard: time() });
      return held?.seat === seat ? undefined : held?.seat;
    },
    /** A sign of life. @returns the child that sits there, if one does */
    hear: (seat: string): number | undefined => {
      const childId = childAt(seat);
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
    clear: (): void => byChild.clear(),
    all: (): { childId: number; seat: string; simulated: boolean }[] =>
      [...byChild].map(([childId, { seat, simulated }]) => ({ childId, seat, simulated })),
  };
};
export type Seats = ReturnType<typeof createSeats>;

import type { Response } from 'express';

/** Streams one device may have open: its page, one that is just being left, and a few that broke off without a word. */
const MOST = 4;

/** The streams that are open, by the device that listens. */
export const createOpenStreams = () => {
  const byOwner = new Map<string, Set<Response>>();
  const of = (owner: string): Set<Response> => byOwner.get(owner) ?? new Set();
  const endOf = (owner: string): void => {
    for (const stream of of(owner)) stream.end();
  };
  return {
    /** One more; the oldest give way where they are too many. @param owner names the device; none for the teacher's own computer */
    opened: (owner: string | undefined, stream: Response): void => {
      const key = owner ?? '';
      const open = of(key).add(stream);
      byOwner.set(key, open);
      stream.once('close', () => {
        open.delete(stream);
        if (open.size === 0 && byOwner.get(key) === open) byOwner.delete(key);
      });
      if (owner !== undefined) for (const old of [...open].slice(0, -MOST)) old.end();
    },
    isOpen: (owner: string): boolean => of(owner).size > 0,
    endOf,
    endAll: (): void => {
      for (const owner of [...byOwner.keys()]) endOf(owner);
    },
  };
};
export type OpenStreams = ReturnType<typeof createOpenStreams>;

/** How the devices that listen are named. */
export const tabletOwner = (tabletId: number): string => `tablet ${tabletId}`;
export const remoteOwner = (remoteId: string): string => `remote ${remoteId}`;

import type { Response } from 'express';
import type { Visitor } from '../access/visitor.ts';

/** Streams a tablet or a remote may have open: its page, one that is just being left, and a few that broke off without a word. */
const MOST = 4;

const TEACHER = 'teacher';
const isTeachers = (owner: string): boolean => owner.startsWith(TEACHER);

/** The streams that are open, by the device that listens. */
export const createOpenStreams = () => {
  const byOwner = new Map<string, Set<Response>>();
  const of = (owner: string): Set<Response> => byOwner.get(owner) ?? new Set();
  const endOf = (owner: string): void => {
    for (const stream of of(owner)) stream.end();
  };
  return {
    /** One more; the oldest give way where they are too many, but to the teacher. @param owner names the device */
    opened: (owner: string, stream: Response): void => {
      // What is said to one that has ended is heard by nobody. Unheard of, it would be thrown in the midst of whatever request is
      // being read, which then is never answered.
      stream.on('error', (error: NodeJS.ErrnoException) => {
        if (error.code !== 'ERR_STREAM_WRITE_AFTER_END') console.error('A live stream:', error);
      });
      const open = of(owner).add(stream);
      byOwner.set(owner, open);
      stream.once('close', () => {
        open.delete(stream);
        if (open.size === 0 && byOwner.get(owner) === open) byOwner.delete(owner);
      });
      if (!isTeachers(owner)) for (const old of [...open].slice(0, -MOST)) old.end();
    },
    isOpen: (owner: string): boolean => of(owner).size > 0,
    endOf,
    /** Those of the teacher's side: each device is asked anew who it is. */
    endTeachers: (): void => {
      for (const owner of [...byOwner.keys()].filter(isTeachers)) endOf(owner);
    },
    endAll: (): void => {
      for (const owner of [...byOwner.keys()]) endOf(owner);
    },
  };
};
export type OpenStreams = ReturnType<typeof createOpenStreams>;

/** How the devices that listen are named. */
export const tabletOwner = (tabletId: number): string => `tablet ${tabletId}`;
export const remoteOwner = (remoteId: string): string => `remote ${remoteId}`;
/** @param sessionId none where the teacher goes without a passphrase */
export const teacherOwner = (sessionId: string | undefined): string => `${TEACHER} ${sessionId ?? ''}`;
export const ownerOf = (visitor: Visitor): string => {
  if (visitor.is === 'remote') return remoteOwner(visitor.remote.id);
  return teacherOwner(visitor.is === 'stranger' ? undefined : visitor.session?.id);
};

import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type { Arrival, TakeIn } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { ArrivedFile } from './arrival.ts';
import { arrivingPath, readInThread, removeArriving } from './readInThread.ts';
import { checkWishes, takeClassIn, takeTemplatesIn } from './takeIn.ts';

/** Milliseconds a file is kept that was looked at and not taken in. */
const KEPT_MS = 60 * 60 * 1000;

interface Looked {
  readonly id: string;
  readonly file: ArrivedFile;
  readonly timer: NodeJS.Timeout;
  /** Classes that have come in, by their number in the file: those here that have something new. */
  readonly done: Map<number, number>;
}

/** The file that was looked at last: kept apart until it is taken in, or another one comes. */
export const createArrivals = (db: Database) => {
  let looked: Looked | undefined;
  let isTaking = false;
  let isLooking = false;
  // One that was looked at before the last end, if that came too soon.
  if (!db.memory) removeArriving(arrivingPath(db.name));
  /** So that a wish that is sent again brings nothing in twice. */
  let taken: { readonly id: string; readonly changed: readonly number[] } | undefined;
  const close = (): void => {
    if (looked === undefined) return;
    clearTimeout(looked.timer);
    looked.file.close();
    looked = undefined;
  };
  /** While it is taken in, a file stays. @throws HoppelError busy */
  const free = (): void => {
    if (isTaking) throw new HoppelError('busy');
  };
  return {
    /** @throws HoppelError bad-file, too-large, busy */
    look: async (source: AsyncIterable<Uint8Array>): Promise<Arrival> => {
      free();
      if (isLooking) throw new HoppelError('busy');
      isLooking = true;
      try {
        close();
        const id = newId();
        const { file, contents } = await readInThread(source, db, id);
        looked = { id, file, timer: setTimeout(() => !isTaking && close(), KEPT_MS).unref(), done: new Map() };
        return contents;
      } finally {
        isLooking = false;
      }
    },
    isTaken: (id: string): boolean => taken?.id === id,
    /**
     * Takes classes in, one after another: each is there as a whole or not at all, and others have their turn between. Where one is
     * refused, those before it are in, and sending again goes on with the rest.
     * @param onTaken told of each that has something new now
     * @returns all of them
     * @throws HoppelError arrival-gone, busy, and what taking in refuses
     */
    take: async (
      id: string,
      wishes: readonly TakeIn[],
      onTaken: (classId: number) => void,
    ): Promise<readonly number[]> => {
      if (taken?.id === id) return taken.changed;
      if (looked?.id !== id) throw new HoppelError('arrival-gone');
      free();
      const { file, done } = looked;
      checkWishes(file, wishes);
      isTaking = true;
      try {
        for (const wish of wishes) {
          if (done.has(wish.number)) continue;
          const classId = takeClassIn(db, file.db, wish);
          done.set(wish.number, classId);
          onTaken(classId);
          await nextTurn();
        }
        takeTemplatesIn(db, file.db);
      } finally {
        isTaking = false;
      }
      taken = { id, changed: wishes.map(({ number }) => done.get(number)!) };
      close();
      return taken.changed;
    },
    /** It is not wanted; nothing where it is gone, or is being taken in. */
    letGo: (id: string): void => {
      if (looked?.id === id && !isTaking) close();
    },
    /** The school ends. */
    close,
  };
};
export type Arrivals = ReturnType<typeof createArrivals>;

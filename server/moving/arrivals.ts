import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type { Arrival, TakeIn } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { readArrival, type ArrivedFile } from './arrival.ts';
import { contentsOf } from './contents.ts';
import { takeIn } from './takeIn.ts';

/** Milliseconds a file is kept that was looked at and not taken in. */
const KEPT_MS = 60 * 60 * 1000;

/** The file that was looked at last: kept apart until it is taken in, or another one comes. */
export const createArrivals = (db: Database) => {
  let looked: { readonly id: string; readonly file: ArrivedFile; readonly timer: NodeJS.Timeout } | undefined;
  /** So that a wish that is sent again brings nothing in twice. */
  let taken: { readonly id: string; readonly changed: readonly number[] } | undefined;
  const close = (): void => {
    if (looked === undefined) return;
    clearTimeout(looked.timer);
    looked.file.close();
    looked = undefined;
  };
  return {
    /** @throws HoppelError bad-file, too-large */
    look: async (source: AsyncIterable<Uint8Array>): Promise<Arrival> => {
      const file = await readArrival(source);
      close();
      const id = newId();
      looked = { id, file, timer: setTimeout(close, KEPT_MS).unref() };
      return contentsOf(id, file, db);
    },
    isTaken: (id: string): boolean => taken?.id === id,
    /** @returns the classes that have something new @throws HoppelError arrival-gone, and what taking in refuses */
    take: (id: string, wishes: readonly TakeIn[]): readonly number[] => {
      if (taken?.id === id) return taken.changed;
      if (looked?.id !== id) throw new HoppelError('arrival-gone');
      const changed = takeIn(db, looked.file, wishes);
      taken = { id, changed };
      close();
      return changed;
    },
    /** It is not wanted; nothing where it is gone. */
    letGo: (id: string): void => {
      if (looked?.id === id) close();
    },
    close,
  };
};
export type Arrivals = ReturnType<typeof createArrivals>;

import type { Database } from 'better-sqlite3';
import type { Now } from '../clock.ts';
import { pauseAfter } from '../common/knocking.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Senders remembered at once; past it the one heard of longest ago is forgotten. */
const MOST_SENDERS = 500;

interface StoredRow {
  sender: string;
  wrong: number;
  last_at: string;
}

/** Wrong tries at the passphrase, in the data file: a restart makes nobody quicker, and the teacher is told. */
export const createWrongTries = (db: Database, now: Now) => {
  const select = db.prepare<[string], StoredRow>('SELECT sender, wrong, last_at FROM wrong_try WHERE sender = ?');
  const put = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO wrong_try (sender, wrong, unseen, last_at)
    VALUES (@sender, 1, 1, @at)
    ON CONFLICT (sender) DO UPDATE SET wrong = wrong + 1, unseen = unseen + 1, last_at = excluded.last_at`);
  const touch = db.prepare<[string, string]>('UPDATE wrong_try SET last_at = ? WHERE sender = ?');
  const right = db.prepare<[string]>('UPDATE wrong_try SET wrong = 0, unseen = max(0, unseen - 1) WHERE sender = ?');
  const forgetOld = db.prepare<[number]>(`
    DELETE FROM wrong_try
    WHERE sender NOT IN (SELECT sender FROM wrong_try ORDER BY last_at DESC LIMIT ?)`);
  const unseen = db.prepare<[], { count: number | null; lastAt: string | null }>(
    'SELECT sum(unseen) AS count, max(last_at) AS lastAt FROM wrong_try WHERE unseen > 0',
  );
  const see = db.prepare('UPDATE wrong_try SET unseen = 0');
  const removeSeen = db.prepare('DELETE FROM wrong_try WHERE wrong = 0 AND unseen = 0');
  /** Milliseconds until a sender may try again; 0 where it may now. */
  const waitOf = (sender: string): number => {
    const row = select.get(sender);
    if (row === undefined) return 0;
    const passed = now().getTime() - new Date(row.last_at).getTime();
    // The clock was set back: it waits from now on, not for a day.
    if (passed < 0) touch.run(now().toISOString(), sender);
    return Math.max(0, pauseAfter(row.wrong) - Math.max(0, passed));
  };
  return {
    /**
     * One try begins. It counts as a wrong one until it is found to be right: many at once are no quicker.
     * @throws HoppelError too-many-tries while the sender has to wait
     */
    begin: (sender: string): void => {
      if (waitOf(sender) > 0) throw new HoppelError('too-many-tries');
      put.run({ sender, at: now().toISOString() });
      forgetOld.run(MOST_SENDERS);
    },
    /** Is it told that it has to wait now, after a wrong one? */
    mustWait: (sender: string): boolean => waitOf(sender) > 0,
    right: (sender: string): void => void right.run(sender),
    /** What nobody has looked at yet; null where there is nothing. */
    unseen: (): { count: number; lastAt: string } | null => {
      const { count, lastAt } = unseen.get()!;
      return count === null || lastAt === null ? null : { count, lastAt };
    },
    seen: (): void => {
      see.run();
      removeSeen.run();
    },
  };
};
export type WrongTries = ReturnType<typeof createWrongTries>;

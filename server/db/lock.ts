import { rmSync } from 'node:fs';
import Database from 'better-sqlite3';
import { fileFaultOf } from './faults.ts';

/** Who has a data file open. */
export interface Holder {
  readonly pid: number;
  /** The port it answers on; none where it only makes a file. */
  readonly port: number | null;
  /** ISO 8601, UTC. */
  readonly since: string;
}

/** Another Hoppel has it. */
export class Held extends Error {
  readonly holder: Holder | undefined;
  constructor(holder: Holder | undefined) {
    super('another Hoppel has the data file');
    this.holder = holder;
  }
}

export interface Lock {
  /** Who had it before and did not give it back: that Hoppel did not end whole. */
  readonly leftBy: Holder | undefined;
  /** Gives it back. */
  readonly free: () => void;
}

/**
 * Takes a data file for this process alone. The lock is SQLite's own, on a small file beside it: the system lets go of it when a
 * process ends in whatever way, and others can still read who has it.
 * @throws Held
 */
export const takeLock = (file: string, port: number | null, now: Date): Lock => {
  const beside = `${file}.lock`;
  const db = new Database(beside, { timeout: 0 });
  const holder = (): Holder | undefined => db.prepare<[], Holder>('SELECT pid, port, since FROM holder').get();
  const begin = (): void => {
    try {
      db.exec('BEGIN IMMEDIATE');
    } catch (error) {
      throw fileFaultOf(error) === 'busy' ? new Held(holder()) : error;
    }
  };
  try {
    db.exec('CREATE TABLE IF NOT EXISTS holder (pid INTEGER NOT NULL, port INTEGER, since TEXT NOT NULL) STRICT');
    begin();
    const leftBy = holder();
    db.exec('DELETE FROM holder');
    db.prepare('INSERT INTO holder (pid, port, since) VALUES (?, ?, ?)').run(process.pid, port, now.toISOString());
    db.exec('COMMIT');
    // Held open from here on; nothing is written in it.
    begin();
    return {
      leftBy,
      free: () => {
        db.exec('ROLLBACK');
        db.close();
        rmSync(beside, { force: true });
      },
    };
  } catch (error) {
    db.close();
    throw error;
  }
};

import { createHash, randomBytes } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import type { Now } from '../clock.ts';

/** Milliseconds a device stays let in: a school day. */
export const SESSION_MS = 12 * 60 * 60 * 1000;

/** A device that was let in by the passphrase. */
export interface TeacherSession {
  /** Names it without letting anybody in. */
  readonly id: string;
  readonly device: string;
  /** Is it the computer that Hoppel runs on? */
  readonly own: boolean;
  /** Results are covered until the passphrase is given again. */
  readonly covered: boolean;
  /** ISO 8601, UTC. */
  readonly startedAt: string;
  readonly endsAt: string;
}
interface StoredRow {
  id: string;
  device: string;
  own: number;
  covered: number;
  started_at: string;
  ends_at: string;
}
const fromRow = (row: StoredRow): TeacherSession => ({
  id: row.id,
  device: row.device,
  own: row.own === 1,
  covered: row.covered === 1,
  startedAt: row.started_at,
  endsAt: row.ends_at,
});
const COLUMNS = 'id, device, own, covered, started_at, ends_at';

/** What is stored of a token: whoever reads the data file cannot come in with it. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** The devices that are in, through a restart too. One whose clock was set to before it came in is out. */
export const createTeacherSessions = (db: Database, now: Now) => {
  const selectByToken = db.prepare<[string], StoredRow>(`SELECT ${COLUMNS} FROM teacher_session WHERE token = ?`);
  const selectAll = db.prepare<[], StoredRow>(`SELECT ${COLUMNS} FROM teacher_session ORDER BY started_at, rowid`);
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO teacher_session (id, token, device, own, covered, started_at, ends_at)
    VALUES (@id, @token, @device, @own, 0, @startedAt, @endsAt)`);
  const setCovered = db.prepare<[number, string]>('UPDATE teacher_session SET covered = ? WHERE id = ?');
  const remove = db.prepare<[string]>('DELETE FROM teacher_session WHERE id = ?');
  const removeOld = db.prepare<[string]>('DELETE FROM teacher_session WHERE ends_at <= ?');
  const removeAll = db.prepare('DELETE FROM teacher_session');

  const holds = ({ startedAt, endsAt }: TeacherSession): boolean => {
    const at = now().toISOString();
    // A minute of leave for a clock that is put right by the network.
    const early = new Date(now().getTime() + 60_000).toISOString();
    return startedAt <= early && at < endsAt;
  };
  return {
    /** The device that shows a token; none where nobody was let in with it, or it is over. */
    maybe: (token: string | undefined): TeacherSession | undefined => {
      const row = token === undefined ? undefined : selectByToken.get(hashOf(token));
      const session = row && fromRow(row);
      return session !== undefined && holds(session) ? session : undefined;
    },
    /** @returns the token it shows from then on */
    begin: (device: string, own: boolean): string => {
      const at = now();
      removeOld.run(at.toISOString());
      const token = randomBytes(32).toString('base64url');
      insert.run({
        id: randomBytes(8).toString('hex'),
        token: hashOf(token),
        device,
        own: own ? 1 : 0,
        startedAt: at.toISOString(),
        endsAt: new Date(at.getTime() + SESSION_MS).toISOString(),
      });
      return token;
    },
    cover: (id: string, isCovered: boolean): void => void setCovered.run(isCovered ? 1 : 0, id),
    end: (id: string): void => void remove.run(id),
    endAll: (): void => void removeAll.run(),
    /** Those that are in now, the earliest first. */
    all: (): TeacherSession[] => selectAll.all().map(fromRow).filter(holds),
  };
};
export type TeacherSessions = ReturnType<typeof createTeacherSessions>;

import { mkdirSync, readdirSync, rmSync, statSync, statfsSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import type { Database } from 'better-sqlite3';
import type { Backup, BackupContents, Backups as Listed } from '../../contract/index.ts';
import { keptBackups } from '../../core/keeping/index.ts';
import { dayOf, type Now } from '../clock.ts';
import { createSerialQueue } from '../common/serialQueue.ts';
import { CannotUse } from '../db/known.ts';
import { whyNot } from '../db/faults.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { copyWhole } from './copy.ts';
import { lookInThread } from './lookInThread.ts';
import { backupName, readBackupName, type BackupReason, type Named } from './names.ts';

interface Parts {
  /** Path of the data file. */
  readonly file: string;
  readonly db: Database;
  readonly now: Now;
}

/** The folder of a data file's backups, and what its name is in theirs. */
export const backupPlace = (file: string): { readonly folder: string; readonly of: string } => ({
  folder: join(dirname(file), 'backups'),
  of: basename(file, extname(file)),
});

/** What is in the folder, the one made last first; what is no backup of this file is left as it is. */
export const backupsIn = (file: string): (Named & { readonly bytes: number })[] => {
  const { folder, of } = backupPlace(file);
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch (error) {
    // Where something else stands in its place none can be made either, and that is said then.
    if (['ENOENT', 'ENOTDIR'].includes((error as NodeJS.ErrnoException).code ?? '')) return [];
    throw error;
  }
  return names
    .flatMap((name) => readBackupName(of, name) ?? [])
    .flatMap((one) => {
      // A link that leads nowhere, or a file that is just being removed, is no backup.
      const stat = statSync(join(folder, one.name), { throwIfNoEntry: false });
      return stat === undefined ? [] : [{ ...one, bytes: stat.size }];
    })
    .sort((a, b) => b.number - a.number || b.at.getTime() - a.at.getTime());
};

/** Each of these has the rule for itself: what was kept before something took its place, or by hand, is not taken away by the end of that day. */
const RULED: readonly (readonly BackupReason[])[] = [['daily', 'end'], ['upgrade', 'restore', 'arrival'], ['hand']];

/** Takes away what the rule does not keep. */
const prune = (file: string): void => {
  const all = backupsIn(file);
  const made = all.map(({ name, at, why }, i) => ({ name, why, day: dayOf(at), at: at.getTime(), order: -i }));
  const kept = new Set(
    RULED.flatMap((reasons) => keptBackups(made.filter(({ why }) => reasons.includes(why))).map(({ name }) => name)),
  );
  const { folder } = backupPlace(file);
  for (const { name } of all) if (!kept.has(name)) rmSync(join(folder, name), { force: true });
};

/** Makes a backup of a data file that is open. @returns its name @throws CannotUse, or what SQLite or the system says */
export const backUp = async (file: string, db: Database, at: Date, why: BackupReason): Promise<string> => {
  const { folder, of } = backupPlace(file);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const name = backupName(of, at, why, (backupsIn(file)[0]?.number ?? 0) + 1);
  await copyWhole(db, join(folder, name));
  prune(file);
  return name;
};

/** The backups of one data file: made by the day and at the end, listed, looked into. */
export const createBackups = ({ file, db, now }: Parts) => {
  const { folder } = backupPlace(file);
  let failed: string | null = null;
  const changes = db.prepare<[], number>('SELECT total_changes()').pluck();
  /** Changes of this connection when the last one was made; none yet where the file is newer than the newest. */
  const [newest] = backupsIn(file);
  let saved = newest !== undefined && newest.at.getTime() >= statSync(file).mtimeMs ? changes.get()! : -1;
  const inTurn = createSerialQueue();
  const make = (why: BackupReason): Promise<void> =>
    inTurn(async () => {
      const upTo = changes.get()!;
      try {
        await backUp(file, db, now(), why);
        saved = upTo;
        failed = null;
      } catch (error) {
        failed = whyNot(error);
        throw error;
      }
    });
  const list = (): Listed => {
    const { bavail, bsize } = statfsSync(dirname(file));
    return {
      folder,
      backups: backupsIn(file).map(({ name, at, why, bytes }): Backup => ({ name, at: at.toISOString(), why, bytes })),
      free: bavail * bsize,
      failed,
    };
  };
  /** @throws HoppelError not-found */
  const pathOf = (name: string): string => {
    if (!backupsIn(file).some((one) => one.name === name)) throw new HoppelError('not-found', 'no such backup');
    return join(folder, name);
  };
  return {
    make,
    list,
    pathOf,
    /** @throws HoppelError not-found, bad-file */
    contentsOf: async (name: string): Promise<BackupContents> => {
      const path = pathOf(name);
      try {
        return await lookInThread('contents', path);
      } catch (error) {
        throw new HoppelError('bad-file', error instanceof CannotUse ? error.message : whyNot(error));
      }
    },
    /** One a day, where none is of today yet. */
    daily: async (): Promise<void> => {
      const today = dayOf(now());
      if (!backupsIn(file).some(({ at }) => dayOf(at) === today)) await make('daily');
    },
    /** The last one of this run, where anything changed since the one before. */
    atEnd: async (): Promise<void> => {
      // One that is being made comes first.
      await inTurn(() => undefined);
      if (changes.get()! !== saved) await make('end');
    },
  };
};
export type Backups = ReturnType<typeof createBackups>;

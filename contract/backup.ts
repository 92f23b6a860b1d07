import { z } from 'zod';

/** A copy of the data file that is kept beside it. */
export const Backup = z.strictObject({
  name: z.string(),
  /** When it was made, ISO 8601 in UTC. */
  at: z.string(),
  why: z.enum(['daily', 'end', 'upgrade', 'restore', 'arrival', 'hand']),
  bytes: z.int().min(0),
});
export type Backup = z.infer<typeof Backup>;

/** What is kept, newest first, and where. */
export const Backups = z.strictObject({
  folder: z.string(),
  backups: z.array(Backup),
  /** Bytes that are free on the disk. */
  free: z.number().min(0),
  /** The last one that was to be made could not be: why. */
  failed: z.string().nullable(),
});
export type Backups = z.infer<typeof Backups>;

/** What a backup has in it. */
export const BackupContents = z.strictObject({
  classes: z.array(
    z.strictObject({
      name: z.string(),
      children: z.int().min(0),
      answers: z.int().min(0),
      /** The day of the latest answer; null where there is none. */
      last: z.string().nullable(),
    }),
  ),
});
export type BackupContents = z.infer<typeof BackupContents>;

/** How a server is: its version, that of its data file, when it was last backed up, and bytes free on the disk. */
export const Health = z.strictObject({
  version: z.string(),
  /** Migrations the data file has had. */
  schema: z.int().positive(),
  upSeconds: z.int().min(0),
  lastBackup: z.string().nullable(),
  backupFailed: z.string().nullable(),
  free: z.number().min(0).nullable(),
});
export type Health = z.infer<typeof Health>;

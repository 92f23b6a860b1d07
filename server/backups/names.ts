/**
 * Why a backup was made: a day of school, the end of Hoppel, a newer version about to change the file, a restore about to replace it,
 * a class about to be brought in, or somebody's wish.
 */
export const BACKUP_REASONS = ['daily', 'end', 'upgrade', 'restore', 'arrival', 'hand'] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];

/** What the name of a backup says. */
export interface Named {
  readonly name: string;
  readonly at: Date;
  readonly why: BackupReason;
  /** Grows with each backup of the data file, whatever the clock says; 0 for those of a version that did not count them. */
  readonly number: number;
}

const NAME = /^(.+)-(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z-([a-z]+)(?:-(\d{1,9}))?\.sqlite$/;

/** The name of a backup of a data file. @param of the data file's name without its ending @param number one more than the last one's; 0 for a copy elsewhere */
export const backupName = (of: string, at: Date, why: BackupReason, number = 0): string =>
  `${of}-${at.toISOString().slice(0, 19).replace(/[-:]/g, '')}Z-${why}${number === 0 ? '' : `-${number}`}.sqlite`;

/** What a name says; none where it is no backup of that data file. Nothing but a name of a file comes through. */
export const readBackupName = (of: string, name: string): Named | undefined => {
  const found = NAME.exec(name);
  const why = BACKUP_REASONS.find((one) => one === found?.[8]);
  if (found === null || why === undefined || found[1] !== of || /[/\\]/.test(name)) return undefined;
  const [, , year, month, day, hour, minute, second] = found;
  const at = new Date(`${year}-${month}-${day}T${hour}:${minute}:${second}Z`);
  return Number.isNaN(at.getTime()) ? undefined : { name, at, why, number: Number(found[9] ?? 0) };
};

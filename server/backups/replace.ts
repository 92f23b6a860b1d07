import { closeSync, copyFileSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs';

/** Copies a backup beside the data file it is to replace, where no rule takes it away. @returns its path */
export const putBeside = (backup: string, file: string): string => {
  const beside = `${file}.restoring`;
  try {
    copyFileSync(backup, beside);
    const copy = openSync(beside, 'r+');
    try {
      fsyncSync(copy);
    } finally {
      closeSync(copy);
    }
  } catch (error) {
    // A disk that is full has no room for half of it either.
    rmSync(beside, { force: true });
    throw error;
  }
  return beside;
};

/** Puts what lies beside a data file in its place, which nobody has open. A log of the one before would spoil it. */
export const replaceWith = (beside: string, file: string): void => {
  for (const log of ['-wal', '-shm']) rmSync(`${file}${log}`, { force: true });
  renameSync(beside, file);
};

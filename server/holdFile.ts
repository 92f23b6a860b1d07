import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Held, takeLock, type Holder, type Lock } from './db/lock.ts';
import { giveUp } from './giveUp.ts';

/** A moment in a sentence where Hoppel runs. */
export const timeOf = (moment: Date): string =>
  moment.toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

const whoHas = (holder: Holder | undefined): string =>
  holder === undefined
    ? ''
    : ` (process ${holder.pid}, ${holder.port === null ? '' : `port ${holder.port}, `}since ${timeOf(new Date(holder.since))})`;

/**
 * Makes the folder of a data file where there is none yet. Names and answers of children are for whoever runs Hoppel alone, and so is
 * every file made from now on.
 */
export const makeFolderOf = (file: string): void => {
  process.umask(0o077);
  mkdirSync(dirname(file), { recursive: true });
};

/** Takes a data file for this process alone; where another Hoppel has it, the start ends with who that is. */
export const lockOrGiveUp = (file: string, port: number | null): Lock => {
  try {
    return takeLock(file, port, new Date());
  } catch (error) {
    if (!(error instanceof Held)) throw error;
    return giveUp(
      `another Hoppel has the data file ${file} open${whoHas(error.holder)}. Use that one, or end it first.`,
    );
  }
};

import { statSync } from 'node:fs';

/** Looks whether the data file that was opened still lies where it was. What is written into one that was moved or deleted is gone. */
export type IsFileThere = () => boolean;

/** @param path of a data file that is open */
export const createPresence = (path: string): IsFileThere => {
  const placeOf = (): string => {
    const { dev, ino } = statSync(path, { throwIfNoEntry: false }) ?? { dev: -1, ino: -1 };
    return `${dev} ${ino}`;
  };
  const opened = placeOf();
  return () => placeOf() === opened;
};

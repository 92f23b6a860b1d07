import { CannotUse } from './known.ts';

/** What hinders the data file, by SQLite's codes and the system's; an extended code begins with its own. */
const FAULTS = [
  ['SQLITE_BUSY', 'busy'],
  ['SQLITE_LOCKED', 'busy'],
  ['SQLITE_FULL', 'disk-full'],
  // An id that something else has, such as another class's round.
  ['SQLITE_CONSTRAINT_PRIMARYKEY', 'id-taken'],
  ['SQLITE_CONSTRAINT_UNIQUE', 'id-taken'],
  // What the system says where a file is copied.
  ['ENOSPC', 'disk-full'],
  ['EDQUOT', 'disk-full'],
  ['SQLITE_NOTADB', 'foreign'],
  ['SQLITE_CORRUPT', 'damaged'],
] as const;
export type FileFault = (typeof FAULTS)[number][1];

/** SQLite's code for an error of its own. */
const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : '';

/** What hinders the data file where an error is of that sort. */
export const fileFaultOf = (error: unknown): FileFault | undefined =>
  FAULTS.find(([code]) => codeOf(error).startsWith(code))?.[1];

const REASONS: Record<FileFault, string> = {
  busy: 'another program has locked it: end that one first',
  'disk-full': 'the disk is full',
  'id-taken': 'something else has its id',
  foreign: 'it is not one of Hoppel’s',
  damaged: 'it is damaged: put a copy from before in its place',
};

/** Why a data file could not be opened, for a sentence. */
export const whyNot = (error: unknown): string => {
  if (error instanceof CannotUse) return error.message;
  const fault = fileFaultOf(error);
  return fault === undefined ? (error as Error).message : REASONS[fault];
};

import { Refused } from '../api/client.ts';

/** The message key of what went wrong, for a sentence beside the thing that failed. */
export const problemKey = (error: unknown): string =>
  error instanceof Refused ? `problem.${error.code}` : 'problem.unreachable';

import type { NextFunction, Request, Response } from 'express';
import { ZodError } from 'zod';
import type { Problem } from '../../contract/index.ts';
import { fileFaultOf } from '../db/faults.ts';
import { UnreadableStored } from '../db/stored.ts';
import { requestIdOf } from '../log/requestLog.ts';
import { HoppelError } from './hoppelError.ts';

/** A word or number that errors of the body parser and of static files carry. */
const carried = (error: unknown, what: 'type' | 'status'): unknown =>
  error instanceof Error && what in error ? (error as unknown as Record<string, unknown>)[what] : undefined;

/** What is nested so deep that it cannot be walked through is no message of ours. */
const isTooDeep = (error: unknown): boolean => error instanceof RangeError && error.message.includes('call stack');

/** What better-sqlite3 says of a data file that was closed meanwhile. */
const isClosed = (error: unknown): boolean =>
  error instanceof TypeError && error.message.includes('database connection is not open');

const toHoppelError = (error: unknown): HoppelError | undefined => {
  if (error instanceof HoppelError) return error;
  if (error instanceof ZodError) {
    const issue = error.issues[0];
    return new HoppelError('malformed', issue && `${issue.path.join('.') || 'body'}: ${issue.message}`);
  }
  if (carried(error, 'type') === 'entity.too.large') return new HoppelError('too-large');
  const status = carried(error, 'status');
  if (status === 404) return new HoppelError('not-found');
  // Broken compression, an upload that was broken off, another character set: each is said with a status of its own.
  if (typeof status === 'number' && status >= 400 && status < 500) return new HoppelError('malformed', 'not JSON');
  if (isTooDeep(error)) return new HoppelError('malformed', 'nested too deep');
  // A backup is just taking the data file's place: whoever asked is asked to ask again.
  if (isClosed(error)) return new HoppelError('busy');
  const fault = fileFaultOf(error);
  if (fault === 'busy' || fault === 'disk-full' || fault === 'id-taken') return new HoppelError(fault);
  if (error instanceof URIError) return new HoppelError('malformed', 'address');
  return undefined;
};

/** The one place where errors become answers; what is not foreseen is logged and answered without its inside. */
export const errorHandler = (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
  const known = error instanceof UnreadableStored ? new HoppelError('unreadable-stored') : toHoppelError(error);
  if (known === undefined || error instanceof UnreadableStored) console.error(`request ${requestIdOf(res)}:`, error);
  if (res.headersSent) {
    next(error);
    return;
  }
  const { code, message, status } = known ?? new HoppelError('failed');
  // Tablets send again by themselves; this is for whatever else asks.
  if (code === 'busy' || code === 'file-gone') res.set('Retry-After', '1');
  res.status(status).json({ code, message } satisfies Problem);
};

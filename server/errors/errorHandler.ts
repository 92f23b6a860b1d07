import type { NextFunction, Request, Response } from 'express';
import { ZodError } from 'zod';
import type { Problem } from '../../contract/index.ts';
import { fileFaultOf } from '../db/faults.ts';
import { UnreadableStored } from '../db/stored.ts';
import { HoppelError } from './hoppelError.ts';

/** Errors of the body parser carry a type. */
const bodyParserType = (error: unknown): string | undefined =>
  error instanceof Error && 'type' in error && typeof error.type === 'string' ? error.type : undefined;

const toHoppelError = (error: unknown): HoppelError | undefined => {
  if (error instanceof HoppelError) return error;
  if (error instanceof ZodError) {
    const issue = error.issues[0];
    return new HoppelError('malformed', issue && `${issue.path.join('.') || 'body'}: ${issue.message}`);
  }
  const type = bodyParserType(error);
  if (type === 'entity.too.large') return new HoppelError('too-large');
  if (type?.startsWith('entity.') || type?.startsWith('encoding.') || type?.startsWith('charset.'))
    return new HoppelError('malformed', 'not JSON');
  const fault = fileFaultOf(error);
  if (fault === 'busy' || fault === 'disk-full') return new HoppelError(fault);
  if (error instanceof URIError) return new HoppelError('malformed', 'address');
  return undefined;
};

/** The one place where errors become answers; what is not foreseen is logged and answered without its inside. */
export const errorHandler = (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
  const known = error instanceof UnreadableStored ? new HoppelError('unreadable-stored') : toHoppelError(error);
  if (known === undefined || error instanceof UnreadableStored) console.error(error);
  if (res.headersSent) {
    next(error);
    return;
  }
  const { code, message, status } = known ?? new HoppelError('failed');
  // Tablets send again by themselves; this is for whatever else asks.
  if (code === 'busy') res.set('Retry-After', '1');
  res.status(status).json({ code, message } satisfies Problem);
};

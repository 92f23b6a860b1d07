import { randomUUID } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import pino, { type Logger } from 'pino';

/** What the server did, for whoever looks after the machine: one line of JSON each. */
export type Log = Pick<Logger, 'info' | 'error' | 'flush'>;

/** @param file where to; `-` for the standard output, nowhere unless it is said */
export const createLog = (file: string | undefined): Log => {
  const options = { base: null, timestamp: pino.stdTimeFunctions.isoTime };
  if (file === undefined) return pino({ ...options, level: 'silent' });
  return pino(options, pino.destination({ dest: file === '-' ? 1 : file, mkdir: true, sync: true }));
};

/** The row of the table of routes that a request fits; it has no name and no number in it. */
export const setRoute = (res: Response, route: string): void => void (res.locals['route'] = route);
/** By which a line of the log and what a screen was answered are found to be the same. */
export const requestIdOf = (res: Response): string => String(res.locals['requestId']);

/** Notes each request once it is answered: which route, what was said, how long it took; nothing of what was sent, and no address. */
export const requestLog =
  (log: Log): RequestHandler =>
  (req, res, next) => {
    const id = randomUUID();
    const began = performance.now();
    res.locals['requestId'] = id;
    res.set('X-Request-Id', id);
    res.once('close', () => {
      const route = (res.locals['route'] as string | undefined) ?? (req.originalUrl.includes('/api') ? 'none' : 'page');
      const ms = Math.round((performance.now() - began) * 10) / 10;
      log.info({ id, method: req.method, route, status: res.statusCode, ms, whole: res.writableFinished }, 'request');
    });
    next();
  };

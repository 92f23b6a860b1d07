import type { RequestHandler } from 'express';
import { HoppelError } from './errors/hoppelError.ts';

/** Addresses by which a machine speaks to itself; Node writes IPv4 ones with a prefix on a dual-stack socket. */
export const isThisMachine = (address: string | undefined): boolean =>
  address !== undefined && /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/.test(address);

/** Names this machine calls itself by. A page elsewhere whose name was bent to point here has another one. */
const OWN_NAMES = new Set(['localhost', '127.0.0.1', '::1', '[::1]']);

/**
 * Keeps the class's results on the teacher's own computer: tablets on the classroom network reach the station and
 * nothing else.
 */
export const teacherOnly: RequestHandler = (req, _res, next) => {
  const own = isThisMachine(req.socket.remoteAddress) && OWN_NAMES.has(req.hostname);
  next(own ? undefined : new HoppelError('teacher-only'));
};

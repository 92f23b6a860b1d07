import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { HoppelError } from './errors/hoppelError.ts';
import type { Pairing, RemotePass } from './remote/pairing.ts';

/** Addresses by which a machine speaks to itself; Node writes IPv4 ones with a prefix on a dual-stack socket. */
export const isThisMachine = (address: string | undefined): boolean =>
  address !== undefined && /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/.test(address);

/** Names this machine calls itself by. A page elsewhere whose name was bent to point here has another one. */
const OWN_NAMES = new Set(['localhost', '127.0.0.1', '::1', '[::1]']);

export const REMOTE_COOKIE = 'hoppel-remote';

/** All that a second device of the teacher's may do: follow the board and steer it. Results, plan and settings stay out of reach. */
const REMOTE_MAY: readonly (readonly [method: string, path: string])[] = [
  ['GET', '/classroom'],
  ['GET', '/live'],
  ['GET', '/board'],
  ['POST', '/board/commands'],
];

/** The remote a request comes from, where it may do that. */
const asRemote = (req: Request, pairing: Pick<Pairing, 'letInBy'>): RemotePass | undefined =>
  REMOTE_MAY.some(([method, path]) => req.method === method && req.path === path)
    ? pairing.letInBy(parse(req.headers.cookie ?? '')[REMOTE_COOKIE])
    : undefined;

/**
 * Keeps the class's results on the teacher's own computer: tablets on the classroom network reach the station and
 * nothing else, a device that was let in the board.
 */
export const teacherOnly =
  (pairing: Pick<Pairing, 'letInBy'>): RequestHandler =>
  (req, res, next) => {
    const own = isThisMachine(req.socket.remoteAddress) && OWN_NAMES.has(req.hostname);
    const remote = own ? undefined : asRemote(req, pairing);
    res.locals['remote'] = remote;
    next(own || remote !== undefined ? undefined : new HoppelError('teacher-only'));
  };

/** The second device of the teacher's that a request which may come in comes from; none where it is her own computer. */
export const remoteOf = (res: Response): RemotePass | undefined => res.locals['remote'] as RemotePass | undefined;

import type { Request } from 'express';

/** Addresses by which a machine speaks to itself; Node writes IPv4 ones with a prefix on a dual-stack socket. */
export const isThisMachine = (address: string | undefined): boolean =>
  address !== undefined && /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/.test(address);

/** Names this machine calls itself by. A page elsewhere whose name was bent to point here has another one. */
const OWN_NAMES = new Set(['localhost', '127.0.0.1', '::1', '[::1]']);

/** Does a request come from the computer that Hoppel runs on? */
export const isFromHere = ({ socket, hostname }: Pick<Request, 'socket' | 'hostname'>): boolean =>
  isThisMachine(socket.remoteAddress) && OWN_NAMES.has(hostname);

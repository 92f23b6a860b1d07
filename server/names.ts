import { hostname, networkInterfaces } from 'node:os';
import type { RequestHandler } from 'express';
import { HoppelError } from './errors/hoppelError.ts';

/** Does this computer go by a name or address? */
export type IsOwnName = (name: string) => boolean;

const bare = (name: string): string => name.toLowerCase().replace(/^\[(.*)\]$/, '$1');

/**
 * The names and addresses this computer goes by: its own, those of its network connections as they are now, and those somebody gave
 * it in the school's network.
 */
export const createOwnNames = (given: readonly string[]): IsOwnName => {
  const own = bare(hostname());
  // By the second it is found without the school's help, whatever the network calls it in full.
  const fixed = new Set(['localhost', own, `${own.split('.')[0]}.local`, ...given.map(bare)]);
  return (name) =>
    fixed.has(bare(name)) ||
    Object.values(networkInterfaces())
      .flat()
      .some((net) => net?.address.split('%')[0]?.toLowerCase() === bare(name));
};

/** A page elsewhere whose name was bent to point here asks by that name: it gets nothing, not even the station. */
export const ownNamesOnly =
  (isOwn: IsOwnName): RequestHandler =>
  (req, _res, next) =>
    next(isOwn(req.hostname ?? '') ? undefined : new HoppelError('other-name'));

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

const comesFromOwnPage = (site: string | undefined, origin: string | undefined, host: string | undefined): boolean => {
  // Browsers say it where they hold the page's address to be safe, as on this computer; by plain http they say where it comes from.
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  if (origin === undefined) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
};

/** A page of another site may send here though it cannot read the reply: what changes anything comes from Hoppel's own pages only. */
export const ownPagesOnly: RequestHandler = ({ method, headers }, _res, next) => {
  const site = headers['sec-fetch-site'] as string | undefined;
  const isOwn = READS.has(method) || comesFromOwnPage(site, headers.origin, headers.host);
  next(isOwn ? undefined : new HoppelError('foreign-page'));
};

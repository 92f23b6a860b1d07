import { Router } from 'express';
import { PostRemote, type RemoteAccess } from '../../contract/index.ts';
import { REMOTE_COOKIE } from '../access.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { senderOf } from '../common/knocking.ts';
import type { IsOwnName } from '../names.ts';
import { REMOTE_MS, type Pairing } from './pairing.ts';

/** Where a second device reaches this computer. */
export interface Reach {
  /** Can other devices of the network come in? */
  readonly lan: () => boolean;
  /** Lets them in, or no longer; remembered for the next start. @throws HoppelError no-network where it cannot be done */
  readonly letNetworkIn: (on: boolean) => Promise<void>;
  /** Addresses of the start page, the likeliest first. */
  readonly addresses: () => readonly string[];
  /** Address of the start page on this computer itself. */
  readonly own: () => string;
  /** Does this computer go by that name? */
  readonly isOwnName: IsOwnName;
}

/** How a second device comes in; open to every device, for it brings the code. */
export const joinRoutes = (pairing: Pairing, find: FindClassroom): Router =>
  Router().post('/', (req, res) => {
    const token = pairing.join(PostRemote.parse(req.body).code, senderOf(req));
    res.cookie(REMOTE_COOKIE, token, { httpOnly: true, sameSite: 'strict', path: '/api', maxAge: REMOTE_MS });
    find(req).live.roomChanged();
    res.status(204).end();
  });

/** What the board shows of that: for the teacher's own computer only. */
export const remoteRoutes = (pairing: Pairing, reach: Reach): Router =>
  Router().get('/', (_req, res) => {
    res.json({
      code: pairing.code(),
      addresses: reach.addresses().map((address) => `${address}remote`),
      lan: reach.lan(),
    } satisfies RemoteAccess);
  });

import { Router } from 'express';
import { PostRemote, type RemoteAccess } from '../../contract/index.ts';
import { REMOTE_COOKIE } from '../access/visitor.ts';
import type { Classrooms } from '../classroom/classrooms.ts';
import { screenOf } from '../classroom/screens.ts';
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
export const joinRoutes = (pairing: Pairing, classrooms: Pick<Classrooms, 'one' | 'classOf'>): Router =>
  Router().post('/', (req, res) => {
    const { code } = PostRemote.parse(req.body);
    const { token, classId } = pairing.join(code, senderOf(req), classrooms.classOf);
    const manner = { httpOnly: true, sameSite: 'strict', path: '/api', secure: req.secure } as const;
    res.cookie(REMOTE_COOKIE, token, { ...manner, maxAge: REMOTE_MS });
    classrooms.one(classId).live.roomChanged();
    res.status(204).end();
  });

/** What the board shows of that: for the teacher's own computer only. */
export const remoteRoutes = (pairing: Pairing, reach: Reach): Router =>
  Router().get('/', (req, res) => {
    res.json({
      code: pairing.code(screenOf(req)?.id),
      addresses: reach.addresses().map((address) => `${address}remote`),
      lan: reach.lan(),
    } satisfies RemoteAccess);
  });

import { parse } from 'cookie';
import type { Request, Response } from 'express';
import type { TeacherDoor } from '../passphrase/teacherDoor.ts';
import type { TeacherSession } from '../passphrase/teacherSessions.ts';
import type { Pairing, RemotePass } from '../remote/pairing.ts';
import { isFromHere } from './machine.ts';

export const TEACHER_COOKIE = 'hoppel-teacher';
export const REMOTE_COOKIE = 'hoppel-remote';

/** Who asks for something of the teacher's side. Who sits at a tablet is looked at where tablets come in. */
export type Visitor =
  /** Without a passphrase her own computer is the teacher, and there is no session. */
  | { readonly is: 'teacher' | 'covered'; readonly session: TeacherSession | undefined }
  | { readonly is: 'remote'; readonly remote: RemotePass }
  | { readonly is: 'stranger' };

export interface Doors {
  readonly teacher: Pick<TeacherDoor, 'isSet' | 'sessions'>;
  readonly pairing: Pick<Pairing, 'letInBy'>;
}

/** Finds out who sent a request. Where there is a passphrase, the own computer is asked for it like any other. */
export const visitorFrom = (req: Request, { teacher, pairing }: Doors): Visitor => {
  const cookies = parse(req.headers.cookie ?? '');
  if (!teacher.isSet()) {
    if (isFromHere(req)) return { is: 'teacher', session: undefined };
  } else {
    const session = teacher.sessions.maybe(cookies[TEACHER_COOKIE]);
    if (session !== undefined) return { is: session.covered ? 'covered' : 'teacher', session };
  }
  const remote = pairing.letInBy(cookies[REMOTE_COOKIE]);
  return remote === undefined ? { is: 'stranger' } : { is: 'remote', remote };
};

export const setVisitor = (res: Response, visitor: Visitor): void => void (res.locals['visitor'] = visitor);
/** Who sent a request that was let in. */
export const visitorOf = (res: Response): Visitor => res.locals['visitor'] as Visitor;
/** The second device of the teacher's that steers the board; none where it is another visitor. */
export const remoteOf = (res: Response): RemotePass | undefined => {
  const visitor = visitorOf(res) as Visitor | undefined;
  return visitor?.is === 'remote' ? visitor.remote : undefined;
};
/** The session of the device that asks; none where it came in without a passphrase, or is not in. */
export const sessionOf = (res: Response): TeacherSession | undefined => {
  const visitor = visitorOf(res);
  return visitor.is === 'teacher' || visitor.is === 'covered' ? visitor.session : undefined;
};

import { Router, type Request, type Response } from 'express';
import { PostEntry, PostWithout, PutPassphrase, type Entry, type TeacherDevices } from '../../contract/index.ts';
import { isFromHere } from '../access/machine.ts';
import { TEACHER_COOKIE, sessionOf } from '../access/visitor.ts';
import { senderOf } from '../common/knocking.ts';
import type { Reach } from '../remote/remoteRoutes.ts';
import { teacherOwner, type OpenStreams } from '../live/openStreams.ts';
import type { Asking, TeacherDoor } from './teacherDoor.ts';
import { SESSION_MS } from './teacherSessions.ts';

const askingOf = (req: Request): Asking => ({
  sender: senderOf(req),
  userAgent: req.headers['user-agent'],
  own: isFromHere(req),
});

/** The way in to the teacher's side, and what is kept at it: passphrase, devices, the cover over results. */
export const entryRoutes = (
  door: TeacherDoor,
  streams: Pick<OpenStreams, 'endOf' | 'endTeachers'>,
  reach: Pick<Reach, 'lan' | 'addresses'>,
): Router => {
  const router = Router();
  const { sessions } = door;
  const remember = (req: Request, res: Response, token: string): void =>
    void res.cookie(TEACHER_COOKIE, token, {
      httpOnly: true,
      sameSite: 'strict',
      path: '/',
      secure: req.secure,
      maxAge: SESSION_MS,
    });
  /** What windows may hear is another once they can know it. */
  const askAnew = (res: Response, end: () => void): void => void res.once('finish', end);
  const forget = (res: Response): void => void res.clearCookie(TEACHER_COOKIE, { path: '/' });
  const state = (req: Request, token = ''): Entry =>
    door.entry(isFromHere(req), token === '' ? sessionOf(req.res!) : sessions.maybe(token));
  const devices = (res: Response): TeacherDevices => ({
    devices: sessions.all().map((one) => ({ ...one, isThis: one.id === sessionOf(res)?.id })),
    addresses: reach.lan() ? reach.addresses().map((address) => `${address}teacher`) : [],
  });

  router.get('/', (req, res) => {
    res.json(state(req));
  });
  /** Comes in, or uncovers. */
  router.post('/', async (req, res) => {
    const session = sessionOf(res);
    const { passphrase } = PostEntry.parse(req.body);
    const token = await door.enter(passphrase, session, askingOf(req));
    if (token !== undefined) remember(req, res, token);
    if (session !== undefined) askAnew(res, () => streams.endOf(teacherOwner(session.id)));
    res.json(door.entry(isFromHere(req), sessions.maybe(token) ?? (session && { ...session, covered: false })));
  });
  /** This device goes out. */
  router.delete('/', (req, res) => {
    const session = sessionOf(res);
    if (session !== undefined) {
      sessions.end(session.id);
      streams.endOf(teacherOwner(session.id));
      forget(res);
    }
    res.json(door.entry(isFromHere(req), undefined));
  });
  /** Covers results on this device until the passphrase is given; without one it is the screen alone that does. */
  router.post('/cover', (req, res) => {
    const session = sessionOf(res);
    if (session !== undefined) {
      sessions.cover(session.id, true);
      streams.endOf(teacherOwner(session.id));
    }
    res.json(door.entry(isFromHere(req), session && { ...session, covered: true }));
  });
  router.put('/passphrase', async (req, res) => {
    const token = await door.choose(PutPassphrase.parse(req.body), askingOf(req));
    remember(req, res, token);
    askAnew(res, streams.endTeachers);
    res.json(state(req, token));
  });
  router.post('/without', async (req, res) => {
    await door.goWithout(PostWithout.parse(req.body).before, askingOf(req));
    forget(res);
    askAnew(res, streams.endTeachers);
    res.json(door.entry(isFromHere(req), undefined));
  });
  router.get('/devices', (_req, res) => {
    res.json(devices(res));
  });
  router.delete('/devices/:id', (req, res) => {
    sessions.end(req.params.id);
    streams.endOf(teacherOwner(req.params.id));
    res.json(devices(res));
  });
  router.post('/tries-seen', (req, res) => {
    door.triesSeen();
    res.json(state(req));
  });
  return router;
};

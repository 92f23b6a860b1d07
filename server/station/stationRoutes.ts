import { Router, type Request, type Response } from 'express';
import {
  PostDoor,
  PostRest,
  PostSeat,
  PutDraft,
  PutSetAside,
  SenderId,
  type Rest,
  type SetAsideReply,
  type StationChild,
  type StationState,
} from '../../contract/index.ts';
import type { Classroom } from '../classroom/classroom.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import { senderOf, type Knocking } from '../common/knocking.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { tabletOwner } from '../live/openStreams.ts';
import { PASS_MS } from '../tablets/tabletRepository.ts';
import { TABLET_COOKIE, passShown, tabletOf } from './throughTheDoor.ts';

/** How a tablet comes in; open to every device. The pictures say to which class. */
export const doorRoutes = (classrooms: Pick<Classrooms, 'openOnes'>, knocking: Knocking): Router =>
  Router().post('/', (req, res) => {
    const { code, simulated = false } = PostDoor.parse(req.body);
    const open = classrooms.openOnes();
    if (open.length === 0) throw new HoppelError('no-class');
    const isDemo = ({ row }: Classroom): boolean => row().demo;
    if (simulated && !open.some(isDemo)) throw new HoppelError('no-stand-ins');
    const meant = open.find((one) => one.door.isOpenedBy(code) && (!simulated || isDemo(one)));
    knocking.tried(senderOf(req), () => meant !== undefined);
    const { door, streams } = meant!;
    const { id, pass } = door.enter(passShown(req), simulated);
    // Whoever still listens by the pass it had before.
    streams.endOf(tabletOwner(id));
    res.cookie(TABLET_COOKIE, pass, {
      httpOnly: true,
      sameSite: 'strict',
      path: '/api',
      secure: req.secure,
      maxAge: PASS_MS,
    });
    res.status(204).end();
  });

/** What a tablet may know: names, pictures and wording, and of the child that sits at it the tasks it is to do. */
export const stationRoutes = (find: FindClassroom): Router => {
  const router = Router();
  /** @returns the child that sits there @throws HoppelError seat-lost */
  const heardFrom = (req: Request, res: Response, seat: string): number => {
    const childId = find(req).seats.hear(tabletOf(res).id, seat);
    if (childId === undefined) throw new HoppelError('seat-lost');
    return childId;
  };
  router.get('/', (req, res) => {
    const { row, settings, children } = find(req);
    res.json({ className: row().name, settings: settings.one(), children: children.all() } satisfies StationState);
  });
  router.post('/seats', (req, res) => {
    const { childId, seat } = PostSeat.parse(req.body);
    const { children, seats, tablets, live, answers, practice, runner } = find(req);
    const { id: tabletId, simulated } = tabletOf(res);
    const child = children.here(childId);
    const isNew = seats.childAt(tabletId, seat) !== child.id;
    const gaveWay = seats.take(child.id, { tabletId, seat, simulated });
    tablets.sit(tabletId, child.id);
    // It answers for this child no more.
    if (gaveWay.length > 0) live.sendAway(gaveWay);
    // A tablet that only asks what comes next tells nobody anything new.
    if (isNew) live.seatsChanged();
    const round = runner.today();
    const own = round === null ? [] : answers.fromTablet(round.id, child.id);
    res.json({
      childId: child.id,
      roundId: round?.id ?? null,
      answered: own.map(({ roundIndex, answer }) => ({ index: roundIndex!, answer })),
      practice: practice.of(child.id),
    } satisfies StationChild);
  });
  /** A sign of life of a tablet. */
  router.put('/seats/:seat', (req, res) => {
    heardFrom(req, res, req.params.seat);
    res.status(204).end();
  });
  router.delete('/seats/:seat', (req, res) => {
    const { seats, live } = find(req);
    if (seats.leave(tabletOf(res).id, req.params.seat) !== undefined) live.seatsChanged();
    res.status(204).end();
  });
  router.put('/draft', (req, res) => {
    const { seat, roundId, index, answer } = PutDraft.parse(req.body);
    find(req).live.draft(heardFrom(req, res, seat), roundId, index, answer);
    res.status(204).end();
  });
  /** An answer that was refused, and stays on its tablet. */
  router.put('/set-aside/:id', (req, res) => {
    const { setAside, live } = find(req);
    const { keep, isNew } = setAside.put(tabletOf(res).id, SenderId.parse(req.params.id), PutSetAside.parse(req.body));
    if (isNew) live.roomChanged();
    res.json({ keep } satisfies SetAsideReply);
  });
  /** What comes next in a session, made again now that more is known. */
  router.post('/rest', (req, res) => {
    const { seat, asked } = PostRest.parse(req.body);
    res.json({ session: find(req).practice.rest(heardFrom(req, res, seat), asked) } satisfies Rest);
  });
  return router;
};

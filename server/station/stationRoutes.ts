import { parse } from 'cookie';
import { Router, type Request, type RequestHandler } from 'express';
import { PostDoor, PostSeat, PutDraft, type StationChild, type StationState } from '../../contract/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Live } from '../live/live.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { Door } from './door.ts';
import type { PracticeOf } from './practiceOf.ts';
import type { Seats } from './seats.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly children: ChildRepository;
  readonly answers: AnswerRepository;
  readonly settings: SettingsRepository;
  readonly live: Live;
  readonly door: Door;
  readonly seats: Seats;
  readonly practiceOf: PracticeOf;
}

export const CLASS_COOKIE = 'hoppel-class';
/** A tablet keeps its pass over the summer; new pictures end it at once. */
const PASS_MS = 200 * 24 * 60 * 60 * 1000;

const passOf = (door: Door, req: Request) => door.maybePass(parse(req.headers.cookie ?? '')[CLASS_COOKIE]);
/** Is this tablet a stand-in of the demo? */
export const isStandIn = (door: Door, req: Request): boolean => passOf(door, req)?.simulated === true;

/** Only tablets that know the class's pictures come further. */
export const throughTheDoor =
  (door: Door, classes: Pick<ClassRepository, 'opened'>): RequestHandler =>
  (req, _res, next) => {
    classes.opened();
    next(passOf(door, req) === undefined ? new HoppelError('code-needed') : undefined);
  };

/** How a tablet comes in; open to every device. */
export const doorRoutes = (door: Door): Router =>
  Router().post('/', (req, res) => {
    const { code, simulated } = PostDoor.parse(req.body);
    const pass = door.enter(code, simulated === true);
    res.cookie(CLASS_COOKIE, pass, { httpOnly: true, sameSite: 'strict', path: '/api', maxAge: PASS_MS });
    res.status(204).end();
  });

export const stationRoutes = (parts: Parts): Router => {
  const { classes, children, answers, settings, live, door, seats, practiceOf } = parts;
  const router = Router();
  /** @returns the child that sits there @throws HoppelError seat-lost */
  const heardFrom = (seat: string): number => {
    const childId = seats.hear(seat);
    if (childId === undefined) throw new HoppelError('seat-lost');
    return childId;
  };
  router.get('/', (_req, res) => {
    res.json({
      className: classes.opened().name,
      settings: settings.one(),
      children: children.all(),
    } satisfies StationState);
  });
  router.post('/seats', (req, res) => {
    const { childId, seat } = PostSeat.parse(req.body);
    const child = children.one(childId);
    const isNew = seats.childAt(seat) !== child.id;
    const gaveWay = seats.take(child.id, seat, isStandIn(door, req));
    // It answers for this child no more.
    if (gaveWay !== undefined) live.sendAway(gaveWay);
    // A tablet that only asks what comes next tells nobody anything new.
    if (isNew) live.seatsChanged();
    const { round } = live.board();
    const own = round === null ? [] : answers.fromTablet(round.id, child.id);
    res.json({
      childId: child.id,
      roundId: round?.id ?? null,
      answered: own.map(({ roundIndex, answer }) => ({ index: roundIndex!, answer })),
      practice: practiceOf(child.id),
    } satisfies StationChild);
  });
  /** A sign of life of a tablet. */
  router.put('/seats/:seat', (req, res) => {
    heardFrom(req.params.seat);
    res.status(204).end();
  });
  router.delete('/seats/:seat', (req, res) => {
    if (seats.leave(req.params.seat) !== undefined) live.seatsChanged();
    res.status(204).end();
  });
  router.put('/draft', (req, res) => {
    const { seat, roundId, index, answer } = PutDraft.parse(req.body);
    live.draft(heardFrom(seat), roundId, index, answer);
    res.status(204).end();
  });
  return router;
};

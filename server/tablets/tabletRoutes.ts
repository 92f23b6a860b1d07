import { Router, type Request } from 'express';
import { z } from 'zod';
import { PutLan, PostLetGo, PostRoom, PostSet, type Tablets } from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { dayOf } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { remoteOwner } from '../live/openStreams.ts';
import { tasksToHand } from './tasksToHand.ts';
import { tabletsOf, type OutsideDoors } from './tabletsOf.ts';

const Id = z.coerce.number().int().positive();

/** The tablets of the room, for the teacher's own screens: the way in, who sits where, what is handed out. */
export const tabletRoutes = (find: FindClassroom, outside: OutsideDoors): Router => {
  const router = Router();
  const state = (req: Request): Tablets => tabletsOf(find(req), outside);

  router.get('/', (req, res) => {
    res.json(state(req));
  });
  router.put('/lan', async (req, res) => {
    await outside.reach.letNetworkIn(PutLan.parse(req.body).lan);
    find(req).live.roomChanged();
    res.json(state(req));
  });
  router.post('/code', (req, res) => {
    const { row, door, seats, live } = find(req);
    row();
    door.renew();
    seats.clear();
    live.shutOut();
    res.json(state(req));
  });
  /** Withdraws one tablet's pass: it is asked for the pictures again. */
  router.delete('/passes/:id', (req, res) => {
    const { id: classId, tablets, seats, live } = find(req);
    const id = Id.parse(req.params.id);
    tablets.withdraw(id, classId);
    seats.freeTablet(id);
    live.shutOut(id);
    res.json(state(req));
  });
  /** A remote is to ask for the code again. */
  router.delete('/remotes/:id', (req, res) => {
    const { id: classId, streams } = find(req);
    // Another class's is another screen's to send away.
    if (!outside.pairing.all().some((pass) => pass.id === req.params.id && pass.classId === classId))
      throw new HoppelError('not-found');
    outside.pairing.sendAway(req.params.id);
    streams.endOf(remoteOwner(req.params.id));
    res.json(state(req));
  });
  router.delete('/seats/:childId', (req, res) => {
    const { seats, live } = find(req);
    const seat = seats.free(Id.parse(req.params.childId));
    if (seat !== undefined) live.sendAway([seat]);
    res.json(state(req));
  });
  router.post('/sets', (req, res) => {
    const { children, sets, lessons, live, now } = find(req);
    const { id, childIds, source } = PostSet.parse(req.body);
    childIds?.forEach((childId) => children.one(childId));
    const today = dayOf(now());
    const tasks = tasksToHand(id, source, lessons.all(), today);
    sets.add({ id, childIds, ...tasks, handedAt: now().toISOString() }, today);
    live.practiceChanged();
    res.status(201).json(state(req));
  });
  router.delete('/sets/:id', (req, res) => {
    const { sets, live } = find(req);
    sets.takeBack(req.params.id);
    live.practiceChanged();
    res.json(state(req));
  });
  /** Answers that could not be taken, whole, for whoever looks after them. */
  router.get('/set-aside', (req, res) => {
    const { setAside, children } = find(req);
    const names = new Map(children.all().map(({ id, name }) => [id, name]));
    const answers = setAside.whole().map((one) => ({ ...one, child: names.get(one.childId ?? 0) ?? null }));
    res.attachment('answers-not-taken.json').json({ format: 'hoppel-answers-not-taken', version: 1, answers });
  });
  router.post('/set-aside/again', (req, res) => {
    find(req).live.sendAgain();
    res.json(state(req));
  });
  router.post('/set-aside/let-go', (req, res) => {
    const { setAside, live } = find(req);
    setAside.letGo(PostLetGo.parse(req.body).ids);
    // Their tablets learn of it when they tell of them.
    live.sendAgain();
    live.roomChanged();
    res.json(state(req));
  });
  router.post('/stand-ins', async (req, res) => {
    const { row, seats, children, room, door } = find(req);
    const { pace } = PostRoom.parse(req.body);
    if (!row().demo) throw new HoppelError('no-stand-ins');
    const taken = new Set(seats.all().flatMap(({ childId, simulated }) => (simulated ? [] : [childId])));
    const free = children.all().filter(({ id }) => !taken.has(id));
    await room.start({ url: outside.reach.own(), code: door.code(), children: free, pace });
    res.status(201).json(state(req));
  });
  router.delete('/stand-ins', async (req, res) => {
    const { room, answers, tablets, live } = find(req);
    await room.stop();
    answers.removeStandIns();
    tablets.forgetStandIns();
    live.answersChanged(null);
    live.classroomChanged();
    live.seatsChanged();
    res.json(state(req));
  });
  return router;
};

import { Router } from 'express';
import { PostRoom, PostSet, type HandedSet, type Tablets } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import { currentLesson, itemsAt } from '../../core/planning/index.ts';
import { withTwin } from '../../core/sets/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { Live } from '../live/live.ts';
import type { Reach } from '../remote/remoteRoutes.ts';
import type { StandInRoom } from '../standIns/room.ts';
import type { Door } from '../station/door.ts';
import type { HandedSets } from '../station/handedSets.ts';
import { lessonSet } from '../station/practiceOf.ts';
import type { Seats } from '../station/seats.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly answers: AnswerRepository;
  readonly live: Live;
  readonly door: Door;
  readonly seats: Seats;
  readonly sets: HandedSets;
  readonly room: StandInRoom;
  readonly reach: Reach;
  readonly now: Now;
}

/** The tablets of the room, for the teacher's own screens: the way in, who sits where, what is handed out. */
export const tabletRoutes = (parts: Parts): Router => {
  const { classes, children, lessons, answers, live, door, seats, sets, room, reach, now } = parts;
  const router = Router();
  const today = () => dayOf(now());
  const withListening = (listening: readonly number[]): Tablets['seats'] =>
    seats.all().map(({ childId, simulated }) => ({ childId, simulated, connected: listening.includes(childId) }));
  const state = (): Tablets => ({
    code: door.code(),
    addresses: reach.addresses().map((address) => `${address}station`),
    lan: reach.lan,
    seats: withListening(live.listening()),
    sets: sets.all(today()).map(({ id, childIds, what, items }): HandedSet => ({
      id,
      childIds: childIds && [...childIds],
      what,
      count: items?.length ?? null,
    })),
    standIns: classes.opened().demo ? { running: room.running(), answers: answers.standIns() } : null,
  });

  /** The tasks of a set, and the lesson it belongs to. @throws HoppelError no-unit, nothing-to-ask */
  const tasksOf = ({ id, source }: PostSet) => {
    const all = lessons.all();
    const current = currentLesson(all, today());
    if (current === undefined) throw new HoppelError('no-unit');
    if (source.what === 'needs') return { lessonId: current.id, items: null };
    if (source.what === 'lesson') {
      const own = lessonSet(all, today());
      if (own === undefined) throw new HoppelError('nothing-to-ask');
      return own;
    }
    const taught = all.filter(({ number }) => number <= current.number);
    const rng = seededRng(seedFromText(id));
    // Every other task of circling has two right clocks: a child learns to look at all of them.
    const items = itemsAt(rng, taught, source.kinds, source.times).map((item, i) =>
      i % 2 === 0 ? withTwin(rng, item) : item,
    );
    return { lessonId: current.id, items };
  };

  router.get('/', (_req, res) => {
    res.json(state());
  });
  router.post('/code', (_req, res) => {
    door.renew();
    // Tablets look again, and are asked for the new pictures.
    live.practiceChanged();
    res.json(state());
  });
  router.delete('/seats/:childId', (req, res) => {
    const seat = seats.free(Number(req.params.childId));
    if (seat !== undefined) live.sendAway(seat);
    res.json(state());
  });
  router.post('/sets', (req, res) => {
    const posted = PostSet.parse(req.body);
    posted.childIds?.forEach((childId) => children.one(childId));
    const handed = { id: posted.id, childIds: posted.childIds, what: posted.source.what };
    sets.add({ ...handed, ...tasksOf(posted), handedAt: now().toISOString() }, today());
    live.practiceChanged();
    res.status(201).json(state());
  });
  router.delete('/sets/:id', (req, res) => {
    sets.takeBack(req.params.id);
    live.practiceChanged();
    res.json(state());
  });
  router.post('/stand-ins', async (req, res) => {
    const { pace } = PostRoom.parse(req.body);
    if (!classes.opened().demo) throw new HoppelError('no-stand-ins');
    const taken = new Set(seats.all().flatMap(({ childId, simulated }) => (simulated ? [] : [childId])));
    const free = children.all().filter(({ id }) => !taken.has(id));
    await room.start({ url: reach.own(), code: door.code(), children: free, pace });
    res.status(201).json(state());
  });
  router.delete('/stand-ins', async (_req, res) => {
    await room.stop();
    answers.removeStandIns();
    live.answersChanged(null);
    live.classroomChanged();
    live.seatsChanged();
    res.json(state());
  });
  return router;
};

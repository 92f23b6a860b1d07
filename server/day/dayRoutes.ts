import { Router } from 'express';
import { PutChime, PutMoments, PutRoutine } from '../../contract/index.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import type { ClassroomState } from '../classroom/classroomState.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Live } from '../live/live.ts';
import type { DayRepository } from './dayRepository.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly day: DayRepository;
  readonly state: ClassroomState;
  readonly live: Live;
  readonly now: Now;
}

/** The class's day and the clock moments in it. */
export const dayRoutes = ({ classes, day, state, live, now }: Parts): Router => {
  const router = Router();
  router.put('/routine', (req, res) => {
    classes.opened();
    day.save(PutRoutine.parse(req.body).entries);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/moments', (req, res) => {
    const { moments } = PutMoments.parse(req.body);
    const known = new Set(day.routine().map(({ id }) => id));
    if (!moments.every((id) => known.has(id)))
      throw new HoppelError('malformed', 'moments: must be entries of the day');
    day.choose(dayOf(now()), moments);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/chime', (req, res) => {
    classes.change(PutChime.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};

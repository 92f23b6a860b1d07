import { Router } from 'express';
import { PutChime, PutMoments, PutRoutine } from '../../contract/index.ts';
import { dayOf } from '../clock.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { mustBeUnchanged } from '../common/unchanged.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** The class's day and the clock moments in it. */
export const dayRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.put('/routine', (req, res) => {
    const { row, day, live, state } = find(req);
    row();
    mustBeUnchanged(req, day.routine());
    day.save(PutRoutine.parse(req.body).entries);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/moments', (req, res) => {
    const { row, day, live, state, now } = find(req);
    row();
    const { moments } = PutMoments.parse(req.body);
    const known = new Set(day.routine().map(({ id }) => id));
    if (!moments.every((id) => known.has(id)))
      throw new HoppelError('malformed', 'moments: must be entries of the day');
    day.choose(dayOf(now()), moments);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/chime', (req, res) => {
    const { change, live, state } = find(req);
    change(PutChime.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};

import { Router, type Request } from 'express';
import { z } from 'zod';
import { EraseChild, PostChildren, PutChild, PutOrder, type ChildStored } from '../../contract/index.ts';
import { OLDEST_DAYS } from '../../core/keeping/index.ts';
import { dayOf } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** The class list: more children, their order, what is known of each, and all that is stored. @param keepsBackups does a data file of this server's have any? @param sweep writes the data file anew, without what was deleted */
export const childRoutes = (find: FindClassroom, keepsBackups: () => boolean, sweep: () => void): Router => {
  const idOf = (req: Request): number => z.coerce.number().int().parse(req.params['id']);
  const router = Router();
  router.post('/', (req, res) => {
    const { row, children, live, state } = find(req);
    row();
    children.add(PostChildren.parse(req.body).names.map((name) => ({ name })));
    live.classroomChanged();
    res.status(201).json(state());
  });
  router.put('/order', (req, res) => {
    const { children, live, state } = find(req);
    children.order(PutOrder.parse(req.body).ids);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/:id', (req, res) => {
    const { children, live, state, now } = find(req);
    children.change(idOf(req), PutChild.parse(req.body), dayOf(now()));
    live.classroomChanged();
    res.json(state());
  });
  router.get('/:id/stored', (req, res) => {
    const { childData, now } = find(req);
    res.json(childData.stored(idOf(req), dayOf(now()), keepsBackups() ? OLDEST_DAYS : null) satisfies ChildStored);
  });
  router.get('/:id/stored.json', (req, res) => {
    const { childData } = find(req);
    const data = childData.all(idOf(req));
    res.attachment(`child-${idOf(req)}.json`);
    res.json(data);
  });
  router.delete('/:id', (req, res) => {
    const { children, childData, answers, seats, live, state } = find(req);
    const id = idOf(req);
    // As a class is: its name says that it is the one that is meant.
    if (EraseChild.parse(req.body).name !== children.one(id).name)
      throw new HoppelError('malformed', 'name: not that of the child');
    childData.erase(id);
    answers.noteRemoval();
    sweep();
    const seat = seats.free(id);
    live.sendAway(seat === undefined ? [] : [seat]);
    live.classroomChanged();
    live.recordChanged(null);
    res.json(state());
  });
  return router;
};
